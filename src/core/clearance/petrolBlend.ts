import { byComponent, type ComponentId, isFluidId, isPetrol } from "../fluids";
import { type Flow, partsOf, type VesselState, type YardState } from "../ledger";
import { petrolStanding } from "../readings/blend/gums";
import { ENGINE_OIL_BAG_UM, ENGINE_OIL_SHARE, shareOfFamily } from "../readings/vessel/family";
import type { FitnessRefusal } from "./fitness";

const SOME_LITRES = 0.05;

/**
 * A petrol blend enters a tank only when it has stood, was drained, and a jar of it is clear: gums and water that fall
 * out in the vehicle foul its pump. Engine oil meets petrol only once it is clean: soot never settles out of a dark blend
 * that nobody can see through.
 */
export function unfitPetrol(yard: YardState, flow: Flow, at: string): FitnessRefusal[] {
  const { from, to, how } = flow;
  if (to === null || from === to || how === "count") return [];
  return [...standing(yard, flow, at), ...dirtyEngineOil(yard, flow)];
}

function standing(yard: YardState, { from, to }: Flow, at: string): FitnessRefusal[] {
  const state = from === null ? undefined : yard.vessels.get(from);
  if (!state || to === null || yard.vessels.get(to)?.vessel.role !== "tank") return [];
  // Out of one tank into another it has been judged already.
  if (state.vessel.role === "tank" || state.contents.total < SOME_LITRES) return [];
  const held = { litres: state.contents.total, components: byComponent(partsOf(state.contents, yard.parts)) };
  const stands = petrolStanding(state, held, yard.settings.petrolStandHours, at);
  if (!stands) return [];
  const refused = (code: FitnessRefusal["code"], until?: string): FitnessRefusal => ({
    code,
    from,
    into: to,
    ...(until !== undefined && { until }),
  });
  if (!stands.hasStood) return [refused("petrol-not-stood", stands.standsUntil)];
  return [
    ...(stands.drained ? [] : [refused("petrol-not-drained")]),
    ...(stands.clear ? [] : [refused("petrol-not-clear")]),
  ];
}

function dirtyEngineOil(yard: YardState, { from, fresh, to }: Flow): FitnessRefusal[] {
  const into = to === null ? undefined : yard.vessels.get(to);
  if (to === null || !into || into.vessel.role === "waste") return [];
  const there = heldIn(yard, into);
  const source = from === null ? undefined : yard.vessels.get(from);
  const poured: Held = source ? heldIn(yard, source) : { litres: 1, components: fresh ?? [], isClean: true };
  const meets = (oil: Held, petrol: Held): boolean =>
    !oil.isClean && shareOfFamily(oil, "engine") > ENGINE_OIL_SHARE && petrol.components.some(isSomePetrol);
  return meets(there, poured) || meets(poured, there) ? [{ code: "engine-oil-and-petrol", from, into: to }] : [];
}

interface Held {
  readonly litres: number;
  readonly components: readonly { readonly component: ComponentId; readonly litres: number }[];
  readonly isClean: boolean;
}

const heldIn = (yard: YardState, { contents, quality }: VesselState): Held => ({
  litres: contents.total,
  components: byComponent(partsOf(contents, yard.parts)),
  isClean: quality.filteredUm !== null && quality.filteredUm <= ENGINE_OIL_BAG_UM,
});

const isSomePetrol = (c: Held["components"][number]): boolean =>
  isFluidId(c.component) && isPetrol(c.component) && c.litres > SOME_LITRES;
