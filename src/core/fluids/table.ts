/**
 * Typical values, editable by nobody yet and wrong for somebody: every forecast says that it rests on them.
 * Vegetable oils after Goering et al. 1982 and common handbooks; petroleum typical of EN 590 diesel, EN 228 petrol
 * and jet-type kerosene. Densities at 15 °C, viscosities in mm²/s at 40 and 100 °C, temperatures in °C.
 */
export const FLUIDS = {
  canola: fluid("Canola", "vegetable", 0.92, 7.4e-4, 35.5, 8.05, -4, -21, 246, 37.4, 38, 882),
  soybean: fluid("Soybean", "vegetable", 0.923, 7.4e-4, 31.3, 7.6, -4, -12, 254, 37.3, 38, 873),
  sunflower: fluid("Sunflower", "vegetable", 0.923, 7.4e-4, 32.6, 7.7, 7, -15, 274, 37.3, 37, 877),
  cottonseed: fluid("Cottonseed", "vegetable", 0.92, 7.4e-4, 33.7, 8.0, 1.7, -15, 234, 37.2, 42, 860),
  palm: fluid("Palm", "fat", 0.918, 7.5e-4, 39.6, 8.5, 31, 23, 267, 36.9, 42, 848),
  "fryer-fat": fluid("Fryer fat", "fat", 0.915, 7.5e-4, 45.0, 9.0, 38, 32, 265, 36.9, 45, 858),
  "motor-oil": fluid("Motor oil", "engine", 0.885, 7.0e-4, 95.0, 12.5, -12, -24, 190, 42.0, 40, null),
  atf: fluid("Gearbox oil (ATF)", "engine", 0.865, 7.2e-4, 33.0, 7.1, -30, -45, 185, 42.5, 42, null),
  diesel: fluid("Diesel", "petroleum", 0.84, 8.3e-4, 2.7, 1.15, -5, -18, 62, 42.8, 51, null),
  kerosene: fluid("Kerosene", "petroleum", 0.8, 9.0e-4, 1.35, 0.68, -45, -50, 42, 43.2, 45, null),
  petrol: fluid("Petrol", "petroleum", 0.745, 1.1e-3, 0.55, 0.33, -70, -80, -40, 43.0, 15, null),
  biodiesel: fluid("Biodiesel", "ester", 0.883, 8.3e-4, 4.5, 1.75, -2, -8, 160, 37.3, 54, 296.5),
} as const satisfies Record<string, Fluid>;

export type FluidId = keyof typeof FLUIDS;
export const FLUID_IDS = Object.keys(FLUIDS) as FluidId[];
export const isFluidId = (id: string): id is FluidId => Object.hasOwn(FLUIDS, id);

export type FluidFamily = "vegetable" | "fat" | "engine" | "petroleum" | "ester";

export interface Fluid {
  readonly name: string;
  readonly family: FluidFamily;
  readonly rho15KgPerL: number;
  readonly alphaPerK: number;
  readonly nu40Mm2PerS: number;
  readonly nu100Mm2PerS: number;
  readonly cloudCelsius: number;
  readonly pourCelsius: number;
  readonly flashCelsius: number;
  readonly lhvMJPerKg: number;
  readonly cetane: number;
  /** Absent for mixtures without a meaningful molar mass. */
  readonly molarMassGPerMol: number | null;
}

function fluid(
  name: string,
  family: FluidFamily,
  rho15KgPerL: number,
  alphaPerK: number,
  nu40Mm2PerS: number,
  nu100Mm2PerS: number,
  cloudCelsius: number,
  pourCelsius: number,
  flashCelsius: number,
  lhvMJPerKg: number,
  cetane: number,
  molarMassGPerMol: number | null,
): Fluid {
  return {
    name,
    family,
    rho15KgPerL,
    alphaPerK,
    nu40Mm2PerS,
    nu100Mm2PerS,
    cloudCelsius,
    pourCelsius,
    flashCelsius,
    lhvMJPerKg,
    cetane,
    molarMassGPerMol,
  };
}
