import { control, DIESEL_TANK, FILTER, hosesThrough, OIL_TANK, PUMP, type ShelfRig, threeWay } from "./arrangement";

/** A second tank without heat: a blend to start and stop on, oil on the way. */
export const unheated = {
  id: "unheated",
  name: "Second tank, no heat",
  words:
    "Starts and stops on a blend, runs on the other. What runs must be thin enough as warm as the engine makes it.",
  rig: {
    parts: [
      { ...DIESEL_TANK, name: "Start tank" },
      OIL_TANK,
      threeWay("supply", "Supply", "solenoid", "supply-switch", ["oil"]),
      FILTER,
      PUMP,
      threeWay("return", "Return", "solenoid", "return-switch", ["oil"]),
    ],
    hoses: [
      ...hosesThrough(["diesel.out", "supply.a"], 1500),
      ...hosesThrough(["oil.out", "supply.b"], 1000),
      ...hosesThrough(["supply.common", "filter", "pump.in"], 600),
      ...hosesThrough(["pump.back", "return.common"], 500),
      ...hosesThrough(["return.a", "diesel.back"], 1500),
      ...hosesThrough(["return.b", "oil.back"], 1000),
    ],
    controls: [
      control("supply-switch", "Supply", "diesel", "oil"),
      control("return-switch", "Return", "diesel", "oil"),
    ],
  },
} as const satisfies ShelfRig;
