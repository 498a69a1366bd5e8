import type { Rig } from "../../driving/rig";
import { MOST_CONTROLS, MOST_POSITIONS } from "../../driving/rig/parts";
import * as z from "../../zod";
import { Name } from "./quantities";

const Id = z.string().trim().min(1).max(60);
const Litres = z.number().min(0).max(20);
const Watts = z.number().min(0).max(20_000);
const When = z.object({ control: Id, at: z.array(Id).min(1).max(8) });
const part = { id: Id, name: Name };
const valve = {
  ...part,
  moved: z.enum(["hand", "solenoid", "motor"]),
  turned: When,
  isReversed: z.boolean().optional(),
};

const Part = z.discriminatedUnion("kind", [
  z.object({ ...part, kind: z.literal("tank"), holds: z.enum(["diesel", "oil"]) }),
  z.object({ ...part, kind: z.literal("pick-up"), litres: Litres, uaWPerK: z.number().min(0).max(1000) }),
  z.object({ ...part, kind: z.literal("sock") }),
  z.object({ ...part, kind: z.literal("trap"), litres: Litres }),
  z.object({ ...part, kind: z.literal("filter"), litres: Litres, ratingUm: z.number().min(0.1).max(2000) }),
  z.object({
    ...part,
    kind: z.literal("lift-pump"),
    litresPerMinute: z.number().positive().max(100),
    pushes: When.nullable(),
  }),
  z.object({ ...part, kind: z.literal("heater"), watts: Watts, litres: Litres }),
  z.object({ ...part, kind: z.literal("exchanger"), uaWPerK: z.number().min(0).max(1000), litres: Litres }),
  z.object({ ...part, kind: z.literal("gauge"), reads: z.enum(["temperature", "pressure", "restriction"]) }),
  z.object({ ...part, kind: z.literal("tee") }),
  z.object({ ...part, kind: z.literal("check") }),
  z.object({ ...valve, kind: z.literal("three-way") }),
  z.object({ ...valve, kind: z.literal("shut-off") }),
  z.object({ ...part, kind: z.literal("injection-pump"), litresPerMinute: z.number().positive().max(100) }),
]);

const Celsius = z.number().min(0).max(150);

/** A fuel loop as it is kept with its vehicle. */
export const RigSchema: z.ZodType<Rig> = z.object({
  from: Id,
  parts: z.array(Part).min(1).max(60),
  hoses: z
    .array(
      z.object({
        id: Id,
        from: z.string().max(130),
        to: z.string().max(130),
        lengthMm: z.number().min(0).max(20_000),
        boreMm: z.number().min(1).max(60),
      }),
    )
    .max(80),
  controls: z
    .array(
      z.object({
        id: Id,
        name: Name,
        positions: z.array(Id).min(2).max(MOST_POSITIONS),
        thermostat: z.object({ tripCelsius: Celsius, resetCelsius: Celsius, cutOutCelsius: Celsius }).optional(),
      }),
    )
    .max(MOST_CONTROLS),
});
