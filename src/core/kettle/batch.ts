import { type ComponentId, componentOf, type Fluid, type FluidTable } from "../fluids";
import { Refused } from "../numerics";
import { type Base, METHANOL_KG_PER_L } from "./masses";
import { oilGPerMol } from "./methanol";
import { kgIn, potOf } from "./pot";
import { methanolTakenKg, OF_BASE, saponify, transesterify, withFreeAcid } from "./reactions";

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

/** Of free acid, what is rounding. */
const A_SPECK_KG = 1e-9;
/** Where less than this is predicted, nothing that was drained can be held against it. */
const A_DROP_LITRES = 1e-6;

/**
 * Where the litres and kilograms of a batch go. Mass is conserved: ester is what oil and methanol leave when glycerol is
 * taken off, soap what free acid and base leave when water is. Refuses more conversion than the methanol can do, and
 * free acid that the base does not neutralise. Volumes at 15 °C. Source: physics §5.
 */
export function batchBalance(b: Batch, oil: Fluid, fluids: FluidTable): BatchBalance {
  oilGPerMol(oil);
  const oilKg = b.oilLitres * oil.rho15KgPerL;
  const { lye, soap } = OF_BASE[b.base];
  const methanolInKg = b.methanolLitres * METHANOL_KG_PER_L;
  const poured = withFreeAcid(
    potOf([
      { component: oil.id, kg: oilKg },
      { component: "methanol", kg: methanolInKg },
      { component: lye, kg: b.catalystG / 1000 },
    ]),
    (oilKg * b.ffaPct) / 100,
  );
  if (methanolTakenKg(poured, b.conversion, fluids) > methanolInKg * (1 + 1e-12))
    throw new Refused("conversion", "needs more methanol than was poured in");
  const neutral = saponify(poured, b.base, b.catalystPurity);
  if (kgIn(neutral, "fatty-acid") > A_SPECK_KG) throw new Refused("catalystG", "is less than the free acid eats");
  const pot = transesterify(neutral, b.conversion, fluids);

  const [esterKg, glycerolKg, soapKg] = [kgIn(pot, "biodiesel"), kgIn(pot, "glycerol"), kgIn(pot, soap)];
  const [unreactedKg, waterKg, catalystLeftKg] = [kgIn(pot, oil.id), kgIn(pot, "water"), kgIn(pot, lye)];
  const methanolLeftKg = kgIn(pot, "methanol");
  const methanolDownKg = methanolLeftKg * b.methanolToGlycerolShare;
  const washLossKg = (esterKg + unreactedKg) * b.washLossShare;
  const fuelKg = esterKg + unreactedKg - washLossKg;
  const glycerolPhaseKg = glycerolKg + methanolDownKg + soapKg + waterKg + catalystLeftKg;
  const methanolWashedKg = methanolLeftKg - methanolDownKg;
  const kept = 1 - b.washLossShare;
  const down: [ComponentId, number][] = [
    ["glycerol", glycerolKg],
    ["methanol", methanolDownKg],
    [soap, soapKg],
    ["water", waterKg],
  ];
  const glycerolPhaseLitres = down.reduce((sum, [c, kg]) => sum + kg / componentOf(c).rho15KgPerL, 0);
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
    fuelLitres: kept * (esterKg / fluids.biodiesel.rho15KgPerL + unreactedKg / oil.rho15KgPerL),
    methanolWashedKg,
    inKg: oilKg + methanolInKg + b.catalystG / 1000,
    outKg: fuelKg + washLossKg + methanolWashedKg + glycerolPhaseKg,
    drainedToPredicted:
      b.drainedGlycerolLitres === null || glycerolPhaseLitres < A_DROP_LITRES
        ? null
        : b.drainedGlycerolLitres / glycerolPhaseLitres,
  };
}
