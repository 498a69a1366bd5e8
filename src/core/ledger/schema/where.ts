import * as z from "../../zod";

export const CoordinatesSchema = z.object({
  latitude: z.number().min(-90).max(90),
  longitude: z.number().min(-180).max(180),
});
export type Coordinates = z.infer<typeof CoordinatesSchema>;

/** Where something is: on the earth, or a spot on the schematic map, counted from home. */
export const SpotSchema = z.discriminatedUnion("kind", [
  CoordinatesSchema.extend({ kind: z.literal("earth") }),
  z.object({
    kind: z.literal("map"),
    eastKm: z.number().min(-2000).max(2000),
    northKm: z.number().min(-2000).max(2000),
  }),
]);
export type Spot = z.infer<typeof SpotSchema>;

const MINUTES_A_DAY = 1440;

/** Hours at which somebody opens the door, by the clock on the wall; Monday is 1. */
export const AccessSchema = z
  .object({
    weekdays: z.array(z.number().int().min(1).max(7)).min(1).max(7),
    fromMinute: z.number().int().min(0).max(MINUTES_A_DAY),
    toMinute: z.number().int().min(0).max(MINUTES_A_DAY),
  })
  .refine((a) => a.fromMinute < a.toMinute, { path: ["toMinute"], message: "closes before it opens" });
export type Access = z.infer<typeof AccessSchema>;
