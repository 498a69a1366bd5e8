import { kelvin } from "../units";

/** W = log10 log10 Z of a kinematic viscosity in mm²/s (ASTM D341 with the low-viscosity terms). */
export function walther(nuMm2PerS: number): number {
  const z = nuMm2PerS + 0.7 + Math.exp(-1.47 - 1.84 * nuMm2PerS - 0.51 * nuMm2PerS ** 2);
  return Math.log10(Math.log10(z));
}

/** Kinematic viscosity in mm²/s of a W: the standard's explicit inverse, good to its stated 0.2 to 2e7 mm²/s. */
export function fromWalther(w: number): number {
  const z = 10 ** (10 ** w) - 0.7;
  return z - Math.exp(-0.7487 - 3.295 * z + 0.6119 * z ** 2 - 0.3193 * z ** 3);
}

/** W = a − b·log10 T, T in kelvin. */
export interface WaltherLine {
  readonly a: number;
  readonly b: number;
}

const T40 = Math.log10(kelvin(40));
const T100 = Math.log10(kelvin(100));

/** The line through a fluid's two viscosities, mm²/s at 40 and at 100 °C. */
export function waltherLine(nu40Mm2PerS: number, nu100Mm2PerS: number): WaltherLine {
  const w40 = walther(nu40Mm2PerS);
  const b = (w40 - walther(nu100Mm2PerS)) / (T100 - T40);
  return { a: w40 + b * T40, b };
}
