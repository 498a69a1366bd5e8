import { backPurgeOf, type Line, lineOf, purgeStand } from "./line";
import { isLoopedForGood, type Mode, modeOf, type Positions, type Stand, standFor, standsOf, turnsTo } from "./modes";
import { flowsOf } from "./network";
import { outcomeOf } from "./outcome";
import { holdsOf, type Rig } from "./parts";
import {
  advance,
  burnedIn,
  litresAt,
  type Running,
  rowAtPump,
  shareAt,
  spilledIn,
  startRunning,
  type TankFill,
} from "./run";
import type { Setting } from "./setting";
import { chainFlow } from "./transfers";

/** What a driver does or reads, in minutes since the trip began. */
export type TripEvent = { readonly minute: number } & (
  | { readonly what: "start" }
  | { readonly what: "stop" }
  | { readonly what: "turn"; readonly control: string; readonly position: string }
  | { readonly what: "heater"; readonly on: boolean }
  /** A lift pump that has a switch of its own. */
  | { readonly what: "pump"; readonly on: boolean }
  /** A thermostat on its own has turned to oil, or back. */
  | { readonly what: "thermostat"; readonly hot: boolean }
  /** "I hear it change": the engine runs on the other fuel now. */
  | { readonly what: "heard" }
  | {
      readonly what: "read";
      readonly coolantCelsius?: number | undefined;
      readonly fuelCelsius?: number | undefined;
      readonly dropKPa?: number | undefined;
      readonly pressureKPa?: number | undefined;
    }
);

/** A vehicle about to be driven, as far as its fuel goes. Tanks by their part's id. */
export interface Plumbed {
  readonly rig: Rig;
  readonly stands: readonly Stand[];
  readonly line: Line | null;
  readonly burnLitresPerMinute: number;
  readonly tanks: Readonly<Record<string, TankFill>>;
  /** Share of the oil tank's fuel in the line, left from the last stop. */
  readonly leftOilShare: number;
}

/** A rig with nothing to purge still has a line to the pump. */
const PLAIN_LINE = { lineLitres: 0.3, tanksInSeries: 3 };

export function plumbed(p: Omit<Plumbed, "stands" | "line"> & { readonly tanksInSeries: number | null }): Plumbed {
  const { tanksInSeries, ...rest } = p;
  const stands = standsOf(p.rig, p.burnLitresPerMinute);
  return { ...rest, stands, line: lineOf(p.rig, stands, p.burnLitresPerMinute, tanksInSeries) };
}

/** As a trip stands at a moment. */
export interface Moment {
  readonly run: Running;
  readonly setting: Setting;
  readonly isHeaterOn: boolean;
  readonly mode: Mode;
}

/** Before the engine turns: every control where it is left, diesel in the line but for what the last stop left. */
export function atRest(p: Plumbed): Moment {
  const tanks = p.rig.parts.filter((part) => part.kind === "tank");
  const [diesel, oil] = [tanks.find((t) => t.holds === "diesel"), tanks.find((t) => t.holds === "oil")];
  const left = p.leftOilShare;
  const inLine = (chain: string): Record<string, number> => {
    if (!diesel) return oil ? { [oil.id]: 1 } : {};
    // What only the oil's own pipe holds is oil.
    if (oil && chain.startsWith(`${oil.id}.`)) return { [oil.id]: 1 };
    const share = p.line?.chains.includes(chain) ? left : 0;
    return oil ? { [diesel.id]: 1 - share, [oil.id]: share } : { [diesel.id]: 1 };
  };
  const run = startRunning(p.rig, p.tanks, p.line ?? PLAIN_LINE, inLine);
  const at: Positions = Object.fromEntries(p.rig.controls.map((c) => [c.id, c.positions[0] ?? ""]));
  const setting = { power: true, runs: false, at };
  return { run, setting, isHeaterOn: false, mode: modeAt(p, setting) };
}

/** The mode of a setting, as if the engine ran. Looped for good it is on diesel then, and no purge that never ends. */
export function modeAt(p: Plumbed, setting: Setting): Mode {
  const mode = modeOf(p.rig, outcomeOf(p.rig, { ...setting, runs: true }, p.burnLitresPerMinute));
  return mode === "purge" && isLoopedForGood(p.stands) ? "diesel" : mode;
}

/** A moment with one event more: first time passes, then it happens. */
export function after(p: Plumbed, m: Moment, event: TripEvent): Moment {
  switch (event.what) {
    case "start":
    case "stop": {
      const passed = onTo(p, m, event.minute);
      return { ...passed, setting: { ...passed.setting, runs: event.what === "start" } };
    }
    case "turn": {
      const passed = onTo(p, m, event.minute);
      const setting = { ...passed.setting, at: { ...passed.setting.at, [event.control]: event.position } };
      return { ...passed, setting, mode: modeAt(p, setting) };
    }
    case "thermostat": {
      const passed = onTo(p, m, event.minute);
      const setting = { ...passed.setting, isHot: event.hot };
      return { ...passed, setting, mode: modeAt(p, setting) };
    }
    // Nothing flows otherwise for these: where the fuel is need not be asked.
    case "heater":
      return { ...m, isHeaterOn: event.on };
    case "pump":
    case "heard":
    case "read":
      return m;
  }
}

/** The same, some time later. Events are in order: what lies before is not gone back to. */
export const onTo = (p: Plumbed, m: Moment, minute: number): Moment =>
  minute > m.run.minute ? { ...m, run: advance(m.run, m.setting, p.burnLitresPerMinute, minute - m.run.minute) } : m;

/** A trip from its events; each moment is right after its event. */
export function replay(
  p: Plumbed,
  events: readonly TripEvent[],
): { readonly moments: readonly Moment[]; readonly last: Moment } {
  const moments: Moment[] = [];
  let m = atRest(p);
  for (const e of events) {
    m = after(p, m, e);
    moments.push(m);
  }
  return { moments, last: m };
}

/** Share of the oil tank's fuel in what is at the pump now. */
export function oilAtPump(m: Moment): number {
  const { rig, stores } = m.run;
  const oil = stores.tanks.find((id) => holdsOf(rig, id) === "oil");
  const row = rowAtPump(m.run);
  return row === null || oil === undefined ? 0 : shareAt(m.run, row, oil);
}

const STILL = 1e-9;

/**
 * Share of oil that a stop leaves: the one figure that the coach, the trip and the next start go by. With the engine off,
 * where a little pump pushes back, it is what that pump reaches; the stub beyond its tee it never can. Else at the pump.
 */
export function oilLeft(p: Plumbed, m: Moment): number {
  const back = m.setting.runs ? null : backPurgeOf(p.rig, p.stands);
  if (!back) return oilAtPump(m);
  const { rig, stores, litres } = m.run;
  const oil = stores.tanks.findIndex((id) => holdsOf(rig, id) === "oil");
  const origins = stores.tanks.length + 1;
  const flows = flowsOf(rig, { power: true, runs: false, at: back.at }, p.burnLitresPerMinute);
  let [held, of] = [0, 0];
  for (const { chain, first, cells } of stores.chains) {
    if (!p.line?.chains.includes(chain.id) || Math.abs(chainFlow(chain, flows)) < STILL) continue;
    held += chain.litres;
    for (let row = first; row < first + cells; row++) of += litres[row * origins + oil] ?? 0;
  }
  return held > 0 ? of / held : oilAtPump(m);
}

/** Minutes with the engine on, by what its valves made of it; of diesel, before and after the first oil. */
export interface MinutesBy {
  readonly startOnDiesel: number;
  readonly onOil: number;
  readonly purge: number;
}

export function minutesBy(p: Plumbed, events: readonly TripEvent[]): MinutesBy {
  const by = { startOnDiesel: 0, onOil: 0, purge: 0 };
  let m = atRest(p);
  let [hadOil, since] = [false, 0];
  for (const e of events) {
    const minutes = Math.max(0, e.minute - since);
    since += minutes;
    if (m.setting.runs) {
      const isOil = Object.entries(outcomeOf(p.rig, m.setting, p.burnLitresPerMinute).reaches).some(
        ([tank, share]) => share > 0.5 && holdsOf(p.rig, tank) === "oil",
      );
      hadOil ||= isOil;
      by[isOil ? "onOil" : hadOil ? "purge" : "startOnDiesel"] += minutes;
    }
    m = after(p, m, e);
  }
  return by;
}

/** Litres as the ledger keeps them: what left a tank for good, and what ended up in another or on the road. */
export interface TripBooked {
  readonly burned: readonly { readonly tank: string; readonly litres: number }[];
  readonly moved: readonly { readonly from: string; readonly to: string; readonly litres: number }[];
  readonly spilled: readonly { readonly tank: string; readonly litres: number }[];
  readonly leftOilShare: number;
  /** Air that the engine drew, litres. */
  readonly air: number;
}

const LEAST = 1e-6;

/**
 * What is to be written of a trip. What stands in the line at the end counts as burned, and what stood in it at the
 * start had been: over two trips that is right to the drop, and never out by more than the line.
 */
export function booked(p: Plumbed, start: Moment, end: Moment): TripBooked {
  const { tanks } = end.run.stores;
  const burned = tanks.map((tank, o) => ({
    tank,
    litres: (burnedIn(end.run)[o] ?? 0) + inLines(end.run, o) - inLines(start.run, o),
  }));
  const moved = tanks.flatMap((to, row) =>
    tanks.map((from, o) => ({ from, to, litres: from === to ? 0 : (litresAt(end.run, row)[o] ?? 0) })),
  );
  const spilled = tanks.map((tank, o) => ({ tank, litres: spilledIn(end.run)[o] ?? 0 }));
  const some = <T extends { readonly litres: number }>(all: readonly T[]): T[] => all.filter((x) => x.litres > LEAST);
  // What stood in the line of a tank that is empty by now comes from nowhere that the book still has it.
  const had = (tank: string): number => litresAt(start.run, tanks.indexOf(tank)).reduce((sum, l) => sum + l, 0);
  const taken = (tank: string): number =>
    some(burned.filter((b) => b.tank === tank)).reduce((sum, b) => sum + b.litres, 0) +
    spilled.filter((s) => s.tank === tank).reduce((sum, s) => sum + s.litres, 0);
  const there = moved.map((m) => ({ ...m, litres: Math.min(m.litres, Math.max(0, had(m.from) - taken(m.from))) }));
  return {
    burned: some(burned),
    moved: some(there),
    spilled: some(spilled),
    leftOilShare: oilLeft(p, end),
    air: burnedIn(end.run)[tanks.length] ?? 0,
  };
}

function inLines({ stores, litres }: Running, origin: number): number {
  const origins = stores.tanks.length + 1;
  let sum = 0;
  for (let row = stores.tanks.length; row < stores.count; row++) sum += litres[row * origins + origin] ?? 0;
  return sum;
}

/**
 * A trip as it is told afterwards, by three durations: started on diesel, turned to oil and away from it in the order
 * that is never wrong, and all turned back at the end.
 */
export function remembered(p: Plumbed, minutes: MinutesBy): TripEvent[] {
  const rest: Positions = Object.fromEntries(p.rig.controls.map((c) => [c.id, c.positions[0] ?? ""]));
  const [oil, purge] = [standFor(p.rig, p.stands, "oil"), purgeStand(p.rig, p.stands)];
  const at: TripEvent[] = [{ minute: 0, what: "start" }];
  let stands = rest;
  const turn = (minute: number, to: Positions): void => {
    at.push(...turnsTo(p.rig, p.stands, stands, to).map((t): TripEvent => ({ minute, what: "turn", ...t })));
    stands = to;
  };
  const end = minutes.startOnDiesel + minutes.onOil + minutes.purge;
  if (oil && minutes.onOil > 0) turn(minutes.startOnDiesel, oil.at);
  if (oil && minutes.purge > 0) turn(minutes.startOnDiesel + minutes.onOil, purge?.at ?? rest);
  at.push({ minute: end, what: "stop" });
  turn(end, rest);
  return at;
}
