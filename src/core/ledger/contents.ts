import { type ComponentId, isMuck } from "../fluids";

/**
 * What is in a vessel: litres at 15 °C by part, a part being (component, origin batch). Parallel arrays sorted by the
 * part's number, because a yard of 20,000 entries adds and splits them millions of times. Never changed in place.
 */
export interface Contents {
  readonly keys: readonly number[];
  readonly litres: readonly number[];
  readonly total: number;
}

export const EMPTY: Contents = { keys: [], litres: [], total: 0 };

/** Origin of the traces too small to follow: under a cubic millimetre. They keep their component and their litres. */
export const TRACES = "~traces";
const TRACE_LITRES = 1e-6;

/** Numbers the parts. Only ever grows, so that projections of one yard may share it. */
export class PartTable {
  readonly components: ComponentId[] = [];
  readonly origins: string[] = [];
  private readonly numbers = new Map<string, number>();

  key(component: ComponentId, origin: string): number {
    const name = `${component}|${origin}`;
    const known = this.numbers.get(name);
    if (known !== undefined) return known;
    const key = this.components.length;
    this.numbers.set(name, key);
    this.components.push(component);
    this.origins.push(origin);
    return key;
  }

  component(key: number): ComponentId {
    const found = this.components[key];
    if (found === undefined) throw new Error(`no part ${key}`);
    return found;
  }
}

export function add(a: Contents, b: Contents): Contents {
  if (a.keys.length === 0) return b;
  if (b.keys.length === 0) return a;
  const keys: number[] = [];
  const litres: number[] = [];
  let i = 0;
  let j = 0;
  while (i < a.keys.length || j < b.keys.length) {
    const ka = a.keys[i] ?? Number.POSITIVE_INFINITY;
    const kb = b.keys[j] ?? Number.POSITIVE_INFINITY;
    keys.push(Math.min(ka, kb));
    litres.push((ka <= kb ? (a.litres[i++] ?? 0) : 0) + (kb <= ka ? (b.litres[j++] ?? 0) : 0));
  }
  return { keys, litres, total: sum(litres) };
}

export interface Split {
  readonly taken: Contents;
  readonly left: Contents;
}

/** Splits off `weight(key)` (0 to 1) of each part. Both sides together hold exactly what there was, to rounding. */
function splitBy(c: Contents, table: PartTable, weight: (key: number) => number): Split {
  const taken = new Array<number>(c.keys.length);
  const left = new Array<number>(c.keys.length);
  let small = false;
  for (let i = 0; i < c.keys.length; i++) {
    const all = c.litres[i] ?? 0;
    const out = all * weight(c.keys[i] ?? 0);
    taken[i] = out;
    left[i] = all - out;
    small ||= out < TRACE_LITRES || all - out < TRACE_LITRES;
  }
  const make = (litres: number[]): Contents => ({ keys: c.keys, litres, total: sum(litres) });
  return small
    ? { taken: foldTraces(make(taken), table), left: foldTraces(make(left), table) }
    : { taken: make(taken), left: make(left) };
}

/** Parts too small to follow go under their component's traces; nothing is dropped but exact zeros. */
function foldTraces(c: Contents, table: PartTable): Contents {
  const kept = new Map<number, number>();
  for (let i = 0; i < c.keys.length; i++) {
    const litres = c.litres[i] ?? 0;
    if (litres === 0) continue;
    const key = c.keys[i] ?? 0;
    const at = litres < TRACE_LITRES ? table.key(table.component(key), TRACES) : key;
    kept.set(at, (kept.get(at) ?? 0) + litres);
  }
  const keys = [...kept.keys()].sort((a, b) => a - b);
  const litres = keys.map((k) => kept.get(k) ?? 0);
  return { keys, litres, total: sum(litres) };
}

/** A proportional share. */
export function takeMixed(c: Contents, table: PartTable, litres: number): Split {
  if (litres >= c.total) return { taken: c, left: EMPTY };
  const share = litres / c.total;
  return splitBy(c, table, () => share);
}

/** Lowest first: sludge, water, fat, then everything else. */
const depth = (component: ComponentId): number =>
  component === "sludge" ? 0 : component === "water" ? 1 : component === "fryer-fat" ? 2 : 3;
const BOTTOM_UP = [0, 1, 2, 3];

/**
 * Takes the layer named: from the top the oil with the share of muck that still hangs in it, and only when that is
 * gone the layers below; from the bottom the muck first.
 */
export function takeLayer(
  c: Contents,
  table: PartTable,
  litres: number,
  layer: "top" | "bottom",
  suspendedShare: number,
): Split {
  if (litres >= c.total) return { taken: c, left: EMPTY };
  const hanging = layer === "top" ? suspendedShare : 0;
  const isOil = (key: number): boolean => depth(table.component(key)) === 3;
  const pool = weigh(c, (key) => (isOil(key) ? 1 : hanging));
  if (layer === "top" && litres <= pool) {
    return splitBy(c, table, (key) => (litres / pool) * (isOil(key) ? 1 : hanging));
  }
  const order = layer === "top" ? [...BOTTOM_UP].reverse() : BOTTOM_UP;
  const shares = new Map<number, number>();
  let wanted = litres;
  for (const rank of order) {
    const there = weigh(c, (key) => (depth(table.component(key)) === rank ? 1 : 0));
    const share = there > 0 ? Math.min(1, wanted / there) : 0;
    shares.set(rank, share);
    wanted -= share * there;
  }
  return splitBy(c, table, (key) => shares.get(depth(table.component(key))) ?? 0);
}

function weigh(c: Contents, weight: (key: number) => number): number {
  let total = 0;
  for (let i = 0; i < c.keys.length; i++) total += (c.litres[i] ?? 0) * weight(c.keys[i] ?? 0);
  return total;
}

function sum(litres: readonly number[]): number {
  let total = 0;
  for (const l of litres) total += l;
  return total;
}

/** Litres of muck: water and sludge, which no engine may see. */
export const muckLitres = (c: Contents, table: PartTable): number =>
  weigh(c, (key) => (isMuck(table.component(key)) ? 1 : 0));
