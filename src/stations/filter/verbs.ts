import { asBagId } from "@/core/ledger/named";
import type { Verb } from "@/desk/form";

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

export const addBag: Verb = {
  key: "add-bag",
  alsoCalled: ["filter"],
  name: "Add a bag",
  letter: "g",
  group: "yard",
  fields: [
    { kind: "number", name: "ratingUm", label: "Rating", suffix: "µm", first: () => 5, chips: () => [1, 5, 50, 200] },
    { kind: "number", name: "areaM2", label: "Area", suffix: "m²", first: () => 0.25 },
    { kind: "money", name: "price", label: "A new one costs", optional: true },
  ],
  build: (v, _, newId) => ({
    kind: "bag",
    data: {
      id: asBagId(newId()),
      name: `${v.number("ratingUm")} µm`,
      ratingUm: v.number("ratingUm"),
      areaM2: v.number("areaM2"),
      ...(v.maybe("price") !== undefined && { price: v.number("price") }),
    },
  }),
  said: (v) => `A ${v.number("ratingUm")} µm bag is on the line.`,
};

export const FILTER_VERBS: readonly Verb[] = [bagService, addBag];
