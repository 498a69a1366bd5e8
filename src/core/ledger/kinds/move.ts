import * as z from "../../zod";
import { VesselId } from "../ids";
import { cleared } from "../quality";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { Layer, MeasuredOrAll } from "../schema/quantities";
import { hasStood, moveOil, qualityFrom, vesselAt } from "../transfer";
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
  data: z.object({ from: VesselId, to: VesselId, amount: MeasuredOrAll, layer: Layer, lockedOut: LockedOut }),
  moves: ({ from, to, amount, layer }) => [flow("pour", from, to, amount, layer)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const quality = qualityFrom(yard, data.from, data.layer);
    const isClear = data.layer === "top" && hasStood(vesselAt(yard, data.from), happenedAt);
    return moveOil(yard, data, happenedAt, data.layer, 0, isClear ? cleared(quality) : quality);
  },
  called: {
    from: "From",
    to: "Into",
    "amount.litres": "Litres",
    "amount.all": null,
    "amount.celsius": "Read at",
    layer: LAYER_CALLED,
    lockedOut: LOCKED_OUT_CALLED,
  },
});
