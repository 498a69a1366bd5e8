import { type ComponentId, componentName, type FluidId, isFluidId, likeOf } from "@/core/fluids";
import type { Draft } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import { priceOf } from "@/core/readings/blend/prices";
import type { YardView } from "@/core/view";
import { amount, amountFields, fromField, litresChips, toField, type Verb, vesselOf } from "@/desk/form";
import { fluidChoices, nameOf, unitsOf } from "@/ui/words";
import { priceEach } from "@/ui/words/blend";
import { darkTest } from "./darkVerb";

const SOLD = ["diesel", "kerosene", "petrol", "biodiesel", "canola", "motor-oil"] as const;
/** What a kettle takes by the litre: its batches are reckoned with this. */
const METHANOL: ComponentId = "methanol";

/** What a litre costs from now on: every comparison rests on it, and keeps its day. */
const price: Verb = {
  key: "price",
  alsoCalled: ["cost", "pump price", "dearer", "cheaper", "bulk"],
  name: "Price",
  group: "fuel",
  fields: [
    {
      kind: "choice",
      name: "what",
      label: "Of what",
      options: (view) => [
        ...fluidChoices(view, SOLD).map((f) => ({
          ...f,
          name: f.value === "canola" ? "Waste oil" : f.name,
          detail: detailOf(view, f.value),
        })),
        { value: METHANOL, name: componentName(METHANOL), detail: detailOf(view, METHANOL) },
      ],
      first: () => "diesel",
    },
    {
      kind: "money",
      name: "perLitre",
      label: "A litre costs",
      suffix: "a litre",
      first: (view, v) => priceOf(view, v.text("what") as FluidId)?.perLitre,
    },
    { kind: "litres", name: "from", label: "Cheaper from", optional: true },
    {
      kind: "money",
      name: "then",
      label: "A litre then costs",
      suffix: "a litre",
      asked: (_, v) => v.maybe("from") !== undefined,
    },
  ],
  build: (v): Draft => ({
    kind: "price",
    data: {
      what: v.text("what") as FluidId,
      pricePerLitre: v.number("perLitre"),
      ...(v.maybe("from") !== undefined && {
        steps: [{ fromLitres: v.number("from"), pricePerLitre: v.number("then") }],
      }),
    },
  }),
  said: (v, _, u) =>
    `${componentName(v.text("what") as FluidId)} is ${priceEach(v.number("perLitre"), u)} from now on. What was compared before keeps its day.`,
};

function detailOf(view: YardView, what: ComponentId): string {
  const said = priceOf(view, what);
  return said === null ? "not known" : `${priceEach(said.perLitre, unitsOf(view.settings))} now`;
}

/** Tools are rinsed with some of the thinner; the rinse goes into the blend and counts as poured. */
const rinse: Verb = {
  key: "rinse",
  alsoCalled: ["rinsed", "washed tools", "jug", "funnel"],
  name: "Rinse tools into a blend",
  group: "fuel",
  caution: "Over the can, outdoors, no sparks. With petrol wear gloves and earth the can.",
  fields: [
    fromField("With", "fill-from", {
      meant: (from) =>
        from.components[0] !== undefined &&
        isFluidId(from.components[0].component) &&
        ["diesel", "kerosene", "petrol", "biodiesel"].includes(likeOf(from.components[0].component)),
    }),
    toField("Into", "blend-into"),
    ...amountFields(
      (view, v) => litresChips(0.5, 1, 2).filter((l) => l <= (vesselOf(view, v.text("from"))?.litres ?? 0)),
      () => 0.5,
    ),
  ],
  build: (v): Draft => ({
    kind: "blend",
    data: {
      to: asVesselId(v.text("to")),
      parts: [{ from: asVesselId(v.text("from")), amount: amount(v), rinse: true }],
    },
  }),
  said: (v, view, u) =>
    `${u.litres(v.number("litres"))} of rinse are in ${nameOf(view, v.text("to"))}, and count as poured.`,
};

export const BLEND_VERBS: readonly Verb[] = [price, rinse, darkTest];
