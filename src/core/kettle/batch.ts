import type { Fluid } from "../fluids";
import { Refused } from "../numerics";
import {
  BASES,
  type Base,
  GLYCEROL_G_PER_MOL,
  GLYCEROL_KG_PER_L,
  METHANOL_G_PER_MOL,
  METHANOL_KG_PER_L,
  OLEIC_G_PER_MOL,
  WATER_G_PER_MOL,
} from "./masses";
import { oilGPerMol } from "./methanol";

export interface Batch {
  readonly oilLitres: number;
  readonly ffaPct: number;
  readonly methanolLitres: number;
  readonly base: Base;
  readonly catalystG: number;
  readonly catalystPurity: number;
  /** Share of the oil's ester bonds turned, 0 to 1. */
  readonly conversion: number;
  /** Of the methanol left over, the share that goes with the glycerol; soap and catalyst all do. */
  readonly methanolToGlycerolShare: number;
  /** Of the ester layer, lost in washing. */
  readonly washLossShare: number;
  /** Glycerol phase as drained; null where it was not measured, or none was to come. */
  readonly drainedGlycerolLitres: number | null;
}

export interface BatchBalance {
  readonly esterKg: number;
  readonly unreactedKg: number;
  readonly glycerolKg: number;
  readonly methanolLeftKg: number;
  readonly soapKg: number;
  readonly waterKg: number;
  readonly catalystLeftKg: number;
  readonly washLossKg: number;
  readonly glycerolPhaseKg: number;
  readonly glycerolPhaseLitres: number;
  /** Washed and dried. */
  readonly fuelKg: number;
  readonly fuelLitres: number;
  /** Methanol that the wash or the drying takes out of the ester. */
  readonly methanolWashedKg: number;
  readonly inKg: number;
  readonly outKg: number;
  /** Glycerol phase drained against predicted; null where it was not measured. */
  readonly drainedToPredicted: number | null;
}

const SOAP_KG_PER_L = 1.02;
/** Where less than this is predicted, nothing that was drained can be held against it. */
const A_DROP_LITRES = 1e-6;

/**
 * Where the litres and kilograms of a batch go. Mass is conserved: ester is what oil and methanol leave when glycerol is
 * taken off, soap what free acid and base leave when water is. Refuses more conversion than the methanol can do, and
 * free acid that the base does not neutralise. Volumes at 15 °C. Source: physics §5.
 */
export function batchBalance(b: Batch, oil: Fluid, ester: Fluid): BatchBalance {
  const gPerMol = oilGPerMol(oil);
  const oilKg = b.oilLitres * oil.rho15KgPerL;
  const ffaKg = (oilKg * b.ffaPct) / 100;
  // Where all of it is free acid, rounding must not leave less than no oil.
  const oilMol = (Math.max(0, oilKg - ffaKg) * 1000) / gPerMol;
  const turnedMol = oilMol * b.conversion;
  const methanolInKg = b.methanolLitres * METHANOL_KG_PER_L;
  const consumedKg = (3 * turnedMol * METHANOL_G_PER_MOL) / 1000;
  if (consumedKg > methanolInKg * (1 + 1e-12))
    throw new Refused("conversion", "needs more methanol than was poured in");
  const { gPerMol: baseGPerMol } = BASES[b.base];
  const acidMol = (ffaKg * 1000) / OLEIC_G_PER_MOL;
  const pureBaseKg = (b.catalystG * b.catalystPurity) / 1000;
  const spentBaseKg = (acidMol * baseGPerMol) / 1000;
  if (spentBaseKg > pureBaseKg) throw new Refused("catalystG", "is less than the free acid eats");

  const glycerolKg = (turnedMol * GLYCEROL_G_PER_MOL) / 1000;
  const turnedKg = (turnedMol * gPerMol) / 1000;
  const esterKg = turnedKg + consumedKg - glycerolKg;
  const unreactedKg = (oilMol - turnedMol) * (gPerMol / 1000);
  const waterKg = (acidMol * WATER_G_PER_MOL) / 1000;
  const soapKg = ffaKg + spentBaseKg - waterKg;
  const catalystLeftKg = b.catalystG / 1000 - spentBaseKg;
  const methanolLeftKg = methanolInKg - consumedKg;
  const methanolDownKg = methanolLeftKg * b.methanolToGlycerolShare;
  const washLossKg = (esterKg + unreactedKg) * b.washLossShare;
  const fuelKg = esterKg + unreactedKg - washLossKg;
  const glycerolPhaseKg = glycerolKg + methanolDownKg + soapKg + waterKg + catalystLeftKg;
  const methanolWashedKg = methanolLeftKg - methanolDownKg;
  const kept = 1 - b.washLossShare;
  const glycerolPhaseLitres =
    glycerolKg / GLYCEROL_KG_PER_L + methanolDownKg / METHANOL_KG_PER_L + soapKg / SOAP_KG_PER_L + waterKg;
  return {
    esterKg,
    unreactedKg,
    glycerolKg,
    methanolLeftKg,
    soapKg,
    waterKg,
    catalystLeftKg,
    washLossKg,
    glycerolPhaseKg,
    glycerolPhaseLitres,
    fuelKg,
    fuelLitres: kept * (esterKg / ester.rho15KgPerL + unreactedKg / oil.rho15KgPerL),
    methanolWashedKg,
    inKg: oilKg + methanolInKg + b.catalystG / 1000,
    outKg: fuelKg + washLossKg + methanolWashedKg + glycerolPhaseKg,
    drainedToPredicted:
      b.drainedGlycerolLitres === null || glycerolPhaseLitres < A_DROP_LITRES
        ? null
        : b.drainedGlycerolLitres / glycerolPhaseLitres,
  };
}
