import { type ComponentId, litres15PerLitre } from "./component";
import { type FluidId, isFluidId } from "./table";

/** Litres at 15 °C of one component. */
export interface Part {
  readonly component: ComponentId;
  readonly litres: number;
}

export interface FluidPart {
  readonly fluid: FluidId;
  readonly litres: number;
}

/** Sums parts of the same component, largest first. */
export function byComponent(parts: Iterable<Part>): Part[] {
  const sums = new Map<ComponentId, number>();
  for (const p of parts) sums.set(p.component, (sums.get(p.component) ?? 0) + p.litres);
  return [...sums].map(([component, litres]) => ({ component, litres })).sort((a, b) => b.litres - a.litres);
}

/** Only what can be a fuel: dirt and chemicals left out. */
export const fuelParts = (parts: Iterable<Part>): FluidPart[] =>
  byComponent(parts).flatMap((p) => (isFluidId(p.component) ? [{ fluid: p.component, litres: p.litres }] : []));

/** What litres at 15 °C measure at another temperature: the other way round of booking them. */
export const measuredLitres = (parts: Iterable<Part>, celsius: number): number => {
  let sum = 0;
  for (const p of parts) sum += p.litres / litres15PerLitre(p.component, celsius);
  return sum;
};
