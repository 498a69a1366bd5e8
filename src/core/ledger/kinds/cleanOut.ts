import * as z from "../../zod";
import { VesselId } from "../ids";
import { Measured } from "../schema/quantities";
import { changeVessel, moveOil } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A settler's bottom, emptied: its sludge counts from nought again. */
export const cleanOut = defineKind({
  kind: "clean-out",
  title: "Cleaned out",
  version: 1,
  upcast: {},
  data: z.object({ vessel: VesselId, to: VesselId, amount: Measured }),
  moves: ({ vessel, to, amount }) => [flow("pour", vessel, to, amount, "bottom")],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { vessel, to, amount } }) {
    const flaw = moveOil(yard, { from: vessel, to, amount }, happenedAt, "bottom");
    if (flaw) return flaw;
    changeVessel(yard, vessel, { cleanedAt: happenedAt, fedLitres: 0, dips: [] });
    return undefined;
  },
  called: { vessel: "What", to: "Into", "amount.litres": "Litres", "amount.celsius": "Read at" },
});
