import * as z from "../../zod";
import { BagId, PlaceId, SourceId, VehicleId, VesselId } from "../ids";
import { Fluid, Litres, Millimetres, Money, Name } from "./quantities";
import { SettlerSchema } from "./settling";
import { AccessSchema, CoordinatesSchema, SpotSchema } from "./where";

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
    /** Aboard a van, bus or trailer; absent: at home. */
    place: PlaceId.optional(),
    /** Kept for engine and gearbox oil. */
    apart: z.boolean().optional(),
    /** Only a displacement settler has this. */
    settler: SettlerSchema.optional(),
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

const Words = z.string().trim().min(1).max(200);

/** Who gives oil. Fresh, it has a name and a container; the rest is asked when it matters. */
export const SourceSchema = z.object({
  id: SourceId,
  name: Name,
  container: Name,
  fluid: Fluid.optional(),
  dirt: z.enum(["light-fryer", "meaty-fryer", "engine-oil"]).optional(),
  usualLitres: Litres.optional(),
  fries: Words.optional(),
  containerLitres: Litres.optional(),
  containerCount: z.number().int().min(1).max(1000).optional(),
  /** What they want for a litre; below nothing, what they pay to have it taken. */
  pricePerLitre: z.number().min(-100).max(100).optional(),
  access: z.array(AccessSchema).max(21).optional(),
  spot: SpotSchema.optional(),
  minutesThere: z.number().min(1).max(600).optional(),
  contact: Words.optional(),
  notes: z.string().trim().min(1).max(500).optional(),
});
export type Source = z.infer<typeof SourceSchema>;

export const BagSchema = z.object({
  id: BagId,
  name: Name,
  ratingUm: z.number().positive().max(2000),
  areaM2: z.number().positive().max(50),
  price: Money.min(0).optional(),
});
export type Bag = z.infer<typeof BagSchema>;

/** What moves with its own containers: a payload, a vehicle whose tanks say how far it gets, and where it stands. */
export const PlaceSchema = z.object({
  id: PlaceId,
  name: Name,
  kind: z.enum(["van", "bus", "trailer"]),
  payloadKg: z.number().positive().max(100_000),
  vehicle: VehicleId.optional(),
  /** Where it stands when it is not at home: a traveller's rounds start here. */
  spot: SpotSchema.optional(),
});
export type Place = z.infer<typeof PlaceSchema>;

const Engine = {
  id: VehicleId,
  name: Name,
  burnLitresPerHour: z.number().positive().max(500),
  /** As its owner knows it, until trips with their kilometres say better. */
  litresPer100Km: z.number().positive().max(500).optional(),
};

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
  /** Where the yard is; null until its owner says, and then the map has no earth under it. */
  home: CoordinatesSchema.nullable(),
  /** ISO 4217, for how money is written. */
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** What a litre of bought fuel costs: what a usable litre saves. */
  fuelPricePerLitre: Money.min(0),
  costPerKm: Money.min(0),
  roundKmPerHour: z.number().min(5).max(120),
  roundHours: z.number().min(0.25).max(24),
  /** Roads wind: their length over the crow's. */
  windingFactor: z.number().min(1).max(3),
  /** How the shed's temperature goes on from the last that was logged. */
  shedAhead: z.enum(["held", "typed", "year"]),
  shedAheadCelsius: z.number().min(-40).max(60),
  /** January to December, the shed's means. */
  shedMonthsCelsius: z.array(z.number().min(-40).max(60)).length(12),
  energyPricePerKwh: Money.min(0),
  /** How hot the kettle makes oil to clear it, the heater's power and how slowly a lagged kettle cools. */
  warmToCelsius: z.number().min(20).max(95),
  heaterKw: z.number().min(0.05).max(50),
  coolingHours: z.number().min(1).max(500),
  fining: z.object({
    waterShare: z.number().min(0.01).max(0.5),
    gelatineGPerL: z.number().min(1).max(200),
    restHours: z.number().min(1).max(240),
  }),
  centrifuge: z.object({
    outerRadiusMm: z.number().min(5).max(500),
    innerRadiusMm: z.number().min(1).max(499),
    lengthMm: z.number().min(10).max(2000),
    rpm: z.number().min(100).max(50_000),
    efficiency: z.number().min(0.05).max(1),
    celsius: z.number().min(0).max(95),
    cutUm: z.number().min(0.5).max(100),
  }),
  /** Water above this is wet, as a share by weight. */
  waterLimitShare: z.number().min(0.00005).max(0.05),
  dropMillilitres: z.number().min(0.005).max(0.5),
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
  home: null,
  currency: "EUR",
  fuelPricePerLitre: 1.6,
  costPerKm: 0.25,
  roundKmPerHour: 35,
  roundHours: 3,
  windingFactor: 1.3,
  shedAhead: "held",
  shedAheadCelsius: 15,
  shedMonthsCelsius: [6, 6, 8, 10, 13, 16, 18, 18, 16, 13, 9, 7],
  energyPricePerKwh: 0.3,
  warmToCelsius: 40,
  heaterKw: 2,
  coolingHours: 20,
  fining: { waterShare: 0.1, gelatineGPerL: 40, restHours: 12 },
  centrifuge: {
    outerRadiusMm: 50,
    innerRadiusMm: 30,
    lengthMm: 200,
    rpm: 6000,
    efficiency: 0.5,
    celsius: 70,
    cutUm: 5,
  },
  waterLimitShare: 0.001,
  dropMillilitres: 0.04,
};
