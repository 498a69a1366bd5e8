/** US sieve number and its opening in µm (ASTM E11). A mesh number is not a micron: finer meshes have higher numbers. */
export const US_SIEVES: readonly (readonly [mesh: number, um: number])[] = [
  [10, 2000],
  [12, 1700],
  [14, 1400],
  [16, 1180],
  [18, 1000],
  [20, 850],
  [25, 710],
  [30, 600],
  [35, 500],
  [40, 425],
  [45, 355],
  [50, 300],
  [60, 250],
  [70, 212],
  [80, 180],
  [100, 150],
  [120, 125],
  [140, 106],
  [170, 90],
  [200, 75],
  [230, 63],
  [270, 53],
  [325, 45],
  [400, 38],
];

/** Window insect screen, for whoever strains through one. */
export const INSECT_SCREEN_UM = 1200;

/** Opening in µm of a US sieve number, or null where the standard has no such number. */
export const umOfMesh = (mesh: number): number | null => US_SIEVES.find(([m]) => m === mesh)?.[1] ?? null;

/** The coarsest standard sieve that still holds back grains of `um`; null where that is finer than any. */
export const meshThatHolds = (um: number): number | null => US_SIEVES.find(([, opening]) => opening <= um)?.[0] ?? null;
