import * as z from "../../zod";
import { BagId, SourceId, VehicleId, VesselId } from "../ids";
import { Fluid, Litres, Millimetres, Name } from "./quantities";

const Length = z.number().min(0.1).max(20_000);
const named = (title: string) => Length.meta({ title, "x-unit": "mm" });

export const ShapeSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("cylinder"), diameterMm: named("Diameter") }),
  z.object({ kind: z.literal("lying-cylinder"), diameterMm: named("Diameter"), lengthMm: named("Length") }),
  z.object({ kind: z.literal("box"), lengthMm: named("Length"), widthMm: named("Width") }),
  z.object({
    kind: z.literal("cone-cylinder"),
    diameterMm: named("Diameter"),
    coneHeightMm: named("Height of the cone"),
    outletDiameterMm: named("Diameter of the outlet"),
  }),
  z.object({
    kind: z.literal("table"),
    points: z
      .array(z.tuple([Length, Litres]).readonly())
      .min(1)
      .max(500)
      .refine(
        (points) =>
          points.every(([mm, l], i) => i === 0 || (mm > (points[i - 1]?.[0] ?? 0) && l >= (points[i - 1]?.[1] ?? 0))),
        "heights must rise",
      )
      .readonly(),
  }),
]);

/** What a vessel is for; it decides the station it stands at. */
export const VESSEL_ROLES = [
  "raw",
  "settling",
  "settler",
  "heel",
  "feed",
  "blend",
  "kettle",
  "ready",
  "thinner",
  "tank",
  "waste",
] as const;
export type VesselRole = (typeof VESSEL_ROLES)[number];

export const VesselSchema = z
  .object({
    id: VesselId,
    name: Name,
    role: z.enum(VESSEL_ROLES),
    shape: ShapeSchema,
    rimMm: Millimetres.positive(),
  })
  .refine((v) => v.shape.kind !== "lying-cylinder" || v.rimMm <= v.shape.diameterMm, {
    path: ["rimMm"],
    message: "rim above a lying cylinder",
  })
  .refine((v) => v.shape.kind !== "table" || v.rimMm <= (v.shape.points.at(-1)?.[0] ?? 0), {
    path: ["rimMm"],
    message: "rim above the table",
  });
export type Vessel = z.infer<typeof VesselSchema>;

export const SourceSchema = z.object({
  id: SourceId,
  name: Name,
  container: Name,
  fluid: Fluid.optional(),
  dirt: z.enum(["light-fryer", "meaty-fryer", "engine-oil"]).optional(),
  usualLitres: Litres.optional(),
});
export type Source = z.infer<typeof SourceSchema>;

export const BagSchema = z.object({
  id: BagId,
  name: Name,
  ratingUm: z.number().positive().max(2000),
  areaM2: z.number().positive().max(50),
});
export type Bag = z.infer<typeof BagSchema>;

const Engine = { id: VehicleId, name: Name, burnLitresPerHour: z.number().positive().max(500) };

export const VehicleSchema = z.discriminatedUnion("kind", [
  z.object({ ...Engine, kind: z.literal("single"), tank: VesselId }),
  z.object({
    ...Engine,
    kind: z.literal("dual"),
    dieselTank: VesselId,
    oilTank: VesselId,
    returnTo: z.enum(["loop", "oil-tank"]),
    lineLitres: z.number().positive().max(50),
    pumpLitresPerMinute: z.number().positive().max(100),
    tanksInSeries: z.number().int().min(1).max(20),
  }),
]);
export type Vehicle = z.infer<typeof VehicleSchema>;

/** The yard's own marks; every one may be changed by its owner. */
export const SettingsSchema = z.object({
  yardName: Name,
  pumpLimitMm2PerS: z.number().min(2).max(100),
  marginMm: Millimetres,
  usedFactor: z.number().min(0.5).max(5),
  fatLimitShare: z.number().min(0).max(1),
  shedCelsius: z.number().min(-40).max(60),
  tonightLowCelsius: z.number().min(-40).max(60),
  volumeUnit: z.enum(["l", "gal", "impgal"]),
  temperatureUnit: z.enum(["c", "f"]),
  gloves: z.boolean(),
  theme: z.enum(["day", "night"]),
});
export type Settings = z.infer<typeof SettingsSchema>;

export const DEFAULT_SETTINGS: Settings = {
  yardName: "My yard",
  pumpLimitMm2PerS: 15,
  marginMm: 25,
  usedFactor: 1.15,
  fatLimitShare: 0.05,
  shedCelsius: 15,
  tonightLowCelsius: 5,
  volumeUnit: "l",
  temperatureUnit: "c",
  gloves: false,
  theme: "day",
};
