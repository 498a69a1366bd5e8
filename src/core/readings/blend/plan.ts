import {
  cloudPointCelsius,
  type MixPart,
  mergedMix,
  mixCetane,
  mixLhvMJPerL,
  mixLitres,
  mixRho15KgPerL,
  mixViscosityMm2PerS,
  type NoTopUp,
  pourPointCelsius,
  scaledMix,
  topUp,
} from "../../blending";
import { type FireHazard, type FluidId, type FluidTable, fireHazard, flashPointCelsius, fluidIn } from "../../fluids";
import type { VesselId } from "../../ledger";
import { shareOfFamily } from "../vessel/family";
import { mixOf } from "../vessel/mixture";
import type { VesselView } from "../vessel/vesselView";
import { type Priced, priceOf } from "./prices";

/** A drum or can to pour from, or the pump that one drives to. */
export interface Source {
  /** Null: bought into the tank, at the pump. */
  readonly vessel: VesselId | null;
  /** Most of it. */
  readonly fluid: FluidId;
  readonly mix: readonly MixPart[];
  /** At 15 °C; a pump has no end. */
  readonly litres: number;
  /** Null: nobody has said. */
  readonly pricePerLitre: number | null;
  readonly isOil: boolean;
}

/** What a plan is held against. */
export interface PlanTerms {
  readonly lowCelsius: number;
  readonly limitMm2PerS: number;
  /** At the pump once it runs, where a heater or the engine warms it. */
  readonly atPumpCelsius: number | null;
  readonly fluids: FluidTable;
}

/** The tank or can after pouring. */
export interface Mixed {
  /** From each source, in their order; at 15 °C. */
  readonly litres: readonly number[];
  readonly after: readonly MixPart[];
  readonly totalLitres: number;
  readonly nuMm2PerS: number;
  readonly atPump: { readonly celsius: number; readonly nuMm2PerS: number } | null;
  readonly cloudCelsius: number;
  readonly pourCelsius: number;
  readonly flashCelsius: number;
  readonly hazard: FireHazard;
  readonly rho15KgPerL: number;
  /** Energy of a litre against diesel's, by heating value. */
  readonly energyRatio: number;
  readonly cetane: number;
  readonly oilShare: number;
}

const MOSTLY = 0.5;

/** A vessel to pour from; null where there is no fuel in it. */
export function sourceOf(v: VesselView, fluids: FluidTable, priced: Priced): Source | null {
  const mix = mixOf(v.components, v.thickness, fluids);
  const main = [...mix].sort((a, b) => b.litres - a.litres)[0];
  if (!main) return null;
  const waste = (["vegetable", "fat", "engine"] as const).reduce((sum, f) => sum + shareOfFamily(v, f), 0);
  const fluid = main.fluid.id;
  return {
    vessel: v.vessel.id,
    fluid,
    mix,
    litres: v.litres,
    pricePerLitre: priceOf(priced, fluid)?.perLitre ?? null,
    isOil: waste > MOSTLY,
  };
}

/** The pump that one drives to with the oil in the tank. */
export const pumpOf = (fluid: FluidId, fluids: FluidTable, priced: Priced): Source => ({
  vessel: null,
  fluid,
  mix: [{ fluid: fluidIn(fluids, fluid), litres: 1, usedFactor: 1 }],
  litres: Number.POSITIVE_INFINITY,
  pricePerLitre: priceOf(priced, fluid)?.perLitre ?? null,
  isOil: false,
});

export const contentsOf = (v: VesselView, fluids: FluidTable): MixPart[] => mixOf(v.components, v.thickness, fluids);

/** What has been poured together. Refuses what no model covers; null for nothing. */
export function mixPours(
  contents: readonly MixPart[],
  sources: readonly Source[],
  litres: readonly number[],
  { lowCelsius, atPumpCelsius, fluids }: PlanTerms,
): Mixed | null {
  const poured = sources.flatMap((s, i) => ((litres[i] ?? 0) > 0 ? scaledMix(s.mix, litres[i] ?? 0) : []));
  const after = mergedMix([...contents, ...poured]);
  const totalLitres = mixLitres(after);
  if (after.length === 0 || !(totalLitres > 0)) return null;
  const flashCelsius = flashPointCelsius(after);
  const diesel = fluidIn(fluids, "diesel");
  const oil = after.filter((p) => ["vegetable", "fat", "engine"].includes(p.fluid.family));
  return {
    litres,
    after,
    totalLitres,
    nuMm2PerS: mixViscosityMm2PerS(after, lowCelsius),
    atPump:
      atPumpCelsius === null
        ? null
        : { celsius: atPumpCelsius, nuMm2PerS: mixViscosityMm2PerS(after, Math.max(atPumpCelsius, lowCelsius)) },
    cloudCelsius: cloudPointCelsius(after),
    pourCelsius: pourPointCelsius(after),
    flashCelsius,
    hazard: fireHazard(flashCelsius),
    rho15KgPerL: mixRho15KgPerL(after),
    energyRatio: mixLhvMJPerL(after) / (diesel.rho15KgPerL * diesel.lhvMJPerKg),
    cetane: mixCetane(after),
    oilShare: mixLitres(oil) / totalLitres,
  };
}

/** The most oil of one source with another that thins it: what a bench shows before anybody has asked for more. */
export function mostOil(
  contents: readonly MixPart[],
  [oil, thinner]: readonly [Source, Source],
  fillToLitres: number,
  { lowCelsius, limitMm2PerS }: Pick<PlanTerms, "lowCelsius" | "limitMm2PerS">,
): readonly [number, number] | NoTopUp {
  const found = topUp(contents, fillToLitres, oil.mix, thinner.mix, lowCelsius, limitMm2PerS);
  return "code" in found ? found : [found.oilLitres, found.thinnerLitres];
}

/** A divider moved by so much: what one neighbour gains the other gives, and neither goes below nothing. */
export function dividerMoved(litres: readonly number[], divider: number, by: number): number[] {
  const [left = 0, right = 0] = [litres[divider], litres[divider + 1]];
  const moved = Math.min(right, Math.max(-left, by));
  return litres.map((l, i) => (i === divider ? left + moved : i === divider + 1 ? right - moved : l));
}

/** Shares kept as they are, for another sum. */
export function refilled(litres: readonly number[], roomLitres: number): number[] {
  const all = litres.reduce((sum, l) => sum + l, 0);
  if (!(all > 0)) return litres.map(() => 0);
  return litres.map((l) => (l * Math.max(0, roomLitres)) / all);
}
