import * as z from "../../zod";
import { doubtsOfDip } from "../doubts";
import { VesselId } from "../ids";
import { Celsius, Millimetres, Said } from "../schema/quantities";
import { changeVessel, vesselAt } from "../transfer";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** A stick's lines in mm from the bottom: the oil, the fat, the water, how far down it is clear; and the scum on top. */
export const dip = defineKind({
  kind: "dip",
  title: "Dip",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    oilMm: Millimetres.optional(),
    fatMm: Millimetres.optional(),
    waterMm: Millimetres.optional(),
    clearMm: Millimetres.optional(),
    /** How thick what floats on top is. */
    scumMm: Millimetres.optional(),
    celsius: Celsius.optional(),
    forecast: Said,
  }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { vessel, forecast: _, ...lines } }) {
    const state = vesselAt(yard, vessel);
    const { oilMm, fatMm, waterMm, clearMm, scumMm, celsius } = lines;
    const read = {
      at: happenedAt,
      ...{ oilMm, fatMm, waterMm, clearMm, scumMm, celsius },
      litres: state.contents.total,
      doubts: doubtsOfDip(state, lines),
    };
    changeVessel(yard, vessel, { dips: [...state.dips, read], celsius: celsius ?? state.celsius });
    return undefined;
  },
  called: {
    vessel: "What",
    oilMm: "Oil level, mm from the bottom",
    fatMm: "Fat line, mm from the bottom",
    waterMm: "Water line, mm from the bottom",
    clearMm: "Clear down to, mm from the bottom",
    scumMm: "Scum on top, mm thick",
    celsius: "Oil at",
    forecast: null,
  },
});
