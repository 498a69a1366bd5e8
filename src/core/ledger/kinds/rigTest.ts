import * as z from "../../zod";
import { VehicleId } from "../ids";
import { answersTo, calledByItems } from "../schema/answers";
import { Celsius } from "../schema/quantities";
import { RIG_TEST_ITEMS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const ChecksSchema = answersTo(RIG_TEST_ITEMS);
export type RigChecks = z.infer<typeof ChecksSchema>;

/** A fuel loop tried out on the bench: line pulled at the pump, two jars, breath through each valve. */
export const rigTest = defineKind({
  kind: "rig-test",
  title: "Loop tested",
  version: 1,
  upcast: {},
  data: z.object({
    vehicle: VehicleId,
    checks: ChecksSchema,
    tripCelsius: Celsius.optional(),
    resetCelsius: Celsius.optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: () => [],
  apply(yard, { happenedAt, data }) {
    const state = yard.vehicles.get(data.vehicle);
    if (!state) return { code: "unknown-vehicle", vehicle: data.vehicle };
    const { vehicle: _, ...found } = data;
    yard.vehicles.set(data.vehicle, { ...state, rigTest: { at: happenedAt, ...found } });
    return undefined;
  },
  called: {
    vehicle: "Vehicle",
    tripCelsius: "Thermostat turns to oil at",
    resetCelsius: "Thermostat turns back at",
    ...calledByItems(RIG_TEST_ITEMS),
  },
});
