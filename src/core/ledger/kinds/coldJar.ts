import * as z from "../../zod";
import { VesselId } from "../ids";
import { jarOfRecipe } from "../recipes";
import { Celsius } from "../schema/quantities";
import { changeVessel, vesselAt } from "../transfer";
import { COLD_JAR_WORDS } from "../words";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

/** A jar of a lot left in the cold or in a freezer, and how it came out. It overrules every estimate of that lot. */
export const coldJar = defineKind({
  kind: "cold-jar",
  title: "Jar in the cold",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    celsius: Celsius,
    /** How long it stood there. */
    hours: z.number().min(0.5).max(10_000),
    saw: z.enum(["clear", "cloudy", "set"]),
  }),
  moves: MOVES_NOTHING,
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { happenedAt, data: { vessel, celsius, hours, saw } }) {
    const { quality, contents } = vesselAt(yard, vessel);
    const coldJars = [...quality.coldJars, { at: happenedAt, celsius, hours, saw }];
    changeVessel(yard, vessel, { quality: { ...quality, coldJars } });
    jarOfRecipe(yard, contents, { at: happenedAt, celsius, hours, saw });
    return undefined;
  },
  called: {
    vessel: "What",
    celsius: "Where it stood it was",
    hours: "Hours it stood there",
    saw: ["It came out", COLD_JAR_WORDS],
  },
});
