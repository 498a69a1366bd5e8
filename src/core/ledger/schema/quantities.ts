import { CHEMICAL_IDS, COMPONENT_IDS, FLUID_IDS, isFluidId, type OwnFluidId as OwnId } from "../../fluids";
import * as z from "../../zod";

/** Quantities of entries. Each says what it is (`is`), so that a form can be made of any entry: see `kinds/fields.ts`. */

const MOST_LITRES = 1_000_000;

/** More than nothing; a drum yard never holds a million litres. */
export const Litres = z.number().positive().max(MOST_LITRES).meta({ is: "litres" });
/** As `Litres`, and nothing at all may be said. */
export const LitresOrNone = z.number().min(0).max(MOST_LITRES).meta({ is: "litres" });
export const Celsius = z.number().min(-60).max(200).meta({ is: "celsius" });
/** Of a shed, or of a night. */
export const AirCelsius = z.number().min(-40).max(60).meta({ is: "celsius" });
export const Millimetres = z.number().min(0).max(20_000).meta({ is: "mm" });
export const Minutes = z.number().min(0).max(100_000).meta({ is: "minutes" });
export const Share = z.number().min(0).max(1).meta({ is: "share" });
export const Kilograms = z.number().positive().max(1_000_000).meta({ is: "kg" });
export const Grams = z.number().positive().max(100_000).meta({ is: "g" });
/** Of a way. */
export const Kilometres = z.number().min(0).max(100_000).meta({ is: "km" });
/** As an odometer stands: of an old truck it has run over more than once. */
export const OdometerKm = z.number().min(0).max(10_000_000).meta({ is: "km" });
export const Name = z.string().trim().min(1).max(60).meta({ is: "text" });
export const Words = z.string().trim().min(1).max(200).meta({ is: "text" });
export const Text = z.string().max(500).meta({ is: "text" });
/** A fluid of the yard's own, "diesel~Winter diesel": the row that it is like, and its name. */
export const OwnFluidId = z
  .templateLiteral([z.enum(FLUID_IDS), "~", z.string().min(1).max(40)])
  .refine((id): id is OwnId => isFluidId(id), "the row that it is like, ~ and its name");
export const Fluid = z.union([z.enum(FLUID_IDS), OwnFluidId]).meta({ is: "fluid" });
export const Component = z.union([z.enum(COMPONENT_IDS), OwnFluidId]).meta({ is: "fluid" });
/** What is sold: fuels and oils, and what a kettle needs. */
export const Bought = z.union([z.enum([...FLUID_IDS, ...CHEMICAL_IDS]), OwnFluidId]).meta({ is: "fluid" });
/** UTC, to the millisecond, so that text order is time order. */
export const Iso = z.iso.datetime({ precision: 3 }).meta({ is: "time" });

/** Money in the yard's own currency; below nothing is what they pay. */
export const Money = z.number().min(-1e6).max(1e6).meta({ is: "money" });
export const Price = z.number().min(0).max(1e6).meta({ is: "money" });

/** Litres as read, with the temperature they were read at; without one they count as read at 15 °C. */
export const Measured = z.object({ litres: Litres, celsius: Celsius.optional() });
export type Measured = z.infer<typeof Measured>;

/** Litres as read, or everything that is there. */
export const MeasuredOrAll = z.union([Measured, z.object({ all: z.literal(true), celsius: Celsius.optional() })]);
export type MeasuredOrAll = z.infer<typeof MeasuredOrAll>;

/** What is moved of a standing vessel: a share of all of it, or one end of it. */
export const Layer = z.enum(["mixed", "top", "bottom"]);
export type Layer = z.infer<typeof Layer>;

/** What still hung of each kind in what was taken, 0 to 1 of what came. */
export const HungShares = z.object({ sludge: Share, water: Share, fat: Share });

/** What the app said at the time; kept with the entry, so a better model never rewrites history. */
export const Forecast = z.object({
  readyAt: Iso.optional(),
  litres: LitresOrNone.optional(),
  drawOffMm: Millimetres.optional(),
  residualShare: Share.optional(),
  nuMm2PerS: z.number().positive().optional(),
});

/** What the app said when a reading was taken, so that it can be held against the day the oil was drawn. */
export const Said = z.object({ readyAt: Iso.optional() }).optional();

/** How clear a jar is against the light: 1 like fresh oil, 5 as it was stirred. */
export const ClarityStep = z.int().min(1).max(5).meta({ is: "step" });
