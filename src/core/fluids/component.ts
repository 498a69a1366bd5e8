import { FLUID_IDS, FLUIDS, type FluidFamily, type FluidId } from "./table";

/** Where a component comes to lie once it has settled, lowest first; what sinks lies below the oil. */
export const LAYER_ORDER = ["sludge", "water", "fat", "oil"] as const;
export type LiesIn = (typeof LAYER_ORDER)[number];

interface Component {
  readonly name: string;
  readonly family: FluidFamily | "muck" | "chemical";
  readonly lies: LiesIn;
  /** Dirt that travels with the oil: no fuel, and drawn off from below. */
  readonly muck: boolean;
  readonly alphaPerK: number;
  /** kg per litre at 15 °C; of what is poured as crystals or flakes, of the solid itself. */
  readonly rho15KgPerL: number;
}

const muck = (name: string, lies: LiesIn, alphaPerK: number, rho15KgPerL: number): Component => ({
  name,
  family: "muck",
  lies,
  muck: true,
  alphaPerK,
  rho15KgPerL,
});

const chemical = (name: string, lies: LiesIn, alphaPerK: number, rho15KgPerL: number): Component => ({
  ...muck(name, lies, alphaPerK, rho15KgPerL),
  family: "chemical",
  muck: false,
});

/** Besides the table's fluids: dirt, and what a kettle works with. Densities at 15 °C from common handbooks. */
const OTHERS = {
  // Water's own curve is in density.ts; over a shed's temperatures a straight line is within 0.2 % of it.
  water: muck("Water", "water", 1.5e-4, 0.9991),
  sludge: muck("Sludge", "sludge", 5e-4, 1.1),
  methanol: chemical("Methanol", "oil", 1.2e-3, 0.796),
  "sodium-hydroxide": chemical("Lye (NaOH)", "water", 0, 2.13),
  "potassium-hydroxide": chemical("Lye (KOH)", "water", 0, 2.04),
  "sulfuric-acid": chemical("Sulfuric acid", "water", 5.5e-4, 1.84),
  glycerol: chemical("Glycerol", "sludge", 5e-4, 1.264),
  soap: chemical("Soap", "water", 5e-4, 1.04),
} as const satisfies Record<string, Component>;

type OtherId = keyof typeof OTHERS;
/** What a litre in a vessel can be: a fuel or oil of the table, dirt that travels with it, or a chemical. */
export type ComponentId = FluidId | OtherId;

/** Fat sets in the cold and settles as flocs; of the table's fluids it alone sinks through oil. */
const SETTLES_AS_FAT: FluidId = "fryer-fat";

const fluid = (id: FluidId): Component => ({
  name: FLUIDS[id].name,
  family: FLUIDS[id].family,
  lies: id === SETTLES_AS_FAT ? "fat" : "oil",
  muck: false,
  alphaPerK: FLUIDS[id].alphaPerK,
  rho15KgPerL: FLUIDS[id].rho15KgPerL,
});

/** Every component there is. A new one is a row of the fluid table or of the table above. */
export const COMPONENTS: Readonly<Record<ComponentId, Component>> = {
  ...(Object.fromEntries(FLUID_IDS.map((id) => [id, fluid(id)])) as Record<FluidId, Component>),
  ...OTHERS,
};
export const COMPONENT_IDS = Object.keys(COMPONENTS) as ComponentId[];
export const CHEMICAL_IDS = COMPONENT_IDS.filter(
  (id): id is Exclude<OtherId, "water" | "sludge"> => COMPONENTS[id].family === "chemical",
);

export const isMuck = (id: ComponentId): boolean => COMPONENTS[id].muck;
export const sinks = (id: ComponentId): boolean => COMPONENTS[id].lies !== "oil";
/** Solid or setting: fats of the table, wherever they lie. */
export const isFat = (id: ComponentId): boolean => COMPONENTS[id].family === "fat";
export const componentName = (id: ComponentId): string => COMPONENTS[id].name;

/** Volume expansion per kelvin. */
export const expansionPerK = (id: ComponentId): number => COMPONENTS[id].alphaPerK;

/** Kilograms of litres at 15 °C. */
export const kgOf = (id: ComponentId, litres15: number): number => COMPONENTS[id].rho15KgPerL * litres15;

/**
 * Litres at 15 °C in one litre measured at `celsius`: ρ(t)/ρ15 = 1 − α·(t − 15).
 * Source: linear expansion with the fluid table's α; meant for −40 to 150 °C.
 */
export function litres15PerLitre(id: ComponentId, celsius: number): number {
  return 1 - expansionPerK(id) * (celsius - 15);
}
