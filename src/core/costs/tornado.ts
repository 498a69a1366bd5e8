import { compareWays, isWay, type WayId, type WayMarks, type WayPrices, type WaysTask } from "./ways";

/** What a comparison assumes, and is asked what it turns on. */
export const ASSUMPTIONS = [
  "diesel",
  "kerosene",
  "petrol",
  "oil",
  "energy",
  "wage",
  "hours",
  "waste",
  "bags",
  "disposal",
  "reagents",
  "second-tank",
] as const;
export type Assumption = (typeof ASSUMPTIONS)[number];

export interface Swing {
  readonly assumption: Assumption;
  /** What the best way of now costs a megajoule with it so much lower, and so much higher. */
  readonly lowPerMJ: number;
  readonly highPerMJ: number;
  /** The best way then; another than now's: the ranking flips. */
  readonly lowBest: WayId;
  readonly highBest: WayId;
  readonly flips: boolean;
}

export interface Tornado {
  readonly best: WayId;
  readonly perMJ: number;
  /** What swings most first. */
  readonly swings: readonly Swing[];
}

const PRICE: { readonly [A in Assumption]?: keyof WayPrices } = {
  diesel: "dieselPerLitre",
  kerosene: "kerosenePerLitre",
  petrol: "petrolPerLitre",
  oil: "oilPerLitre",
  energy: "energyPerKwh",
  wage: "wagePerHour",
};

const MARKS: { readonly [A in Assumption]?: readonly (keyof WayMarks)[] } = {
  hours: ["blendHoursPer100L", "petrolHoursPer100L", "heatedHoursPer100L", "biodieselHoursPer100L"],
  waste: ["blendWasteShare", "petrolWasteShare", "heatedWasteShare", "biodieselWasteShare"],
  bags: ["bagsPerLitre"],
  disposal: ["disposalPerLitre"],
  reagents: ["reagentsPerLitre"],
  "second-tank": ["secondTankCost"],
};

/** The same task with one assumption so many times as large. A waste of all there is stays short of all. */
function changed(task: WaysTask, a: Assumption, times: number): WaysTask {
  const price = PRICE[a];
  if (price) return { ...task, prices: { ...task.prices, [price]: task.prices[price] * times } };
  const marks = { ...task.marks } as Record<keyof WayMarks, number>;
  for (const mark of MARKS[a] ?? [])
    marks[mark] = mark.endsWith("WasteShare") ? Math.min(0.99, marks[mark] * times) : marks[mark] * times;
  return { ...task, marks };
}

/** Cheapest a megajoule; of those that cost alike the first as they are listed. */
function bestOf(task: WaysTask): { id: WayId; perMJ: number; of: ReadonlyMap<WayId, number> } {
  const ways = compareWays(task).filter(isWay);
  const best = ways.reduce((a, b) => (b.perMJ < a.perMJ ? b : a));
  return { id: best.id, perMJ: best.perMJ, of: new Map(ways.map((w) => [w.id, w.perMJ])) };
}

/**
 * Which assumption turns the choice: each by itself so much lower and higher (a quarter by default), what the best way of
 * now would then cost, and which would be the best.
 */
export function tornado(task: WaysTask, by = 0.25): Tornado {
  const now = bestOf(task);
  const swings = ASSUMPTIONS.map((assumption): Swing => {
    const [low, high] = [bestOf(changed(task, assumption, 1 - by)), bestOf(changed(task, assumption, 1 + by))];
    return {
      assumption,
      lowPerMJ: low.of.get(now.id) ?? now.perMJ,
      highPerMJ: high.of.get(now.id) ?? now.perMJ,
      lowBest: low.id,
      highBest: high.id,
      flips: low.id !== now.id || high.id !== now.id,
    };
  });
  const width = (s: Swing): number => Math.abs(s.highPerMJ - s.lowPerMJ) + (s.flips ? 1 : 0);
  return { best: now.id, perMJ: now.perMJ, swings: swings.sort((a, b) => width(b) - width(a)) };
}
