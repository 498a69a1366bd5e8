import { FUEL_TESTS, verdictOf } from "../../kettle";
import * as z from "../../zod";
import { changeBatch, noBatch } from "../batches";
import { BatchId, VesselId } from "../ids";
import { passedAsFuel } from "../quality";
import { Text } from "../schema/quantities";
import { changeVessel, vesselAt } from "../transfer";
import { FUEL_TEST_WORDS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** One test of a batch as read. Judged by the yard's marks of that day: all that are needed within, and it is fuel. */
export const fuelTest = defineKind({
  kind: "fuel-test",
  title: "Fuel test",
  version: 1,
  upcast: {},
  data: z.object({
    batch: BatchId,
    vessel: VesselId,
    test: z.enum(FUEL_TESTS),
    /** Share undissolved, ppm, pH, kg/L at 15 °C, mg KOH/g; of a jar 1 clear, 0 not. */
    value: z.number().min(0).max(1e6),
    /** How it was read: "1.2 of 10 mL". */
    read: Text.optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { batch, vessel, test, value } }) {
    const state = yard.batches.get(batch);
    if (!state) return noBatch(batch);
    const tests = [...state.tests, { test, value, at: happenedAt, afterWashes: state.washes.length }];
    const acidWashed = state.washes.some((w) => w.vinegarMl > 0);
    const verdict = verdictOf(tests, yard.settings.fuelTests, acidWashed);
    const { quality } = vesselAt(yard, vessel);
    const judged = { ...quality, fuel: { batch, verdict } };
    changeVessel(yard, vessel, { quality: verdict === "passed" ? passedAsFuel(judged) : judged });
    changeBatch(yard, batch, { tests, verdict, vessel });
    return undefined;
  },
  called: {
    batch: "Batch",
    vessel: "In",
    test: ["Test", FUEL_TEST_WORDS],
    value: "Read",
    read: "How it was read",
  },
});
