import * as z from "../../zod";
import { VesselId } from "../ids";
import { changeVessel } from "../transfer";
import { WALK_ITEMS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const Answer = z.enum(["yes", "no", "none"]).optional();
const ChecksSchema = z.object(
  Object.fromEntries(Object.keys(WALK_ITEMS).map((item) => [item, Answer])) as Record<
    keyof typeof WALK_ITEMS,
    typeof Answer
  >,
);
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
    ...Object.fromEntries(
      Object.entries(WALK_ITEMS).map(([item, name]) => [
        `checks.${item}`,
        [name, { yes: "Yes", no: "No", none: "It has none" }] as const,
      ]),
    ),
  },
});
