import { type ComponentId, type FluidTable, fluidIn, isFluidId } from "../fluids";
import { ACID_STAGE_DONE_PCT, acidStage } from "./acidStage";
import { catalystGrams } from "./catalyst";
import { METHANOL_KG_PER_L, OLEIC_G_PER_MOL, SULFURIC_KG_PER_L } from "./masses";
import type { Pot } from "./pot";
import { potOf } from "./pot";
import { OF_BASE } from "./reactions";
import type { BatchRecipe } from "./recipe";
import { isGlyceride } from "./species";

/** What is weighed for one dose: methanol as it stands in its drum, lye or acid as it comes out of its pack. */
export interface Dose {
  readonly methanolLitres: number;
  readonly methanolKg: number;
  /** Of that, water: methanol that came back from a still has some. */
  readonly waterKg: number;
  readonly lyeG: number;
  readonly sulfuricKg: number;
  readonly sulfuricMl: number;
}

export interface Weighing {
  /** Methanol and sulfuric acid; null where there is no acid stage. */
  readonly acid: Dose | null;
  readonly first: Dose;
  readonly second: Dose | null;
}

const NO_ACID = { sulfuricKg: 0, sulfuricMl: 0 };

/** mol/L of an oil whose free acid is so many %, by mass as oleic. */
export const molPerLOfPct = (pct: number, kgPerL: number): number => ((pct / 100) * kgPerL * 1000) / OLEIC_G_PER_MOL;
export const pctOfMolPerL = (molPerL: number, kgPerL: number): number =>
  ((molPerL * OLEIC_G_PER_MOL) / (1000 * kgPerL)) * 100;

/** Kilograms a litre at 15 °C of the fats and oils in a pot, by volume. Null where there are none. */
export function oilKgPerL(lot: Pot, fluids: FluidTable): number | null {
  let kg = 0;
  let litres = 0;
  for (const [id, part] of lot)
    if (isFluidId(id) && isGlyceride(id)) {
      kg += part;
      litres += part / fluidIn(fluids, id).rho15KgPerL;
    }
  return litres > 0 ? kg / litres : null;
}

/** Methanol as poured: pure litres over its purity by weight. Refuses none. */
function poured(pureLitres: number, purity: number): Pick<Dose, "methanolLitres" | "methanolKg" | "waterKg"> {
  const pureKg = pureLitres * METHANOL_KG_PER_L;
  const kg = pureKg / purity;
  const waterKg = kg - pureKg;
  // Its water takes its own room; that the two shrink a little together is left out.
  return { methanolLitres: pureLitres + waterKg, methanolKg: kg, waterKg };
}

/** Pure litres in so many as poured: what `poured` turns round. */
const pureOf = (litres: number, purity: number): number => litres / (1 + METHANOL_KG_PER_L * (1 / purity - 1));

/** What the base stage has to reckon with: as titrated again after an acid stage, or else what that is meant to leave. */
export function demandMolPerL(r: BatchRecipe, kgPerL: number): number {
  if (r.demandMolPerL !== undefined) return r.demandMolPerL;
  return r.path === "acid-base" ? Math.min(r.acidMolPerL, molPerLOfPct(ACID_STAGE_DONE_PCT, kgPerL)) : r.acidMolPerL;
}

/**
 * The weighing list of a recipe, by stage. Lye by L·(dose + acid·M)/purity, methanol by volume of the oil over its purity;
 * an acid stage has its own methanol. Refuses acid under 90 %. Source: physics §5.
 */
export function weighingOf(r: BatchRecipe, kgPerL: number): Weighing {
  const lyeG = catalystGrams(r.oilLitres, demandMolPerL(r, kgPerL), r.base, r.doseGPerL, r.basePurity);
  const methanol = r.oilLitres * r.methanolShare;
  const steps = r.path === "two-step" ? [1 - r.secondShare, r.secondShare] : [1];
  const [first = 1, second] = steps;
  const dose = (share: number): Dose => ({
    ...poured(methanol * share, r.methanolPurity),
    lyeG: lyeG * share,
    ...NO_ACID,
  });
  return {
    acid: r.path === "acid-base" ? acidDose(r, kgPerL) : null,
    first: dose(first),
    second: second === undefined ? null : dose(second),
  };
}

function acidDose(r: BatchRecipe, kgPerL: number): Dose {
  const a = acidStage(r.oilLitres * kgPerL, pctOfMolPerL(r.acidMolPerL, kgPerL), r.sulfuricPurity);
  const { sulfuricMl, acidMethanolLitres } = r;
  const pureLitres = acidMethanolLitres === undefined ? a.methanolLitres : pureOf(acidMethanolLitres, r.methanolPurity);
  const methanol = poured(pureLitres, r.methanolPurity);
  if (sulfuricMl !== undefined)
    return { ...methanol, lyeG: 0, sulfuricKg: (sulfuricMl / 1000) * SULFURIC_KG_PER_L, sulfuricMl };
  return {
    ...methanol,
    lyeG: 0,
    sulfuricKg: a.sulfuricKg / r.sulfuricPurity,
    sulfuricMl: a.sulfuricMl,
  };
}

/** A dose as it goes into the pot. What is not acid in the bottle is water; what is not lye in the pack does nothing and stays with it. */
export function potOfDose(d: Dose, r: Pick<BatchRecipe, "base" | "sulfuricPurity">): Pot {
  const pureAcid = d.sulfuricKg * r.sulfuricPurity;
  const parts: [ComponentId, number][] = [
    ["methanol", d.methanolKg - d.waterKg],
    ["water", d.waterKg + d.sulfuricKg - pureAcid],
    ["sulfuric-acid", pureAcid],
    [OF_BASE[r.base].lye, d.lyeG / 1000],
  ];
  return potOf(parts.map(([component, kg]) => ({ component, kg })));
}
