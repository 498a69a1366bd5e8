import * as z from "../../zod";
import { VesselId } from "../ids";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { HungShares, Layer, MeasuredOrAll } from "../schema/quantities";
import { hangsByDepth, moveOil, takenQuality } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

export const LAYER_CALLED = [
  "Which of it",
  { mixed: "Mixed", top: "From the top", bottom: "From the bottom" },
] as const;

export const move = defineKind({
  kind: "move",
  title: "Poured",
  version: 1,
  upcast: {},
  data: z.object({
    from: VesselId,
    to: VesselId,
    amount: MeasuredOrAll,
    layer: Layer,
    hanging: HungShares.optional(),
    lockedOut: LockedOut,
  }),
  moves: ({ from, to, amount, layer }) => [flow("pour", from, to, amount, layer)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const { from, amount, layer, hanging } = data;
    const quality = takenQuality(yard, from, amount, happenedAt, layer, hanging);
    return moveOil(yard, data, happenedAt, layer, hanging ? hangsByDepth(hanging) : 0, quality);
  },
  called: {
    from: "From",
    to: "Into",
    "amount.litres": "Litres",
    "amount.all": null,
    "amount.celsius": "Read at",
    layer: LAYER_CALLED,
    "hanging.sludge": "Crumbs and fines that still hung",
    "hanging.water": "Water that still hung",
    "hanging.fat": "Fat that still hung",
    lockedOut: LOCKED_OUT_CALLED,
  },
});
