import type { Control, Hose, Rig, RigPart } from "../parts";

/** An arrangement to begin with: a list of parts and hoses. A new one is its file and a line in `index.ts`. */
export interface ShelfRig {
  readonly id: string;
  readonly name: string;
  /** What it is for, and what follows from it. */
  readonly words: string;
  readonly rig: Omit<Rig, "from">;
}

/** A row of hoses through parts that have an in and an out: `["oil.out", "pick-up", "supply.b"]`. Lengths in mm. */
export function hosesThrough(row: readonly string[], lengthMm: number, boreMm = 8): Hose[] {
  return row.slice(1).map((to, i) => {
    const before = row[i] ?? "";
    return {
      id: `${before} to ${to}`,
      from: before.includes(".") ? before : `${before}.out`,
      to: to.includes(".") ? to : `${to}.in`,
      lengthMm,
      boreMm,
    };
  });
}

export const DIESEL_TANK: RigPart = { id: "diesel", kind: "tank", name: "Diesel tank", holds: "diesel" };
export const OIL_TANK: RigPart = { id: "oil", kind: "tank", name: "Oil tank", holds: "oil" };
export const HOT_PICK_UP: RigPart = {
  id: "pick-up",
  kind: "pick-up",
  name: "Heated pick-up",
  litres: 0.02,
  uaWPerK: 12,
};
export const FILTER: RigPart = { id: "filter", kind: "filter", name: "Filter", litres: 0.05, ratingUm: 5 };
export const EXCHANGER: RigPart = { id: "exchanger", kind: "exchanger", name: "Exchanger", uaWPerK: 90, litres: 0.01 };
export const PUMP: RigPart = { id: "pump", kind: "injection-pump", name: "Injection pump", litresPerMinute: 1.4 };

/** A valve that its own control turns at `at`. */
export const threeWay = (
  id: string,
  name: string,
  moved: "hand" | "solenoid" | "motor",
  control: string,
  at: readonly string[],
): RigPart => ({ id, kind: "three-way", name, moved, turned: { control, at } });

export const control = (id: string, name: string, ...positions: readonly string[]): Control => ({
  id,
  name,
  positions,
});

/** From either tank to the supply valve, through what heats it, to the pump; and back to the return valve. */
export const heatedSupply = (): Hose[] => [
  ...hosesThrough(["diesel.out", "supply.a"], 1500),
  ...hosesThrough(["oil.out", "pick-up", "supply.b"], 600),
  ...hosesThrough(["supply.common", "filter", "exchanger", "pump.in"], 400),
  ...hosesThrough(["pump.back", "return.common"], 500),
  ...hosesThrough(["return.a", "diesel.back"], 1500),
];

/** The same, with what comes round from the pump joining it after the valve. */
export const loopedSupply = (): Hose[] => [
  ...hosesThrough(["diesel.out", "supply.a"], 1500),
  ...hosesThrough(["oil.out", "pick-up", "supply.b"], 600),
  ...hosesThrough(["supply.common", "join.a"], 100),
  ...hosesThrough(["join.b", "filter", "exchanger", "pump.in"], 300),
];
export const LOOP_JOINS: RigPart = { id: "join", kind: "tee", name: "Loop joins" };

export const HEATED: readonly RigPart[] = [DIESEL_TANK, OIL_TANK, HOT_PICK_UP, FILTER, EXCHANGER, PUMP];
