import { requireRange } from "../numerics";
import { dryingKWh } from "./drying";

/** Antoine for methanol, mmHg and °C. */
const [A, B, C] = [8.08097, 1582.271, 239.726];
const MMHG_PER_KPA = 760 / 101.325;
const AIR_KPA = 101.325;

const saturationKPa = (celsius: number): number => 10 ** (A - B / (C + celsius)) / MMHG_PER_KPA;

/** Where the equation is still asked: a boil outside is no answer. */
const [COLDEST, HOTTEST] = [-40, 240];

function boilsAt(kPa: number): number | null {
  const exponent = A - Math.log10(kPa * MMHG_PER_KPA);
  const celsius = B / exponent - C;
  return exponent > 0 && celsius >= COLDEST && celsius <= HOTTEST ? celsius : null;
}

export interface MethanolRecovery {
  /** Share of the methanol boiled out by then. */
  readonly share: number;
  /** Null where so little methanol boils nowhere between −40 and 240 °C. */
  readonly boilsAtCelsius: number | null;
}

/**
 * Methanol out of a pot of glycerol by heating it, an ideal pot still at its pressure (101.325 kPa by the sea,
 * less on a mountain or under vacuum): what is left holds methanol at x = kPa/Psat(T), x/(1 − x) = n_left/n_heavy. Below
 * `boilsAtCelsius` nothing comes: 3 to 1 at 65 °C gives none. Range −40 to 240 °C.
 */
export function recoverMethanol(
  methanolMol: number,
  heavyMol: number,
  potCelsius: number,
  kPa = AIR_KPA,
): MethanolRecovery {
  requireRange("potCelsius", potCelsius, COLDEST, HOTTEST);
  const boilsAtCelsius = boilsAt((kPa * (methanolMol + heavyMol)) / methanolMol);
  const x = kPa / saturationKPa(potCelsius);
  // At the boil itself the last bit of x decides: no more is left than there was.
  const leftMol = x < 1 ? (heavyMol * x) / (1 - x) : Number.POSITIVE_INFINITY;
  return { share: Math.max(0, 1 - leftMol / methanolMol), boilsAtCelsius };
}

/** Heat of vaporisation, handbook value. */
const METHANOL_KJ_PER_KG = 1100;

/** kWh to warm a pot and boil so much methanol out of it. Efficiency 0 to 1. */
export const recoveryKWh = (
  potKg: number,
  fromCelsius: number,
  potCelsius: number,
  methanolKg: number,
  efficiency: number,
): number =>
  dryingKWh(potKg, fromCelsius, potCelsius, 0, efficiency) + (methanolKg * METHANOL_KJ_PER_KG) / 3600 / efficiency;

/** As a hydrometer reads methanol and water at another temperature, brought to 20 °C by methanol's own expansion. */
const METHANOL_PER_K = 1.2e-3;
export const methanolDensityAt20 = (kgPerL: number, celsius: number): number =>
  kgPerL * (1 + METHANOL_PER_K * (celsius - 20));

/** Weight % of methanol in water by density at 20 °C, falling. Source: handbook table, linear between. */
const PURITY: readonly (readonly [pct: number, kgPerL20C: number])[] = [
  [100, 0.7917],
  [90, 0.8202],
  [80, 0.8469],
  [70, 0.8715],
  [60, 0.8946],
  [50, 0.9156],
  [40, 0.9345],
];

/** Weight % of methanol by a hydrometer at 20 °C; null outside the table, 0.7917 to 0.9345 kg/L. */
export function methanolPct(kgPerL20C: number): number | null {
  for (const [i, [pct, density]] of PURITY.entries()) {
    const [abovePct, aboveDensity] = PURITY[i - 1] ?? [pct, density];
    if (kgPerL20C === density) return pct;
    if (kgPerL20C > aboveDensity && kgPerL20C < density)
      return abovePct + ((pct - abovePct) * (kgPerL20C - aboveDensity)) / (density - aboveDensity);
  }
  return null;
}
