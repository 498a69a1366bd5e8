import { type ComponentId, componentOf, type FluidTable, fluidIn, isFluidId } from "../fluids";

/** Standard atomic weights, g/mol, as rounded by IUPAC's abridged table. */
const ATOMIC_G_PER_MOL = { C: 12.011, H: 1.008, O: 15.999, Na: 22.99, K: 39.098, S: 32.06, Cl: 35.45 } as const;
export type Element = keyof typeof ATOMIC_G_PER_MOL;
export const ELEMENTS = Object.keys(ATOMIC_G_PER_MOL) as Element[];

type Formula = Readonly<Partial<Record<Element, number>>>;

/** What a kettle works with, by formula. Oleic acid stands for every fatty acid, so its methyl ester for every ester. */
const FORMULAE = {
  methanol: { C: 1, H: 4, O: 1 },
  water: { H: 2, O: 1 },
  "sodium-hydroxide": { Na: 1, O: 1, H: 1 },
  "potassium-hydroxide": { K: 1, O: 1, H: 1 },
  glycerol: { C: 3, H: 8, O: 3 },
  biodiesel: { C: 19, H: 36, O: 2 },
  "fatty-acid": { C: 18, H: 34, O: 2 },
  soap: { C: 18, H: 33, O: 2, Na: 1 },
  "potassium-soap": { C: 18, H: 33, O: 2, K: 1 },
  "sulfuric-acid": { H: 2, S: 1, O: 4 },
  "sodium-sulfate": { Na: 2, S: 1, O: 4 },
  "potassium-sulfate": { K: 2, S: 1, O: 4 },
  "acetic-acid": { C: 2, H: 4, O: 2 },
  "sodium-acetate": { C: 2, H: 3, O: 2, Na: 1 },
  "potassium-acetate": { C: 2, H: 3, O: 2, K: 1 },
  salt: { Na: 1, Cl: 1 },
} as const satisfies Partial<Record<ComponentId, Formula>>;

/** A compound with a formula; the table's oils are mixtures and have none. */
export type Compound = keyof typeof FORMULAE;

export const isCompound = (id: ComponentId): id is Compound => Object.hasOwn(FORMULAE, id);

export const gPerMol = (compound: Compound): number =>
  ELEMENTS.reduce((sum, e) => sum + ((FORMULAE[compound] as Formula)[e] ?? 0) * ATOMIC_G_PER_MOL[e], 0);

/** A fat or vegetable oil: what can be converted. */
export const isGlyceride = (id: ComponentId): boolean => ["vegetable", "fat"].includes(componentOf(id).family);

const OF_COMPOUND = new Map<Compound, ReadonlyMap<Element, number>>(
  (Object.keys(FORMULAE) as Compound[]).map((c) => [
    c,
    new Map(ELEMENTS.map((e) => [e, (((FORMULAE[c] as Formula)[e] ?? 0) * ATOMIC_G_PER_MOL[e]) / gPerMol(c)])),
  ]),
);

/**
 * Kilograms of an element in a kilogram of a component; null where nobody knows (dirt, petroleum). An oil is by
 * definition its ester and glycerol less the methanol that would make them: so its own molar mass, which differs from
 * oil to oil, closes the elements of a conversion exactly.
 */
export function elementShare(id: ComponentId, element: Element, fluids: FluidTable): number | null {
  if (isCompound(id)) return OF_COMPOUND.get(id)?.get(element) ?? 0;
  if (!isFluidId(id) || !isGlyceride(id)) return null;
  const oil = fluidIn(fluids, id).molarMassGPerMol;
  if (oil === null) return null;
  const methanol = 3 * gPerMol("methanol");
  const glycerol = gPerMol("glycerol");
  const of = (c: Compound): number => OF_COMPOUND.get(c)?.get(element) ?? 0;
  return ((oil + methanol - glycerol) * of("biodiesel") + glycerol * of("glycerol") - methanol * of("methanol")) / oil;
}
