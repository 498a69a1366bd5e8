import type { ComponentId, FluidTable } from "../fluids";
import { fluidIn, isFluidId } from "../fluids";
import type { Base } from "./masses";
import { oilGPerMol } from "./methanol";
import { kgIn, type Pot, potOf } from "./pot";
import { type Compound, gPerMol, isGlyceride } from "./species";

/** What each base is in the ledger, and what it leaves. */
export const OF_BASE = {
  NaOH: { lye: "sodium-hydroxide", soap: "soap", sulfate: "sodium-sulfate", acetate: "sodium-acetate" },
  KOH: {
    lye: "potassium-hydroxide",
    soap: "potassium-soap",
    sulfate: "potassium-sulfate",
    acetate: "potassium-acetate",
  },
} as const satisfies Record<Base, Record<string, Compound>>;

export const SOAPS = ["soap", "potassium-soap"] as const;

const molOf = (pot: Pot, compound: Compound): number => (kgIn(pot, compound) * 1000) / gPerMol(compound);

/** A pot after so many kilograms more or less of some. Rounding leaves none below nothing. */
function after(pot: Pot, changes: readonly (readonly [ComponentId, number])[]): Pot {
  const next = new Map(pot);
  for (const [component, kg] of changes) next.set(component, Math.max(0, (next.get(component) ?? 0) + kg));
  return potOf([...next].map(([component, kg]) => ({ component, kg })));
}

/** Moles turned by an equation: compounds by their coefficients, what is used up below nought. */
const turn = (pot: Pot, mol: number, equation: Readonly<Partial<Record<Compound, number>>>): Pot =>
  after(
    pot,
    Object.entries(equation).map(([c, n]) => [c as Compound, (mol * n * gPerMol(c as Compound)) / 1000]),
  );

/**
 * Says of so many kilograms of the oil that they are free acid, as a titration found: they were booked as oil. What was
 * called oil by its mean is told more finely; kilograms are kept.
 */
export function withFreeAcid(pot: Pot, acidKg: number): Pot {
  const oils = [...pot].filter(([c]) => isGlyceride(c));
  const all = oils.reduce((sum, [, kg]) => sum + kg, 0);
  const found = Math.min(acidKg, all);
  if (!(found > 0)) return pot;
  return after(pot, [...oils.map(([c, kg]): [ComponentId, number] => [c, (-found * kg) / all]), ["fatty-acid", found]]);
}

/** Free acid and methanol to ester and water, under sulfuric acid: a share of it, and no more than the methanol does. */
export const esterifyAcid = (pot: Pot, share: number): Pot =>
  turn(pot, Math.min(molOf(pot, "fatty-acid") * share, molOf(pot, "methanol")), {
    "fatty-acid": -1,
    methanol: -1,
    biodiesel: 1,
    water: 1,
  });

/** Sulfuric acid that was left eats lye before anything else does. */
export const spendSulfuric = (pot: Pot, base: Base): Pot => {
  const { lye, sulfate } = OF_BASE[base];
  return turn(pot, Math.min(molOf(pot, "sulfuric-acid"), molOf(pot, lye) / 2), {
    "sulfuric-acid": -1,
    [lye]: -2,
    [sulfate]: 1,
    water: 2,
  });
};

/** Free acid and lye to soap and water, as far as the lye goes. `purity` of the lye: the rest of what was weighed does nothing. */
export const saponify = (pot: Pot, base: Base, purity: number): Pot => {
  const { lye, soap } = OF_BASE[base];
  return turn(pot, Math.min(molOf(pot, "fatty-acid"), molOf(pot, lye) * purity), {
    "fatty-acid": -1,
    [lye]: -1,
    [soap]: 1,
    water: 1,
  });
};

/** The methanol that turning this share of every oil's bonds takes, kg. */
export function methanolTakenKg(pot: Pot, conversion: number, fluids: FluidTable): number {
  let mol = 0;
  for (const [id, kg] of pot)
    if (isFluidId(id) && isGlyceride(id)) mol += ((kg * 1000) / oilGPerMol(fluidIn(fluids, id))) * conversion;
  return (3 * mol * gPerMol("methanol")) / 1000;
}

/** Oil and methanol to ester and glycerol: this share of every oil's bonds, or as much as the methanol does. */
export function transesterify(pot: Pot, conversion: number, fluids: FluidTable): Pot {
  const wanted = methanolTakenKg(pot, conversion, fluids);
  const there = kgIn(pot, "methanol");
  const share = wanted > there ? (conversion * there) / wanted : conversion;
  const changes: [ComponentId, number][] = [];
  for (const [id, kg] of pot) {
    if (!isFluidId(id) || !isGlyceride(id)) continue;
    const mass = oilGPerMol(fluidIn(fluids, id));
    const turnedKg = kg * share;
    const methanolKg = (turnedKg * 3 * gPerMol("methanol")) / mass;
    const glycerolKg = (turnedKg * gPerMol("glycerol")) / mass;
    changes.push(
      [id, -turnedKg],
      ["methanol", -methanolKg],
      ["glycerol", glycerolKg],
      ["biodiesel", turnedKg + methanolKg - glycerolKg],
    );
  }
  return after(pot, changes);
}

/** Acid in the wash splits soap into free acid, which stays in the fuel, and an acetate, which goes with the water. */
export const splitSoap = (pot: Pot): Pot =>
  (["NaOH", "KOH"] as const).reduce((p, base) => {
    const { soap, acetate } = OF_BASE[base];
    return turn(p, Math.min(molOf(p, soap), molOf(p, "acetic-acid")), {
      [soap]: -1,
      "acetic-acid": -1,
      "fatty-acid": 1,
      [acetate]: 1,
    });
  }, pot);
