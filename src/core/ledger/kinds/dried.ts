import { componentOf } from "../../fluids";
import * as z from "../../zod";
import { noBatch } from "../batches";
import { BatchId, VesselId } from "../ids";
import { Celsius, Component, Kilograms } from "../schema/quantities";
import { book, takeGone } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Water and methanol driven off by warmth, air or time: it is lost to the air, and what it took stands with it. */
export const dried = defineKind({
  kind: "dry",
  title: "Dried",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    batch: BatchId.optional(),
    gone: z.array(z.object({ component: Component, kg: Kilograms })).max(3),
    celsius: Celsius.optional(),
    kwh: z.number().min(0).max(1000).optional(),
    hours: z.number().min(0).max(1000).optional(),
  }),
  moves: ({ vessel, celsius }) => [
    flow("heat", vessel, vessel, { all: true, ...(celsius !== undefined && { celsius }) }),
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { vessel, batch, gone, kwh, hours } }) {
    const state = batch === undefined ? undefined : yard.batches.get(batch);
    if (batch !== undefined && !state) return noBatch(batch);
    const litres = new Map(gone.map((g) => [g.component, g.kg / componentOf(g.component).rho15KgPerL]));
    const taken = takeGone(yard, vessel, litres, happenedAt);
    if (!taken.ok) return taken.error;
    book(yard, "lost", taken.value);
    if (!state) return undefined;
    const waterKg = gone.reduce((sum, g) => (g.component === "water" ? sum + g.kg : sum), 0);
    const { dried: before } = state;
    yard.batches.set(state.batch.id, {
      ...state,
      vessel,
      dried: {
        kwh: before.kwh + (kwh ?? 0),
        hours: before.hours + (hours ?? 0),
        waterKg: before.waterKg + waterKg,
      },
    });
    return undefined;
  },
  called: {
    vessel: "What",
    batch: "Batch",
    "gone.component": "Gone",
    "gone.kg": "Gone",
    celsius: "Dried at",
    kwh: "Energy, kWh",
    hours: "Hours",
  },
});
