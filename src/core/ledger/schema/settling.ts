import * as z from "../../zod";
import { CupId, VesselId } from "../ids";
import { Celsius, Litres, Measured, Millimetres, Minutes, Name, Share } from "./quantities";

/** How clear a jar is against the light: 1 like fresh oil, 5 as it was stirred. */
export const ClarityStep = z.int().min(1).max(5);

/** What the app said when a reading was taken, so that it can be held against the day the oil was drawn. */
const Said = z.object({ readyAt: z.iso.datetime({ precision: 3 }).optional() }).optional();

/** A stick's lines in mm from the bottom: the oil, the fat, the water, how far down it is clear; and the scum on top. */
export const DipSchema = z.object({
  vessel: VesselId,
  oilMm: Millimetres.optional(),
  fatMm: Millimetres.optional(),
  waterMm: Millimetres.optional(),
  clearMm: Millimetres.optional(),
  /** How thick what floats on top is. */
  scumMm: Millimetres.optional(),
  celsius: Celsius.optional(),
  forecast: Said,
});

/** A jar filled at a height and held to the light. */
export const JarSchema = z.object({
  vessel: VesselId,
  step: ClarityStep,
  atMm: Millimetres,
  celsius: Celsius.optional(),
  forecast: Said,
});

/** Stirred up, and what stood with it: all that is aboard when a trailer was driven. */
export const DisturbedSchema = z.object({
  vessel: VesselId,
  how: z.enum(["carried", "driven", "stirred", "heated"]),
  also: z.array(VesselId).max(100).optional(),
  /** The oil as the heater went off: from then on it cools, and clears while it is warm. */
  celsius: Celsius.optional(),
});

const Grams = z.number().positive().max(100_000);

export const WaterTestSchema = z.discriminatedUnion("how", [
  z.object({ how: z.literal("hot-pan"), vessel: VesselId, saw: z.enum(["quiet", "crackles", "foams"]) }),
  z
    .object({ how: z.literal("weigh"), vessel: VesselId, wetG: Grams, dryG: Grams })
    .refine((t) => t.dryG <= t.wetG, { path: ["dryG"], message: "heavier than before" }),
]);

/** Gelatine in warm water, stirred into a lot. */
export const FiningSchema = z.object({
  vessel: VesselId,
  waterLitres: Litres,
  gelatineG: Grams,
  celsius: Celsius.optional(),
});

/** A pass through a centrifuge: what comes out clean, and the paste that stays in the bowl. */
export const SpinSchema = z.object({
  from: VesselId,
  to: VesselId,
  amount: Measured,
  pasteLitres: z.number().min(0).max(10_000),
  cutUm: z.number().positive().max(2000),
  minutes: Minutes.optional(),
});

/** A batch through a displacement settler: raw oil in at the bottom, as much clean oil over the top. */
export const DisplaceSchema = z.object({
  header: VesselId,
  body: VesselId,
  overflow: VesselId,
  amount: Measured,
  /** Share of the body's dirt that still came over. */
  passingShare: Share,
  litresPerHour: z.number().positive().max(10_000).optional(),
});

export const CleanOutSchema = z.object({ vessel: VesselId, to: VesselId, amount: Measured });

/** The owner's own can with a hole, and what ran through it: fluids of known viscosity. */
export const CupSchema = z.object({
  id: CupId,
  name: Name,
  readings: z
    .array(z.object({ what: Name, nuMm2PerS: z.number().min(0.2).max(5000), seconds: z.number().min(0.5).max(36_000) }))
    .min(2)
    .max(50),
});
export type Cup = z.infer<typeof CupSchema>;

export const CupTestSchema = z.object({
  cup: CupId,
  vessel: VesselId,
  seconds: z.number().min(0.5).max(36_000),
  celsius: Celsius,
});

/** How a displacement settler is piped: where it is fed from, where it runs over to, and what it shall hold back. */
export const SettlerSchema = z.object({
  header: VesselId.optional(),
  overflow: VesselId.optional(),
  cutUm: z.number().min(1).max(500),
  sludgeMostMm: Millimetres.positive(),
  hoursADay: z.number().min(0.5).max(24),
});
export type Settler = z.infer<typeof SettlerSchema>;
