import type { NoPlan } from "@/core/readings/blend/plan";

export const wordNoPlan = (no: NoPlan, limit: string): string =>
  ({
    "tank-full": "The tank is full to that mark. Nothing can be poured.",
    "too-thick-even-with-thinner-only": `Even filled up with thinner alone it stays over ${limit}. Drain some first.`,
    "no-fuel-in": `There is no ${"what" in no ? no.what : "fuel"} in what you chose.`,
  })[no.code];
