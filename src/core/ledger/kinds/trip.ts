import * as z from "../../zod";
import type { Contents } from "../contents";
import { VehicleId, VesselId } from "../ids";
import { ranOnToo } from "../ranOn";
import { Celsius, Forecast, Kilometres, Measured, Minutes, OdometerKm } from "../schema/quantities";
import { TripEventSchema } from "../schema/tripEvent";
import { NOTICED, NoticedSchema } from "../schema/tripNote";
import { book, changeVessel, pourIn, qualityFrom, takeOut } from "../transfer";
import { burnsOil, dropIn, learnedFrom } from "../tripPast";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Driven: what was burned from which tank, and what a purge pushed back. */
export const trip = defineKind({
  kind: "trip",
  title: "Trip",
  version: 2,
  // Before, a trip pushed back one amount at the most.
  upcast: {
    1: (data) => {
      const { returned, ...kept } = data as { readonly returned?: unknown };
      return { ...kept, ...(returned !== undefined && { moved: [returned] }) };
    },
  },
  data: z.object({
    vehicle: VehicleId,
    km: Kilometres.optional(),
    /** What the hour meter read at the end. */
    hourMeter: z.number().min(0).max(1_000_000).optional(),
    outsideCelsius: Celsius.optional(),
    minutes: z.object({ startOnDiesel: Minutes, onOil: Minutes, purge: Minutes }),
    burned: z.array(Measured.extend({ from: VesselId })).max(4),
    /** From one tank into the other: by a purge, or by a valve that stood wrong. */
    moved: z
      .array(Measured.extend({ from: VesselId, to: VesselId }))
      .max(6)
      .optional(),
    /** Over the brim of a tank. */
    spilled: z
      .array(Measured.extend({ from: VesselId }))
      .max(4)
      .optional(),
    /** What the odometer read at the end. */
    odometerKm: OdometerKm.optional(),
    /** As it was logged under way, or from memory. */
    events: z.array(TripEventSchema).max(400).optional(),
    forecast: Forecast.optional(),
    /** How it ran: its smoke, smell, power and sound. */
    noticed: NoticedSchema.optional(),
    note: z.string().trim().max(500).meta({ is: "text" }).optional(),
  }),
  moves: ({ burned, moved = [], spilled = [] }) => [
    ...burned.map((b) => flow("burn", b.from, null, b)),
    ...moved.map((m) => flow("pour", m.from, m.to, m)),
    ...spilled.map((s) => flow("dispose", s.from, null, s)),
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const { vehicle, burned, moved = [], spilled = [], km, hourMeter, odometerKm, forecast } = data;
    const state = yard.vehicles.get(vehicle);
    if (!state) return { code: "unknown-vehicle", vehicle };
    const used: Contents[] = [];
    for (const b of burned) {
      const taken = takeOut(yard, b.from, b, happenedAt);
      if (!taken.ok) return taken.error;
      used.push(taken.value);
    }
    const lost: Contents[] = [];
    for (const s of spilled) {
      const taken = takeOut(yard, s.from, s, happenedAt);
      if (!taken.ok) return taken.error;
      lost.push(taken.value);
    }
    for (const m of moved) {
      const quality = qualityFrom(yard, m.from);
      const pushed = takeOut(yard, m.from, m, happenedAt);
      if (!pushed.ok) return pushed.error;
      pourIn(yard, m.to, pushed.value, happenedAt, { quality });
    }
    // Driving mixes what was only poured.
    for (const { from } of burned) changeVessel(yard, from, { pours: [] });
    for (const contents of used) book(yard, "burned", contents);
    for (const contents of lost) book(yard, "lost", contents);
    const ran = data.minutes.startOnDiesel + data.minutes.onOil + data.minutes.purge;
    const litres = used.reduce((sum, contents) => sum + contents.total, 0);
    yard.vehicles.set(vehicle, {
      ...state,
      km: state.km + (km ?? 0),
      trips: state.trips + 1,
      hours: state.hours + ran / 60,
      oilSince:
        state.oilSince ?? (burnsOil(used, yard.parts) ? { at: happenedAt, km: state.km, hours: state.hours } : null),
      lastDropKPa: dropIn(data.events ?? []) ?? state.lastDropKPa,
      lastTripAt: happenedAt,
      hourMeter: hourMeter ?? state.hourMeter,
      odometerKm:
        odometerKm ?? (state.odometerKm === null || km === undefined ? state.odometerKm : state.odometerKm + km),
      residualOilShare: forecast?.residualShare ?? null,
      ranOn: used.reduce((known, contents) => ranOnToo(known, contents, yard.parts), state.ranOn),
      ...learnedFrom(state, data, happenedAt, used, yard.parts),
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
    "moved.litres": "Pushed over",
    "moved.celsius": "Read at",
    "moved.from": "Out of",
    "moved.to": "Into",
    "spilled.litres": "Ran over",
    "spilled.celsius": "Read at",
    "spilled.from": "From",
    odometerKm: "Odometer",
    events: null,
    forecast: null,
    noticed: ["Noticed", NOTICED],
    note: "Note",
  },
});
