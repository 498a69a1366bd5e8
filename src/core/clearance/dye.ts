import { type Draft, type Flow, tanksOf, type VesselId, type YardState } from "../ledger";
import type { FitnessRefusal } from "./fitness";

/** The vehicle that a tank is part of. */
export const vehicleOf = (yard: YardState, tank: VesselId) =>
  [...yard.vehicles.values()].find(({ vehicle }) => tanksOf(vehicle).includes(tank));

/** Dyed fuel is untaxed: machines may burn it, and by most local laws nothing that goes on the road. */
export function unfitDye(yard: YardState, { from, to }: Flow, draft: Draft): FitnessRefusal[] {
  const into = to === null ? undefined : vehicleOf(yard, to);
  if (!into || to === null || into.vehicle.isOffRoad === true || from === to) return [];
  const isDyed =
    from === null
      ? draft.kind === "purchase" && draft.data.dyed === true
      : yard.vessels.get(from)?.quality.dyed === true;
  return isDyed ? [{ code: "dyed-for-the-road", from, into: to }] : [];
}
