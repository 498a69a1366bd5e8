import type { ComponentId, FluidTable } from "../../fluids";
import {
  type BatchRecipe,
  type Change,
  changeBetween,
  esterifiedWith,
  fuelLitresIn,
  kgIn,
  litresOfPot,
  type Phase,
  type PhaseMarks,
  type Pot,
  part,
  potOfLitres,
  react,
  SOAPS,
  shareBelow,
  soapPpmIn,
  splitSoap,
  vapourOf,
  withFreeAcid,
} from "../../kettle";
import { OLEIC_G_PER_MOL } from "../../kettle/masses";
import { type Compound, gPerMol } from "../../kettle/species";

interface Holds {
  readonly components: readonly { readonly component: ComponentId; readonly litres: number }[];
}

/** What stands in a vessel, by the scales. */
export const potIn = (v: Holds): Pot => potOfLitres(v.components);

/** Free acid that the recipe still finds in the kettle, kg. */
const acidKg = (r: BatchRecipe, molPerL: number): number => (r.oilLitres * molPerL * OLEIC_G_PER_MOL) / 1000;

/** What an acid stage makes of what stands there: as the ledger writes it. */
export function acidChange(pot: Pot, r: BatchRecipe): Change {
  return changeBetween(pot, esterifiedWith(withFreeAcid(pot, acidKg(r, r.acidMolPerL)), r));
}

/** What the base stage makes of what stands there, its free acid told apart first unless a stage before it has done so. */
export function mixChange(pot: Pot, r: BatchRecipe, fluids: FluidTable): Change {
  const told =
    r.path === "acid-base" ||
    (["fatty-acid", "glycerol", ...SOAPS] as const).some((component) => kgIn(pot, component) > 0);
  const acid = told ? pot : withFreeAcid(pot, acidKg(r, r.acidMolPerL));
  return changeBetween(pot, react(acid, r, fluids));
}

/** What vinegar makes of the soap in what stands there. */
export const vinegarChange = (pot: Pot): Change => changeBetween(pot, splitSoap(pot));

export interface SplitExpected {
  readonly litres: number;
  /** Of each component the share that lies below: what the entry keeps. */
  readonly below: readonly { readonly component: ComponentId; readonly share: number }[];
  readonly aboveSoapPpm: number;
  readonly fuelLitres: number;
}

/** The layer that is let out, as it should be. */
export function splitExpected(pot: Pot, phase: Phase, marks: PhaseMarks): SplitExpected {
  const share = shareBelow(pot, phase, marks);
  const { above, below } = part(pot, phase, marks);
  return {
    litres: litresOfPot(below),
    below: [...pot.keys()].map((component) => ({ component, share: share(component) })).filter((b) => b.share > 0),
    aboveSoapPpm: soapPpmIn(above),
    fuelLitres: fuelLitresIn(above),
  };
}

/** What drying takes of what stands there: kilograms by component. */
export const goneIn = (
  pot: Pot,
  leavesPpm: number,
): readonly { readonly component: ComponentId; readonly kg: number }[] =>
  [...vapourOf(pot, leavesPpm)].map(([component, kg]) => ({ component, kg }));

/** Moles of methanol, and of all that stays behind when it is boiled out: what a pot still is reckoned by. */
export function stillMoles(pot: Pot): { readonly methanolMol: number; readonly heavyMol: number } {
  const mol = (compound: Compound): number => (kgIn(pot, compound) * 1000) / gPerMol(compound);
  const heavy = ["glycerol", "water", ...SOAPS] as const;
  return { methanolMol: mol("methanol"), heavyMol: heavy.reduce((sum, c) => sum + mol(c), 0) };
}

/** Water in what stands there, ppm by mass of all of it. */
export function waterPpmIn(pot: Pot): number {
  const all = [...pot.values()].reduce((sum, kg) => sum + kg, 0);
  return all > 0 ? (kgIn(pot, "water") / all) * 1e6 : 0;
}
