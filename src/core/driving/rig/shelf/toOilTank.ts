import { control, HEATED, heatedSupply, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** Heated second tank; on oil the return goes back to the oil tank, by a switch of its own. */
export const toOilTank = {
  id: "oil-tank",
  name: "Heated, return to the oil tank",
  words:
    "Two switches: the return can stay on the oil tank while diesel comes round, so a purge takes a minute or two.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "solenoid", "supply-switch", ["oil"]),
      threeWay("return", "Return", "solenoid", "return-switch", ["oil"]),
    ],
    hoses: [...heatedSupply(), ...hosesThrough(["return.b", "oil.back"], 1000)],
    controls: [
      control("supply-switch", "Supply", "diesel", "oil"),
      control("return-switch", "Return", "diesel", "oil"),
    ],
  },
} as const satisfies ShelfRig;
