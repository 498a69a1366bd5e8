import * as z from "../../zod";
import type { Contents } from "../contents";
import { VehicleId, VesselId } from "../ids";
import { ranOnToo } from "../ranOn";
import { Celsius, Forecast, Kilometres, Measured, Minutes } from "../schema/quantities";
import { book, changeVessel, pourIn, qualityFrom, takeOut } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Driven: what was burned from which tank, and what a purge pushed back. */
export const trip = defineKind({
  kind: "trip",
  title: "Trip",
  version: 1,
  upcast: {},
  data: z.object({
    vehicle: VehicleId,
    km: Kilometres.optional(),
    /** What the hour meter read at the end. */
    hourMeter: z.number().min(0).max(1_000_000).optional(),
    outsideCelsius: Celsius.optional(),
    minutes: z.object({ startOnDiesel: Minutes, onOil: Minutes, purge: Minutes }),
    burned: z.array(Measured.extend({ from: VesselId })).max(4),
    returned: Measured.extend({ from: VesselId, to: VesselId }).optional(),
    forecast: Forecast.optional(),
  }),
  moves: ({ burned, returned }) => [
    ...burned.map((b) => flow("burn", b.from, null, b)),
    ...(returned ? [flow("pour", returned.from, returned.to, returned)] : []),
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { vehicle, burned, returned, km, hourMeter, forecast } }) {
    const state = yard.vehicles.get(vehicle);
    if (!state) return { code: "unknown-vehicle", vehicle };
    const used: Contents[] = [];
    for (const b of burned) {
      const taken = takeOut(yard, b.from, b, happenedAt);
      if (!taken.ok) return taken.error;
      used.push(taken.value);
    }
    if (returned) {
      const quality = qualityFrom(yard, returned.from);
      const pushed = takeOut(yard, returned.from, returned, happenedAt);
      if (!pushed.ok) return pushed.error;
      pourIn(yard, returned.to, pushed.value, happenedAt, { quality });
    }
    // Driving mixes what was only poured.
    for (const { from } of burned) changeVessel(yard, from, { pours: [] });
    const litres = used.reduce((sum, contents) => sum + contents.total, 0);
    for (const contents of used) book(yard, "burned", contents);
    yard.vehicles.set(vehicle, {
      ...state,
      km: state.km + (km ?? 0),
      trips: state.trips + 1,
      lastTripAt: happenedAt,
      hourMeter: hourMeter ?? state.hourMeter,
      residualOilShare: forecast?.residualShare ?? null,
      ranOn: used.reduce((known, contents) => ranOnToo(known, contents, yard.parts), state.ranOn),
      ...(km !== undefined && {
        measuredKm: state.measuredKm + km,
        measuredLitres: state.measuredLitres + litres,
      }),
    });
    return undefined;
  },
  called: {
    vehicle: "Vehicle",
    km: "Driven",
    hourMeter: "Hour meter, h",
    outsideCelsius: "Outside",
    "minutes.startOnDiesel": "Minutes on diesel at the start",
    "minutes.onOil": "Minutes on oil",
    "minutes.purge": "Minutes of purge",
    "burned.litres": "Burned",
    "burned.celsius": "Read at",
    "burned.from": "From",
    "returned.litres": "Pushed back",
    "returned.celsius": "Read at",
    "returned.from": "Out of",
    "returned.to": "Into",
    forecast: null,
  },
});
