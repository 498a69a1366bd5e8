import { FLUID_IDS } from "../../fluids";
import * as z from "../../zod";

const MOST_LITRES = 1_000_000;

/** More than nothing; a drum yard never holds a million litres. */
export const Litres = z.number().positive().max(MOST_LITRES);
export const Celsius = z.number().min(-60).max(200);
export const Millimetres = z.number().min(0).max(20_000);
export const Minutes = z.number().min(0).max(100_000);
export const Share = z.number().min(0).max(1);
export const Name = z.string().trim().min(1).max(60);
export const Fluid = z.enum(FLUID_IDS);
export const Component = z.enum([...FLUID_IDS, "water", "sludge"]);

/** Litres as read, with the temperature they were read at; without one they count as read at 15 °C. */
export const Measured = z.object({ litres: Litres, celsius: Celsius.optional() });
export type Measured = z.infer<typeof Measured>;

/** Litres as read, or everything that is there. */
export const MeasuredOrAll = z.union([Measured, z.object({ all: z.literal(true), celsius: Celsius.optional() })]);
export type MeasuredOrAll = z.infer<typeof MeasuredOrAll>;

/** Money in the yard's own currency; below nothing is what they pay. */
export const Money = z.number().min(-1e6).max(1e6);
