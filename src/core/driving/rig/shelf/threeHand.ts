import {
  control,
  DIESEL_TANK,
  EXCHANGER,
  HOT_PICK_UP,
  hosesThrough,
  OIL_TANK,
  PUMP,
  type ShelfRig,
  threeWay,
} from "./arrangement";

/** Three hand valves: which tank, which filter, which way back. */
export const threeHand = {
  id: "three-hand",
  name: "Three hand valves",
  words: "Tank and filter first, then wait while diesel comes round, then the return. Nothing moves by itself.",
  rig: {
    parts: [
      DIESEL_TANK,
      OIL_TANK,
      HOT_PICK_UP,
      { id: "lift", kind: "lift-pump", name: "Lift pump", litresPerMinute: 1.5, pushes: null },
      { id: "diesel-filter", kind: "filter", name: "Diesel filter", litres: 0.05, ratingUm: 5 },
      { id: "oil-filter", kind: "filter", name: "Oil filter", litres: 0.05, ratingUm: 10 },
      { id: "join", kind: "tee", name: "Filters join" },
      EXCHANGER,
      PUMP,
      threeWay("supply", "Tank valve", "hand", "tank-valve", ["oil"]),
      threeWay("filters", "Filter valve", "hand", "filter-valve", ["oil"]),
      threeWay("return", "Return valve", "hand", "return-valve", ["oil"]),
    ],
    hoses: [
      ...hosesThrough(["diesel.out", "supply.a"], 1500),
      ...hosesThrough(["oil.out", "pick-up", "supply.b"], 600),
      ...hosesThrough(["supply.common", "lift", "filters.common"], 300),
      ...hosesThrough(["filters.a", "diesel-filter", "join.a"], 150),
      ...hosesThrough(["filters.b", "oil-filter", "join.b"], 150),
      ...hosesThrough(["join.c", "exchanger", "pump.in"], 300),
      ...hosesThrough(["pump.back", "return.common"], 500),
      ...hosesThrough(["return.a", "diesel.back"], 1500),
      ...hosesThrough(["return.b", "oil.back"], 1000),
    ],
    controls: [
      control("tank-valve", "Tank valve", "diesel", "oil"),
      control("filter-valve", "Filter valve", "diesel", "oil"),
      control("return-valve", "Return valve", "diesel", "oil"),
    ],
  },
} as const satisfies ShelfRig;
