import { control, HEATED, heatedSupply, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** In winter a small pump pushes diesel back through the line into the oil tank, with the engine off. */
export const backPurge = {
  id: "back-purge",
  name: "Winter back-purge",
  words:
    "A little pump pushes diesel from the pump's end back through filter and lines into the oil tank, in half a minute.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "solenoid", "switch", ["oil", "back"]),
      threeWay("return", "Return", "solenoid", "switch", ["oil"]),
      {
        id: "back-pump",
        kind: "lift-pump",
        name: "Back-purge pump",
        litresPerMinute: 2,
        pushes: { control: "switch", at: ["back"] },
      },
      { id: "back-join", kind: "tee", name: "Back-purge joins" },
      { id: "split", kind: "tee", name: "Diesel splits" },
    ],
    hoses: [
      ...heatedSupply().filter((h) => h.to !== "pump.in" && h.from !== "diesel.out"),
      ...hosesThrough(["diesel.out", "split.a"], 700),
      ...hosesThrough(["split.b", "supply.a"], 800),
      ...hosesThrough(["split.c", "back-pump", "back-join.c"], 900),
      ...hosesThrough(["exchanger", "back-join.a"], 200),
      ...hosesThrough(["back-join.b", "pump.in"], 200),
      ...hosesThrough(["return.b", "oil.back"], 1000),
    ],
    controls: [control("switch", "Fuel", "diesel", "back", "oil")],
  },
} as const satisfies ShelfRig;
