import { type ComponentId, componentOf, kgOf } from "../../fluids";
import * as z from "../../zod";
import { noBatch, untested } from "../batches";
import { add, type Contents, contentsOf, EMPTY, takeComponents } from "../contents";
import { BatchId, VesselId } from "../ids";
import { offTheBottom } from "../quality";
import { Component, Kilograms } from "../schema/quantities";
import { partsOf, type YardState } from "../state";
import { book, changeVessel, SLACK_LITRES, vesselAt } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const Amounts = z
  .array(z.object({ component: Component, kg: Kilograms }))
  .min(1)
  .max(12);

type Amounts = z.infer<typeof Amounts>;
const kgIn = (amounts: Amounts): number => amounts.reduce((sum, a) => sum + a.kg, 0);
/** What a scale is written to; the book then keeps it to rounding. */
const KG_RELATIVE = 1e-6;

/**
 * In a vessel, components become others: methanol and oil ester and glycerol. Kilograms are kept; litres are not, and
 * what they differ by stands in the account `converted`.
 */
export const react = defineKind({
  kind: "react",
  title: "Reacted",
  version: 1,
  upcast: {},
  data: z
    .object({ vessel: VesselId, takes: Amounts, gives: Amounts, batch: BatchId.optional() })
    .refine((d) => Math.abs(kgIn(d.takes) - kgIn(d.gives)) <= KG_RELATIVE * kgIn(d.takes), {
      path: ["gives"],
      message: "kilograms are not kept",
    }),
  // Vinegar splits soap where it stands, cold; everything else that reacts here is warmed for it.
  moves: ({ vessel, takes }) => [
    flow(takes.some((t) => t.component === "acetic-acid") ? "neutralise" : "react", vessel, vessel, { all: true }),
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { vessel, takes, gives, batch } }) {
    if (batch !== undefined && !yard.batches.has(batch)) return noBatch(batch);
    const { contents, quality } = vesselAt(yard, vessel);
    const wanted = litresOf(takes);
    const split = takeComponents(contents, yard.parts, wanted);
    const short = [...wanted.values()].reduce((sum, l) => sum + l, 0) - split.taken.total;
    if (short > SLACK_LITRES) return { code: "overdrawn", vessel, shortLitres: short };
    const made = productsOf(yard, split.taken, gives);
    changeVessel(yard, vessel, {
      contents: add(split.left, made, yard.parts),
      stirredAt: happenedAt,
      changedAt: happenedAt,
      dips: [],
      jars: [],
      drawnAt: null,
      drawnLitres: 0,
      quality: offTheBottom(quality),
    });
    untested(yard, vessel);
    book(yard, "converted", split.taken);
    book(yard, "converted", made, -1);
    return undefined;
  },
  called: {
    vessel: "In",
    batch: "Batch",
    "takes.component": "Used up",
    "takes.kg": "Used up",
    "gives.component": "Made",
    "gives.kg": "Made",
  },
});

function litresOf(amounts: Amounts): Map<ComponentId, number> {
  const litres = new Map<ComponentId, number>();
  for (const { component, kg } of amounts)
    litres.set(component, (litres.get(component) ?? 0) + kg / componentOf(component).rho15KgPerL);
  return litres;
}

/** The products, of the origins of what went into them: each by its kilograms, so that a source's oil stays its own. */
function productsOf(yard: YardState, taken: Contents, gives: Amounts): Contents {
  const kgByOrigin = new Map<string, number>();
  let all = 0;
  for (const p of partsOf(taken, yard.parts)) {
    const kg = kgOf(p.component, p.litres);
    kgByOrigin.set(p.origin, (kgByOrigin.get(p.origin) ?? 0) + kg);
    all += kg;
  }
  // What a scale was rounded to is put right here, so that the book keeps kilograms exactly.
  const exact = all / kgIn(gives);
  let made = EMPTY;
  for (const { component, kg } of gives)
    for (const [origin, part] of kgByOrigin) {
      const litres = (kg * exact * part) / all / componentOf(component).rho15KgPerL;
      made = add(made, contentsOf([yard.parts.key(component, origin)], [litres]), yard.parts);
    }
  return made;
}
