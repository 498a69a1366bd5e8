import { FLUID_IDS } from "../fluids";

/** What can be poured, pumped or heated in a yard: the table's fluids, and what else stands on the shelf. */
export const SUBSTANCES = [
  ...FLUID_IDS,
  "water",
  "sludge",
  "methanol",
  "methoxide",
  "lye",
  "sulfuric-acid",
  "glycerol",
  "soap",
] as const;
export type Substance = (typeof SUBSTANCES)[number];

export interface StepPart {
  readonly substance: Substance;
  /** Litres; kilograms for what is weighed. Only shares matter. */
  readonly amount: number;
  /** Where its owner knows better than the table. */
  readonly flashCelsius?: number;
}

/** What a bench may offer to do. */
export const OPERATIONS = [
  "pour",
  "blend",
  "rest",
  "filter",
  "centrifuge",
  "heat",
  "react",
  "dose",
  "fill-vehicle",
] as const;
export type Operation = (typeof OPERATIONS)[number];

/** What moves the liquid. A motor with brushes sparks inside its own housing. */
export const DRIVES = ["gravity", "hand-pump", "brushless-pump", "brush-motor-pump", "compressed-air"] as const;
export type Drive = (typeof DRIVES)[number];

/** Unknown is never taken as safe: it becomes something that is needed first. */
export const MATERIALS = [
  "steel",
  "stainless-steel",
  "polyethylene",
  "polypropylene",
  "glass",
  "aluminium",
  "zinc",
  "galvanised",
  "tin",
  "copper",
  "brass",
  "natural-rubber",
  "nitrile-rubber",
  "unknown",
] as const;
export type Material = (typeof MATERIALS)[number];

export const RECEIVERS = ["vessel", "kettle", "vehicle-tank", "centrifuge", "filter-housing"] as const;
export type ReceiverKind = (typeof RECEIVERS)[number];

/** Where the step happens, or where the liquid goes. */
export interface Receiver {
  readonly place: ReceiverKind;
  readonly open: boolean;
  readonly heated: boolean;
  readonly material: Material;
  /** The pressure it is made for, in Pa above the air's; null: for none. */
  readonly ratedPa: number | null;
  /** What is in it already, and how hot that is. */
  readonly parts: readonly StepPart[];
  readonly celsius: number;
  readonly roomLitres: number;
  /** Its cap is vented, and it is strapped to earth for good: what is there need not be fetched. */
  readonly vented?: boolean;
  readonly earthed?: boolean;
}

/** A flow left alone: it must end, and where it goes must hold it. */
export interface Unattended {
  readonly litres: number;
  readonly litresPerHour: number;
  /** Of the battery that drives the pump; null where none does. */
  readonly batteryWh: number | null;
  readonly pumpW: number;
}

/** One step as it would be done, complete: every bench fills it in and asks before it offers the step. */
export interface Step {
  readonly operation: Operation;
  readonly parts: readonly StepPart[];
  /** The hottest the liquid gets in this step. */
  readonly celsius: number;
  readonly into: Receiver;
  readonly drive: Drive;
  /** Above the air's, in Pa; 0 for gravity. */
  readonly pressurePa: number;
  /** Ratings of the housings in the line, in Pa. */
  readonly housingsPa: readonly number[];
  /** Of the acid at hand, 0 to 1; null where there is none. */
  readonly acidPurity: number | null;
  /** More fat than this share is creamy oil. */
  readonly fatLimitShare: number;
  readonly unattended: Unattended | null;
}

export const holds = (parts: readonly StepPart[], substance: Substance): boolean =>
  parts.some((p) => p.substance === substance && p.amount > 0);

/** EN 14214 lets ester keep so much methanol: under it, the flash is the ester's own. */
const METHANOL_TRACE_SHARE = 0.002;
export const isSpirit = (parts: readonly StepPart[], substance: Substance): boolean =>
  shareOf(parts, (s) => s === substance) > METHANOL_TRACE_SHARE;

export function shareOf(parts: readonly StepPart[], is: (s: Substance) => boolean): number {
  let all = 0;
  let those = 0;
  for (const p of parts) {
    all += p.amount;
    if (is(p.substance)) those += p.amount;
  }
  return all > 0 ? those / all : 0;
}
