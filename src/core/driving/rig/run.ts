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
const MOST_CELLS = 24;

/**
 * A rig about to be started: each line holds what its tank's fuel was when it stopped. `line` says into how many
 * stirred tanks the line's litres are cut; `left` is the share of the second tank still in it.
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
  const stores = storesOf(rig, chains, (c) => Math.min(MOST_CELLS, Math.round(c.litres / cut)));
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

/** A tank is empty below this, and draws air until there is so much in it again. */
const EMPTY_LITRES = 1e-6;
const DRAWS_AGAIN_LITRES = 0.05;

/**
 * The rig some minutes on, as it stands. Fuel passes from one stirred cell to the next; Runge-Kutta keeps the sum of it
 * whatever the step. A tank that runs dry gives air, one that is full runs over.
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

/** Of the quickest cell's time to change: Runge-Kutta is within 1e-4 there. */
const STEP = 0.3;
/** Once nothing changes by more than this over what is left, the rest is one step. */
const SETTLED = 1e-9;

function flow(stores: Stores, litres: Float64Array, transfers: readonly Transfer[], minutes: number): void {
  const origins = originsOf(stores);
  const rows = stores.count + 3;
  const givers = [...new Set(transfers.map((t) => t.from))].filter((row) => row < stores.count);
  const volumes = new Float64Array(rows);
  const scratch = [0, 1, 2, 3].map(() => new Float64Array(litres.length));
  const trial = new Float64Array(litres.length);
  let step = Number.POSITIVE_INFINITY;
  for (const t of transfers)
    if (t.from >= stores.tanks.length && t.from < stores.count)
      step = Math.min(step, (STEP * rowTotal(litres, t.from, origins)) / throughOf(transfers, t.from));
  const rates = (state: Float64Array, into: Float64Array): void => {
    into.fill(0);
    for (let row = 0; row < rows; row++) volumes[row] = rowTotal(state, row, origins);
    for (const t of transfers) {
      const volume = volumes[t.from] ?? 0;
      for (let o = 0; o < origins; o++) {
        // Of air there is no end, and nothing else in it.
        const share =
          t.from === airRow(stores) ? (o === origins - 1 ? 1 : 0) : volume > 0 ? (state[t.from * origins + o] ?? 0) / volume : 0;
        const rate = t.litresPerMinute * share;
        into[t.from * origins + o] = (into[t.from * origins + o] ?? 0) - rate;
        into[t.to * origins + o] = (into[t.to * origins + o] ?? 0) + rate;
      }
    }
  };
  const [k1, k2, k3, k4] = scratch as [Float64Array, Float64Array, Float64Array, Float64Array];
  const along = (k: Float64Array, h: number): Float64Array => {
    for (let i = 0; i < litres.length; i++) trial[i] = (litres[i] ?? 0) + h * (k[i] ?? 0);
    return trial;
  };
  let left = minutes;
  while (left > 1e-12) {
    rates(litres, k1);
    const settled = isSettled(givers, litres, k1, origins, left);
    const h = settled ? left : Math.min(left, step);
    if (settled) for (let i = 0; i < litres.length; i++) litres[i] = (litres[i] ?? 0) + h * (k1[i] ?? 0);
    else {
      rates(along(k1, h / 2), k2);
      rates(along(k2, h / 2), k3);
      rates(along(k3, h), k4);
      for (let i = 0; i < litres.length; i++)
        litres[i] =
          (litres[i] ?? 0) + (h / 6) * ((k1[i] ?? 0) + 2 * (k2[i] ?? 0) + 2 * (k3[i] ?? 0) + (k4[i] ?? 0));
    }
    left -= h;
  }
}

const throughOf = (transfers: readonly Transfer[], row: number): number =>
  sum(transfers.filter((t) => t.from === row));

/** Whether every store that gives keeps its mix from here to the end. */
function isSettled(
  givers: readonly number[],
  litres: Float64Array,
  rates: Float64Array,
  origins: number,
  minutes: number,
): boolean {
  for (const row of givers) {
    const total = rowTotal(litres, row, origins);
    const grows = rowTotal(rates, row, origins);
    if (total <= 0) continue;
    for (let o = 0; o < origins; o++) {
      const share = (litres[row * origins + o] ?? 0) / total;
      const drift = ((rates[row * origins + o] ?? 0) - grows * share) / total;
      if (Math.abs(drift) * minutes > SETTLED) return false;
    }
  }
  return true;
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
