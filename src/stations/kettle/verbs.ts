import { type ComponentId, componentName, componentOf } from "@/core/fluids";
import type { Draft, Vessel } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import { MS_PER_DAY } from "@/core/units";
import type { YardView } from "@/core/view";
import { type Field, toField, type Values, type Verb, vesselOf } from "@/desk/form";
import { nameOf } from "@/ui/words";

const BOUGHT = ["methanol", "potassium-hydroxide", "sodium-hydroxide", "sulfuric-acid", "salt", "acetic-acid"] as const;
type Bought = (typeof BOUGHT)[number];
/** Poured and measured; the others are weighed. */
const LIQUID: ReadonlySet<string> = new Set(["methanol", "sulfuric-acid", "acetic-acid"]);
const USUAL_PERCENT: Readonly<Record<Bought, number>> = {
  methanol: 99.8,
  "potassium-hydroxide": 90,
  "sodium-hydroxide": 98,
  "sulfuric-acid": 96,
  salt: 100,
  "acetic-acid": 80,
};

/** What stands on the pack besides. */
const CODE: Readonly<Partial<Record<Bought, string>>> = {
  "potassium-hydroxide": "KOH, lye",
  "sodium-hydroxide": "NaOH, lye",
};

const is = (v: Values): Bought => v.text("chemical") as Bought;
const isLiquid = (v: Values): boolean => LIQUID.has(is(v));
/** What the pack or drum still takes, litres; a full one's worth where none is chosen. */
const roomFor = (view: YardView, v: Values): number => {
  const to = vesselOf(view, v.text("to"));
  return to ? Math.max(0, Math.floor((to.capacityLitres - to.litres) * 10) / 10) : 20;
};
const DAYS_A_YEAR = 365;

/** What the label says, asked as days from today: nobody types a date with wet gloves. */
const labelFields = (
  vesselIn: (view: YardView, v: Values) => Vessel | undefined,
  percent: (view: YardView, v: Values) => number,
): Field[] => [
  {
    kind: "number",
    name: "purity",
    label: "Purity by its label",
    suffix: "%",
    first: percent,
    chips: () => [85, 90, 98, 100],
  },
  {
    kind: "number",
    name: "goodDays",
    label: "Good for, from today",
    suffix: "days",
    optional: true,
    chips: () => [90, 180, DAYS_A_YEAR],
    first: (view, v) => {
      const until = vesselIn(view, v)?.pack?.expiresAt;
      return until === undefined ? DAYS_A_YEAR : Math.round((Date.parse(until) - Date.parse(view.at)) / MS_PER_DAY);
    },
  },
];

/** A label says no more than all of it, and nobody sells less than a fifth. */
function wrongPurity(v: Values, leastPercent: number): string | undefined {
  const percent = v.maybe("purity");
  return percent !== undefined && (percent < leastPercent || percent > 100)
    ? `The purity lies between ${leastPercent} and 100 %.`
    : undefined;
}

function packOf(v: Values, view: YardView): NonNullable<Vessel["pack"]> {
  const days = v.maybe("goodDays");
  return {
    purity: v.number("purity") / 100,
    openedAt: view.at,
    ...(days !== undefined && { expiresAt: new Date(Date.parse(view.at) + days * MS_PER_DAY).toISOString() }),
  };
}

/** Methanol, lye, acid, into a pack or drum of their own, with what the label says. */
const buyChemical: Verb = {
  key: "buy-chemical",
  alsoCalled: ["methanol", "lye", "caustic", "potash", "acid", "naoh", "koh", "chemicals"],
  name: "Buy chemicals",
  group: "fuel",
  caution:
    "Closed, apart from each other, earthed at the drum pump. Methanol is poison and burns without a visible flame.",
  fields: [
    {
      kind: "choice",
      name: "chemical",
      label: "What",
      options: () => BOUGHT.map((b) => ({ value: b, name: componentName(b), ...(CODE[b] && { detail: CODE[b] }) })),
      first: () => "methanol",
    },
    toField("Into", "chemical-into", true, {
      may: (to, _, v) => to.litres < 0.01 || to.components[0]?.component === is(v),
    }),
    {
      kind: "litres",
      name: "litres",
      label: "Litres",
      asked: (_, v) => isLiquid(v),
      first: (view, v) => Math.min(20, roomFor(view, v)),
      room: roomFor,
      chips: () => [1, 5, 20, 60],
    },
    {
      kind: "kg",
      name: "kilograms",
      label: "Weight",
      asked: (_, v) => !isLiquid(v),
      first: () => 1,
      chips: () => [0.5, 1, 5, 25],
    },
    { kind: "money", name: "paid", label: "Paid for it", optional: true },
    ...labelFields(
      () => undefined,
      (_, v) => USUAL_PERCENT[is(v)] ?? 100,
    ),
  ],
  build(v, view): readonly Draft[] {
    const to = asVesselId(v.text("to"));
    const vessel = vesselOf(view, to)?.vessel;
    const litres = isLiquid(v) ? v.number("litres") : v.number("kilograms") / componentOf(is(v)).rho15KgPerL;
    const pack = packOf(v, view);
    return [
      ...(vessel ? [{ kind: "vessel" as const, data: { ...vessel, pack } }] : []),
      {
        kind: "purchase",
        data: {
          to,
          fluid: is(v),
          amount: { litres },
          ...(v.maybe("paid") !== undefined && { paid: v.number("paid") }),
          ...(is(v) === "methanol" && pack.purity < 1 && { purity: pack.purity }),
        },
      },
    ];
  },
  wrong: (v) => wrongPurity(v, is(v) === "methanol" ? 40 : 20),
  said: (v, view, u) =>
    `${isLiquid(v) ? u.litres(v.number("litres")) : u.kg(v.number("kilograms"))} ${componentName(is(v) as ComponentId).toLowerCase()} into ${nameOf(view, v.text("to"))}.`,
};

/** The label of a pack put right: purity, and how long it is good. */
const pack: Verb = {
  key: "pack",
  alsoCalled: ["label", "purity", "expiry", "opened"],
  name: "Label of a chemical",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "vessel",
      label: "Which",
      listed: true,
      options: (view) =>
        view.vessels
          .filter((x) => x.vessel.role === "chemical")
          .map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      first: (view) => view.vessels.find((x) => x.vessel.role === "chemical")?.vessel.id,
    },
    ...labelFields(
      (view, v) => vesselOf(view, v.text("vessel"))?.vessel,
      (view, v) => (vesselOf(view, v.text("vessel"))?.vessel.pack?.purity ?? 1) * 100,
    ),
  ],
  build(v, view) {
    const vessel = vesselOf(view, v.text("vessel"))?.vessel;
    if (!vessel) throw new Error("no pack chosen");
    return {
      kind: "vessel",
      data: { ...vessel, pack: { ...packOf(v, view), openedAt: vessel.pack?.openedAt ?? view.at } },
    };
  },
  wrong: (v) => wrongPurity(v, 20),
  said: (v, view) => `The label of ${nameOf(view, v.text("vessel"))} is kept.`,
};

export const KETTLE_VERBS: readonly Verb[] = [buyChemical, pack];
