import * as z from "../../zod";
import { VesselId } from "../ids";
import { Grams } from "../schema/quantities";
import { changeVessel, vesselAt } from "../transfer";
import { PAN_WORDS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** Is there water in it? A spoonful in a hot pan, or weighed before and after drying. */
export const waterTest = defineKind({
  kind: "water-test",
  title: "Water test",
  version: 1,
  upcast: {},
  data: z.discriminatedUnion("how", [
    z.object({ how: z.literal("hot-pan"), vessel: VesselId, saw: z.enum(["quiet", "crackles", "foams"]) }),
    z
      .object({ how: z.literal("weigh"), vessel: VesselId, wetG: Grams, dryG: Grams })
      .refine((t) => t.dryG <= t.wetG, { path: ["dryG"], message: "heavier than before" }),
  ]),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data }) {
    const share = data.how === "weigh" ? (data.wetG - data.dryG) / data.wetG : null;
    const wet = data.how === "hot-pan" ? data.saw !== "quiet" : (share ?? 0) > yard.settings.waterLimitShare;
    const { quality } = vesselAt(yard, data.vessel);
    const water = { at: happenedAt, wet, because: "test", share } as const;
    changeVessel(yard, data.vessel, { quality: { ...quality, water } });
    return undefined;
  },
  called: {
    how: null,
    vessel: "What",
    saw: ["In the pan it", PAN_WORDS],
    wetG: "Before, grams",
    dryG: "After, grams",
  },
});
