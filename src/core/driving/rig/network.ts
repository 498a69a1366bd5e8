import { solveLinear } from "../../numerics/solveLinear";
import { type Hose, hoseLitres, litresIn, partOfPort, portOf, type Rig, type RigPart } from "./parts";
import { isPushing, passesOf, type Setting } from "./setting";

/** Fuel that moves between two ports: through a hose, or through a part. Against its direction it is below nought. */
export interface Flow {
  /** The hose's or the part's id. */
  readonly of: string;
  readonly from: string;
  readonly to: string;
  readonly litres: number;
  readonly litresPerMinute: number;
}

export interface Flows {
  readonly flows: readonly Flow[];
  /** What the injection pump draws and gives back. */
  readonly drawn: number;
  readonly returned: number;
  /** Nothing reaches the injection pump; what it gives back has no way. */
  readonly starves: boolean;
  readonly isShutIn: boolean;
}

interface Edge {
  readonly of: string;
  readonly from: string;
  readonly to: string;
  readonly litres: number;
  readonly conductance: number;
  readonly oneWay: boolean;
}

/** A part's own resistance, as so much hose of 8 mm: it only matters where two ways are open at once. */
const PART_HOSE: Pick<Hose, "lengthMm" | "boreMm"> = { lengthMm: 200, boreMm: 8 };

/** Laminar: flow by pressure goes with d⁴/L. Only ratios count here. */
const conductance = ({ lengthMm, boreMm }: Pick<Hose, "lengthMm" | "boreMm">): number =>
  (boreMm / 8) ** 4 / (Math.max(1, lengthMm) / 200);

function edgesOf(rig: Rig, setting: Setting): Edge[] {
  const hoses = rig.hoses.map((h) => ({
    of: h.id,
    from: h.from,
    to: h.to,
    litres: hoseLitres(h),
    conductance: conductance(h),
    oneWay: false,
  }));
  const through = rig.parts
    .filter((p) => !pushesOrHolds(p))
    .flatMap((p) =>
      passesOf(rig, p, setting).map(([from, to]) => ({
        of: p.id,
        from: portOf(p, from),
        to: portOf(p, to),
        litres: litresIn(p),
        conductance: conductance(PART_HOSE),
        oneWay: p.kind === "check",
      })),
    );
  return [...hoses, ...through];
}

/** A pump of its own control moves what it moves, or holds. */
const pushesOrHolds = (p: RigPart): boolean => p.kind === "lift-pump" && p.pushes !== null;

/** What is pumped from one port to another whatever the pressure. */
interface Source {
  readonly of: string;
  readonly from: string;
  readonly to: string;
  readonly litresPerMinute: number;
}

/**
 * The flows of a rig as it stands, L/min: a network of laminar resistances between tanks at one pressure, driven by its
 * pumps. `burn` is what the engine takes for good, at most what its pump takes. A one-way valve that would pass
 * backwards is shut and the network solved again.
 */
export function flowsOf(rig: Rig, setting: Setting, burnLitresPerMinute: number): Flows {
  let edges = edgesOf(rig, setting);
  for (;;) {
    const solved = solvedOver(rig, edges, setting, burnLitresPerMinute);
    const backwards = new Set(
      solved.flows
        .filter((f) => f.litresPerMinute < -1e-12 && edges.some((e) => e.oneWay && e.of === f.of))
        .map((f) => f.of),
    );
    if (backwards.size === 0) return solved;
    edges = edges.filter((e) => !backwards.has(e.of));
  }
}

function solvedOver(rig: Rig, edges: readonly Edge[], setting: Setting, burn: number): Flows {
  const isTank = new Set(rig.parts.filter((p) => p.kind === "tank").map((p) => p.id));
  const open = (port: string): boolean => isTank.has(partOfPort(port));
  const fed = reachable(edges, open);
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  const sources: Source[] = [];
  for (const p of rig.parts)
    if (p.kind === "lift-pump" && isPushing(rig, p, setting) && fed.has(portOf(p, "in")) && fed.has(portOf(p, "out")))
      sources.push({ of: p.id, from: portOf(p, "in"), to: portOf(p, "out"), litresPerMinute: p.litresPerMinute });
  const injections = new Map<string, number>();
  const add = (port: string, litresPerMinute: number): void => {
    injections.set(port, (injections.get(port) ?? 0) + litresPerMinute);
  };
  const starves = !engine || !fed.has(portOf(engine, "in"));
  const isShutIn = !!engine && !fed.has(portOf(engine, "back"));
  const running = engine && setting.runs && !starves;
  const burned = running ? Math.min(burn, engine.litresPerMinute) : 0;
  const drawn = running ? (isShutIn ? burned : engine.litresPerMinute) : 0;
  const returned = drawn - burned;
  if (running) {
    add(portOf(engine, "in"), -drawn);
    if (returned > 0) add(portOf(engine, "back"), returned);
  }
  for (const s of sources) {
    add(s.from, -s.litresPerMinute);
    add(s.to, s.litresPerMinute);
  }
  const pressure = pressures(edges, fed, open, injections);
  const at = (port: string): number => pressure.get(port) ?? 0;
  const flows = edges.map((e): Flow => {
    const flows = fed.has(e.from) && fed.has(e.to);
    return {
      of: e.of,
      from: e.from,
      to: e.to,
      litres: e.litres,
      litresPerMinute: flows ? e.conductance * (at(e.from) - at(e.to)) : 0,
    };
  });
  return {
    flows: [...flows, ...sources.map((s) => ({ ...s, litres: 0 }))],
    drawn,
    returned,
    starves,
    isShutIn,
  };
}

/** Ports that some open way joins to a tank. */
function reachable(edges: readonly Edge[], open: (port: string) => boolean): ReadonlySet<string> {
  const near = new Map<string, string[]>();
  const join = (a: string, b: string): void => {
    near.set(a, [...(near.get(a) ?? []), b]);
  };
  for (const e of edges) {
    join(e.from, e.to);
    join(e.to, e.from);
  }
  const found = new Set([...near.keys()].filter(open));
  const walk = [...found];
  for (let port = walk.pop(); port !== undefined; port = walk.pop())
    for (const next of near.get(port) ?? [])
      if (!found.has(next)) {
        found.add(next);
        walk.push(next);
      }
  return found;
}

/** Pressures at the ports that are joined to a tank; tanks stand at nought. Kirchhoff: what flows in flows out. */
function pressures(
  edges: readonly Edge[],
  fed: ReadonlySet<string>,
  open: (port: string) => boolean,
  injections: ReadonlyMap<string, number>,
): ReadonlyMap<string, number> {
  const ports = [...fed].filter((port) => !open(port));
  const index = new Map(ports.map((port, i) => [port, i]));
  const a = ports.map(() => ports.map(() => 0));
  const b = ports.map((port) => injections.get(port) ?? 0);
  const put = (i: number | undefined, j: number | undefined, value: number): void => {
    const row = i === undefined ? undefined : a[i];
    if (row && j !== undefined) row[j] = (row[j] ?? 0) + value;
  };
  for (const e of edges) {
    const [i, j] = [index.get(e.from), index.get(e.to)];
    put(i, i, e.conductance);
    put(j, j, e.conductance);
    put(i, j, -e.conductance);
    put(j, i, -e.conductance);
  }
  const solved = solveLinear(a, b);
  return new Map(ports.map((port, i) => [port, solved[i] ?? 0]));
}
