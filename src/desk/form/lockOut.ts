import { tanksOf, type VehicleState } from "@/core/ledger";
import type { YardView } from "@/core/view";
import type { Field, Values } from "./verb";

const NOT_YET = "not-yet";
const LOCKED = "locked";

export const ownerOf = (view: YardView, tank: string): VehicleState | undefined =>
  view.vehicles.find(({ vehicle }) => tanksOf(vehicle).some((id) => id === tank));

/** Whether an engine that starts by itself is at either end of it, or is what is worked on. */
const isSelfStarting = (view: YardView, v: Values): boolean =>
  [v.text("from"), v.text("to")].some((id) => ownerOf(view, id)?.vehicle.selfStarts === true) ||
  view.vehicles.some(({ vehicle }) => vehicle.id === v.text("vehicle") && vehicle.selfStarts === true);

/** Asked before anybody fills, empties or works on an engine that starts by itself. */
export const lockOutField: Field = {
  kind: "choice",
  name: "lockedOut",
  label: "It starts by itself",
  options: () => [
    { value: NOT_YET, name: "Not locked out yet" },
    { value: LOCKED, name: "Locked out, key with me" },
  ],
  first: () => NOT_YET,
  asked: isSelfStarting,
};

export const lockedOut = (v: Values): { lockedOut?: true } =>
  v.text("lockedOut") === LOCKED ? { lockedOut: true } : {};
