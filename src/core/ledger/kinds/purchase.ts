import { type ComponentId, isFluidId, isPetrol } from "../../fluids";
import * as z from "../../zod";
import { methanolAndWater } from "../batches";
import { VesselId } from "../ids";
import { AS_BOUGHT } from "../quality";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { Bought, Measured, Price, Share } from "../schema/quantities";
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
    /** Methanol by weight where it is not pure: the rest is water. */
    purity: Share.min(0.4).meta({ is: "share" }).optional(),
    /** Untaxed, and dyed so that it is seen. */
    dyed: z.boolean().optional(),
    /** Into the tank of an engine that starts by itself: it was locked out first. */
    lockedOut: LockedOut,
  }),
  moves: ({ to, fluid, amount }) => [
    { how: "pour", from: null, fresh: [{ component: fluid, litres: amount.litres }], to, amount, layer: "mixed" },
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { to, fluid, amount, dyed, paid, purity } }) {
    const poured = bringIn(yard, partsBought(fluid, amount.litres, purity), amount.celsius, id);
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
    lockedOut: LOCKED_OUT_CALLED,
    to: "Into",
    fluid: "What",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    paid: "Paid for it",
    purity: "Methanol in it",
    dyed: "Dyed, untaxed",
  },
});

/** Methanol with water in it is both; of all else the label stands on its pack. */
function partsBought(fluid: ComponentId, litres: number, purity = 1): [ComponentId, number][] {
  if (fluid !== "methanol" || purity === 1) return [[fluid, litres]];
  const shares = methanolAndWater(purity);
  return [
    ["methanol", litres * shares.methanol],
    ["water", litres * shares.water],
  ];
}
