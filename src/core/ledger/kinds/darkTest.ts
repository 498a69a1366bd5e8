import * as z from "../../zod";
import { isDark } from "../dark";
import { VesselId } from "../ids";
import { seenDark } from "../quality";
import { changeVessel, vesselAt } from "../transfer";
import { DRIP_WORDS, PAPER_WORDS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/**
 * What stands in for a clear jar where no light goes through: a drop on paper, a day old, and a cupful through a paper
 * filter.
 */
export const darkTest = defineKind({
  kind: "dark-test",
  title: "Dark oil tested",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    paper: z.enum(["even", "ring", "specks"]),
    drip: z.enum(["clean", "slow", "residue"]),
  }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { vessel, paper, drip } }) {
    const { quality, contents } = vesselAt(yard, vessel);
    // Paper says nothing of oil that a jar shows better.
    if (!isDark(contents, yard.parts)) return undefined;
    changeVessel(yard, vessel, { quality: seenDark(quality, paper === "even" && drip === "clean", happenedAt) });
    return undefined;
  },
  called: {
    vessel: "What",
    paper: ["The drop on paper", PAPER_WORDS],
    drip: ["Through a paper filter", DRIP_WORDS],
  },
});
