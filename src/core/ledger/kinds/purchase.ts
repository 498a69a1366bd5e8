import { isFluidId, isPetrol } from "../../fluids";
import * as z from "../../zod";
import { VesselId } from "../ids";
import { AS_BOUGHT } from "../quality";
import { Bought, Measured, Price } from "../schema/quantities";
import { book, bringIn, pourIn } from "../transfer";
import { SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Bought fuel, oil and chemicals come clean. */
export const purchase = defineKind({
  kind: "purchase",
  title: "Bought",
  version: 1,
  upcast: {},
  data: z.object({
    to: VesselId,
    fluid: Bought,
    amount: Measured,
    paid: Price.optional(),
    /** Untaxed, and dyed so that it is seen. */
    dyed: z.boolean().optional(),
  }),
  moves: ({ to, fluid, amount }) => [
    { how: "pour", from: null, fresh: [{ component: fluid, litres: amount.litres }], to, amount, layer: "mixed" },
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { to, fluid, amount, dyed, paid } }) {
    const poured = bringIn(yard, [[fluid, amount.litres]], amount.celsius, id);
    const quality = {
      ...AS_BOUGHT,
      dyed: dyed === true,
      petrolSince: isFluidId(fluid) && isPetrol(fluid) ? happenedAt : null,
    };
    pourIn(yard, to, poured, happenedAt, { celsius: amount.celsius, quality });
    book(yard, "bought", poured);
    if (paid !== undefined)
      yard.prices.set(fluid, {
        at: happenedAt,
        pricePerLitre: paid / amount.litres,
        steps: yard.prices.get(fluid)?.steps ?? [],
      });
    yard.origins.set(id, { kind: "purchase", at: happenedAt, source: null, muckShare: 0 });
    return undefined;
  },
  called: {
    to: "Into",
    fluid: "What",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    paid: "Paid for it",
    dyed: "Dyed, untaxed",
  },
});
