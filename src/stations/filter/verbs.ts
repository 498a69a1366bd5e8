import type { Bag } from "@/core/ledger";
import { asBagId } from "@/core/ledger/named";
import type { YardView } from "@/core/view";
import type { Field, Values, Verb } from "@/desk/form";

export const bagService: Verb = {
  key: "bag-service",
  alsoCalled: ["washed", "changed", "filter"],
  name: "Bag washed or changed",
  letter: "w",
  group: "look",
  caution: "Oily bags and rags heat up by themselves: flat to dry, or under water in a lidded metal bin.",
  fields: [
    {
      kind: "choice",
      name: "bag",
      label: "Bag",
      adds: { verb: "add-bag", name: "Add a bag" },
      options: (view) => view.bags.map((b) => ({ value: b.bag.id, name: b.bag.name })),
      first: (view) => view.bags.at(-1)?.bag.id,
    },
    {
      kind: "choice",
      name: "what",
      label: "What",
      options: () => [
        { value: "washed", name: "Washed" },
        { value: "changed", name: "Changed" },
      ],
      first: () => "washed",
    },
  ],
  build: (v) => ({ kind: "bag-service", data: { bag: asBagId(v.text("bag")), what: v.text("what") as "washed" } }),
  said: (v) => `Bag ${v.text("what")}.`,
};

type Of = (view: YardView, v: Values) => Bag | undefined;

const bagFields = (of: Of): Field[] => [
  {
    kind: "number",
    name: "ratingUm",
    label: "Rating",
    suffix: "µm",
    first: (view, v) => of(view, v)?.ratingUm ?? 5,
    chips: () => [1, 5, 50, 200],
  },
  { kind: "number", name: "areaM2", label: "Area", suffix: "m²", first: (view, v) => of(view, v)?.areaM2 ?? 0.25 },
  { kind: "money", name: "price", label: "A new one costs", optional: true, first: (view, v) => of(view, v)?.price },
];

const bagFrom = (id: Bag["id"], name: string, v: Values): Bag => ({
  id,
  name,
  ratingUm: v.number("ratingUm"),
  areaM2: v.number("areaM2"),
  ...(v.maybe("price") !== undefined && { price: v.number("price") }),
});

export const addBag: Verb = {
  key: "add-bag",
  alsoCalled: ["filter"],
  name: "Add a bag",
  letter: "g",
  group: "yard",
  fields: bagFields(() => undefined),
  build: (v, _, newId) => ({
    kind: "bag",
    data: bagFrom(asBagId(newId()), `${v.number("ratingUm")} µm`, v),
  }),
  said: (v) => `A ${v.number("ratingUm")} µm bag is on the line.`,
};

const chosen: Of = (view, v) => view.bags.find((b) => b.bag.id === v.text("bag"))?.bag;

export const changeBag: Verb = {
  key: "change-bag",
  alsoCalled: ["filter", "bag", "rename"],
  name: "Change what a bag is",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "bag",
      label: "Which",
      adds: { verb: "add-bag", name: "Add a bag" },
      options: (view) => view.bags.map((b) => ({ value: b.bag.id, name: b.bag.name })),
      first: (view) => view.bags[0]?.bag.id,
    },
    { kind: "text", name: "name", label: "Its name", first: (view, v) => chosen(view, v)?.name ?? "" },
    ...bagFields(chosen),
  ],
  build: (v) => ({ kind: "bag", data: bagFrom(asBagId(v.text("bag")), v.text("name"), v) }),
  said: (v) => `${v.text("name")} is changed from now on.`,
};

export const FILTER_VERBS: readonly Verb[] = [bagService, addBag, changeBag];
