import type { Chain } from "./chains";
import type { Flows } from "./network";
import { isValve, partOfPort, portOf, type Rig } from "./parts";

/** A place that holds fuel: a tank, or one stirred cell of a chain. */
export type Store = number;

/** Fuel that leaves one store for another; `to` BURNED is the engine's. */
export interface Transfer {
  readonly from: Store;
  readonly to: Store;
  readonly litresPerMinute: number;
}

export const BURNED: Store = -1;

/** Which store is which: tanks first, then the cells of each chain from its start. */
export interface Stores {
  readonly tanks: readonly string[];
  readonly chains: readonly { readonly chain: Chain; readonly first: Store; readonly cells: number }[];
  readonly count: number;
  /** Litres that each cell holds, by its store; of tanks nothing is said. */
  readonly volumes: readonly number[];
}

/** `cellsOf` says how many stirred tanks a chain counts for, at least one. */
export function storesOf(rig: Rig, chains: readonly Chain[], cellsOf: (chain: Chain) => number): Stores {
  const tanks = rig.parts.filter((p) => p.kind === "tank").map((p) => p.id);
  let count = tanks.length;
  const laid = chains.map((chain) => {
    const cells = Math.max(1, cellsOf(chain));
    const first = count;
    count += cells;
    return { chain, first, cells };
  });
  const volumes = laid.flatMap(({ chain, cells }) => new Array<number>(cells).fill(chain.litres / cells));
  return { tanks, chains: laid, count, volumes: [...tanks.map(() => Number.NaN), ...volumes] };
}

const STILL = 1e-9;

/** L/min through a chain from its start to its end. */
export function chainFlow(chain: Chain, flows: Flows): number {
  const [first] = chain.members;
  const flow = first && flows.flows.find((f) => f.of === first.of);
  return flow && first ? flow.litresPerMinute * (first.isForward ? 1 : -1) : 0;
}

interface Junction {
  readonly in: { store: Store; rate: number }[];
  readonly out: { store: Store; rate: number }[];
}

/** Who passes how much to whom: what flows into a junction leaves it well mixed, in proportion. */
export function transfersOf(rig: Rig, stores: Stores, flows: Flows): Transfer[] {
  const joined = junctions(rig, flows);
  const at = new Map<string, Junction>();
  const junctionOf = (port: string): Junction => {
    const key = joined(port);
    const known = at.get(key) ?? { in: [], out: [] };
    at.set(key, known);
    return known;
  };
  const transfers: Transfer[] = [];
  const meets = (port: string, store: Store, rate: number): void => {
    if (Math.abs(rate) < STILL) return;
    const tank = stores.tanks.indexOf(partOfPort(port));
    if (tank >= 0)
      transfers.push(
        rate > 0 ? { from: store, to: tank, litresPerMinute: rate } : { from: tank, to: store, litresPerMinute: -rate },
      );
    else if (rate > 0) junctionOf(port).in.push({ store, rate });
    else junctionOf(port).out.push({ store, rate: -rate });
  };
  for (const { chain, first, cells } of stores.chains) {
    const rate = chainFlow(chain, flows);
    meets(chain.start, first, -rate);
    meets(chain.end, first + cells - 1, rate);
    if (Math.abs(rate) < STILL) continue;
    for (let i = first; i < first + cells - 1; i++)
      transfers.push(
        rate > 0 ? { from: i, to: i + 1, litresPerMinute: rate } : { from: i + 1, to: i, litresPerMinute: -rate },
      );
  }
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  const burned = flows.drawn - flows.returned;
  if (engine && burned > 0) junctionOf(portOf(engine, "in")).out.push({ store: BURNED, rate: burned });
  for (const j of at.values()) {
    const all = j.out.reduce((sum, o) => sum + o.rate, 0);
    for (const i of j.in)
      for (const o of j.out) transfers.push({ from: i.store, to: o.store, litresPerMinute: (i.rate * o.rate) / all });
  }
  return transfers;
}

/** Ports that hold no fuel between them, by one name each. */
function junctions(rig: Rig, flows: Flows): (port: string) => string {
  const parent = new Map<string, string>();
  const find = (port: string): string => {
    const up = parent.get(port);
    return up === undefined || up === port ? port : find(up);
  };
  const join = (a: string, b: string): void => {
    parent.set(find(a), find(b));
  };
  const passing = new Set(
    rig.parts
      .filter((p) => isValve(p) || p.kind === "tee" || p.kind === "check" || (p.kind === "lift-pump" && p.pushes))
      .map((p) => p.id),
  );
  for (const f of flows.flows) if (passing.has(f.of)) join(f.from, f.to);
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  if (engine) join(portOf(engine, "in"), portOf(engine, "back"));
  return find;
}
