import type { Units } from "@/ui/words";
import type { DrawPlan } from "./drawPlan";

/** Why a draw must be stopped when it ends. */
export const endWords = (plan: DrawPlan, into: string, units: Units): string =>
  plan.end.because === "line" ? `the line at ${units.mm(plan.lineMm)}` : `${into} is full`;
