import { control, HEATED, heatedSupply, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** Heated second tank; one switch turns the supply and the return at once. */
export const following = {
  id: "following",
  name: "Heated, return follows the supply",
  words: "One switch. What stands in the line when it is turned back goes into the diesel tank: keep the line short.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "solenoid", "switch", ["oil"]),
      threeWay("return", "Return", "solenoid", "switch", ["oil"]),
    ],
    hoses: [...heatedSupply(), ...hosesThrough(["return.b", "oil.back"], 1000)],
    controls: [control("switch", "Fuel", "diesel", "oil")],
  },
} as const satisfies ShelfRig;
