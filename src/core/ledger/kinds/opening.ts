import type { ComponentId } from "../../fluids";
import * as z from "../../zod";
import { VesselId } from "../ids";
import { cleanedTo } from "../quality";
import { Fluid, Measured, Share } from "../schema/quantities";
import { asFound, book, bringIn, pourIn } from "../transfer";
import { SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const OpeningSchema = z.object({
  to: VesselId,
  fluid: Fluid,
  amount: Measured,
  /** Shares of what it was measured as. */
  muck: z
    .object({ water: Share.optional(), sludge: Share.optional(), "fryer-fat": Share.optional() })
    .refine((m) => (m.water ?? 0) + (m.sludge ?? 0) + (m["fryer-fat"] ?? 0) <= 1, "more dirt than there is of it"),
  /** The finest bag that all of it has been through; absent: none, or nobody knows. */
  filteredUm: z.number().min(0).max(20_000).optional(),
});

/** What stood there before there was a book, from nobody in particular: dated to when it began to stand. */
export const opening = defineKind({
  kind: "opening",
  title: "Stood there already",
  version: 1,
  upcast: {},
  data: OpeningSchema,
  moves: ({ to, fluid, amount }) => [
    { how: "pour", from: null, fresh: [{ component: fluid, litres: amount.litres }], to, amount, layer: "mixed" },
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { to, fluid, amount, muck, filteredUm } }) {
    const dirt = Object.entries(muck).map(([c, share]): [ComponentId, number] => [
      c as ComponentId,
      (share ?? 0) * amount.litres,
    ]);
    const muckLitres = dirt.reduce((sum, [, litres]) => sum + litres, 0);
    const stood = bringIn(yard, [[fluid, amount.litres - muckLitres], ...dirt], amount.celsius, id);
    pourIn(yard, to, stood, happenedAt, {
      celsius: amount.celsius,
      quality: cleanedTo(asFound(yard, to, fluid), filteredUm ?? null),
    });
    book(yard, "opening", stood);
    yard.origins.set(id, { kind: "opening", at: happenedAt, source: null, muckShare: muckLitres / amount.litres });
    return undefined;
  },
  called: {
    to: "In",
    fluid: "What",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    "muck.water": "Water in it",
    "muck.sludge": "Sludge in it",
    "muck.fryer-fat": "Fat in it",
    filteredUm: "Through a bag of, µm",
  },
});
