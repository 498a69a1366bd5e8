import { type ComponentId, componentOf, type FluidTable } from "../fluids";
import { ELEMENTS, type Element, elementShare } from "./species";

/** What is in a kettle, in kilograms by component. Never changed in place. */
export type Pot = ReadonlyMap<ComponentId, number>;

export interface KgOf {
  readonly component: ComponentId;
  readonly kg: number;
}

export const potOf = (parts: Iterable<KgOf>): Pot => {
  const pot = new Map<ComponentId, number>();
  for (const { component, kg } of parts) if (kg > 0) pot.set(component, (pot.get(component) ?? 0) + kg);
  return pot;
};

/** From litres at 15 °C, by the house's densities as the ledger weighs them. */
export const potOfLitres = (parts: Iterable<{ readonly component: ComponentId; readonly litres: number }>): Pot =>
  potOf([...parts].map(({ component, litres }) => ({ component, kg: litres * componentOf(component).rho15KgPerL })));

export const kgIn = (pot: Pot, component: ComponentId): number => pot.get(component) ?? 0;
export const kgOfPot = (pot: Pot): number => [...pot.values()].reduce((sum, kg) => sum + kg, 0);
/** Litres at 15 °C, as if each stood by itself. */
export const litresOfPot = (pot: Pot): number =>
  [...pot].reduce((sum, [c, kg]) => sum + kg / componentOf(c).rho15KgPerL, 0);

export const both = (a: Pot, b: Pot): Pot => potOf([...a, ...b].map(([component, kg]) => ({ component, kg })));

/** Kilograms of each element; null where something is in it that nobody knows the elements of. */
export function elementsIn(pot: Pot, fluids: FluidTable): Readonly<Record<Element, number>> | null {
  const sums = Object.fromEntries(ELEMENTS.map((e) => [e, 0])) as Record<Element, number>;
  for (const [component, kg] of pot)
    for (const e of ELEMENTS) {
      const share = elementShare(component, e, fluids);
      if (share === null) return null;
      sums[e] += share * kg;
    }
  return sums;
}

export interface Change {
  readonly takes: readonly KgOf[];
  readonly gives: readonly KgOf[];
}

/** Less than this is rounding, not matter. */
const A_SPECK_KG = 1e-9;

/** What one pot is more and less than another: as the ledger writes a reaction. */
export function changeBetween(before: Pot, after: Pot): Change {
  const all = new Set([...before.keys(), ...after.keys()]);
  const differ = [...all].map((component) => ({ component, kg: kgIn(after, component) - kgIn(before, component) }));
  return {
    takes: differ.filter((d) => d.kg < -A_SPECK_KG).map((d) => ({ ...d, kg: -d.kg })),
    gives: differ.filter((d) => d.kg > A_SPECK_KG),
  };
}
