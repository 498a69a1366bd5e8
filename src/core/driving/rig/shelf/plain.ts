import { FILTER, hosesThrough, OIL_TANK, PUMP, type ShelfRig } from "./arrangement";

/** One tank, as it left the works. */
export const plain = {
  id: "plain",
  name: "One tank",
  words: "A blend that is thin enough cold. Nothing to switch, nothing to purge.",
  rig: {
    parts: [{ ...OIL_TANK, name: "Tank" }, { id: "sock", kind: "sock", name: "Sock" }, FILTER, PUMP],
    hoses: [
      ...hosesThrough(["oil.out", "sock", "filter", "pump.in"], 900),
      ...hosesThrough(["pump.back", "oil.back"], 2000),
    ],
    controls: [],
  },
} as const satisfies ShelfRig;
