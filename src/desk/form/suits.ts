import { type ComponentId, componentOf, isFluidId, isMuck, likeOf } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import type { YardView } from "@/core/view";

/** Under this much there is nothing to go by. */
const SOME_LITRES = 0.5;

/** What most of a vessel is; null where it is empty. */
export function mostlyOf(v: VesselView): ComponentId | null {
  if (v.litres < SOME_LITRES) return null;
  const found = v.components.filter((c) => !isMuck(c.component)).sort((a, b) => b.litres - a.litres)[0];
  return found?.component ?? null;
}

/** Diesel, kerosene, petrol or biodiesel: what an engine starts on. */
export const isThin = (component: ComponentId): boolean =>
  ["petroleum", "ester"].includes(componentOf(component).family);

const holdsOil = (v: VesselView): boolean => {
  const most = mostlyOf(v);
  return most !== null && !isThin(most);
};

/** A vehicle with two tanks starts and is purged from this one: oil has no business in it. */
export const isDieselTank = (view: YardView, id: string): boolean =>
  view.vehicles.some(({ vehicle }) => vehicle.kind === "dual" && vehicle.dieselTank === id);

/** Whether what is in one may be offered to the other at all. */
export const mayMeet = (view: YardView, from: VesselView | undefined, to: VesselView | undefined): boolean =>
  !(from && to && isDieselTank(view, to.vessel.id) && holdsOil(from));

/** How well a vessel suits what is bought: the same is there already, it is an empty can for it, or it is another's. */
export function suitsBought(v: VesselView, fluid: ComponentId, view: YardView): number {
  const most = mostlyOf(v);
  const { role } = v.vessel;
  if (most === fluid) return 0;
  // One diesel goes into another, where no can is free.
  if (most !== null && isFluidId(most) && isFluidId(fluid) && likeOf(most) === likeOf(fluid)) return 2;
  const isCan = role === "thinner" || (!isThin(fluid) && ["ready", "feed"].includes(role));
  if (most === null && isCan) return 1;
  if (role === "tank" && most === null && isThin(fluid) && isDieselTank(view, v.vessel.id)) return 2;
  return 9;
}

/** Not for what is bought: somebody may still choose it. */
export const DOES_NOT_SUIT = 9;
