import { type ComponentId, componentOf, expansionPerK, LAYER_ORDER } from "../fluids";

/**
 * What is in a vessel: litres at 15 °C by part, a part being (component, origin batch). Parallel arrays sorted by the
 * part's number, because a yard of 20,000 entries adds and splits them millions of times. Never changed in place.
 */
export interface Contents {
  readonly keys: readonly number[];
  /** Relative: a part's litres are `scale` times this, so that taking a proportional share copies nothing. */
  readonly unscaled: readonly number[];
  readonly scale: number;
  readonly total: number;
  /** With more parts than this the smallest are put together; grows with what is left, so that looking for them is rare. */
  readonly foldAbove: number;
}

const FOLD_FIRST = 32;

export const EMPTY: Contents = {
  keys: [],
  unscaled: [],
  scale: 1,
  total: 0,
  foldAbove: FOLD_FIRST,
};

/** Origin of the traces too small to follow: under four teaspoons. They keep their component and their litres. */
export const TRACES = "~traces";
const TRACE_LITRES = 2e-2;

/** Layers from the bottom up, as numbers: looked up millions of times. */
const OIL_DEPTH = LAYER_ORDER.indexOf("oil");
const depthOf = (component: ComponentId): number => LAYER_ORDER.indexOf(componentOf(component).lies);

/** Numbers the parts. Only ever grows, so that projections of one yard may share it. */
export class PartTable {
  readonly components: ComponentId[] = [];
  readonly origins: string[] = [];
  /** How deep each part lies when it has settled, and its expansion: looked up millions of times. */
  readonly depths: number[] = [];
  readonly alphasPerK: number[] = [];
  private readonly numbers = new Map<string, Map<ComponentId, number>>();
  private readonly traceKeys = new Map<ComponentId, number>();

  key(component: ComponentId, origin: string): number {
    let ofOrigin = this.numbers.get(origin);
    if (!ofOrigin) {
      ofOrigin = new Map();
      this.numbers.set(origin, ofOrigin);
    }
    const known = ofOrigin.get(component);
    if (known !== undefined) return known;
    const key = this.components.length;
    ofOrigin.set(component, key);
    this.components.push(component);
    this.origins.push(origin);
    this.depths.push(depthOf(component));
    this.alphasPerK.push(expansionPerK(component));
    return key;
  }

  /** The part that traces of this part's component go under. */
  traceKey(key: number): number {
    const component = this.component(key);
    const known = this.traceKeys.get(component);
    if (known !== undefined) return known;
    const made = this.key(component, TRACES);
    this.traceKeys.set(component, made);
    return made;
  }

  component(key: number): ComponentId {
    const found = this.components[key];
    if (found === undefined) throw new Error(`no part ${key}`);
    return found;
  }
}

/** Both together. Traces are folded here and nowhere else: contents only grow parts by being poured together. */
export function add(a: Contents, b: Contents, table: PartTable): Contents {
  if (a.keys.length === 0) return b;
  if (b.keys.length === 0) return a;
  const both = merge(a, b);
  return both.keys.length > both.foldAbove ? foldTraces(both, table) : both;
}

function merge(a: Contents, b: Contents): Contents {
  const out = scratch(a.keys.length + b.keys.length);
  const { keys, litres } = out;
  const { keys: aKeys, unscaled: aLitres, scale: aScale } = a;
  const { keys: bKeys, unscaled: bLitres, scale: bScale } = b;
  const aEnd = aKeys.length;
  const bEnd = bKeys.length;
  let i = 0;
  let j = 0;
  let n = 0;
  let total = 0;
  while (i < aEnd && j < bEnd) {
    const ka = aKeys[i] as number;
    const kb = bKeys[j] as number;
    let part = 0;
    if (ka <= kb) part = (aLitres[i++] as number) * aScale;
    if (kb <= ka) part += (bLitres[j++] as number) * bScale;
    keys[n] = Math.min(ka, kb);
    litres[n++] = part;
    total += part;
  }
  for (; i < aEnd; i++) {
    const part = (aLitres[i] as number) * aScale;
    keys[n] = aKeys[i] as number;
    litres[n++] = part;
    total += part;
  }
  for (; j < bEnd; j++) {
    const part = (bLitres[j] as number) * bScale;
    keys[n] = bKeys[j] as number;
    litres[n++] = part;
    total += part;
  }
  return cut(out, n, total, Math.max(a.foldAbove, b.foldAbove));
}

interface Scratch {
  readonly keys: number[];
  readonly litres: number[];
}

const SCRATCHES: readonly [Scratch, Scratch] = [
  { keys: [], litres: [] },
  { keys: [], litres: [] },
];

/** Room to write in before the length is known; two, because a split writes both its sides at once. */
function scratch(length: number, which: 0 | 1 = 0): Scratch {
  const found = SCRATCHES[which];
  while (found.keys.length < length) {
    found.keys.push(0);
    found.litres.push(0.5);
  }
  return found;
}

function cut(from: Scratch, length: number, total: number, foldAbove: number): Contents {
  return make(from.keys.slice(0, length), from.litres.slice(0, length), 1, total, foldAbove);
}

/** One literal for all, so that every Contents has one shape for the engine: copying with a spread is many times slower. */
const make = (
  keys: readonly number[],
  unscaled: readonly number[],
  scale: number,
  total: number,
  foldAbove: number,
): Contents => ({ keys, unscaled, scale, total, foldAbove });

/** Contents from parts in rising order of their keys. */
export function contentsOf(keys: readonly number[], litres: readonly number[]): Contents {
  // Begun as a fraction, so that the engine keeps every list of litres as doubles: mixed kinds are several times slower.
  const unscaled = [0.5];
  unscaled.length = litres.length;
  for (let i = 0; i < litres.length; i++) unscaled[i] = litres[i] as number;
  return make(keys, unscaled, 1, sum(unscaled), FOLD_FIRST);
}

export interface Split {
  readonly taken: Contents;
  readonly left: Contents;
}

/** Splits off a share (0 to 1) of each depth. */
export const splitBy = (c: Contents, table: PartTable, shareByDepth: readonly number[]): Split =>
  splitEach(c, (key) => shareByDepth[table.depths[key] ?? OIL_DEPTH] ?? 0);

/** Splits off a share (0 to 1) of each part. Both sides together hold exactly what there was, to rounding. */
function splitEach(c: Contents, shareOf: (key: number) => number): Split {
  const taken = scratch(c.keys.length, 0);
  const left = scratch(c.keys.length, 1);
  let t = 0;
  let l = 0;
  let takenTotal = 0;
  let leftTotal = 0;
  for (let i = 0; i < c.keys.length; i++) {
    const key = c.keys[i] as number;
    const all = (c.unscaled[i] as number) * c.scale;
    const out = all * shareOf(key);
    if (out > 0) {
      taken.keys[t] = key;
      taken.litres[t++] = out;
      takenTotal += out;
    }
    if (all - out > 0) {
      left.keys[l] = key;
      left.litres[l++] = all - out;
      leftTotal += all - out;
    }
  }
  return { taken: cut(taken, t, takenTotal, c.foldAbove), left: cut(left, l, leftTotal, c.foldAbove) };
}

/** Parts too small to follow go under their component's traces; no litres are dropped. */
function foldTraces(c: Contents, table: PartTable): Contents {
  const kept = scratch(c.keys.length);
  const traces = new Map<number, number>();
  let n = 0;
  let total = 0;
  for (let i = 0; i < c.keys.length; i++) {
    const part = (c.unscaled[i] as number) * c.scale;
    const key = c.keys[i] as number;
    if (part >= TRACE_LITRES) {
      kept.keys[n] = key;
      kept.litres[n++] = part;
      total += part;
    } else {
      const trace = table.traceKey(key);
      traces.set(trace, (traces.get(trace) ?? 0) + part);
    }
  }
  const foldAbove = Math.max(FOLD_FIRST, 1.5 * (n + traces.size));
  const large = cut(kept, n, total, foldAbove);
  const sorted = [...traces].sort(([a], [b]) => a - b);
  const small = contentsOf(
    sorted.map(([key]) => key),
    sorted.map(([, part]) => part),
  );
  return merge(large, small);
}

/** A proportional share. */
export function takeMixed(c: Contents, litres: number): Split {
  if (litres >= c.total) return { taken: c, left: EMPTY };
  const share = litres / c.total;
  return {
    taken: make(c.keys, c.unscaled, c.scale * share, litres, c.foldAbove),
    left: make(c.keys, c.unscaled, c.scale * (1 - share), c.total - litres, c.foldAbove),
  };
}

/** How much of what lies at each depth below the oil still hangs in it: sludge, water, fat; or one share of them all. */
export type Hanging = number | readonly [sludge: number, water: number, fat: number];

const hangingByDepth = (h: Hanging): readonly number[] => (typeof h === "number" ? [h, h, h, 1] : [...h, 1]);

/** What comes off the top before anything that has settled does: the oil with what hangs in it. */
export function litresOfOil(c: Contents, table: PartTable, hanging: Hanging): number {
  const shares = hangingByDepth(hanging);
  return litresByDepth(c, table).reduce((sum, litres, depth) => sum + litres * (shares[depth] ?? 0), 0);
}

/**
 * Takes the layer named: from the top the oil with the share of muck that still hangs in it, and only when that is
 * gone the layers below; from the bottom the muck first.
 */
export function takeLayer(
  c: Contents,
  table: PartTable,
  litres: number,
  layer: "top" | "bottom",
  hanging: Hanging,
): Split {
  if (litres >= c.total) return { taken: c, left: EMPTY };
  const byDepth = litresByDepth(c, table);
  const pool = litresOfOil(c, table, hanging);
  if (layer === "top" && pool > 0 && litres <= pool)
    return splitBy(
      c,
      table,
      hangingByDepth(hanging).map((share) => (share * litres) / pool),
    );
  const order = layer === "top" ? [3, 2, 1, 0] : [0, 1, 2, 3];
  const shares = [0, 0, 0, 0];
  let wanted = litres;
  for (const rank of order) {
    const there = byDepth[rank] ?? 0;
    shares[rank] = there > 0 ? Math.min(1, wanted / there) : 0;
    wanted -= (shares[rank] ?? 0) * there;
  }
  return splitBy(c, table, shares);
}

export function litresByDepth(c: Contents, table: PartTable): number[] {
  const sums = [0, 0, 0, 0];
  for (let i = 0; i < c.keys.length; i++) {
    const depth = table.depths[c.keys[i] as number] ?? OIL_DEPTH;
    sums[depth] = (sums[depth] ?? 0) + (c.unscaled[i] as number) * c.scale;
  }
  return sums;
}

function sum(litres: readonly number[]): number {
  let total = 0;
  for (const l of litres) total += l;
  return total;
}

/** Litres at 15 °C in one litre of these contents measured at `celsius`. */
export function litres15OfMeasured(c: Contents, table: PartTable, celsius: number): number {
  let measured = 0;
  for (let i = 0; i < c.keys.length; i++)
    measured +=
      ((c.unscaled[i] as number) * c.scale) / (1 - (table.alphasPerK[c.keys[i] as number] ?? 0) * (celsius - 15));
  return measured > 0 ? c.total / measured : 1;
}

/** Takes litres of the components named, of every origin its share; as much as there is where that is less. */
export function takeComponents(c: Contents, table: PartTable, wanted: ReadonlyMap<ComponentId, number>): Split {
  const there = new Map<ComponentId, number>();
  for (let i = 0; i < c.keys.length; i++) {
    const component = table.component(c.keys[i] as number);
    there.set(component, (there.get(component) ?? 0) + (c.unscaled[i] as number) * c.scale);
  }
  return splitEach(c, (key) => {
    const component = table.component(key);
    const all = there.get(component) ?? 0;
    return all > 0 ? Math.min(1, (wanted.get(component) ?? 0) / all) : 0;
  });
}
