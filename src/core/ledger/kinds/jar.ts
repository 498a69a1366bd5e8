import * as z from "../../zod";
import { isDark } from "../dark";
import { doubtsOfJar } from "../doubts";
import { VesselId } from "../ids";
import { seenInJar } from "../quality";
import { Celsius, ClarityStep, Millimetres, Said } from "../schema/quantities";
import { changeVessel, vesselAt } from "../transfer";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** A jar filled at a height and held to the light. */
export const jar = defineKind({
  kind: "jar",
  title: "Jar",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    step: ClarityStep,
    atMm: Millimetres,
    celsius: Celsius.optional(),
    forecast: Said,
  }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { vessel, step, atMm, celsius } }) {
    const state = vesselAt(yard, vessel);
    const read = {
      at: happenedAt,
      step,
      atMm,
      celsius,
      litres: state.contents.total,
      doubts: doubtsOfJar(state, atMm),
    };
    changeVessel(yard, vessel, {
      jars: [...state.jars, read],
      celsius: celsius ?? state.celsius,
      // What stands in a jar of dark oil nobody sees: paper says it.
      quality: isDark(state.contents, yard.parts) ? state.quality : seenInJar(state.quality, step, happenedAt),
    });
    return undefined;
  },
  called: {
    vessel: "What",
    step: "How clear, 1 to 5",
    atMm: "Filled at, mm from the bottom",
    celsius: "Oil at",
    forecast: null,
  },
});
