import * as z from "../../zod";
import { VesselId } from "../ids";
import { answersTo, calledByItems } from "../schema/answers";
import { changeVessel } from "../transfer";
import { WALK_ITEMS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const ChecksSchema = answersTo(WALK_ITEMS);
export type WalkChecks = z.infer<typeof ChecksSchema>;

/** A kettle looked over before its first batch: what is as it should be, what is not, and what it does not have. */
export const walkDown = defineKind({
  kind: "walk-down",
  title: "Walked down",
  version: 1,
  upcast: {},
  data: z.object({ vessel: VesselId, checks: ChecksSchema }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { vessel, checks } }) {
    changeVessel(yard, vessel, { walkDown: { at: happenedAt, checks } });
    return undefined;
  },
  called: {
    vessel: "Kettle",
    ...calledByItems(WALK_ITEMS),
  },
});
