import * as z from "../../zod";
import { Bought, Price } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** What a litre costs from that day on, and what it costs by the drum. Oil's may be nothing. */
export const price = defineKind({
  kind: "price",
  title: "Price",
  version: 1,
  upcast: {},
  data: z.object({
    what: Bought,
    pricePerLitre: Price.max(1000).meta({ is: "money" }),
    steps: z
      .array(z.object({ fromLitres: z.number().positive().max(1e6).meta({ is: "litres" }), pricePerLitre: Price }))
      .max(4)
      .optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { what, pricePerLitre, steps } }) {
    yard.prices.set(what, { at: happenedAt, pricePerLitre, steps: steps ?? [] });
    // What bought fuel costs is what home-made fuel saves.
    if (what === "diesel") yard.settings = { ...yard.settings, fuelPricePerLitre: pricePerLitre };
    return undefined;
  },
  called: {
    what: "What",
    pricePerLitre: "A litre costs",
    "steps.fromLitres": "From so many litres",
    "steps.pricePerLitre": "A litre then costs",
  },
});
