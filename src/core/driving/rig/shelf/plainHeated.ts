import { FILTER, hosesThrough, OIL_TANK, PUMP, type ShelfRig } from "./arrangement";

/** One tank, and a heater in its line. */
export const plainHeated = {
  id: "plain-heated",
  name: "One tank, line heater",
  words: "A thicker blend once it runs. The first minutes are as cold as the morning.",
  rig: {
    parts: [
      { ...OIL_TANK, name: "Tank" },
      { id: "sock", kind: "sock", name: "Sock" },
      FILTER,
      { id: "heater", kind: "heater", name: "Line heater", watts: 300, litres: 0.02 },
      PUMP,
    ],
    hoses: [
      ...hosesThrough(["oil.out", "sock", "filter", "heater", "pump.in"], 700),
      ...hosesThrough(["pump.back", "oil.back"], 2000),
    ],
    controls: [],
  },
} as const satisfies ShelfRig;
