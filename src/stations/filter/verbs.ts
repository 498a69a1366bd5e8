import { BAG_SERVICES, type Bag, type BagService, type Line } from "@/core/ledger";
import { asBagId, asLineId, asPlaceId } from "@/core/ledger/named";
import type { LineView } from "@/core/readings";
import type { YardView } from "@/core/view";
import type { Field, Values, Verb } from "@/desk/form";
import { bagFields, bagFrom, type Of, usualName } from "./bagFields";

const whichBag = (label: string, first: (view: YardView) => string | undefined): Field => ({
  kind: "choice",
  name: "bag",
  label,
  adds: { verb: "add-bag", name: "Add a bag" },
  options: (view) => view.bags.map((b) => ({ value: b.bag.id, name: b.bag.name })),
  first,
});

const SAID: Readonly<Record<BagService, string>> = {
  washed: "washed",
  changed: "changed",
  torn: "changed",
  reused: "hung again as it was",
};

export const bagService: Verb = {
  key: "bag-service",
  alsoCalled: ["washed", "changed", "torn", "filter"],
  name: "Bag washed or changed",
  letter: "w",
  group: "look",
  caution: "Oily bags and rags heat up by themselves: flat to dry, or under water in a lidded metal bin.",
  fields: [
    whichBag("Bag", (view) => view.bags.at(-1)?.bag.id),
    {
      kind: "choice",
      name: "what",
      label: "What",
      options: () => Object.entries(BAG_SERVICES).map(([value, name]) => ({ value, name })),
      first: () => "washed",
    },
  ],
  build: (v) => ({ kind: "bag-service", data: { bag: asBagId(v.text("bag")), what: v.text("what") as BagService } }),
  said: (v) => `Bag ${SAID[v.text("what") as BagService]}.`,
};

export const addBag: Verb = {
  key: "add-bag",
  alsoCalled: ["filter", "strainer", "cloth", "cartridge", "trap", "sieve", "mesh"],
  name: "Add a bag",
  letter: "g",
  group: "yard",
  fields: [
    ...bagFields(() => undefined),
    { kind: "text", name: "name", label: "Its name", first: usualName },
    {
      kind: "choice",
      name: "line",
      label: "Hang it in",
      options: (view) => view.lines.map((l) => ({ value: l.line.id, name: l.line.name })),
      first: (view) => view.lines[0]?.line.id,
      asked: (view) => view.lines.length > 1,
    },
  ],
  build: (v, view, newId) => {
    const bag = bagFrom(asBagId(newId()), v.text("name"), v);
    const line = view.lines.find((l) => l.line.id === v.text("line")) ?? view.lines[0];
    const made = { kind: "bag", data: bag } as const;
    return line?.isSaid ? [made, { kind: "line", data: hungIn(line, bag) }] : made;
  },
  said: (v) => `${v.text("name")} is on the line.`,
};

/** Before the first that is finer. */
function hungIn({ line, elements }: LineView, bag: Bag): Line {
  const um = bag.ratingUm ?? Number.POSITIVE_INFINITY;
  const at = elements.findIndex((e) => (e.bag.ratingUm ?? Number.POSITIVE_INFINITY) < um);
  const ids = elements.map((e) => e.bag.id);
  return { ...line, elements: at < 0 ? [...ids, bag.id] : ids.toSpliced(at, 0, bag.id) };
}

const chosen: Of = (view, v) => view.bags.find((b) => b.bag.id === v.text("bag"))?.bag;

export const changeBag: Verb = {
  key: "change-bag",
  alsoCalled: ["filter", "bag", "rename", "stock", "spares"],
  name: "Change what a bag is",
  group: "yard",
  fields: [
    whichBag("Which", (view) => view.bags[0]?.bag.id),
    { kind: "text", name: "name", label: "Its name", first: (view, v) => chosen(view, v)?.name ?? "" },
    ...bagFields(chosen),
  ],
  build: (v) => ({ kind: "bag", data: bagFrom(asBagId(v.text("bag")), v.text("name"), v) }),
  said: (v) => `${v.text("name")} is changed from now on.`,
};

const AT_HOME = "";
const ABOVE = "above";
const INSIDE = "inside";

const lineFields = (of: (view: YardView, v: Values) => Line | undefined): Field[] => [
  { kind: "text", name: "name", label: "Its name", first: (view, v) => of(view, v)?.name ?? "Line in the van" },
  {
    kind: "choice",
    name: "place",
    label: "Where it is",
    optional: true,
    options: (view) => [
      { value: AT_HOME, name: "At home" },
      ...view.places.map((p) => ({ value: p.place.id, name: p.place.name })),
    ],
    first: (view, v) => of(view, v)?.place ?? AT_HOME,
    asked: (view) => view.places.length > 0,
  },
  {
    kind: "mm",
    name: "feedMm",
    label: "The feed stands above the floor",
    optional: true,
    first: (view, v) => of(view, v)?.feedMm,
  },
  {
    kind: "mm",
    name: "receiverMm",
    label: "What it runs into stands above the floor",
    optional: true,
    first: (view, v) => of(view, v)?.receiverMm,
  },
  {
    kind: "choice",
    name: "last",
    label: "The last of it hangs",
    options: () => [
      { value: ABOVE, name: "Above what it runs into" },
      { value: INSIDE, name: "Inside it" },
    ],
    first: (view, v) => (of(view, v)?.isInReceiver ? INSIDE : ABOVE),
  },
];

const lineFrom = (id: Line["id"], elements: Line["elements"], v: Values): Line => ({
  id,
  name: v.text("name"),
  ...(v.text("place") !== AT_HOME && { place: asPlaceId(v.text("place")) }),
  elements,
  ...(v.maybe("feedMm") !== undefined && { feedMm: v.number("feedMm") }),
  ...(v.maybe("receiverMm") !== undefined && { receiverMm: v.number("receiverMm") }),
  ...(v.text("last") === INSIDE && { isInReceiver: true }),
});

/** The line that there was is said with the new one: from two on nobody knows what hangs where unless it is said. */
export const addLine: Verb = {
  key: "add-line",
  alsoCalled: ["van", "filter line"],
  name: "Add a filter line",
  group: "yard",
  fields: lineFields(() => undefined),
  build: (v, view, newId) => [
    ...view.lines.map((l) => ({ kind: "line" as const, data: l.line })),
    { kind: "line", data: lineFrom(asLineId(newId()), [], v) },
  ],
  said: (v) => `${v.text("name")} is there. Hang something in it.`,
};

const lineOf = (view: YardView, v: Values): Line | undefined =>
  view.lines.find((l) => l.line.id === v.text("line"))?.line;

export const changeLine: Verb = {
  key: "change-line",
  alsoCalled: ["filter line", "heights", "head"],
  name: "Change a filter line",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "line",
      label: "Which",
      options: (view) => view.lines.map((l) => ({ value: l.line.id, name: l.line.name })),
      first: (view) => view.lines[0]?.line.id,
    },
    ...lineFields(lineOf),
  ],
  build: (v, view) => {
    const known = lineOf(view, v);
    if (!known) throw new Error("no line chosen");
    return { kind: "line", data: lineFrom(known.id, known.elements, v) };
  },
  said: (v) => `${v.text("name")} is changed from now on.`,
};

export const FILTER_VERBS: readonly Verb[] = [bagService, addBag, changeBag, addLine, changeLine];
