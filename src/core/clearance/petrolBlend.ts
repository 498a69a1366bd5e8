import { byComponent, type ComponentId, isFluidId, isPetrol } from "../fluids";
import { ENGINE_OIL_SHARE } from "../fluids/engineOil";
import { type Draft, type Flow, partsOf, throughUm, type VesselId, type VesselState, type YardState } from "../ledger";
import { petrolStanding } from "../readings/blend/gums";
import { ENGINE_OIL_BAG_UM, shareOfFamily } from "../readings/vessel/family";
import { vehicleOf } from "./dye";
import type { FitnessRefusal } from "./fitness";
import { flowsInto } from "./pours";

const SOME_LITRES = 0.05;

/**
 * A petrol blend enters a tank only when it has stood, was drained, and a jar of it is clear: gums and water that fall
 * out in the vehicle foul its pump. No light goes through one with engine oil: a drop on paper and a paper filter say it,
 * and only what its owner runs on such gets it.
 */
export function unfitPetrol(yard: YardState, draft: Draft, flow: Flow, at: string): FitnessRefusal[] {
  const { from, to, how } = flow;
  if (to === null || from === to || how === "count") return [];
  const isTank = yard.vessels.get(to)?.vessel.role === "tank";
  const meet: FitnessRefusal[] =
    isTank && dirtyEngineOil(yard, draft, flow) ? [{ code: "engine-oil-and-petrol", from, into: to }] : [];
  return [...standing(yard, flow, at), ...meet];
}

/** Engine oil that petrol is to thin before anything has cleaned it. */
export interface BlackBlendWarning {
  readonly code: "engine-oil-before-petrol";
  readonly vessel: VesselId;
}

/**
 * Two schools: one cleans engine oil first; the other lets petrol drop its sludge, drains that, and filters then. Both are
 * served; the second is told what it is in for. In a tank neither does.
 */
export const blackBlendWarnings = (yard: YardState, draft: Draft): BlackBlendWarning[] =>
  [...flowsInto(draft)].flatMap(([vessel, flows]): BlackBlendWarning[] =>
    yard.vessels.get(vessel)?.vessel.role !== "tank" && flows.some((f) => dirtyEngineOil(yard, draft, f))
      ? [{ code: "engine-oil-before-petrol", vessel }]
      : [],
  );

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
    ...(stands.clear ? [] : [refused(stands.isDark ? "petrol-dark-not-tested" : "petrol-not-clear")]),
    ...(stands.isDark && vehicleOf(yard, to)?.vehicle.takesBlackBlends !== true
      ? [refused("black-blend-not-here")]
      : []),
  ];
}

function dirtyEngineOil(yard: YardState, draft: Draft, { from, fresh, to }: Flow): boolean {
  const into = to === null ? undefined : yard.vessels.get(to);
  if (to === null || !into || into.vessel.role === "waste") return false;
  const there = heldIn(yard, into);
  const source = from === null ? undefined : yard.vessels.get(from);
  // What it goes through on the way cleans it too.
  const onTheWay = draft.kind === "filter-run" ? throughUm(yard, draft.data.bags) : null;
  const isFine = onTheWay !== null && onTheWay <= ENGINE_OIL_BAG_UM;
  const held: Held = source ? heldIn(yard, source) : { litres: 1, components: fresh ?? [], isClean: true };
  const poured = isFine ? { ...held, isClean: true } : held;
  const meets = (oil: Held, petrol: Held): boolean =>
    !oil.isClean && shareOfFamily(oil, "engine") > ENGINE_OIL_SHARE && petrol.components.some(isSomePetrol);
  return meets(there, poured) || meets(poured, there);
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
