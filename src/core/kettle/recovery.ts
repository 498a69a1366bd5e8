import { requireRange } from "../numerics";

/** Antoine for methanol, mmHg and °C, held for 15 to 150 °C. */
const [A, B, C] = [8.08097, 1582.271, 239.726];
const MMHG_PER_KPA = 760 / 101.325;
const AIR_KPA = 101.325;

const saturationKPa = (celsius: number): number => 10 ** (A - B / (C + celsius)) / MMHG_PER_KPA;
const boilsAt = (kPa: number): number => B / (A - Math.log10(kPa * MMHG_PER_KPA)) - C;

export interface MethanolRecovery {
  /** Share of the methanol boiled out by then. */
  readonly share: number;
  readonly boilsAtCelsius: number;
}

/**
 * Methanol out of a pot of glycerol by heating it, an ideal pot still at 101.325 kPa: what is left holds methanol at
 * x = 101.325/Psat(T), x/(1 − x) = n_left/n_heavy. Below `boilsAtCelsius` nothing comes: 3 to 1 at 65 °C gives none.
 * Range 15 to 150 °C.
 */
export function recoverMethanol(methanolMol: number, heavyMol: number, potCelsius: number): MethanolRecovery {
  requireRange("potCelsius", potCelsius, 15, 150);
  const boilsAtCelsius = boilsAt((AIR_KPA * (methanolMol + heavyMol)) / methanolMol);
  const x = AIR_KPA / saturationKPa(potCelsius);
  if (potCelsius <= boilsAtCelsius) return { share: 0, boilsAtCelsius };
  const leftMol = (heavyMol * x) / (1 - x);
  return { share: 1 - leftMol / methanolMol, boilsAtCelsius };
}

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
