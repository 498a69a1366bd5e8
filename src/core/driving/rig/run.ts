import { exponential } from "../../numerics/exponential";
import { chainsOf } from "./chains";
import { flowsOf } from "./network";
import type { Rig } from "./parts";
import type { Setting } from "./setting";
import { BURNED, type Stores, storesOf, type Transfer, transfersOf } from "./transfers";

/**
 * What is where in a rig: litres by the tank they came from, and of air. Rows are tanks, then cells of the lines, then
 * what was burned, what ran over, and the air round it all, which may be taken from without end.
 */
export interface Running {
  readonly rig: Rig;
  readonly stores: Stores;
  readonly capacities: readonly number[];
  readonly minute: number;
  /** Row times origin; the last origin is air. */
  readonly litres: Float64Array;
}

const originsOf = (stores: Stores): number => stores.tanks.length + 1;
const burnedRow = (s: Stores): number => s.count;
const spilledRow = (s: Stores): number => s.count + 1;
const airRow = (s: Stores): number => s.count + 2;

export interface TankFill {
  readonly litres: number;
  readonly capacityLitres: number;
}

/** Less of the line than this is no cell of its own: it would change faster than anybody can tell. */
const LEAST_SHARE_OF_LINE = 0.02;
const LEAST_CELLS = 4;

/**
 * A rig about to be started. `line` says into how many stirred tanks the line's litres are cut; `holding` what each chain
 * holds, as shares by tank: what they leave open is air.
 */
export function startRunning(
  rig: Rig,
  tanks: Readonly<Record<string, TankFill>>,
  line: { readonly lineLitres: number; readonly tanksInSeries: number },
  holding: (chain: string) => Readonly<Record<string, number>>,
): Running {
  const cut = line.lineLitres / line.tanksInSeries;
  const least = line.lineLitres * LEAST_SHARE_OF_LINE;
  const chains = chainsOf(rig).map((c) => ({ ...c, litres: Math.max(c.litres, least) }));
  const stores = storesOf(rig, chains, (c) =>
    Math.min(Math.max(LEAST_CELLS, line.tanksInSeries), Math.round(c.litres / cut)),
  );
  const origins = originsOf(stores);
  const litres = new Float64Array((stores.count + 3) * origins);
  for (const [i, id] of stores.tanks.entries()) litres[i * origins + i] = tanks[id]?.litres ?? 0;
  for (const { chain, first, cells } of stores.chains) {
    const held = holding(chain.id);
    for (let cell = first; cell < first + cells; cell++)
      for (const [i, share] of [...stores.tanks.map((id) => held[id] ?? 0), airOf(held)].entries())
        litres[cell * origins + i] = (share * chain.litres) / cells;
  }
  const capacities = stores.tanks.map((id) => tanks[id]?.capacityLitres ?? 0);
  return { rig, stores, capacities, minute: 0, litres };
}

/** What no fuel fills is air: a line that was just laid is full of it. */
const airOf = (held: Readonly<Record<string, number>>): number =>
  Math.max(0, 1 - Object.values(held).reduce((s, share) => s + share, 0));

const rowTotal = (litres: Float64Array, row: number, origins: number): number => {
  let sum = 0;
  for (let o = 0; o < origins; o++) sum += litres[row * origins + o] ?? 0;
  return sum;
};

/** How much is in each tank, by its part's id, and how much it takes. */
export const fillsOf = ({ stores, litres, capacities }: Running): Readonly<Record<string, TankFill>> =>
  Object.fromEntries(
    stores.tanks.map((id, tank) => [
      id,
      { litres: rowTotal(litres, tank, originsOf(stores)), capacityLitres: capacities[tank] ?? 0 },
    ]),
  );

/** A tank is empty below this, and draws air until there is so much in it again. */
const EMPTY_LITRES = 1e-6;
const DRAWS_AGAIN_LITRES = 0.05;

/**
 * The rig some minutes on, as it stands: fuel passes from one stirred cell to the next. A tank that runs dry gives air,
 * one that is full runs over.
 */
export function advance(run: Running, setting: Setting, burnLitresPerMinute: number, minutes: number): Running {
  const flows = flowsOf(run.rig, setting, burnLitresPerMinute);
  const wanted = transfersOf(run.rig, run.stores, flows);
  const litres = run.litres.slice();
  let left = minutes;
  while (left > 1e-12) {
    const transfers = within(run, litres, wanted);
    const spell = Math.min(left, untilEmptyOrFull(run, litres, transfers));
    flow(run.stores, litres, transfers, spell);
    left -= spell;
  }
  return { ...run, litres, minute: run.minute + minutes };
}

/** What an empty tank cannot give comes as air; what a full one cannot take runs over. */
function within(run: Running, litres: Float64Array, wanted: readonly Transfer[]): Transfer[] {
  const { stores, capacities } = run;
  const origins = originsOf(stores);
  const [air, spilled] = [airRow(stores), spilledRow(stores)];
  let transfers = wanted.map((t) => (t.to === BURNED ? { ...t, to: burnedRow(stores) } : t));
  for (const tank of stores.tanks.keys()) {
    const litresIn = rowTotal(litres, tank, origins);
    const inflow = sum(transfers.filter((t) => t.to === tank));
    const outflow = sum(transfers.filter((t) => t.from === tank));
    if (outflow > 0 && litresIn < (inflow > 0 ? DRAWS_AGAIN_LITRES : EMPTY_LITRES) && litresIn < outflow)
      transfers = transfers.map((t) => (t.from === tank ? { ...t, from: air } : t));
    const isFull = litresIn >= (capacities[tank] ?? 0) - EMPTY_LITRES;
    if (isFull && inflow > outflow)
      transfers = transfers.flatMap((t) =>
        t.to === tank
          ? [
              { ...t, litresPerMinute: (t.litresPerMinute * outflow) / inflow },
              { ...t, to: spilled, litresPerMinute: t.litresPerMinute * (1 - outflow / inflow) },
            ]
          : [t],
      );
  }
  return transfers.filter((t) => t.litresPerMinute > 0);
}

const sum = (transfers: readonly Transfer[]): number => transfers.reduce((s, t) => s + t.litresPerMinute, 0);

function untilEmptyOrFull(run: Running, litres: Float64Array, transfers: readonly Transfer[]): number {
  const origins = originsOf(run.stores);
  let soonest = Number.POSITIVE_INFINITY;
  for (const tank of run.stores.tanks.keys()) {
    const net = sum(transfers.filter((t) => t.to === tank)) - sum(transfers.filter((t) => t.from === tank));
    const litresIn = rowTotal(litres, tank, origins);
    const gives = transfers.some((t) => t.from === tank);
    if (net < 0 && gives) soonest = Math.min(soonest, litresIn / -net);
    else if (net > 0 && !gives && litresIn < DRAWS_AGAIN_LITRES)
      soonest = Math.min(soonest, (DRAWS_AGAIN_LITRES - litresIn) / net + 1e-9);
    if (net > 0) {
      const room = (run.capacities[tank] ?? 0) - litresIn;
      if (room > EMPTY_LITRES) soonest = Math.min(soonest, room / net);
    }
  }
  return Math.max(soonest, 1e-6);
}

/** A tank that is drawn from while another's fuel comes into it: so much of it may come before its mix is taken anew. */
const FOREIGN_SHARE = 0.005;

/**
 * Fuel passes for some minutes with flows that do not change. Cells follow their linear equations exactly; a tank gives
 * at the mix it has halfway through each step, and the steps are short where that changes. What leaves one store
 * arrives in another, so the sum is kept whatever the step.
 */
function flow(stores: Stores, litres: Float64Array, transfers: readonly Transfer[], minutes: number): void {
  const foreign = foreignShare(stores, litres, transfers, minutes);
  const steps = Math.min(MOST_STEPS, Math.max(1, Math.ceil(foreign / FOREIGN_SHARE)));
  const h = minutes / steps;
  const whole = passing(stores, transfers, h);
  const half = foreign > NONE ? passing(stores, transfers, h / 2) : null;
  for (let i = 0; i < steps; i++) {
    const mixes = mixesOf(stores, litres);
    const middle = half ? mixesOf(stores, passed(stores, litres, transfers, half, mixes)) : mixes;
    litres.set(passed(stores, litres, transfers, whole, middle));
  }
}

/** Most of another's fuel that may come into a tank which is drawn from meanwhile, as a share of what is in it. */
function foreignShare(stores: Stores, litres: Float64Array, transfers: readonly Transfer[], minutes: number): number {
  const origins = originsOf(stores);
  const giving = [...new Set(transfers.map((t) => t.from))];
  let most = 0;
  for (const tank of stores.tanks.keys()) {
    const into = transfers.filter((t) => t.to === tank);
    if (into.length === 0 || !giving.includes(tank)) continue;
    // Unless another tank gives too, no more of it can come than hangs in the lines.
    const isFed = giving.some((row) => row !== tank && sourceOf(stores, row) !== null);
    const hanging = giving
      .filter((row) => sourceOf(stores, row) === null)
      .reduce((s, row) => s + rowTotal(litres, row, origins) - (litres[row * origins + tank] ?? 0), 0);
    const foreign = isFed ? sum(into) * minutes : Math.min(sum(into) * minutes, hanging);
    most = Math.max(most, foreign / Math.max(DRAWS_AGAIN_LITRES, rowTotal(litres, tank, origins)));
  }
  return most;
}
const MOST_STEPS = 2000;
const NONE = 1e-9;

/** What rows come to after some minutes, of what they held: only rows that fuel passes through are in it. */
interface Passing {
  readonly rows: readonly number[];
  /** Row by row, and after them a column for each source: tanks and air give at a rate, cells by what they hold. */
  readonly by: Float64Array;
  readonly size: number;
  readonly minutes: number;
}

function passing(stores: Stores, transfers: readonly Transfer[], minutes: number): Passing {
  const rows = [...new Set(transfers.flatMap((t) => (sourceOf(stores, t.from) === null ? [t.from, t.to] : [t.to])))];
  const at = new Map(rows.map((row, i) => [row, i]));
  const size = rows.length + originsOf(stores);
  const a = new Float64Array(size * size);
  const put = (to: number, from: number, rate: number): void => {
    a[to * size + from] = (a[to * size + from] ?? 0) + rate;
  };
  for (const t of transfers) {
    const source = sourceOf(stores, t.from);
    const to = at.get(t.to) ?? 0;
    if (source === null) {
      const rate = t.litresPerMinute / (stores.volumes[t.from] ?? 1);
      const from = at.get(t.from) ?? 0;
      put(to, from, rate);
      put(from, from, -rate);
    } else put(to, rows.length + source, t.litresPerMinute);
  }
  return { rows, by: exponential(a, size, minutes), size, minutes };
}

/** Tanks and the air are given from at their mix; their number among the sources. */
const sourceOf = (stores: Stores, row: number): number | null =>
  row < stores.tanks.length ? row : row === airRow(stores) ? stores.tanks.length : null;

/** The mix of each tank and of the air, by origin. */
function mixesOf(stores: Stores, litres: Float64Array): Float64Array {
  const origins = originsOf(stores);
  const mixes = new Float64Array(origins * origins);
  for (const tank of stores.tanks.keys()) {
    const total = rowTotal(litres, tank, origins);
    for (let o = 0; o < origins; o++)
      mixes[tank * origins + o] = total > 0 ? (litres[tank * origins + o] ?? 0) / total : o === tank ? 1 : 0;
  }
  mixes[origins * origins - 1] = 1;
  return mixes;
}

function passed(
  stores: Stores,
  litres: Float64Array,
  transfers: readonly Transfer[],
  { rows, by, size, minutes }: Passing,
  mixes: Float64Array,
): Float64Array {
  const origins = originsOf(stores);
  const next = litres.slice();
  for (const [to, row] of rows.entries())
    for (let o = 0; o < origins; o++) {
      let s = 0;
      for (const [from, held] of rows.entries()) s += (by[to * size + from] ?? 0) * (litres[held * origins + o] ?? 0);
      for (let source = 0; source < origins; source++)
        s += (by[to * size + rows.length + source] ?? 0) * (mixes[source * origins + o] ?? 0);
      next[row * origins + o] = s;
    }
  for (const t of transfers) {
    const source = sourceOf(stores, t.from);
    if (source === null) continue;
    for (let o = 0; o < origins; o++)
      next[t.from * origins + o] =
        (next[t.from * origins + o] ?? 0) - t.litresPerMinute * minutes * (mixes[source * origins + o] ?? 0);
  }
  return next;
}

/** Litres of a store by origin. */
export const litresAt = (run: Running, row: number): Float64Array => {
  const origins = originsOf(run.stores);
  return run.litres.subarray(row * origins, (row + 1) * origins);
};
export const burnedIn = (run: Running): Float64Array => litresAt(run, burnedRow(run.stores));
export const spilledIn = (run: Running): Float64Array => litresAt(run, spilledRow(run.stores));
export const airIn = (run: Running): Float64Array => litresAt(run, airRow(run.stores));

/** A tank's share in a row, 0 to 1; nought in an empty one. */
export function shareAt(run: Running, row: number, tank: string): number {
  const at = litresAt(run, row);
  const total = at.reduce((s, l) => s + l, 0);
  return total > 0 ? (at[run.stores.tanks.indexOf(tank)] ?? 0) / total : 0;
}

/** The cell whose fuel the injection pump takes next; null where no hose leads there. */
export function rowAtPump({ rig, stores }: Running): number | null {
  const engine = rig.parts.find((p) => p.kind === "injection-pump");
  const inlet = `${engine?.id}.in`;
  const laid = stores.chains.find((c) => c.chain.end === inlet || c.chain.start === inlet);
  if (!laid) return null;
  return laid.chain.end === inlet ? laid.first + laid.cells - 1 : laid.first;
}
