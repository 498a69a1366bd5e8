import { tanksOf, type VehicleState } from "@/core/ledger";
import type { YardView } from "@/core/view";
import type { Field, Values } from "@/desk/form";

const NOT_YET = "not-yet";
const LOCKED = "locked";

export const ownerOf = (view: YardView, tank: string): VehicleState | undefined =>
  view.vehicles.find(({ vehicle }) => tanksOf(vehicle).some((id) => id === tank));

/** Asked before an engine that starts by itself is filled. */
export const lockOutField: Field = {
  kind: "choice",
  name: "lockedOut",
  label: "It starts by itself",
  options: () => [
    { value: NOT_YET, name: "Not locked out yet" },
    { value: LOCKED, name: "Locked out, key with me" },
  ],
  first: () => NOT_YET,
  asked: (view, v) => ownerOf(view, v.text("to"))?.vehicle.selfStarts === true,
};

export const lockedOut = (v: Values): { lockedOut?: true } =>
  v.text("lockedOut") === LOCKED ? { lockedOut: true } : {};
