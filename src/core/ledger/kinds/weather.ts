import * as z from "../../zod";
import { AirCelsius } from "../schema/quantities";
import { tellShed, tellTonight } from "../weatherState";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

export const weather = defineKind({
  kind: "weather",
  title: "Temperature",
  version: 1,
  upcast: {},
  data: z.object({ shedCelsius: AirCelsius.optional(), tonightLowCelsius: AirCelsius.optional() }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { shedCelsius, tonightLowCelsius } }) {
    if (shedCelsius !== undefined) tellShed(yard, happenedAt, shedCelsius);
    if (tonightLowCelsius !== undefined) tellTonight(yard, happenedAt, tonightLowCelsius);
    yard.settings = {
      ...yard.settings,
      ...(shedCelsius !== undefined && { shedCelsius }),
      ...(tonightLowCelsius !== undefined && { tonightLowCelsius }),
    };
    return undefined;
  },
  called: { shedCelsius: "In the shed", tonightLowCelsius: "Tonight's low outside" },
});
