/** Molar masses in g/mol and densities in kg/L of what goes into a kettle and comes out. Source: physics §5. */
export const BASES = {
  NaOH: { gPerMol: 39.997, soapGPerMol: 304.44 },
  KOH: { gPerMol: 56.106, soapGPerMol: 320.55 },
} as const;
export type Base = keyof typeof BASES;

export const METHANOL_G_PER_MOL = 32.042;
export const METHANOL_KG_PER_L = 0.7915;
/** Oleic acid stands for all free fatty acid. */
export const OLEIC_G_PER_MOL = 282.46;
export const SULFURIC_KG_PER_L = 1.84;

/** Vinegar of the kitchen: acetic acid by weight, the rest water. */
export const VINEGAR = { aceticShare: 0.05, kgPerL: 1.006 } as const;
