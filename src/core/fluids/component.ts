import {
  FLUID_IDS,
  FLUIDS,
  type FluidFamily,
  type FluidId,
  fluidName,
  isFluidId,
  likeOf,
  type TableFluidId,
} from "./table";

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
  "sodium-hydroxide": chemical("Caustic soda", "water", 0, 2.13),
  "potassium-hydroxide": chemical("Caustic potash", "water", 0, 2.04),
  "sulfuric-acid": chemical("Sulfuric acid", "water", 5.5e-4, 1.84),
  glycerol: chemical("Glycerol", "sludge", 5e-4, 1.264),
  soap: chemical("Soap", "water", 5e-4, 1.04),
  "potassium-soap": chemical("Potassium soap", "water", 5e-4, 1.04),
  // Floats with the oil that it came from.
  "fatty-acid": chemical("Free fatty acid", "oil", 8e-4, 0.898),
  // Vinegar is this in water; the salts are what acid and lye leave, dissolved in the water below.
  "acetic-acid": chemical("Acetic acid", "water", 1.1e-3, 1.054),
  salt: chemical("Salt", "water", 0, 2.16),
  "sodium-sulfate": chemical("Sodium sulfate", "water", 0, 2.66),
  "potassium-sulfate": chemical("Potassium sulfate", "water", 0, 2.66),
  "sodium-acetate": chemical("Sodium acetate", "water", 0, 1.53),
  "potassium-acetate": chemical("Potassium acetate", "water", 0, 1.57),
} as const satisfies Record<string, Component>;

type OtherId = keyof typeof OTHERS;
/** What a litre in a vessel can be: a fuel or oil of the table, dirt that travels with it, or a chemical. */
export type ComponentId = FluidId | OtherId;
/** Those of the house: all but the owner's own. */
export type TableComponentId = TableFluidId | OtherId;

/** Fat sets in the cold and settles as flocs; of the table's fluids it alone sinks through oil. */
const SETTLES_AS_FAT: TableFluidId = "fryer-fat";

const fluid = (id: TableFluidId): Component => ({
  name: FLUIDS[id].name,
  family: FLUIDS[id].family,
  lies: id === SETTLES_AS_FAT ? "fat" : "oil",
  muck: false,
  alphaPerK: FLUIDS[id].alphaPerK,
  rho15KgPerL: FLUIDS[id].rho15KgPerL,
});

/** Every component of the house. A new one is a row of the fluid table or of the table above. */
const COMPONENTS: Readonly<Record<TableComponentId, Component>> = {
  ...(Object.fromEntries(FLUID_IDS.map((id) => [id, fluid(id)])) as Record<TableFluidId, Component>),
  ...OTHERS,
};
export const COMPONENT_IDS = Object.keys(COMPONENTS) as TableComponentId[];
export const CHEMICAL_IDS = COMPONENT_IDS.filter(
  (id): id is Exclude<OtherId, "water" | "sludge"> => COMPONENTS[id].family === "chemical",
);

export const isComponentId = (id: string): id is ComponentId => isFluidId(id) || Object.hasOwn(OTHERS, id);

const kindOf = (id: ComponentId): TableComponentId => (isFluidId(id) ? likeOf(id) : id);

/** What a component is: of a fluid of the owner's own, what the row that it is like is. */
export const componentOf = (id: ComponentId): Component => COMPONENTS[kindOf(id)];

export const isMuck = (id: ComponentId): boolean => componentOf(id).muck;
export const sinks = (id: ComponentId): boolean => componentOf(id).lies !== "oil";
/** Solid or setting: fats of the table, wherever they lie. */
export const isFat = (id: ComponentId): boolean => componentOf(id).family === "fat";
export const componentName = (id: ComponentId): string => (isFluidId(id) ? fluidName(id) : COMPONENTS[id].name);

/** That fluid of the table, or one of the owner's own that is like it. */
export const isLike = (id: ComponentId, row: TableFluidId): boolean => isFluidId(id) && likeOf(id) === row;
/** Volume expansion per kelvin. */
export const expansionPerK = (id: ComponentId): number => componentOf(id).alphaPerK;

/**
 * Kilograms of litres at 15 °C, as the ledger keeps them: by the house's table, also for a fluid of the owner's own, so
 * that a figure that is changed later leaves no gap in what was weighed before.
 */
export const kgOf = (id: ComponentId, litres15: number): number => componentOf(id).rho15KgPerL * litres15;

/**
 * Litres at 15 °C in one litre measured at `celsius`: ρ(t)/ρ15 = 1 − α·(t − 15).
 * Source: linear expansion with the fluid table's α; meant for −40 to 150 °C.
 */
export function litres15PerLitre(id: ComponentId, celsius: number): number {
  return 1 - expansionPerK(id) * (celsius - 15);
}
