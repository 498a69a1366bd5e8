import { SERVICES } from "../../driving/upkeep";
import * as z from "../../zod";
import { VehicleId, VesselId } from "../ids";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { Measured } from "../schema/quantities";
import { book, takeOut } from "../transfer";
import { FOUND_WORDS, SERVICE_WORDS } from "../words";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const MOST_KEPT = 80;

/** Looked after: a filter changed, water let out, hoses looked at; what came out with it leaves the tank. */
export const service = defineKind({
  kind: "service",
  title: "Upkeep",
  version: 1,
  upcast: {},
  data: z.object({
    vehicle: VehicleId,
    what: z.enum(SERVICES),
    /** Which part of its loop. */
    part: z.string().trim().min(1).max(60).meta({ is: "text" }).optional(),
    found: z.enum(Object.keys(FOUND_WORDS) as [keyof typeof FOUND_WORDS, ...(keyof typeof FOUND_WORDS)[]]).optional(),
    drained: Measured.extend({ from: VesselId }).optional(),
    /** Spare filters left aboard, counted. */
    sparesAboard: z.int().min(0).max(99).optional(),
    lockedOut: LockedOut,
  }),
  moves: ({ drained }) => (drained ? [flow("dispose", drained.from, null, drained, "bottom")] : []),
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const state = yard.vehicles.get(data.vehicle);
    if (!state) return { code: "unknown-vehicle", vehicle: data.vehicle };
    if (data.drained) {
      const gone = takeOut(yard, data.drained.from, data.drained, happenedAt, "bottom");
      if (!gone.ok) return gone.error;
      book(yard, "disposed", gone.value);
    }
    const done = {
      at: happenedAt,
      what: data.what,
      part: data.part ?? null,
      found: data.found ?? null,
      km: state.km,
      hours: state.hours,
    };
    yard.vehicles.set(data.vehicle, {
      ...state,
      services: [...state.services, done].slice(-MOST_KEPT),
      sparesAboard: data.sparesAboard ?? spares(state.sparesAboard, data.what),
      // A new filter begins with no drop.
      lastDropKPa: data.what === "filter" ? null : state.lastDropKPa,
    });
    return undefined;
  },
  called: {
    vehicle: "Vehicle",
    what: ["What was done", SERVICE_WORDS],
    part: "Which part",
    found: ["As it was found", FOUND_WORDS],
    "drained.litres": "Let out",
    "drained.celsius": "Read at",
    "drained.from": "Out of",
    sparesAboard: "Spare filters aboard",
    lockedOut: LOCKED_OUT_CALLED,
  },
});

/** A filter that was changed came from those aboard, where somebody counts them. */
const spares = (aboard: number | null, what: (typeof SERVICES)[number]): number | null =>
  aboard === null || what !== "filter" ? aboard : Math.max(0, aboard - 1);
