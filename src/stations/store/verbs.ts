import {
  COMPONENT_IDS,
  type ComponentId,
  componentName,
  type FluidId,
  fluidName,
  isFluidId,
  likeOf,
  type TableFluidId,
} from "@/core/fluids";
import { COLD_JAR_WORDS } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { YardView } from "@/core/view";
import {
  allOrSome,
  amount,
  amountFields,
  anyVesselField,
  DOES_NOT_SUIT,
  fromField,
  litresChips,
  lockedOut,
  lockOutField,
  suitsBought,
  toField,
  type Values,
  type Verb,
  vesselOf,
} from "@/desk/form";
import { fluidChoices, fluidsInUse, nameOf } from "@/ui/words";

const DYED = "dyed";
const BOUGHT = ["diesel", "kerosene", "petrol", "biodiesel", "canola"] as const;
/** What is sold dyed. */
const DYED_ROWS: ReadonlySet<TableFluidId> = new Set(["diesel", "kerosene"]);

export const buy: Verb = {
  key: "buy",
  alsoCalled: ["bought", "diesel", "petrol", "kerosene", "methanol"],
  name: "Buy",
  letter: "b",
  group: "fuel",
  caution: "Petrol and kerosene: outdoors, earthed, no sparks, in cans made for it.",
  fields: [
    {
      kind: "choice",
      name: "fluid",
      label: "What",
      options: (view) => fluidChoices(view, BOUGHT),
      first: () => "diesel",
    },
    toField("Into", "buy-into", false, {
      meant: (to, view, v) => suitsBought(to, v.text("fluid") as FluidId, view) < DOES_NOT_SUIT,
      rank: (to, view, v) => suitsBought(to, v.text("fluid") as FluidId, view),
    }),
    ...amountFields(
      () => [10, 20, 40],
      () => 10,
    ),
    {
      kind: "choice",
      name: "dyed",
      label: "Colour",
      options: () => [
        { value: "clear", name: "As at the pump" },
        { value: DYED, name: "Dyed, untaxed", detail: "may be for machines only" },
      ],
      first: () => "clear",
      asked: (_, v) => isFluidId(v.text("fluid")) && DYED_ROWS.has(likeOf(v.text("fluid") as FluidId)),
    },
  ],
  build: (v) => ({
    kind: "purchase",
    data: {
      to: asVesselId(v.text("to")),
      fluid: v.text("fluid") as FluidId,
      amount: amount(v),
      ...(v.text("dyed") === DYED && { dyed: true }),
    },
  }),
  said: (v, view, u) =>
    `Bought ${u.litres(v.number("litres"))} ${fluidName(v.text("fluid") as FluidId).toLowerCase()} into ${nameOf(view, v.text("to"))}.`,
};

export const dispose: Verb = {
  key: "dispose",
  alsoCalled: ["threw away", "collector", "waste"],
  name: "Dispose",
  letter: "x",
  group: "oil",
  caution: "Waste oil, sludge and wash water go where your local rules say, with their papers.",
  fields: [
    fromField("What is in", "dispose-from"),
    ...amountFields(
      (view, v) => litresChips(vesselOf(view, v.text("from"))?.litres ?? 0, 10, 5),
      (view, v) => {
        const litres = vesselOf(view, v.text("from"))?.litres;
        return litres === undefined ? undefined : Math.floor(litres * 10) / 10;
      },
    ),
    { kind: "text", name: "where", label: "Where to", first: () => "collector" },
    lockOutField,
  ],
  build: (v, view) => ({
    kind: "dispose",
    data: {
      from: asVesselId(v.text("from")),
      amount: allOrSome(v, view),
      layer: "mixed",
      where: v.text("where"),
      ...lockedOut(v),
    },
  }),
  said: (v, view, u) => `Disposed of ${u.litres(v.number("litres"))} from ${nameOf(view, v.text("from"))}.`,
};

const isEmpty = (view: YardView, v: Values): boolean => (vesselOf(view, v.text("vessel"))?.litres ?? 0) < 1e-6;

export const stockTake: Verb = {
  key: "stock-take",
  alsoCalled: ["count", "found", "inventory"],
  name: "Stock-take",
  letter: "s",
  group: "look",
  fields: [
    anyVesselField("What", "count"),
    {
      kind: "litres",
      name: "found",
      label: "Litres found",
      first: (view, v) => {
        const litres = vesselOf(view, v.text("vessel"))?.litres;
        return litres === undefined ? undefined : Math.round(litres * 10) / 10;
      },
    },
    {
      // What the book has as empty says nothing of what was found in it.
      kind: "choice",
      name: "gainOf",
      listed: true,
      label: "What it is",
      options: (view) =>
        [...COMPONENT_IDS, ...fluidsInUse(view).map((f) => f.id)]
          .filter((id, i, all) => all.indexOf(id) === i)
          .map((id) => ({ value: id, name: componentName(id) })),
      asked: isEmpty,
    },
  ],
  build: (v, view) => ({
    kind: "stock-take",
    data: {
      vessel: asVesselId(v.text("vessel")),
      found: { litres: v.number("found") },
      ...(isEmpty(view, v) && { gainOf: v.text("gainOf") as ComponentId }),
    },
  }),
  said: (v, view, u) =>
    `${nameOf(view, v.text("vessel"))} holds ${u.litres(v.number("found"))}; the difference is booked as unaccounted.`,
};

/** A jar in the shed overnight, or in a freezer: what no estimate of fat and wax can say. */
export const coldJar: Verb = {
  key: "cold-jar",
  alsoCalled: ["freezer", "frost", "jar outside", "cloud", "gelled"],
  name: "Jar in the cold",
  group: "look",
  fields: [
    anyVesselField("What", "count"),
    {
      kind: "celsius",
      name: "jarCelsius",
      label: "Where it stood it was",
      first: (view) => view.settings.tonightLowCelsius,
    },
    {
      kind: "number",
      name: "hours",
      label: "It stood there for",
      suffix: "h",
      first: () => 12,
      chips: () => [4, 12, 24, 48],
    },
    {
      kind: "choice",
      name: "saw",
      label: "It came out",
      options: () => (["clear", "cloudy", "set"] as const).map((saw) => ({ value: saw, name: COLD_JAR_WORDS[saw] })),
    },
  ],
  build: (v) => ({
    kind: "cold-jar",
    data: {
      vessel: asVesselId(v.text("vessel")),
      celsius: v.number("jarCelsius"),
      hours: v.number("hours"),
      saw: v.text("saw") as "clear",
    },
  }),
  said: (v, view) => `Noted. ${nameOf(view, v.text("vessel"))} is judged by its jar from now on.`,
};

export const STORE_VERBS: readonly Verb[] = [buy, dispose, stockTake, coldJar];
