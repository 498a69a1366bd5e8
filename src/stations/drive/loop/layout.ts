import { Graph, layout } from "@dagrejs/dagre";
import { type Hose, partOfPort, type Rig, type RigPart } from "@/core/driving/rig";

/** A part where it lies in the drawing: its middle, and how large it is. */
export interface Placed {
  readonly part: RigPart;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Lying, a tank's words stand under it; upright, over it where its pipes leave below. */
  readonly wordsAbove: boolean;
}

export interface Laid {
  readonly width: number;
  readonly height: number;
  readonly parts: readonly Placed[];
  /** A path for each hose, the way fuel usually goes through it. */
  readonly pipes: readonly { readonly hose: Hose; readonly d: string }[];
  /** Where a hose meets a port, by the port. */
  readonly arms: ReadonlyMap<string, Point>;
}

type Size = readonly [width: number, height: number];

/** What each kind takes, its words under it included. */
function sizeOf(part: RigPart, isNarrow: boolean): Size {
  switch (part.kind) {
    case "tank":
      return isNarrow ? [104, 96] : [128, 128];
    case "injection-pump":
      return isNarrow ? [104, 56] : [130, 64];
    case "three-way":
    case "shut-off":
      return [54, 54];
    case "tee":
      return [16, 16];
    case "gauge":
    case "check":
    case "sock":
    case "trap":
    case "lift-pump":
    case "pick-up":
    case "filter":
    case "heater":
    case "exchanger":
      return isNarrow ? [92, 56] : [98, 50];
  }
}

/** Parts that only what comes back passes: from the pump's back, as far as no supply has reached. */
function returning(rig: Rig): ReadonlySet<string> {
  const supply = reached(
    rig,
    rig.parts.filter((p) => p.kind === "tank").map((p) => `${p.id}.out`),
    "injection-pump",
  );
  const back = reached(
    rig,
    rig.parts.filter((p) => p.kind === "injection-pump").map((p) => `${p.id}.back`),
    "tank",
  );
  return new Set([...back].filter((id) => !supply.has(id)));
}

/** Parts down the hoses from some ports, each as it is drawn, up to a kind that ends the way. */
function reached(rig: Rig, ports: readonly string[], end: RigPart["kind"]): ReadonlySet<string> {
  const found = new Set<string>();
  const walk = [...ports];
  for (let port = walk.pop(); port !== undefined; port = walk.pop())
    for (const h of rig.hoses) {
      if (h.from !== port && (port.includes(".") || partOfPort(h.from) !== port)) continue;
      const next = partOfPort(h.to);
      const part = rig.parts.find((p) => p.id === next);
      if (!part || found.has(next) || part.kind === end) continue;
      found.add(next);
      walk.push(next);
    }
  return found;
}

/**
 * Where everything of a rig lies: tanks at one end, the injection pump at the other, by the layout package; a way back is
 * laid as if it came from its tank, so that it lies beside the way there. Narrow, it stands upright.
 */
export function layLoop(rig: Rig, isNarrow: boolean): Laid {
  const g = new Graph({ multigraph: true });
  g.setGraph(
    isNarrow
      ? { rankdir: "TB", nodesep: 40, ranksep: 26, edgesep: 14, marginx: 12, marginy: 12 }
      : { rankdir: "LR", nodesep: 34, ranksep: 40, edgesep: 30, marginx: 16, marginy: 20 },
  );
  g.setDefaultEdgeLabel(() => ({}));
  for (const part of rig.parts) {
    const [width, height] = sizeOf(part, isNarrow);
    g.setNode(part.id, { width, height });
  }
  const back = returning(rig);
  const isBack = (h: Hose): boolean =>
    partOfPort(h.from) === "" || h.from.endsWith(".back") || back.has(partOfPort(h.from));
  for (const h of rig.hoses) {
    const [from, to] = [partOfPort(h.from), partOfPort(h.to)];
    if (!g.hasNode(from) || !g.hasNode(to)) continue;
    const label = { weight: isBack(h) ? 1 : 4 };
    if (isBack(h)) g.setEdge(to, from, label, h.id);
    else g.setEdge(from, to, label, h.id);
  }
  layout(g);
  const parts = rig.parts.map(
    (part): Placed => ({
      part,
      ...(g.node(part.id) as Pick<Placed, "x" | "y" | "width" | "height">),
      wordsAbove: isNarrow && rig.hoses.some((h) => h.from === `${part.id}.out` || h.to === `${part.id}.out`),
    }),
  );
  const byId = new Map(parts.map((p) => [p.part.id, p]));
  const runs = rig.hoses.flatMap((hose): Run[] => {
    const [from, to] = [byId.get(partOfPort(hose.from)), byId.get(partOfPort(hose.to))];
    if (!from || !to) return [];
    const [v, w] = isBack(hose) ? [to, from] : [from, to];
    const points = ((g.edge({ v: v.part.id, w: w.part.id, name: hose.id })?.points ?? []) as Point[]).slice(1, -1);
    return [{ hose, from, to, between: isBack(hose) ? points.toReversed() : points }];
  });
  const ends = endsOf(runs, isNarrow);
  const pipes = runs.map((r) => {
    const [a, b] = [ends.get(`${r.hose.id} from`), ends.get(`${r.hose.id} to`)];
    return { hose: r.hose, d: a && b ? squarePath([a, ...r.between, b], isNarrow) : "" };
  });
  const graph = g.graph();
  const arms = new Map<string, Point>();
  for (const { hose } of runs)
    for (const [port, end] of [
      [hose.from, ends.get(`${hose.id} from`)],
      [hose.to, ends.get(`${hose.id} to`)],
    ] as const)
      if (end) arms.set(port, end);
  // Upright, names stand beside their valves.
  return { width: (graph.width ?? 400) + (isNarrow ? NAME_PX : 0), height: graph.height ?? 300, parts, pipes, arms };
}

interface Point {
  readonly x: number;
  readonly y: number;
}

interface Run {
  readonly hose: Hose;
  readonly from: Placed;
  readonly to: Placed;
  readonly between: readonly Point[];
}

const NAME_PX = 70;
/** Two hoses on one side of a part lie so far apart. */
const APART_PX = 30;

/** Where each hose meets its parts: on the side that it goes to, beside the others there, in the order they come from. */
function endsOf(runs: readonly Run[], isNarrow: boolean): ReadonlyMap<string, Point> {
  const along = (p: Point): number => (isNarrow ? p.y : p.x);
  const across = (p: Point): number => (isNarrow ? p.x : p.y);
  const sides = new Map<string, { key: string; of: Placed; side: number; towards: number }[]>();
  for (const r of runs)
    for (const [key, of, other] of [
      ["from", r.from, r.between[0] ?? r.to],
      ["to", r.to, r.between.at(-1) ?? r.from],
    ] as const) {
      const side = along(other) >= along(of) ? 1 : -1;
      const name = `${of.part.id} ${side}`;
      sides.set(name, [...(sides.get(name) ?? []), { key: `${r.hose.id} ${key}`, of, side, towards: across(other) }]);
    }
  const ends = new Map<string, Point>();
  for (const all of sides.values()) {
    const sorted = [...all].sort((a, b) => a.towards - b.towards);
    for (const [i, { key, of, side }] of sorted.entries()) {
      const room = (isNarrow ? of.width : bodyOf(of)) - 16;
      const gap = Math.min(APART_PX, room / Math.max(1, sorted.length - 1));
      const off = (i - (sorted.length - 1) / 2) * gap;
      const reach = (side * (isNarrow ? bodyOf(of) : of.width)) / 2;
      const y = of.y + ((of.wordsAbove ? 1 : -1) * (of.height - bodyOf(of))) / 2;
      ends.set(key, isNarrow ? { x: of.x + off, y: y + reach } : { x: of.x + reach, y: y + off });
    }
  }
  return ends;
}

/** Of a tank, what is above its words. */
export const TANK_WORDS_PX = 40;
const bodyOf = ({ part, height }: Placed): number => (part.kind === "tank" ? height - TANK_WORDS_PX : height);

/** Pipes run square: halfway between two points they step across. */
function squarePath(points: readonly Point[], isNarrow: boolean): string {
  const [first, ...rest] = points;
  if (!first) return "";
  const square: Point[] = [first];
  for (const next of rest) {
    const at = square.at(-1) ?? first;
    if (isNarrow) {
      const y = (at.y + next.y) / 2;
      square.push({ x: at.x, y }, { x: next.x, y }, next);
    } else {
      const x = (at.x + next.x) / 2;
      square.push({ x, y: at.y }, { x, y: next.y }, next);
    }
  }
  return `M${square.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join("L")}`;
}
