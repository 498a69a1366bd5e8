import { type Draft, flowsOf, tanksOf, type VesselId, type YardState } from "../ledger";
import type { FitnessRefusal } from "./fitness";

/** Told, not done, or done by the engine itself: nobody has a hand in it. */
const HANDS_OFF: ReadonlySet<Draft["kind"]> = new Set(["trip", "opening", "stock-take"]);

/**
 * An engine that starts by itself may start under the can, the spanner or the hand: it is locked out first, and whoever
 * works on it says that it is. Filling, pumping out, running its tank through bags, its filter, injectors and hoses.
 */
export function notLockedOut(yard: YardState, draft: Draft): FitnessRefusal[] {
  if (HANDS_OFF.has(draft.kind) || isLockedOut(draft)) return [];
  const touched = touchedBy(draft);
  if (touched.size === 0) return [];
  for (const { vehicle } of yard.vehicles.values()) {
    const tank = tanksOf(vehicle).find((id) => touched.has(id));
    const isWorkedOn = draft.kind === "service" && draft.data.vehicle === vehicle.id;
    if (vehicle.selfStarts && (tank !== undefined || isWorkedOn))
      return [{ code: "not-locked-out", from: null, into: tank ?? tanksOf(vehicle)[0] }];
  }
  return [];
}

const isLockedOut = ({ data }: Draft): boolean => "lockedOut" in data && data.lockedOut === true;

function touchedBy(draft: Draft): ReadonlySet<VesselId | string> {
  const through = flowsOf(draft).flatMap(({ from, to, how }) => (how === "count" ? [] : [from, to]));
  const touched = new Set<string>(through.filter((id) => id !== null));
  if (draft.kind === "service") touched.add(draft.data.vehicle);
  return touched;
}
