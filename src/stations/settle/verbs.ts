import { isFluidId, isMuck, isPetrol } from "@/core/fluids";
import { type Draft, PAN_WORDS } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { YardView } from "@/core/view";
import {
  amount,
  amountFields,
  anyVesselField,
  fromField,
  type OffBook,
  offBook,
  toField,
  type Values,
  type Verb,
  vesselOf,
} from "@/desk/form";
import { nameOf, unitsOf } from "@/ui/words";

/** Sludge holds oil between its crumbs: a fifth more than the book's muck comes out with it. */
const WITH_OIL = 1.2;

/** What a settler must be rid of; of any other vessel nobody knows. */
function muckToDrain(view: YardView, v: Values): number | undefined {
  const from = vesselOf(view, v.text("from"));
  if (from?.vessel.role !== "settler") return undefined;
  const muck = from.components.reduce((sum, c) => (isMuck(c.component) ? sum + c.litres : sum), 0);
  return muck > 0 ? Math.min(Math.floor(from.litres), Math.ceil(muck * WITH_OIL)) : undefined;
}

export const drain: Verb = {
  key: "drain",
  alsoCalled: ["sludge", "bottom", "clean out"],
  name: "Drain the bottom",
  letter: "n",
  group: "oil",
  caution: "Sludge and water come first. Put a lidded metal bin under it; oily rags go flat or under water.",
  fields: [
    fromField("From", "drain-from"),
    toField("Into", "drain-into"),
    ...amountFields(
      () => [1, 2, 5, 10],
      (view, v) => muckToDrain(view, v) ?? 5,
    ),
  ],
  build: (v, view) => {
    const from = asVesselId(v.text("from"));
    const to = asVesselId(v.text("to"));
    // A settler's bottom is its clean-out: its sludge counts from nought again.
    return vesselOf(view, from)?.vessel.role === "settler"
      ? { kind: "clean-out", data: { vessel: from, to, amount: amount(v) } }
      : { kind: "move", data: { from, to, amount: amount(v), layer: "bottom" } };
  },
  said: (v, view, u) => `Drained ${u.litres(v.number("litres"))} off the bottom of ${nameOf(view, v.text("from"))}.`,
};

export const dip: Verb = {
  key: "dip",
  alsoCalled: ["stick", "measured", "fat line"],
  name: "Dip",
  letter: "d",
  group: "look",
  fields: [
    anyVesselField("What", "dip"),
    { kind: "mm", name: "oilMm", label: "Oil level, from the bottom", optional: true },
    { kind: "mm", name: "fatMm", label: "Fat line, from the bottom", optional: true },
    { kind: "mm", name: "waterMm", label: "Water line, from the bottom", optional: true },
    { kind: "mm", name: "clearMm", label: "Clear down to, from the bottom", optional: true },
    { kind: "celsius", name: "celsius", label: "Oil at", optional: true },
    {
      kind: "choice",
      name: "book",
      label: "The stick and the book differ",
      late: true,
      options: (view, v) => {
        const off = offBookOf(view, v);
        const litres = unitsOf(view.settings).litres(Math.abs(off?.overLitres ?? 0));
        return [
          { value: KEEP, name: "Keep the book", detail: "the stick may be off" },
          {
            value: BOOK,
            name: `Book ${litres} ${(off?.overLitres ?? 0) < 0 ? "missing" : "found"}`,
            detail: "in the open",
          },
        ];
      },
      first: () => undefined,
      asked: (view, v) => offBookOf(view, v) !== null,
    },
  ],
  wrong: (v) =>
    READ.some((name) => v.maybe(name) !== undefined) ? undefined : "Nothing was read. Fill in one line, or close this.",
  build: (v, view) => {
    const read = (name: string) => (v.maybe(name) === undefined ? {} : { [name]: v.number(name) });
    const dipped: Draft = {
      kind: "dip",
      data: { vessel: asVesselId(v.text("vessel")), ...Object.assign({}, ...READ.map(read)) },
    };
    const off = v.text("book") === BOOK ? offBookOf(view, v) : null;
    return off ? [dipped, off.stockTake] : dipped;
  },
  said: (v, view) => `Dipped ${nameOf(view, v.text("vessel"))}.`,
};

const KEEP = "keep";
const BOOK = "book";
const READ = ["fatMm", "waterMm", "oilMm", "clearMm", "celsius"] as const;

function offBookOf(view: YardView, v: Values): OffBook | null {
  const vessel = vesselOf(view, v.text("vessel"));
  return vessel ? offBook(vessel, v.maybe("oilMm"), v.maybe("celsius") ?? view.settings.shedCelsius) : null;
}

export const disturbed: Verb = {
  key: "disturbed",
  alsoCalled: ["stirred", "carried", "driven", "knocked"],
  name: "Disturbed",
  letter: "i",
  group: "look",
  fields: [
    anyVesselField("What", "stir"),
    {
      kind: "choice",
      name: "how",
      label: "How",
      options: () => [
        { value: "carried", name: "Carried" },
        { value: "driven", name: "Driven" },
        { value: "stirred", name: "Stirred" },
        { value: "heated", name: "Heated" },
      ],
      first: () => "carried",
    },
  ],
  build: (v) => ({
    kind: "disturbed",
    data: { vessel: asVesselId(v.text("vessel")), how: v.text("how") as "carried" },
  }),
  said: (v, view) => `${nameOf(view, v.text("vessel"))} was ${v.text("how")}: its clock starts again.`,
};

export const waterTest: Verb = {
  key: "water-test",
  alsoCalled: ["pan", "crackle", "water test"],
  name: "Hot-pan test",
  letter: "k",
  group: "look",
  caution: "A spoonful, goggles and sleeves. Water under hot oil throws it out.",
  fields: [
    anyVesselField(
      "What",
      "test-water",
      (vessel) => !vessel.components.some((c) => isFluidId(c.component) && isPetrol(c.component)),
    ),
    {
      kind: "choice",
      name: "saw",
      label: "In the pan it",
      options: () => (["quiet", "crackles", "foams"] as const).map((saw) => ({ value: saw, name: PAN_WORDS[saw] })),
      first: () => "quiet",
    },
  ],
  build: (v) => ({
    kind: "water-test",
    data: { how: "hot-pan", vessel: asVesselId(v.text("vessel")), saw: v.text("saw") as "quiet" },
  }),
  said: (v, view) => `${nameOf(view, v.text("vessel"))}: ${v.text("saw") === "quiet" ? "dry" : "wet"}.`,
};

export const SETTLE_VERBS: readonly Verb[] = [drain, dip, waterTest, disturbed];
