import { control, HEATED, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** The plainest kit: a hand valve for the supply, and the return led round to the pump for good. */
export const oneValve = {
  id: "one-valve",
  name: "One hand valve, looped for good",
  words: "Diesel too comes through the loop: no oil ever goes back to a tank, and a purge takes minutes.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "hand", "supply-valve", ["oil"]),
      { id: "join", kind: "tee", name: "Loop joins" },
    ],
    hoses: [
      ...hosesThrough(["diesel.out", "supply.a"], 1500),
      ...hosesThrough(["oil.out", "pick-up", "supply.b"], 600),
      ...hosesThrough(["supply.common", "join.a"], 100),
      ...hosesThrough(["join.b", "filter", "exchanger", "pump.in"], 300),
      ...hosesThrough(["pump.back", "join.c"], 400),
    ],
    controls: [control("supply-valve", "Supply", "diesel", "oil")],
  },
} as const satisfies ShelfRig;
