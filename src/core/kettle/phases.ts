import { type ComponentId, componentOf } from "../fluids";
import { kgIn, type Pot, potOf } from "./pot";
import { SOAPS } from "./reactions";

/** What is let out below after each of the three rests. */
export const PHASES = ["glycerol", "acid", "wash"] as const;
export type Phase = (typeof PHASES)[number];

/** What parts between the layers, in the owner's own experience; starting values are typical, without a source. */
export interface PhaseMarks {
  /** Of the methanol that is left over, what goes down with the glycerol. */
  readonly methanolToGlycerolShare: number;
  /** Of the soap, what goes down with the glycerol; the rest is what the wash is for. */
  readonly soapToGlycerolShare: number;
  /** Soap in wash water over soap in fuel, ppm over ppm: fitted from soap titrations. */
  readonly soapPartition: number;
  /** What water stays dissolved in washed fuel, ppm: drying takes it out. */
  readonly waterInWashedPpm: number;
  /** Of the fuel, what a usual wash takes away with its water. */
  readonly fuelToWaterShare: number;
}

export const DEFAULT_PHASE_MARKS: PhaseMarks = {
  methanolToGlycerolShare: 0.6,
  soapToGlycerolShare: 0.9,
  soapPartition: 8,
  waterInWashedPpm: 1500,
  fuelToWaterShare: 0.007,
};

/** Litres of water a litre of fuel in a usual wash; with less of it less fuel goes. */
const USUAL_WASH_SHARE = 0.3;

/** What floats in a kettle that is warm: ester, oil, and fat too, which only sinks once it has set in the cold. */
const floats = (c: ComponentId): boolean => ["oil", "fat"].includes(componentOf(c).lies);
const isFuel = (c: ComponentId): boolean => floats(c) && c !== "methanol";

const isSoap = (c: ComponentId): boolean => (SOAPS as readonly string[]).includes(c);
/** Methanol in wash water over methanol in fuel: it likes water far better. Typical, without a source. */
const METHANOL_PARTITION = 35;
const METHANOL_OVER_ACID_SHARE = 0.9;

/** Litres at 15 °C of all that floats, and of water, in a pot. */
export const fuelLitresIn = (pot: Pot): number =>
  [...pot].reduce((sum, [c, kg]) => (isFuel(c) ? sum + kg / componentOf(c).rho15KgPerL : sum), 0);

const fuelKgIn = (pot: Pot): number => [...pot].reduce((sum, [c, kg]) => (isFuel(c) ? sum + kg : sum), 0);

/**
 * Of each component in a pot that has stood, the share that comes to lie below. After glycerol all lye, water and salts
 * are down; after a wash what water dissolves; after an acid stage the water and most of the methanol.
 */
export function shareBelow(pot: Pot, phase: Phase, marks: PhaseMarks): (component: ComponentId) => number {
  const waterLitres = kgIn(pot, "water") / componentOf("water").rho15KgPerL;
  const fuelLitres = fuelLitresIn(pot);
  // K·w/(1 + K·w), with w litres of water a litre of fuel; said so that hardly any fuel at all has an answer too.
  const intoWater = (partition: number): number =>
    waterLitres > 0 ? (partition * waterLitres) / (fuelLitres + partition * waterLitres) : 0;
  const usualWash = fuelLitres > 0 ? Math.min(1, waterLitres / (USUAL_WASH_SHARE * fuelLitres)) : 0;
  const dissolved = (fuelKgIn(pot) * marks.waterInWashedPpm) / 1e6;
  const water = kgIn(pot, "water");
  return (component) => {
    if (component === "methanol")
      return phase === "glycerol"
        ? marks.methanolToGlycerolShare
        : phase === "acid"
          ? METHANOL_OVER_ACID_SHARE
          : intoWater(METHANOL_PARTITION);
    if (isSoap(component))
      return phase === "glycerol" ? marks.soapToGlycerolShare : phase === "wash" ? intoWater(marks.soapPartition) : 0;
    // What fuel dissolves stays in it; under glycerol, which drinks water, hardly any does.
    if (component === "water") return phase === "wash" && water > 0 ? Math.max(0, 1 - dissolved / water) : 1;
    if (!floats(component)) return 1;
    return phase === "wash" ? marks.fuelToWaterShare * usualWash : 0;
  };
}

export interface Parted {
  readonly above: Pot;
  readonly below: Pot;
}

/** A pot that has stood, in its two layers. */
export function part(pot: Pot, phase: Phase, marks: PhaseMarks): Parted {
  const share = shareBelow(pot, phase, marks);
  const each = [...pot].map(([component, kg]) => ({ component, kg, down: kg * share(component) }));
  return {
    above: potOf(each.map(({ component, kg, down }) => ({ component, kg: kg - down }))),
    below: potOf(each.map(({ component, down }) => ({ component, kg: down }))),
  };
}

/** Soap in what floats, ppm by mass. */
export function soapPpmIn(above: Pot): number {
  const fuelKg = fuelKgIn(above);
  const soapKg = SOAPS.reduce((sum, s) => sum + kgIn(above, s), 0);
  return fuelKg > 0 ? (soapKg / (fuelKg + soapKg)) * 1e6 : 0;
}
