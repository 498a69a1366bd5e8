import {
  atRest,
  decidingThermostat,
  type Moment,
  modeAt,
  oilAtPump,
  onTo,
  type Plumbed,
  type Positions,
  plumbed,
  pumpFlowOfRig,
  type Rig,
  rigCelsius,
  standFor,
  thermostatSays,
} from "../rig";
import { holdsOf } from "../rig/parts";
import { burnedIn, litresAt, rowAtPump, spilledIn } from "../rig/run";
import { coolantCelsius, type WarmUp } from "../warmUp";
import type { Lesson } from "./lesson";

/** What the lesson's driver may do. */
export type Act =
  | { readonly what: "engine"; readonly on: boolean }
  | { readonly what: "turn"; readonly control: string; readonly position: string }
  | { readonly what: "heater"; readonly on: boolean }
  /** The lift pump or a hand bulb, with the engine off. */
  | { readonly what: "prime"; readonly on: boolean }
  | { readonly what: "new-filter" };

/** What the pump had to swallow so far, and what went where; litres and minutes. */
export interface Tally {
  readonly oilIntoDiesel: number;
  readonly dieselIntoOil: number;
  readonly spilled: number;
  readonly thickLitres: number;
  readonly airLitres: number;
  readonly tooHotMinutes: number;
  readonly starvedMinutes: number;
  readonly onOilMinutes: number;
  /** Minutes in which oil would have been hot and thin enough. */
  readonly mightMinutes: number;
}

export interface Look {
  readonly minute: number;
  readonly moment: Moment;
  readonly coolantCelsius: number;
  readonly fuelCelsius: number | null;
  readonly nuMm2PerS: number;
  /** The hottest that fuel gets anywhere on its way; null where nothing warms it. */
  readonly hottestCelsius: number | null;
  readonly oilAtPump: number;
  readonly dropKPa: number;
  readonly tally: Tally;
}

/** A rehearsal under way. */
export interface Rehearsal {
  readonly lesson: Lesson;
  readonly plumbed: Plumbed;
  readonly now: Look;
  readonly engine: WarmUp;
  readonly isPriming: boolean;
  readonly filterKPa: number;
  readonly acts: readonly { readonly minute: number; readonly act: Act }[];
  /** One look every so often, for the debrief. */
  readonly looks: readonly Look[];
}

/** What a rehearsal is told of the vehicle. */
export interface Stage {
  readonly rig: Rig;
  readonly burnLitresPerMinute: number;
  readonly capacities: Readonly<Record<string, number>>;
  readonly thermostatCelsius: number;
  readonly tauMinutes: number;
  readonly riseK: number;
  readonly gateCelsius: number;
  readonly limitMm2PerS: number;
  readonly rho15KgPerL: number;
  /** Viscosity of what is at the pump: oil's share in it, and how warm it is. */
  readonly nuAt: (oilShare: number, celsius: number) => number;
}

const NO_TALLY: Tally = {
  oilIntoDiesel: 0,
  dieselIntoOil: 0,
  spilled: 0,
  thickLitres: 0,
  airLitres: 0,
  tooHotMinutes: 0,
  starvedMinutes: 0,
  onOilMinutes: 0,
  mightMinutes: 0,
};
export const TOO_HOT_CELSIUS = 105;
/** Past this a filter lets too little through: the engine starves. */
export const CHOKED_KPA = 60;
const CLEAN_KPA = 8;
/** A look for the debrief so often. */
const LOOK_MINUTES = 1 / 3;
const STEP_MINUTES = 1 / 6;
const FINE_STEP_MINUTES = 1 / 120;
/** Fuel that thick tears at the pump, three times what it is meant for. */
const THICK_TIMES = 3;
const isThick = (l: Look, stage: Stage): boolean => l.nuMm2PerS > THICK_TIMES * stage.limitMm2PerS;

/** The stage as a lesson wants it; null where its loop is none that the lesson is about. */
export function stageFor(lesson: Lesson, stage: Stage): Stage | null {
  const rig = lesson.fits ? lesson.fits(stage.rig) : stage.rig;
  return rig && { ...stage, rig, burnLitresPerMinute: stage.burnLitresPerMinute * (lesson.burnShare ?? 1) };
}

export function begin(lesson: Lesson, stage: Stage): Rehearsal {
  const fill = (holds: "diesel" | "oil"): number => {
    const tank = stage.rig.parts.find((p) => p.kind === "tank" && p.holds === holds);
    const capacity = tank ? (stage.capacities[tank.id] ?? 60) : 60;
    const litres = holds === "oil" ? lesson.oilLitres : lesson.dieselLitres;
    const room = holds === "oil" ? (lesson.oilRoomLitres ?? 20) : 20;
    return Math.min(capacity, litres ?? Math.max(1, capacity - room));
  };
  const tanks = stage.rig.parts.flatMap((p) =>
    p.kind === "tank" ? [[p.id, { litres: fill(p.holds), capacityLitres: stage.capacities[p.id] ?? 60 }] as const] : [],
  );
  const p = plumbed({
    rig: stage.rig,
    burnLitresPerMinute: stage.burnLitresPerMinute,
    tanks: Object.fromEntries(tanks),
    leftOilShare: lesson.leftOilShare,
    tanksInSeries: null,
  });
  const air = lesson.faults.find((f) => f.fault === "air-in-lines");
  const rested = atRest(p);
  const aired = air ? withAir(rested, air.share) : rested;
  const left = lesson.leftAt ? leftPositions(p, lesson.leftAt) : aired.setting.at;
  const setting = { ...aired.setting, at: left };
  const moment: Moment = { ...withTaint(aired, lesson.dieselTaint), setting, mode: modeAt(p, setting) };
  const warm = lesson.leftAt !== undefined;
  const startCelsius = warm ? stage.thermostatCelsius - 10 : lesson.ambientCelsius;
  const stuck = lesson.faults.find((f) => f.fault === "thermostat-stuck");
  const engine: WarmUp = {
    ambientCelsius: lesson.ambientCelsius,
    startCelsius,
    riseK: stage.riseK,
    thermostatCelsius: stuck ? stuck.celsius : stage.thermostatCelsius,
    tauMinutes: stage.tauMinutes,
  };
  const now = look(stage, p, lesson, moment, startCelsius, CLEAN_KPA, NO_TALLY);
  return { lesson, plumbed: p, now, engine, isPriming: false, filterKPa: CLEAN_KPA, acts: [], looks: [now] };
}

/** What whoever drove before has left turned: all for oil, or the return alone. */
function leftPositions(p: Plumbed, left: NonNullable<Lesson["leftAt"]>): Positions {
  const stand = standFor(p.rig, p.stands, left === "return-over" ? "purge" : "oil");
  return stand?.at ?? Object.fromEntries(p.rig.controls.map((c) => [c.id, c.positions[0] ?? ""]));
}

function withAir(m: Moment, share: number): Moment {
  const litres = m.run.litres.slice();
  const { stores } = m.run;
  const origins = stores.tanks.length + 1;
  for (let row = stores.tanks.length; row < stores.count; row++) {
    const volume = stores.volumes[row] ?? 0;
    for (let o = 0; o < origins - 1; o++) litres[row * origins + o] = (litres[row * origins + o] ?? 0) * (1 - share);
    litres[row * origins + origins - 1] = volume * share;
  }
  return { ...m, run: { ...m.run, litres } };
}

/** Oil that stands in the diesel tank: as if it had come from the oil's. */
function withTaint(m: Moment, share: number): Moment {
  if (share <= 0) return m;
  const litres = m.run.litres.slice();
  const { tanks } = m.run.stores;
  const origins = tanks.length + 1;
  const kind = (holds: "diesel" | "oil") => tanks.findIndex((id) => holdsOf(m.run.rig, id) === holds);
  const [d, o] = [kind("diesel"), kind("oil")];
  if (d < 0 || o < 0) return m;
  const total = litres[d * origins + d] ?? 0;
  litres[d * origins + d] = total * (1 - share);
  litres[d * origins + o] = total * share;
  return { ...m, run: { ...m.run, litres } };
}

export function act(r: Rehearsal, stage: Stage, done: Act): Rehearsal {
  const { moment } = r.now;
  const acts = [...r.acts, { minute: r.now.minute, act: done }];
  const set = (setting: Moment["setting"]): Rehearsal => {
    const next: Moment = { ...moment, setting, mode: modeAt(r.plumbed, setting) };
    return { ...r, acts, now: look(stage, r.plumbed, r.lesson, next, r.now.coolantCelsius, r.filterKPa, r.now.tally) };
  };
  switch (done.what) {
    case "engine":
      return { ...set({ ...moment.setting, runs: done.on }), isPriming: false };
    case "turn":
      return set({ ...moment.setting, at: { ...moment.setting.at, [done.control]: done.position } });
    case "heater":
      return { ...r, acts, now: { ...r.now, moment: { ...moment, isHeaterOn: done.on } } };
    case "prime":
      return { ...r, acts, isPriming: done.on && !moment.setting.runs };
    case "new-filter":
      return { ...r, acts, filterKPa: CLEAN_KPA };
  }
}

/** The rehearsal some minutes on, in short steps. */
export function goOn(r: Rehearsal, stage: Stage, minutes: number): Rehearsal {
  let at = r;
  let left = minutes;
  while (left > 1e-9) {
    // A line is flushed in seconds: while something thick is at the pump each of them counts.
    const usual = isThick(at.now, stage) ? FINE_STEP_MINUTES : STEP_MINUTES;
    const by = Math.min(usual, left);
    at = step(at, stage, by);
    left -= by;
  }
  return at;
}

function step(r: Rehearsal, stage: Stage, minutes: number): Rehearsal {
  const { lesson } = r;
  const cut = lesson.faults.find((f) => f.fault === "no-power");
  const hasPower = !(cut && r.now.minute >= cut.fromMinute);
  const chokes = lesson.faults.find((f) => f.fault === "filter-chokes");
  const { moment } = r.now;
  const isHot = turnedByItself(r, stage);
  const setting = { ...moment.setting, isHot, power: hasPower, runs: moment.setting.runs || r.isPriming };
  const choked = r.filterKPa >= CHOKED_KPA;
  // Priming moves as much as the pump does, and burns nothing.
  const burning = r.isPriming || choked ? { ...r.plumbed, burnLitresPerMinute: choked ? 1e-6 : 0 } : r.plumbed;
  const moved = onTo(burning, { ...moment, setting }, moment.run.minute + minutes);
  const runs = moment.setting.runs;
  const after: Moment = {
    ...moved,
    setting: { ...moved.setting, runs },
    mode:
      hasPower === moment.setting.power && isHot === (moment.setting.isHot ?? false)
        ? moment.mode
        : modeAt(r.plumbed, setting),
  };
  const coolant = runs
    ? coolantCelsius({ ...r.engine, startCelsius: r.now.coolantCelsius }, minutes)
    : r.now.coolantCelsius;
  const through = runs ? r.plumbed.burnLitresPerMinute * minutes : 0;
  const onOil = oilAtPump(after) > 0.5;
  const filterKPa = gelled(r, runs, minutes) + (chokes && onOil ? chokes.kPaPerLitre * through : 0);
  const seen = look(stage, r.plumbed, lesson, after, coolant, filterKPa, r.now.tally);
  const tally = tallied(r, stage, seen, minutes, runs, choked);
  const now = { ...seen, tally };
  const last = r.looks.at(-1);
  const looks = !last || now.minute - last.minute >= LOOK_MINUTES - 1e-9 ? [...r.looks, now] : r.looks;
  return { ...r, now, filterKPa, looks };
}

/** Fuel in the tanks is as cold as the day. */
const tankCelsiusOf = (p: Plumbed, { ambientCelsius }: Lesson): Record<string, number> =>
  Object.fromEntries(Object.keys(p.tanks).map((id) => [id, ambientCelsius]));

/** Flakes go where all that is pumped goes; warm, they melt off the filter again. */
const MELTS_KPA_PER_MINUTE = 4;
function gelled(r: Rehearsal, runs: boolean, minutes: number): number {
  const gel = r.lesson.faults.find((f) => f.fault === "gel");
  if (!gel || !runs) return r.filterKPa;
  const isCold = (r.now.fuelCelsius ?? r.lesson.ambientCelsius) < gel.clearsCelsius;
  return isCold
    ? r.filterKPa + gel.kPaPerLitre * pumpFlowOfRig(r.plumbed.rig) * minutes
    : Math.max(CLEAN_KPA, r.filterKPa - MELTS_KPA_PER_MINUTE * minutes);
}

function look(
  stage: Stage,
  p: Plumbed,
  lesson: Lesson,
  moment: Moment,
  coolant: number,
  dropKPa: number,
  tally: Tally,
): Look {
  const share = oilAtPump(moment);
  const warmed = rigCelsius(p.rig, { ...moment.setting, runs: true }, p.burnLitresPerMinute, {
    tankCelsius: tankCelsiusOf(p, lesson),
    coolantCelsius: coolant,
    isHeaterOn: moment.isHeaterOn,
    rho15KgPerL: stage.rho15KgPerL,
  });
  const celsius = warmed.atPump;
  const outs = Object.values(warmed.parts).map(([, out]) => out);
  return {
    hottestCelsius: outs.length > 0 ? Math.max(...outs) : null,
    minute: moment.run.minute,
    moment,
    coolantCelsius: coolant,
    fuelCelsius: celsius,
    nuMm2PerS: celsius === null ? 0 : stage.nuAt(share, celsius),
    oilAtPump: share,
    dropKPa,
    tally,
  };
}

function tallied(r: Rehearsal, stage: Stage, seen: Look, minutes: number, runs: boolean, choked: boolean): Tally {
  const { run } = seen.moment;
  const { tanks } = run.stores;
  const row = (holds: "diesel" | "oil"): number => tanks.findIndex((id) => holdsOf(run.rig, id) === holds);
  const [d, o] = [row("diesel"), row("oil")];
  const was = r.looks[0]?.moment.run ?? run;
  const gained = (into: number, of: number): number =>
    into < 0 || of < 0 ? 0 : Math.max(0, (litresAt(run, into)[of] ?? 0) - (litresAt(was, into)[of] ?? 0));
  const before = r.now.tally;
  // What was at the pump when the step began has been swallowed by its end.
  const thick = runs ? 0.5 * (Number(isThick(r.now, stage)) + Number(isThick(seen, stage))) : 0;
  const hot = seen.hottestCelsius !== null && seen.hottestCelsius > TOO_HOT_CELSIUS;
  const air = (burnedIn(run)[tanks.length] ?? 0) - (burnedIn(was)[tanks.length] ?? 0);
  const might = runs && mightRun(r, stage, seen);
  return {
    oilIntoDiesel: gained(d, o),
    dieselIntoOil: gained(o, d),
    spilled: spilledIn(run).reduce((sum, l) => sum + l, 0),
    thickLitres: before.thickLitres + thick * pumpFlowOfRig(r.plumbed.rig) * minutes,
    airLitres: Math.max(0, air),
    tooHotMinutes: before.tooHotMinutes + (hot && runs ? minutes : 0),
    starvedMinutes: before.starvedMinutes + (runs && (choked || isDry(seen)) ? minutes : 0),
    onOilMinutes: before.onOilMinutes + (runs && seen.oilAtPump > 0.5 ? minutes : 0),
    mightMinutes: before.mightMinutes + (might ? minutes : 0),
  };
}

/** More air than that, and no pressure builds: the engine dies or will not start. */
const DRY_SHARE = 0.3;
const isDry = ({ moment: { run } }: Look): boolean => airAtPump(run) > DRY_SHARE;

export function airAtPump(run: Moment["run"]): number {
  const row = rowAtPump(run);
  if (row === null) return 0;
  const at = litresAt(run, row);
  const total = at.reduce((sum, l) => sum + l, 0);
  return total > 0 ? (at[run.stores.tanks.length] ?? 0) / total : 0;
}

/** What a thermostat on its own makes of how warm the oil would be. */
function turnedByItself(r: Rehearsal, stage: Stage): boolean {
  const { setting } = r.now.moment;
  const thermostat = decidingThermostat(r.plumbed.rig, setting);
  const celsius = thermostat && oilIfOn(r, stage, r.now);
  return thermostat && celsius !== null ? thermostatSays(thermostat, setting.isHot ?? false, celsius) : false;
}

/** Whether oil would be fit for the pump now, if it were switched to. */
function mightRun(r: Rehearsal, stage: Stage, seen: Look): boolean {
  const celsius = oilIfOn(r, stage, seen);
  return celsius !== null && celsius >= stage.gateCelsius && stage.nuAt(1, celsius) <= stage.limitMm2PerS;
}

/** Oil at the pump, °C, if all stood for oil; null where nothing can. */
function oilIfOn(r: Rehearsal, stage: Stage, seen: Look): number | null {
  const oil = standFor(r.plumbed.rig, r.plumbed.stands, "oil");
  if (!oil) return null;
  return rigCelsius(r.plumbed.rig, { power: true, runs: true, at: oil.at }, r.plumbed.burnLitresPerMinute, {
    tankCelsius: tankCelsiusOf(r.plumbed, r.lesson),
    coolantCelsius: seen.coolantCelsius,
    isHeaterOn: true,
    rho15KgPerL: stage.rho15KgPerL,
  }).atPump;
}
