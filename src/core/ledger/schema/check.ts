import * as z from "../../zod";
import { LOOKS } from "../words";

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

/** What the fields of a check are called, where an entry holds one. */
export const CHECK_CALLED = {
  "check.look": ["Held to the light", LOOKS],
  "check.smell": ["Smells", { fried: "Of frying", sour: "Sour", solvent: "Of solvent" }],
  "check.fried": [
    "What was fried in it",
    { plants: "Chips, vegetables", meat: "Meat, fish in batter", unknown: "Nobody knows", engine: "From an engine" },
  ],
  "check.bottomWater": ["Water at the bottom", { none: "None", some: "Some", much: "Much" }],
} as const;
