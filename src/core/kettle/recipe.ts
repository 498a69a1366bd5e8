import type { Base } from "./masses";

/** How free acid is dealt with, or the last of the oil. */
export const PATHS = ["base", "acid-base", "two-step"] as const;
export type Path = (typeof PATHS)[number];

export const PACES = ["quick", "patient", "own"] as const;
export type Pace = (typeof PACES)[number];

export const WASH_WAYS = ["mist", "stir", "bubble", "dry"] as const;
export type WashWay = (typeof WASH_WAYS)[number];

export interface WashPlan {
  readonly how: WashWay;
  readonly times: number;
  /** Litres of water for a litre of fuel, each time. */
  readonly waterShare: number;
  /** Vinegar of 5 % in the first, mL for a litre of fuel. */
  readonly vinegarMlPerL: number;
}

/** A recipe, complete: with the lot, everything that is weighed and expected follows from it. */
export interface BatchRecipe {
  readonly path: Path;
  readonly pace: Pace;
  /** Of the lot, at 15 °C, and its free acid as titrated. */
  readonly oilLitres: number;
  readonly acidMolPerL: number;
  /** The kit whose marks it follows, where nobody titrated the oil: its acid is then a guess. */
  readonly untitratedKit?: string | undefined;
  /** A kit's one measure of sulfuric acid, mL as poured; absent: as much as the acid asks for. */
  readonly sulfuricMl?: number | undefined;
  /** And what of methanol goes in with that, litres as poured. */
  readonly acidMethanolLitres?: number | undefined;
  /** What was titrated after the acid stage: free acid and left-over sulfuric together. */
  readonly demandMolPerL?: number | undefined;
  readonly base: Base;
  readonly basePurity: number;
  readonly doseGPerL: number;
  /** Pure methanol by volume of the oil, for the base stage; by both steps where there are two. */
  readonly methanolShare: number;
  /** By weight, as it stands in its drum. */
  readonly methanolPurity: number;
  readonly sulfuricPurity: number;
  /** Of methanol and lye, what is kept for the second step. */
  readonly secondShare: number;
  /** Of the oil's bonds, what this kettle turns. */
  readonly conversion: number;
  readonly holdCelsius: number;
  readonly mixMinutes: number;
  readonly settleHours: number;
  readonly wash: WashPlan;
}

type Presets = Pick<BatchRecipe, "holdCelsius" | "mixMinutes" | "settleHours" | "methanolShare" | "wash">;

/** Where two schools start; every figure may be changed. What each skips stands in its words. */
export const PRESETS: Readonly<Record<Exclude<Pace, "own">, Presets>> = {
  quick: {
    holdCelsius: 55,
    mixMinutes: 60,
    settleHours: 8,
    methanolShare: 0.22,
    wash: { how: "stir", times: 2, waterShare: 0.3, vinegarMlPerL: 2 },
  },
  patient: {
    holdCelsius: 55,
    mixMinutes: 120,
    settleHours: 24,
    methanolShare: 0.2,
    wash: { how: "mist", times: 3, waterShare: 0.3, vinegarMlPerL: 1 },
  },
};

/** Until three of the owner's own batches say better. */
export const USUAL_CONVERSION = 0.95;
export const USUAL_SECOND_SHARE = 0.2;
/** Methanol boils here by itself; held warmer it only leaves the kettle. */
export const METHANOL_BOILS_CELSIUS = 64.7;
