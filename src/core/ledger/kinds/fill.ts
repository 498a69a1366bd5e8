import * as z from "../../zod";
import { VehicleId, VesselId } from "../ids";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { MeasuredOrAll } from "../schema/quantities";
import { moveOil } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A vehicle's tank, filled. */
export const fill = defineKind({
  kind: "fill",
  title: "Filled",
  version: 1,
  upcast: {},
  data: z.object({
    vehicle: VehicleId,
    from: VesselId,
    to: VesselId,
    amount: MeasuredOrAll,
    lockedOut: LockedOut,
  }),
  moves: ({ from, to, amount }) => [flow("fill", from, to, amount)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const { vehicle } = data;
    return yard.vehicles.has(vehicle) ? moveOil(yard, data, happenedAt) : { code: "unknown-vehicle", vehicle };
  },
  called: {
    vehicle: "Vehicle",
    from: "From",
    to: "Which tank",
    lockedOut: LOCKED_OUT_CALLED,
    "amount.litres": "Litres",
    "amount.all": null,
    "amount.celsius": "Read at",
  },
});
