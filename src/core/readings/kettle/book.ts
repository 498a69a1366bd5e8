import type { FluidTable } from "../../fluids";
import { type ComponentId, componentOf, type FluidId, kgOf } from "../../fluids";
import {
  both,
  type Course,
  courseOf,
  dryingKWh,
  kgIn,
  kgOfPot,
  litresOfPot,
  type Pot,
  potOfLitres,
} from "../../kettle";
import type { BatchState, Settings } from "../../ledger";
import { MS_PER_HOUR } from "../../units";
import { stageState } from "./stages";

/** One line of a batch's balance: what was to be, and what was seen. Litres at 15 °C and kilograms. */
export interface PhaseLine {
  readonly phase: "oil" | "charged" | "acid-water" | "glycerol" | "wash-water" | "vapour" | "fuel";
  readonly expectedKg: number;
  readonly expectedLitres: number;
  readonly seenLitres: number | null;
}

export interface BatchBook {
  readonly course: Course;
  readonly lines: readonly PhaseLine[];
  /** Fuel for a litre of oil. */
  readonly expectedYield: number;
  readonly seenYield: number | null;
  readonly cost: BatchCost;
  /** By today's prices and the owner's own hours, before anything was done. */
  readonly expectedCost: BatchCost;
}

export interface BatchCost {
  readonly chemicals: number;
  readonly energy: number;
  readonly disposal: number;
  readonly hours: number;
  readonly work: number;
  /** Methanol that came back, at what it cost. */
  readonly recovered: number;
  readonly total: number;
  /** For a litre of fuel; null until there is some. */
  readonly perLitre: number | null;
}

/** Hands are needed for what does not stand by itself: the time that stages took which may not be left alone. */
const HANDS: ReadonlySet<string> = new Set(["warm", "acid", "methoxide", "mix", "split", "methoxide-2", "mix-2"]);
/** Water in and water out; between them a wash stands by itself. */
const HOURS_A_WASH = 1 / 3;
/** A stage that somebody forgot to end took no more than this of a person's time. */
const MOST_HOURS_A_STAGE = 8;

/** What a batch began as, mostly; of one begun before that was kept, the usual oil. */
export const oilOf = (b: BatchState): FluidId => b.batch.oil ?? "canola";

/** The lot that a recipe speaks of, where the kettle has long been something else: its litres as the oil it mostly was. */
export const lotOf = (b: BatchState): Pot => potOfLitres([{ component: oilOf(b), litres: b.batch.recipe.oilLitres }]);

/** Money a litre, by what is bought; null where nobody has said. */
export type PriceOf = (component: ComponentId) => number | null;

/** What a batch was to give and gave, and what it was to cost and cost. */
export function batchBook(
  b: BatchState,
  settings: Settings,
  fluids: FluidTable,
  priceOf: PriceOf,
  lot: Pot = lotOf(b),
): BatchBook {
  const course = courseOf(lot, b.batch.recipe, fluids, settings.phases);
  const let_ = (phase: string): number | null => {
    const found = b.splits.filter((s) => s.phase === phase);
    return found.length > 0 ? found.reduce((sum, s) => sum + s.litres, 0) : null;
  };
  const line = (phase: PhaseLine["phase"], pot: Pot, seenLitres: number | null): PhaseLine => ({
    phase,
    expectedKg: kgOfPot(pot),
    expectedLitres: litresOfPot(pot),
    seenLitres,
  });
  const fuelLitres = b.ended?.how === "fuel" ? b.ended.litres : null;
  const lines = [
    line("oil", lot, b.batch.recipe.oilLitres),
    line("charged", course.brought, null),
    ...(course.weighing.acid ? [line("acid-water", course.acidWater, let_("acid"))] : []),
    line("glycerol", both(course.glycerol, course.secondGlycerol), let_("glycerol")),
    line("wash-water", course.washWater, let_("wash")),
    line("vapour", course.vapour, b.dried.waterKg > 0 ? b.dried.waterKg : null),
    line("fuel", course.fuel, fuelLitres),
  ];
  return {
    course,
    lines,
    expectedYield: litresOfPot(course.fuel) / b.batch.recipe.oilLitres,
    seenYield: fuelLitres === null ? null : fuelLitres / b.batch.recipe.oilLitres,
    cost: costOf(b, settings, priceOf("methanol") ?? 0, fuelLitres),
    expectedCost: expectedCostOf(b, course, settings, priceOf),
  };
}

/** Hours that hands were needed. */
export const handHours = (b: BatchState): number =>
  Object.keys(b.stages)
    .filter((s) => HANDS.has(s))
    .reduce((sum, s) => {
      const { begunAt, doneAt } = stageState(b, s as keyof BatchState["stages"]);
      if (begunAt === null || doneAt === null) return sum;
      return sum + Math.min(MOST_HOURS_A_STAGE, (Date.parse(doneAt) - Date.parse(begunAt)) / MS_PER_HOUR);
    }, b.washes.length * HOURS_A_WASH);

/** Drying warms fuel by so much. */
const DRIED_BY_K = 85;
const EFFICIENCY = 0.8;

function expectedCostOf(b: BatchState, c: Course, s: Settings, priceOf: PriceOf): BatchCost {
  const chemicals = [...c.brought].reduce((sum, [component, kg]) => {
    // Water of the tap costs nothing here.
    return component === "water" ? sum : sum + (kg / componentOf(component).rho15KgPerL) * (priceOf(component) ?? 0);
  }, 0);
  const waste = [c.acidWater, c.glycerol, c.secondGlycerol, c.washWater].reduce(
    (sum, pot) => sum + litresOfPot(pot),
    0,
  );
  const hours = (s.wayMarks.biodieselHoursPer100L * b.batch.recipe.oilLitres) / 100;
  const lines = {
    chemicals,
    energy: dryingKWh(kgOfPot(c.fuel), 0, DRIED_BY_K, kgIn(c.vapour, "water"), EFFICIENCY) * s.energyPricePerKwh,
    disposal: waste * s.wayMarks.disposalPerLitre,
    hours,
    work: hours * s.wagePerHour,
    recovered: 0,
  };
  const total = lines.chemicals + lines.energy + lines.disposal + lines.work;
  const fuelLitres = litresOfPot(c.fuel);
  return { ...lines, total, perLitre: fuelLitres > 0 ? total / fuelLitres : null };
}

function costOf(b: BatchState, s: Settings, methanolPrice: number, fuelLitres: number | null): BatchCost {
  const hours = handHours(b);
  const waste = b.splits.reduce((sum, split) => sum + split.litres, 0);
  const lines = {
    chemicals: b.paid,
    energy: (b.dried.kwh + b.recovered.kwh) * s.energyPricePerKwh,
    disposal: waste * s.wayMarks.disposalPerLitre,
    hours,
    work: hours * s.wagePerHour,
    recovered: (b.recovered.methanolKg / kgOf("methanol", 1)) * methanolPrice,
  };
  const total = lines.chemicals + lines.energy + lines.disposal + lines.work - lines.recovered;
  return { ...lines, total, perLitre: fuelLitres && fuelLitres > 0 ? total / fuelLitres : null };
}
