import { control, HEATED, hosesThrough, LOOP_JOINS, loopedSupply, type ShelfRig, threeWay } from "./arrangement";

/** The plainest kit: a hand valve for the supply, and the return led round to the pump for good. */
export const oneValve = {
  id: "one-valve",
  name: "One hand valve, looped for good",
  words: "Diesel too comes through the loop: no oil ever goes back to a tank, and a purge takes minutes.",
  rig: {
    parts: [...HEATED, threeWay("supply", "Supply", "hand", "supply-valve", ["oil"]), LOOP_JOINS],
    hoses: [...loopedSupply(), ...hosesThrough(["pump.back", "join.c"], 400)],
    controls: [control("supply-valve", "Supply", "diesel", "oil")],
  },
} as const satisfies ShelfRig;
