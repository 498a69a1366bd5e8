import { control, HEATED, hosesThrough, LOOP_JOINS, loopedSupply, type ShelfRig, threeWay } from "./arrangement";

/** Heated second tank; on oil the return comes round to the engine side. */
export const looped = {
  id: "loop",
  name: "Heated, return looped",
  words: "Only what is burned flows on: hot soon, but a purge takes minutes.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "solenoid", "supply-switch", ["oil"]),
      threeWay("return", "Return", "solenoid", "return-switch", ["loop"]),
      LOOP_JOINS,
    ],
    hoses: [
      ...loopedSupply(),
      ...hosesThrough(["pump.back", "return.common"], 250),
      ...hosesThrough(["return.b", "join.c"], 300),
      ...hosesThrough(["return.a", "diesel.back"], 1500),
    ],
    controls: [
      control("supply-switch", "Supply", "diesel", "oil"),
      control("return-switch", "Return", "diesel", "loop"),
    ],
  },
} as const satisfies ShelfRig;
