import * as z from "../../zod";

/** How a lot looked before it was taken: a jar held to the light, the nose, and what the kitchen says. */
export const CheckSchema = z.object({
  look: z.enum(["clear", "creamy", "wet"]),
  smell: z.enum(["fried", "sour", "solvent"]),
  /** What was fried in it, or that it was drained from an engine or gearbox. */
  fried: z.enum(["plants", "meat", "unknown", "engine"]),
  /** Water at the bottom of the container. */
  bottomWater: z.enum(["none", "some", "much"]),
});
export type Check = z.infer<typeof CheckSchema>;
