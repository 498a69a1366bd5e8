import { LOOPED_TANKS, STRAIGHT_TANKS } from "../../driving/rig/line";
import { rigFromShelf } from "../../driving/rig/shelf";
import { withLineLitres, withPumpFlow } from "../../driving/rig/size";
import { SERVICES } from "../../driving/upkeep";
import * as z from "../../zod";
import { VehicleId, VesselId } from "../ids";
import { Celsius, Litres, Millimetres, Name } from "../schema/quantities";
import { RigSchema } from "../schema/rig";
import { freshVehicle } from "../vehicleState";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const IntervalSchema = z.object({
  km: z.number().positive().max(1_000_000).optional(),
  hours: z.number().positive().max(100_000).optional(),
  months: z.number().positive().max(240).optional(),
});

const Intervals = Object.fromEntries(SERVICES.map((s) => [s, IntervalSchema.optional()])) as Record<
  (typeof SERVICES)[number],
  z.ZodOptional<typeof IntervalSchema>
>;

const Engine = {
  id: VehicleId,
  name: Name,
  burnLitresPerHour: Litres.max(500).meta({ is: "litres" }),
  /** Its fuel loop: parts, hoses, and what turns the valves. */
  rig: RigSchema,
  /** As its owner knows it, until trips with their kilometres say better. */
  litresPer100Km: Litres.max(500).meta({ is: "litres" }).optional(),
  /** What its injection pump takes; absent: the yard's mark. */
  pumpLimitMm2PerS: z.number().min(2).max(100).optional(),
  /** How warm fuel is at the pump once it runs: a line heater, or the engine's own. */
  atPumpCelsius: Celsius.min(0).max(120).meta({ is: "celsius" }).optional(),
  /** A cheap one: new blends are tried in it. */
  isTryOut: z.boolean().optional(),
  /** A machine that never goes on the road: dyed fuel may be for it. */
  isOffRoad: z.boolean().optional(),
  /** Its owner runs it on blends of engine oil and petrol: an old engine that may wear by it. */
  takesBlackBlends: z.boolean().optional(),
  /** Counted in hours and not in kilometres: a generator, a stove, a tractor. */
  isStationary: z.boolean().optional(),
  /** Starts by itself: it is locked out before anybody fills it. */
  selfStarts: z.boolean().optional(),
  /** Oil at the pump must be this hot before it is switched to; absent: 70 °C. */
  gateCelsius: Celsius.min(0).max(120).meta({ is: "celsius" }).optional(),
  /** Where its thermostat holds the coolant; absent: 88 °C. */
  thermostatCelsius: Celsius.min(40).max(120).meta({ is: "celsius" }).optional(),
  /** After how long each thing is done, where its owner does it otherwise than is usual. */
  upkeep: z.object(Intervals).optional(),
  /** The hose that oil is drawn through cold, how far the pump stands above the tank, and what it can pull. */
  suction: z
    .object({
      boreMm: Millimetres.min(2).max(60).meta({ is: "mm" }),
      lengthMm: Millimetres.min(50),
      liftMm: Millimetres.max(5000).meta({ is: "mm" }),
      pullKPa: z.number().min(1).max(95).meta({ is: "kpa" }),
    })
    .optional(),
};

const VehicleSchema = z.discriminatedUnion("kind", [
  z.object({ ...Engine, kind: z.literal("single"), tank: VesselId }),
  z.object({
    ...Engine,
    kind: z.literal("dual"),
    dieselTank: VesselId,
    oilTank: VesselId,
    /** How its line mixes, where its owner has said so; absent: as is usual, or as its own purges say. */
    tanksInSeries: z.number().int().min(1).max(20).optional(),
  }),
]);
export type Vehicle = z.infer<typeof VehicleSchema>;

export const vehicle = defineKind({
  kind: "vehicle",
  title: "Vehicle",
  version: 2,
  // Before, a vehicle said where its return went and what its line held, and no more.
  upcast: { 1: (data) => withRig(data as VehicleBefore) },
  data: VehicleSchema,
  moves: MOVES_NOTHING,
  speaksOf: tanksOf,
  apply(yard, { data }) {
    const known = yard.vehicles.get(data.id);
    yard.vehicles.set(data.id, { ...(known ?? freshVehicle(data)), vehicle: data });
    return undefined;
  },
  called: {
    id: null,
    kind: null,
    name: "Its name",
    burnLitresPerHour: "Burns an hour",
    litresPer100Km: "On 100 km",
    pumpLimitMm2PerS: "Its pump takes up to, mm²/s",
    atPumpCelsius: "Fuel at the pump, once it runs",
    isTryOut: "New blends are tried in it",
    isOffRoad: "Never goes on the road",
    takesBlackBlends: "Runs on black blends",
    "suction.boreMm": "Suction hose, inside",
    "suction.lengthMm": "Suction hose, long",
    "suction.liftMm": "Pump above the bottom of the tank",
    "suction.pullKPa": "The pump can pull",
    tank: "Its tank",
    dieselTank: "Diesel tank",
    oilTank: "Oil tank",
    isStationary: "Counted in hours",
    selfStarts: "Starts by itself",
    gateCelsius: "Switched to oil from",
    thermostatCelsius: "Its thermostat holds",
    rig: null,
    upkeep: null,
    tanksInSeries: "Mixed as so many tanks in a row",
  },
});

/** A vehicle's tanks; the one that a cold start draws from first. */
export function tanksOf(v: Vehicle): readonly [VesselId, ...VesselId[]] {
  return v.kind === "single" ? [v.tank] : [v.dieselTank, v.oilTank];
}

/** As vehicles were written before they had a fuel loop. */
type VehicleBefore = { readonly burnLitresPerHour: number } & (
  | { readonly kind: "single" }
  | {
      readonly kind: "dual";
      readonly returnTo: "loop" | "oil-tank";
      readonly lineLitres: number;
      readonly pumpLitresPerMinute: number;
      readonly tanksInSeries: number;
    }
);

/** The arrangement that it said it was, with hoses that hold what it said. How it mixes is only kept where that is unusual. */
function withRig(before: VehicleBefore) {
  if (before.kind === "single") return { ...before, rig: rigFromShelf("plain") };
  const { returnTo, lineLitres, pumpLitresPerMinute, tanksInSeries, ...kept } = before;
  const rig = withPumpFlow(rigFromShelf(returnTo), pumpLitresPerMinute);
  const usual = returnTo === "loop" ? LOOPED_TANKS : STRAIGHT_TANKS;
  return {
    ...kept,
    rig: withLineLitres(rig, lineLitres, before.burnLitresPerHour / 60),
    ...(tanksInSeries !== usual && { tanksInSeries }),
  };
}
