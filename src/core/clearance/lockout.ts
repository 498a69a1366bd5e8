import { type Draft, tanksOf, type YardState } from "../ledger";
import type { FitnessRefusal } from "./fitness";

/** An engine that starts by itself may start under the can: it is locked out first, and whoever fills says that it is. */
export function notLockedOut(yard: YardState, draft: Draft): FitnessRefusal[] {
  const into = draft.kind === "fill" || draft.kind === "purchase" || draft.kind === "move" ? draft.data.to : null;
  const isLockedOut = (draft.kind === "fill" || draft.kind === "purchase") && draft.data.lockedOut === true;
  if (into === null || isLockedOut) return [];
  const owner = [...yard.vehicles.values()].find(({ vehicle }) => tanksOf(vehicle).includes(into));
  return owner?.vehicle.selfStarts ? [{ code: "not-locked-out", from: null, into }] : [];
}
