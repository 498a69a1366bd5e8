import { requireRange } from "../numerics";
import { METHANOL_KG_PER_L, SULFURIC_KG_PER_L } from "./masses";

/** Above this an acid stage pays; below the second it has done its work. Both are the owner's to change. */
export const ACID_STAGE_ABOVE_PCT = 3;
export const ACID_STAGE_DONE_PCT = 1;
/** Battery acid is a third of it, the rest water: it would stop the reaction it is meant to start. */
export const LEAST_SULFURIC_PURITY = 0.9;

const METHANOL_KG_PER_KG_FFA = 2.25;
const SULFURIC_KG_PER_KG_FFA = 0.05;

export interface AcidStage {
  readonly ffaKg: number;
  readonly methanolLitres: number;
  /** Pure acid. */
  readonly sulfuricKg: number;
  /** As poured from the bottle, its impurity included. */
  readonly sulfuricMl: number;
}

/**
 * Methanol and sulfuric acid to turn free acid into ester before the base stage: 2.25 kg and 0.05 kg a kilogram of free
 * fatty acid. Refuses acid under 90 %. Source: Canakci & Van Gerpen 2001.
 */
export function acidStage(oilKg: number, ffaPct: number, sulfuricPurity: number): AcidStage {
  requireRange("sulfuricPurity", sulfuricPurity, LEAST_SULFURIC_PURITY, 1);
  const ffaKg = (oilKg * ffaPct) / 100;
  const sulfuricKg = ffaKg * SULFURIC_KG_PER_KG_FFA;
  return {
    ffaKg,
    methanolLitres: (ffaKg * METHANOL_KG_PER_KG_FFA) / METHANOL_KG_PER_L,
    sulfuricKg,
    sulfuricMl: (sulfuricKg / sulfuricPurity / SULFURIC_KG_PER_L) * 1000,
  };
}
