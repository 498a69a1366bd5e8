import type { Draft, RecipeId, TrialState } from "@/core/ledger";
import { MS_PER_DAY } from "@/core/units";
import type { Writer } from "./writer";

const TWO_TO_ONE = "two-to-one" as RecipeId;
const HALF = "half-and-half" as RecipeId;
const WELL = {
  start: "good",
  idleSmoke: "so-so",
  town: "good",
  longRun: "good",
  sound: "good",
  power: "good",
} as const;

type Said = Omit<TrialState, "at">;

/** What the tractor has long run on, tried in a stove and an old engine before there was a book. */
export function knownRecipe(w: Writer, atMs: number): void {
  w.write(atMs, {
    kind: "recipe",
    data: {
      id: TWO_TO_ONE,
      name: "Two to one",
      season: "summer",
      parts: [
        { fluid: "canola", share: 0.66 },
        { fluid: "kerosene", share: 0.26 },
        { fluid: "diesel", share: 0.08 },
      ],
      note: "For the tractor, from May on.",
    },
  });
  const trials: Said[] = [
    { recipe: TWO_TO_ONE, rung: "jar", jar: { hours: 30, celsius: 9, saw: "clear" }, verdict: "good" },
    { recipe: TWO_TO_ONE, rung: "litre", verdict: "good" },
    { recipe: TWO_TO_ONE, rung: "stove", card: { flame: "good" }, verdict: "good" },
    { recipe: TWO_TO_ONE, rung: "old-engine", card: WELL, verdict: "good", note: "the old dumper, three tanks" },
  ];
  for (const [i, data] of trials.entries()) w.write(atMs + i, { kind: "trial", data } as Draft);
}

/** What it costs, and the mix for the frost that has got as far as a litre. */
export function winterPlans(w: Writer, nowMs: number): void {
  const day = (before: number): number => nowMs - before * MS_PER_DAY;
  w.write(day(40), { kind: "price", data: { what: "diesel", pricePerLitre: 1.6 } });
  w.write(day(40), {
    kind: "price",
    data: { what: "kerosene", pricePerLitre: 1.18, steps: [{ fromLitres: 200, pricePerLitre: 0.98 }] },
  });
  w.write(day(38), { kind: "price", data: { what: "petrol", pricePerLitre: 1.69 } });
  w.write(day(30), {
    kind: "recipe",
    data: {
      id: HALF,
      name: "Half and half",
      season: "winter",
      parts: [
        { fluid: "canola", share: 0.5 },
        { fluid: "kerosene", share: 0.5 },
      ],
    },
  });
  w.write(day(28), {
    kind: "trial",
    data: { recipe: HALF, rung: "jar", jar: { hours: 14, celsius: -3, saw: "clear" }, verdict: "good" },
  });
  w.write(day(26), {
    kind: "trial",
    data: { recipe: HALF, rung: "litre", verdict: "good", note: "nothing at the bottom after two days" },
  });
}
