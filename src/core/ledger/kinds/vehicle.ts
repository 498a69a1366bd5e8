import { ARRANGEMENT_IDS, arrangementOf } from "../../driving";
import * as z from "../../zod";
import { VehicleId, VesselId } from "../ids";
import { Celsius, Litres, Millimetres, Name } from "../schema/quantities";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const Engine = {
  id: VehicleId,
  name: Name,
  burnLitresPerHour: Litres.max(500).meta({ is: "litres" }),
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
    returnTo: z.enum(ARRANGEMENT_IDS),
    lineLitres: Litres.max(50).meta({ is: "litres" }),
    pumpLitresPerMinute: Litres.max(100).meta({ is: "litres" }),
    tanksInSeries: z.number().int().min(1).max(20),
  }),
]);
export type Vehicle = z.infer<typeof VehicleSchema>;

export const vehicle = defineKind({
  kind: "vehicle",
  title: "Vehicle",
  version: 1,
  upcast: {},
  data: VehicleSchema,
  moves: MOVES_NOTHING,
  speaksOf: tanksOf,
  apply(yard, { data }) {
    const known = yard.vehicles.get(data.id);
    yard.vehicles.set(data.id, {
      km: 0,
      trips: 0,
      lastTripAt: null,
      hourMeter: null,
      residualOilShare: null,
      measuredLitres: 0,
      measuredKm: 0,
      ranOn: [],
      ...known,
      vehicle: data,
    });
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
    "suction.boreMm": "Suction hose, inside",
    "suction.lengthMm": "Suction hose, long",
    "suction.liftMm": "Pump above the bottom of the tank",
    "suction.pullKPa": "The pump can pull",
    tank: "Its tank",
    dieselTank: "Diesel tank",
    oilTank: "Oil tank",
    returnTo: ["Return on oil", Object.fromEntries(ARRANGEMENT_IDS.map((id) => [id, arrangementOf(id).name]))],
    lineLitres: "In the line",
    pumpLitresPerMinute: "Pump, a minute",
    tanksInSeries: "Mixed as so many tanks in a row",
  },
});

/** A vehicle's tanks; the one that a cold start draws from first. */
export function tanksOf(v: Vehicle): readonly [VesselId, ...VesselId[]] {
  return v.kind === "single" ? [v.tank] : [v.dieselTank, v.oilTank];
}
