import * as z from "../../zod";
import { VesselId } from "../ids";
import { keepBack } from "../keepBack";
import { cleanedTo, cleared } from "../quality";
import { LitresOrNone, Measured, Minutes } from "../schema/quantities";
import { book, pourIn, qualityFrom, takeOut } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A pass through a centrifuge: what comes out clean, and the paste that stays in the bowl. */
export const spin = defineKind({
  kind: "spin",
  title: "Centrifuged",
  version: 1,
  upcast: {},
  data: z.object({
    from: VesselId,
    to: VesselId,
    amount: Measured,
    pasteLitres: LitresOrNone,
    cutUm: z.number().positive().max(2000),
    minutes: Minutes.optional(),
  }),
  moves: ({ from, to, amount }) => [flow("spin", from, to, amount)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { from, to, amount, pasteLitres, cutUm } }) {
    if (pasteLitres > amount.litres) return { code: "loss-above-litres" };
    const quality = qualityFrom(yard, from);
    const through = takeOut(yard, from, amount, happenedAt);
    if (!through.ok) return through.error;
    const { kept, clean } = keepBack(yard, through.value, pasteLitres / amount.litres);
    const filteredUm = Math.min(quality.filteredUm ?? cutUm, cutUm);
    pourIn(yard, to, clean, happenedAt, { quality: cleared(cleanedTo(quality, filteredUm)), celsius: amount.celsius });
    book(yard, "lost", kept);
    return undefined;
  },
  called: {
    from: "From",
    to: "Into",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    pasteLitres: "Left in the bowl",
    cutUm: "Cut, µm",
    minutes: "Minutes",
  },
});
