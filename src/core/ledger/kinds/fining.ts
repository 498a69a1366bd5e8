import * as z from "../../zod";
import { VesselId } from "../ids";
import { Celsius, Grams, Litres } from "../schema/quantities";
import { book, bringIn, changeVessel, pourIn, vesselAt } from "../transfer";
import { SPEAKS_OF_NONE, waterOnto } from "./flow";
import { defineKind } from "./kind";

/** Gelatine in warm water, stirred into a lot: it is wet until a test says otherwise. */
export const fining = defineKind({
  kind: "fining",
  title: "Fined",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    waterLitres: Litres,
    gelatineG: Grams,
    celsius: Celsius.optional(),
  }),
  // As hot as the oil that it goes into, which was just warmed for it.
  moves: ({ vessel, waterLitres, celsius }) => [waterOnto(vessel, waterLitres, celsius)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { vessel, waterLitres, celsius } }) {
    const { contents, quality } = vesselAt(yard, vessel);
    if (contents.total === 0) return { code: "empty", vessel };
    const poured = bringIn(yard, [["water", waterLitres]], celsius, id);
    pourIn(yard, vessel, poured, happenedAt, { quality, celsius });
    const water = { at: happenedAt, wet: true, because: "fining", share: null } as const;
    changeVessel(yard, vessel, { quality: { ...quality, water, finedAt: happenedAt }, warmCelsius: celsius ?? null });
    book(yard, "bought", poured);
    yard.origins.set(id, { kind: "fining", at: happenedAt, source: null, muckShare: 1 });
    return undefined;
  },
  called: { vessel: "What", waterLitres: "Water", gelatineG: "Gelatine, grams", celsius: "Oil at" },
});
