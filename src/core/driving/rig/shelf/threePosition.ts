import { control, HEATED, heatedSupply, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** Two solenoids on one switch with three positions. */
export const threePosition = {
  id: "three-position",
  name: "Two solenoids, diesel · purge · oil",
  words: "Purge is diesel to the pump while the return still goes to the oil tank. Both rest on diesel without power.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "solenoid", "switch", ["oil"]),
      threeWay("return", "Return", "solenoid", "switch", ["oil", "purge"]),
    ],
    hoses: [...heatedSupply(), ...hosesThrough(["return.b", "oil.back"], 1000)],
    controls: [control("switch", "Fuel", "diesel", "purge", "oil")],
  },
} as const satisfies ShelfRig;
