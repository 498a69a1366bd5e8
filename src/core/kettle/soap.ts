import { BASES, type Base } from "./masses";

/** Soap in ppm by mass, titrated with acid to the indicator's turn: mL·N·M·1000/g, M of the metal's oleate. */
export const soapPpm = (acidMl: number, normality: number, base: Base, sampleG: number): number =>
  (acidMl * normality * BASES[base].soapGPerMol * 1000) / sampleG;
