import { control, HEATED, heatedSupply, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** A works' tank selector: a motor turns the supply and the return together. */
export const selector = {
  id: "selector",
  name: "One selector moves both",
  words:
    "Made for two tanks of the same fuel. Its motor stays where it is when the power goes, so on oil it stays on oil.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply side", "motor", "selector", ["oil"]),
      threeWay("return", "Return side", "motor", "selector", ["oil"]),
    ],
    hoses: [...heatedSupply(), ...hosesThrough(["return.b", "oil.back"], 1000)],
    controls: [control("selector", "Tank selector", "diesel", "oil")],
  },
} as const satisfies ShelfRig;
