import { DEFAULT_WAY_MARKS, WAY_IDS } from "../../costs";
import { ACID_STAGE_ABOVE_PCT, DEFAULT_FUEL_TEST_MARKS, DEFAULT_PHASE_MARKS, FUEL_TESTS } from "../../kettle";
import * as z from "../../zod";
import { AirCelsius, Celsius, Millimetres, Name, Price, Share } from "../schema/quantities";
import { CoordinatesSchema } from "../schema/where";
import type { YardState } from "../state";
import { usualNights, usualShed } from "../usualYear";
import { tellShed, tellTonight } from "../weatherState";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const Hours100 = z.number().min(0).max(200);
const WasteShare = Share.max(0.9);

/** The yard's own marks; every one may be changed by its owner. */
const SettingsSchema = z.object({
  yardName: Name,
  pumpLimitMm2PerS: z.number().min(2).max(100),
  marginMm: Millimetres,
  usedFactor: z.number().min(0.5).max(5),
  fatLimitShare: Share,
  shedCelsius: AirCelsius,
  tonightLowCelsius: AirCelsius,
  volumeUnit: z.enum(["l", "gal", "impgal"]),
  temperatureUnit: z.enum(["c", "f"]),
  lengthUnit: z.enum(["mm", "in"]),
  distanceUnit: z.enum(["km", "mi"]),
  massUnit: z.enum(["kg", "lb"]),
  pressureUnit: z.enum(["bar", "psi"]),
  gloves: z.boolean(),
  theme: z.enum(["day", "night"]),
  /** Where the yard is; null until its owner says, and then the map has no earth under it. */
  home: CoordinatesSchema.nullable(),
  /** ISO 4217, for how money is written. */
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** What a litre of bought fuel costs: what a usable litre saves. */
  fuelPricePerLitre: Price,
  costPerKm: Price,
  roundKmPerHour: z.number().min(5).max(120),
  roundHours: z.number().min(0.25).max(24),
  /** Roads wind: their length over the crow's. */
  windingFactor: z.number().min(1).max(3),
  /** How the shed's temperature goes on from the last that was logged. */
  shedAhead: z.enum(["held", "typed", "year"]),
  shedAheadCelsius: AirCelsius,
  /** January to December, the shed's means. */
  shedMonthsCelsius: z.array(AirCelsius).length(12),
  energyPricePerKwh: Price,
  /** How hot the kettle makes oil to clear it, the heater's power and how slowly a lagged kettle cools. */
  warmToCelsius: Celsius.min(20).max(95).meta({ is: "celsius" }),
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
  /** Fines that are waited for, µm; smaller ones are the bags' work. */
  readyFinesUm: z.union([z.literal(12), z.literal(16), z.literal(20)]),
  /** How slowly a drum cools that stands open to the shed. */
  openCoolingHours: z.number().min(0.5).max(200),
  /** How long fuel keeps at 20 °C, dark and closed. */
  oilKeepsDays: z.number().min(30).max(3650),
  esterKeepsDays: z.number().min(30).max(3650),
  /** January to December, the coldest night to expect. */
  nightMonthsCelsius: z.array(AirCelsius).length(12),
  /** How long a petrol blend stands before nine tenths of its gums are down. */
  petrolStandHours: z.number().min(1).max(2000),
  /** Jugs and scoops that are poured with. */
  measures: z.array(z.object({ name: Name, litres: z.number().min(0.05).max(100) })).max(6),
  wagePerHour: Price,
  /** What each way takes, by its owner's own experience. */
  wayMarks: z.object({
    blendHoursPer100L: Hours100,
    petrolHoursPer100L: Hours100,
    heatedHoursPer100L: Hours100,
    biodieselHoursPer100L: Hours100,
    blendWasteShare: WasteShare,
    petrolWasteShare: WasteShare,
    heatedWasteShare: WasteShare,
    biodieselWasteShare: WasteShare,
    biodieselDays: z.number().min(0).max(90),
    bagsPerLitre: Price,
    disposalPerLitre: Price,
    reagentsPerLitre: Price,
    biodieselKwhPerLitre: z.number().min(0).max(10),
    secondTankCost: Price,
    secondTankLitres: z.number().min(1).max(1_000_000),
    heatedDieselShare: Share.max(0.9),
    co2KgPerDieselLitre: z.number().min(0).max(5),
  }),
  /** Ways whose kit stands idle until the price makes them worth it again. */
  mothballed: z.array(z.enum(WAY_IDS)).max(7),
  /** Free acid above this wants an acid stage first. */
  acidStageAbovePct: z.number().min(0.5).max(20),
  /** Methanol that may be kept here, by local rules and its owner's own. */
  methanolLimitLitres: z.number().min(1).max(100_000),
  /** What a batch is asked before it is fuel. */
  fuelTests: z.object({
    undissolvedShare: Share,
    soapPpm: z.number().min(1).max(100_000),
    waterPpm: z.number().min(10).max(100_000),
    phFrom: z.number().min(1).max(14),
    phTo: z.number().min(1).max(14),
    rho15FromKgPerL: z.number().min(0.7).max(1.1),
    rho15ToKgPerL: z.number().min(0.7).max(1.1),
    acidNumber: z.number().min(0.05).max(50),
    needed: z.array(z.enum(FUEL_TESTS)).max(7),
  }),
  /** How things part between the layers in its kettles. */
  phases: z.object({
    methanolToGlycerolShare: Share,
    soapToGlycerolShare: Share,
    soapPartition: z.number().min(0.1).max(1000),
    waterInWashedPpm: z.number().min(100).max(20_000),
    fuelToWaterShare: Share.max(0.3),
  }),
  /** Fixed-size recipes filled to marks. */
  kits: z
    .array(
      z.object({
        name: Name,
        oilLitres: z.number().positive().max(10_000),
        methanolLitres: z.number().positive().max(10_000),
        lyeG: z.number().positive().max(100_000),
        base: z.enum(["NaOH", "KOH"]),
        sulfuricMl: z.number().positive().max(10_000).optional(),
        acidMethanolLitres: z.number().positive().max(10_000).optional(),
        oilKind: Name.optional(),
      }),
    )
    .max(6),
  /** A bag that lets through less than this is choked to its owner. */
  patienceLitresPerHour: z.number().min(0.1).max(500),
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
  lengthUnit: "mm",
  distanceUnit: "km",
  massUnit: "kg",
  pressureUnit: "bar",
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
  readyFinesUm: 16,
  openCoolingHours: 7,
  oilKeepsDays: 365,
  patienceLitresPerHour: 5,
  esterKeepsDays: 180,
  nightMonthsCelsius: [-6, -6, -3, 0, 3, 7, 9, 9, 6, 2, -2, -5],
  petrolStandHours: 24,
  measures: [],
  wagePerHour: 10,
  wayMarks: DEFAULT_WAY_MARKS,
  mothballed: [],
  acidStageAbovePct: ACID_STAGE_ABOVE_PCT,
  methanolLimitLitres: 60,
  fuelTests: { ...DEFAULT_FUEL_TEST_MARKS, needed: [...DEFAULT_FUEL_TEST_MARKS.needed] },
  phases: DEFAULT_PHASE_MARKS,
  kits: [],
};

type Months = { readonly [K in "home" | "nightMonthsCelsius" | "shedMonthsCelsius"]?: Settings[K] | undefined };

/** Whose months they are; where only the yard's place is known, they start from its hemisphere and nights. */
function startMonths(yard: YardState, { home, nightMonthsCelsius, shedMonthsCelsius }: Months): void {
  if (nightMonthsCelsius) yard.nightsBy = "owner";
  if (shedMonthsCelsius) yard.shedYearBy = "owner";
  if (!home) return;
  const { latitude } = home;
  if (yard.nightsBy !== "owner") {
    yard.nightsBy = "home";
    yard.settings = { ...yard.settings, nightMonthsCelsius: usualNights(latitude) };
  }
  if (yard.shedYearBy !== "owner") {
    yard.shedYearBy = "home";
    yard.settings = { ...yard.settings, shedMonthsCelsius: usualShed(latitude) };
  }
}

export const settings = defineKind({
  kind: "settings",
  title: "Marks",
  version: 1,
  upcast: {},
  data: SettingsSchema.partial(),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    if (data.fuelPricePerLitre !== undefined)
      yard.prices.set("diesel", { at: happenedAt, pricePerLitre: data.fuelPricePerLitre, steps: [] });
    if (data.shedCelsius !== undefined) tellShed(yard, happenedAt, data.shedCelsius);
    if (data.tonightLowCelsius !== undefined) tellTonight(yard, happenedAt, data.tonightLowCelsius);
    const given = Object.entries(data).filter(([, value]) => value !== undefined);
    yard.settings = { ...yard.settings, ...Object.fromEntries(given) };
    startMonths(yard, data);
    return undefined;
  },
  // Marks are changed in the Shed, each where it is explained.
  called: { "": null },
});
