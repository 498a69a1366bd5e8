import { componentOf } from "../../fluids";
import { STAGES } from "../../kettle";
import * as z from "../../zod";
import { changeBatch, noBatch, untested } from "../batches";
import { add, EMPTY } from "../contents";
import { BatchId, VesselId } from "../ids";
import { mixQuality, UNKNOWN_QUALITY, withItsMarks } from "../quality";
import { Kilograms, Measured } from "../schema/quantities";
import { partsOf, type YardState } from "../state";
import { pourIn, qualityFrom, takeOut, vesselAt } from "../transfer";
import { STAGE_WORDS } from "../words";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const Weighed = z.object({ kg: Kilograms });
type Amount = z.infer<typeof Measured> | z.infer<typeof Weighed>;

/** Lye, methanol and acid into a kettle or the can they are mixed in: by litres or by the scales. */
export const charge = defineKind({
  kind: "charge",
  title: "Weighed in",
  version: 1,
  upcast: {},
  data: z.object({
    batch: BatchId,
    stage: z.enum(STAGES),
    into: VesselId,
    parts: z
      .array(z.object({ from: VesselId, amount: z.union([Measured, Weighed]) }))
      .min(1)
      .max(6),
  }),
  moves: ({ into, parts }) => parts.map((p) => flow("dose", p.from, into, asLitres(p.amount))),
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { batch, into, parts } }) {
    const state = yard.batches.get(batch);
    if (!state) return noBatch(batch);
    const charged = { ...state.charged };
    let { paid } = state;
    let poured = EMPTY;
    let brought = UNKNOWN_QUALITY;
    for (const { from, amount } of parts) {
      const like = withItsMarks(qualityFrom(yard, from));
      const taken = takeOut(
        yard,
        from,
        "kg" in amount ? { litres: litresOfKg(yard, from, amount.kg) } : amount,
        happenedAt,
      );
      if (!taken.ok) return taken.error;
      brought = mixQuality(brought, like, happenedAt, { there: poured.total, poured: taken.value.total });
      poured = add(poured, taken.value, yard.parts);
      for (const { component, litres } of partsOf(taken.value, yard.parts)) {
        charged[component] = (charged[component] ?? 0) + litres * componentOf(component).rho15KgPerL;
        paid += litres * (yard.prices.get(component)?.pricePerLitre ?? 0);
      }
    }
    // Lye and methanol come dry: what is known of water in the oil is still known.
    const { water } = vesselAt(yard, into).quality;
    pourIn(yard, into, poured, happenedAt, { quality: { ...brought, water } });
    untested(yard, into);
    changeBatch(yard, batch, { charged, paid });
    return undefined;
  },
  called: {
    batch: "Batch",
    stage: ["Stage", STAGE_WORDS],
    into: "Into",
    "parts.from": "From",
    "parts.amount.litres": "Litres",
    "parts.amount.celsius": "Read at",
    "parts.amount.kg": "Weighed",
  },
});

/** The scales by what stands there: nothing weighs nothing, and is then found to be empty. */
function litresOfKg(yard: YardState, from: z.infer<typeof VesselId>, kg: number): number {
  const { contents } = vesselAt(yard, from);
  let there = 0;
  for (const { component, litres } of partsOf(contents, yard.parts))
    there += litres * componentOf(component).rho15KgPerL;
  return there > 0 ? (kg * contents.total) / there : kg;
}

/** Only shares of it matter to the interlocks; a kilogram is told as a litre. */
const asLitres = (a: Amount): z.infer<typeof Measured> => ("kg" in a ? { litres: a.kg } : a);
