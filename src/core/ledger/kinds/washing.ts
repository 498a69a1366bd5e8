import { componentOf } from "../../fluids";
import { WASH_WAYS } from "../../kettle";
import { VINEGAR } from "../../kettle/masses";
import * as z from "../../zod";
import { changeBatch, noBatch, untested } from "../batches";
import { BatchId, VesselId } from "../ids";
import { Celsius, LitresOrNone } from "../schema/quantities";
import { book, bringIn, pourIn, vesselAt } from "../transfer";
import { waterOnto } from "./flow";
import { defineKind } from "./kind";

/** Litres of acetic acid in a litre of vinegar, by the house's densities. */
const ACETIC_LITRES_PER_L = (VINEGAR.aceticShare * VINEGAR.kgPerL) / componentOf("acetic-acid").rho15KgPerL;

/** Fuel washed: water in, with vinegar in it or not. What the vinegar does to the soap is told by a reaction beside it. */
export const washing = defineKind({
  kind: "wash",
  title: "Washed",
  version: 1,
  upcast: {},
  data: z.object({
    batch: BatchId,
    vessel: VesselId,
    how: z.enum(WASH_WAYS),
    /** None for a dry wash. */
    waterLitres: LitresOrNone,
    vinegarMl: z.number().min(0).max(100_000),
    celsius: Celsius.optional(),
  }),
  moves: ({ vessel, waterLitres, celsius }) => (waterLitres > 0 ? [waterOnto(vessel, waterLitres, celsius)] : []),
  speaksOf: ({ vessel }) => [vessel],
  apply(yard, { id, happenedAt, data: { batch, vessel, waterLitres, vinegarMl } }) {
    const state = yard.batches.get(batch);
    if (!state) return noBatch(batch);
    const { contents, quality } = vesselAt(yard, vessel);
    if (contents.total === 0) return { code: "empty", vessel };
    // A dry wash's grains and sawdust stay behind: nothing of them is booked.
    if (waterLitres > 0) {
      const acetic = (vinegarMl / 1000) * ACETIC_LITRES_PER_L;
      const water = waterLitres + (vinegarMl / 1000) * (1 - ACETIC_LITRES_PER_L);
      const poured = bringIn(
        yard,
        [
          ["water", water],
          ["acetic-acid", acetic],
        ],
        undefined,
        id,
      );
      pourIn(yard, vessel, poured, happenedAt, { quality });
      book(yard, "bought", poured);
      yard.origins.set(id, { kind: "wash", at: happenedAt, source: null, muckShare: 1 });
    }
    untested(yard, vessel);
    changeBatch(yard, batch, { vessel, washes: [...state.washes, { at: happenedAt, waterLitres, vinegarMl }] });
    return undefined;
  },
  called: {
    batch: "Batch",
    vessel: "In",
    how: ["How", { mist: "Mist", stir: "Stirring", bubble: "Bubbles", dry: "Dry wash" }],
    waterLitres: "Water",
    vinegarMl: "Vinegar, mL",
    celsius: "Fuel at",
  },
});
