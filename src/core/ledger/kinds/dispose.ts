import * as z from "../../zod";
import { VesselId } from "../ids";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { Layer, MeasuredOrAll, Text } from "../schema/quantities";
import { book, takeOut } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";
import { LAYER_CALLED } from "./move";

export const dispose = defineKind({
  kind: "dispose",
  title: "Disposed",
  version: 1,
  upcast: {},
  data: z.object({ from: VesselId, amount: MeasuredOrAll, layer: Layer, where: Text, lockedOut: LockedOut }),
  moves: ({ from, amount, layer }) => [flow("dispose", from, null, amount, layer)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { from, amount, layer } }) {
    const gone = takeOut(yard, from, amount, happenedAt, layer);
    if (!gone.ok) return gone.error;
    book(yard, "disposed", gone.value);
    return undefined;
  },
  called: {
    from: "What was in",
    "amount.litres": "Litres",
    "amount.all": null,
    "amount.celsius": "Read at",
    layer: LAYER_CALLED,
    where: "Where to",
    lockedOut: LOCKED_OUT_CALLED,
  },
});
