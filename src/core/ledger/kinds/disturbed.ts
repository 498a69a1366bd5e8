import * as z from "../../zod";
import { VesselId } from "../ids";
import { standsAnew } from "../quality";
import { Celsius, Share } from "../schema/quantities";
import { keepStanding } from "../standings";
import { changeVessel, vesselAt } from "../transfer";
import { defineKind } from "./kind";

/** Stirred up, and what stood with it: all that is aboard when a trailer was driven. */
export const disturbed = defineKind({
  kind: "disturbed",
  title: "Disturbed",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    how: z.enum(["carried", "driven", "stirred", "heated"]),
    also: z.array(VesselId).max(100).optional(),
    /** The oil as the heater went off: from then on it cools, and clears while it is warm. */
    celsius: Celsius.optional(),
    /** Of each kind of dirt what hung when a heater went off, as forecast: what lay then lies still. */
    hanging: z.object({ sludge: Share, water: Share, fat: Share }).optional(),
  }),
  moves: ({ vessel, celsius }) =>
    celsius === undefined
      ? []
      : [{ how: "heat", from: vessel, to: vessel, amount: { all: true, celsius }, layer: "mixed" }],
  speaksOf: ({ vessel, also }) => [vessel, ...(also ?? [])],
  apply(yard, { happenedAt, data: { vessel, also, celsius, hanging } }) {
    for (const id of [vessel, ...(also ?? [])]) {
      const state = vesselAt(yard, id);
      if (state.contents.total === 0) continue;
      keepStanding(yard, state);
      changeVessel(yard, id, {
        stirredAt: happenedAt,
        dips: [],
        jars: [],
        drawnAt: null,
        drawnLitres: 0,
        celsius: celsius ?? state.celsius,
        warmCelsius: celsius ?? null,
        quality: standsAnew(state.quality, happenedAt),
        pours: [],
        hung: celsius !== undefined && id === vessel ? (hanging ?? null) : null,
      });
    }
    return undefined;
  },
  called: {
    vessel: "What",
    how: ["How", { carried: "Carried", driven: "Driven", stirred: "Stirred", heated: "Heated" }],
    also: "With it",
    celsius: "Oil at",
    "hanging.sludge": "Crumbs and fines that hung",
    "hanging.water": "Water that hung",
    "hanging.fat": "Fat that hung",
  },
});
