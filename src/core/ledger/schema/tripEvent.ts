import type { TripEvent } from "../../driving/rig";
import * as z from "../../zod";

const minute = z.number().min(0).max(100_000);
const Id = z.string().trim().min(1).max(60);
const Celsius = z.number().min(-60).max(200).optional();
const KPa = z.number().min(-100).max(2000).optional();

/** What a driver did or read, in minutes since the trip began. */
export const TripEventSchema: z.ZodType<TripEvent> = z.discriminatedUnion("what", [
  z.object({ minute, what: z.literal("start") }),
  z.object({ minute, what: z.literal("stop") }),
  z.object({ minute, what: z.literal("turn"), control: Id, position: Id }),
  z.object({ minute, what: z.literal("heater"), on: z.boolean() }),
  z.object({ minute, what: z.literal("pump"), on: z.boolean() }),
  z.object({ minute, what: z.literal("thermostat"), hot: z.boolean() }),
  z.object({ minute, what: z.literal("heard") }),
  z.object({
    minute,
    what: z.literal("read"),
    coolantCelsius: Celsius,
    fuelCelsius: Celsius,
    dropKPa: KPa,
    pressureKPa: KPa,
  }),
]);
