import * as z from "../../zod";
import { CupId, VesselId } from "../ids";
import { Celsius } from "../schema/quantities";
import { changeVessel, vesselAt } from "../transfer";
import { Seconds } from "./cup";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** A lot timed through the owner's can. */
export const cupTest = defineKind({
  kind: "cup-test",
  title: "Cup time",
  version: 1,
  upcast: {},
  data: z.object({ cup: CupId, vessel: VesselId, seconds: Seconds, celsius: Celsius }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { cup, vessel, seconds, celsius } }) {
    if (!yard.cups.has(cup)) return { code: "unknown-cup", cup };
    const { quality } = vesselAt(yard, vessel);
    changeVessel(yard, vessel, { quality: { ...quality, cupTime: { at: happenedAt, cup, seconds, celsius } } });
    return undefined;
  },
  called: { cup: "Cup", vessel: "What", seconds: "Seconds", celsius: "Oil at" },
});
