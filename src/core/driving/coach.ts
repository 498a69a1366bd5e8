import { minutesToResidual } from "./purge";
import { returnedLitres } from "./returned";
import {
  astrayInto,
  backPurgeOf,
  type Mode,
  type Moment,
  oilLeft,
  outcomeOf,
  type Plumbed,
  type Positions,
  purgeStand,
  standFor,
  type Turn,
  turnsTo,
} from "./rig";
import { type SwitchVerdict, switchVerdict } from "./switchOver";

/** What the driver is to do next, and what it rests on. Turns are in their order. */
export type Move =
  | { readonly code: "start" }
  /** Nothing to turn: whether what it runs on is thin enough now. */
  | { readonly code: "one-tank"; readonly isThin: boolean; readonly nuMm2PerS: number }
  /** Minutes by the warm-up; null: never, as it is rigged and as warm as it gets. */
  | { readonly code: "warm"; readonly minutesLeft: number | null; readonly why: SwitchVerdict }
  | { readonly code: "switch"; readonly turns: readonly Turn[] }
  | { readonly code: "run"; readonly purgeMinutes: number }
  | { readonly code: "fall-back"; readonly why: SwitchVerdict; readonly turns: readonly Turn[] }
  /** With the engine off a little pump pushes diesel back through the line. */
  | { readonly code: "back-purge"; readonly turns: readonly Turn[]; readonly seconds: number }
  | { readonly code: "back-purging"; readonly secondsLeft: number }
  | { readonly code: "start-purge"; readonly turns: readonly Turn[]; readonly minutes: number }
  | { readonly code: "purging"; readonly minutesLeft: number; readonly astrayLitres: number }
  | { readonly code: "turn-back"; readonly turns: readonly Turn[]; readonly astrayLitres: number }
  /** The line is clean and all rests on diesel; or nothing was ever switched. */
  | { readonly code: "stop" }
  | { readonly code: "set-right"; readonly turns: readonly Turn[]; readonly fouls: number }
  /** It stands wrong, and no turn makes it right: the loop is at fault. */
  | { readonly code: "no-way"; readonly fouls: number }
  | { readonly code: "dry"; readonly holds: "diesel" | "oil" };

export interface Coached {
  readonly plumbed: Plumbed;
  readonly moment: Moment;
  /** Oil at the pump if it were switched to now, or as it is; °C and mm²/s. */
  readonly oilCelsius: number;
  readonly oilNu: number;
  readonly gateCelsius: number;
  readonly limitMm2PerS: number;
  readonly minutesToGate: number | null;
  /** Most oil that may stay in the line tonight. */
  readonly markShare: number;
  /** What the coming stop asks for: a short one may be made on oil. */
  readonly isStopping: boolean;
}

/** Once switched to oil, it is let fall a little below the gate: a valve that chatters at it wears everybody out. */
const FALL_BACK_K = 5;

/** The next move. Source of the gates and of falling back: physics §6. */
export function nextMove(c: Coached): Move {
  const { plumbed: p, moment } = c;
  if (!moment.setting.runs) return engineOff(c);
  if (p.rig.controls.length === 0) return { code: "one-tank", isThin: c.oilNu <= c.limitMm2PerS, nuMm2PerS: c.oilNu };
  const { mode } = moment;
  if (mode === "wrong") return setRight(c);
  const dry = dryTank(c);
  if (dry) return { code: "dry", holds: dry };
  if (mode === "oil") return onOil(c);
  const inLine = oilLeft(p, moment);
  if (mode === "purge") return purging(c, inLine);
  // On diesel: what still hangs in the line goes home with it.
  if (inLine > c.markShare && p.line) return { code: "purging", minutesLeft: minutesLeft(c, inLine), astrayLitres: 0 };
  if (c.isStopping || !standFor(p.rig, p.stands, "oil")) return { code: "stop" };
  const why = switchVerdict(c.oilCelsius, c.gateCelsius, c.oilNu, c.limitMm2PerS);
  if (why.code !== "on-oil") return { code: "warm", minutesLeft: c.minutesToGate, why };
  return { code: "switch", turns: turnsFor(c, "oil") };
}

function onOil(c: Coached): Move {
  const why = switchVerdict(c.oilCelsius, c.gateCelsius - FALL_BACK_K, c.oilNu, c.limitMm2PerS);
  const away = turnsAway(c);
  if (why.code !== "on-oil") return { code: "fall-back", why, turns: away };
  if (!c.isStopping) return { code: "run", purgeMinutes: purgeMinutesOf(c) };
  const back = backPurgeOf(c.plumbed.rig, c.plumbed.stands);
  if (back)
    return { code: "back-purge", turns: turnsToStand(c, back.at), seconds: backSeconds(c, back.litresPerMinute, 1) };
  return purgeStand(c.plumbed.rig, c.plumbed.stands)
    ? { code: "start-purge", turns: away, minutes: purgeMinutesOf(c) }
    : { code: "turn-back", turns: away, astrayLitres: astrayAt(c, 1) };
}

function purging(c: Coached, inLine: number): Move {
  if (inLine > c.markShare)
    return { code: "purging", minutesLeft: minutesLeft(c, inLine), astrayLitres: astrayAt(c, inLine) };
  // Where nothing was on oil yet, the return is only ahead of the supply.
  if (
    !c.isStopping &&
    inLine < 1e-3 &&
    switchVerdict(c.oilCelsius, c.gateCelsius, c.oilNu, c.limitMm2PerS).code === "on-oil"
  )
    return { code: "switch", turns: turnsFor(c, "oil") };
  return { code: "turn-back", turns: turnsFor(c, "diesel"), astrayLitres: astrayAt(c, inLine) };
}

/** Engine off: before it starts, or while a back-purge runs. */
function engineOff(c: Coached): Move {
  const { rig, stands } = c.plumbed;
  const back = backPurgeOf(rig, stands);
  const at = c.moment.setting.at;
  const inLine = oilLeft(c.plumbed, c.moment);
  if (!back || !rig.controls.every((k) => (at[k.id] ?? k.positions[0]) === back.at[k.id])) {
    if (!c.isStopping) return { code: "start" };
    return back && inLine > c.markShare
      ? { code: "back-purge", turns: turnsToStand(c, back.at), seconds: backSeconds(c, back.litresPerMinute, inLine) }
      : { code: "stop" };
  }
  return inLine > c.markShare
    ? { code: "back-purging", secondsLeft: backSeconds(c, back.litresPerMinute, inLine) }
    : { code: "turn-back", turns: turnsFor(c, "diesel"), astrayLitres: 0 };
}

/** Until the mark, from so much oil in the line, by the little pump's flow. */
function backSeconds({ plumbed: { line }, markShare }: Coached, litresPerMinute: number, inLine: number): number {
  if (!line || inLine <= markShare) return 0;
  const pushed = { ...line, litresPerMinute };
  return 60 * (minutesToResidual(pushed, markShare) - (inLine < 1 ? minutesToResidual(pushed, inLine) : 0));
}

const turnsToStand = ({ plumbed: p, moment }: Coached, to: Positions): readonly Turn[] =>
  turnsTo(p.rig, p.stands, moment.setting.at, to);

const turnsFor = ({ plumbed: p, moment }: Coached, mode: Exclude<Mode, "wrong">): readonly Turn[] => {
  const stand = mode === "purge" ? purgeStand(p.rig, p.stands) : standFor(p.rig, p.stands, mode);
  return stand ? turnsTo(p.rig, p.stands, moment.setting.at, stand.at) : [];
};

/** Off oil: to a purge where there is one, else straight to diesel. */
const turnsAway = (c: Coached): readonly Turn[] =>
  turnsFor(c, purgeStand(c.plumbed.rig, c.plumbed.stands) ? "purge" : "diesel");

/** A turn that was half done is finished: towards what is wanted now, and not back by the nearer way. */
function setRight(c: Coached): Move {
  const { plumbed: p, moment } = c;
  const fouls = astrayInto(outcomeOf(p.rig, moment.setting, p.burnLitresPerMinute), "diesel", p.rig);
  const why = switchVerdict(c.oilCelsius, c.gateCelsius - FALL_BACK_K, c.oilNu, c.limitMm2PerS);
  const wanted: readonly Exclude<Mode, "wrong">[] =
    c.isStopping || why.code !== "on-oil"
      ? oilLeft(p, moment) > c.markShare
        ? ["purge", "diesel", "oil"]
        : ["diesel", "purge", "oil"]
      : ["oil", "diesel", "purge"];
  const turns = wanted.map((mode) => turnsFor(c, mode)).find((way) => way.length > 0);
  return turns ? { code: "set-right", fouls, turns } : { code: "no-way", fouls };
}

/** Minutes until tonight's mark, by the line's own curve from what is in it now. */
function minutesLeft(c: Coached, inLine: number): number {
  const { line } = c.plumbed;
  if (!line || inLine <= c.markShare) return 0;
  return Math.max(0, minutesToResidual(line, c.markShare) - (inLine < 1 ? minutesToResidual(line, inLine) : 0));
}

export const purgeMinutesOf = ({ plumbed: { line }, markShare }: Pick<Coached, "plumbed" | "markShare">): number =>
  line ? minutesToResidual(line, markShare) : 0;

/** Litres of oil into the diesel tank if the return were turned to it now. */
function astrayAt({ plumbed: p }: Coached, inLine: number): number {
  const { line } = p;
  const pump = p.rig.parts.find((part) => part.kind === "injection-pump");
  if (!line || !pump || pump.kind !== "injection-pump" || inLine <= 0) return 0;
  const passed = inLine < 1 ? minutesToResidual(line, inLine) : 0;
  return returnedLitres({
    beforeLitresPerMinute: line.litresPerMinute,
    pumpLitresPerMinute: pump.litresPerMinute,
    burnLitresPerMinute: Math.min(p.burnLitresPerMinute, pump.litresPerMinute),
    lineLitres: line.lineLitres,
    tanksInSeries: line.tanksInSeries,
    fromMinute: passed,
    toMinute: passed + LONG_MINUTES,
  });
}
/** By then all of it has come round. */
const LONG_MINUTES = 60;

const DRY_LITRES = 0.5;

function dryTank({ plumbed: p, moment }: Coached): "diesel" | "oil" | null {
  const outcome = outcomeOf(p.rig, moment.setting, p.burnLitresPerMinute);
  for (const [row, id] of moment.run.stores.tanks.entries()) {
    if ((outcome.draws[id] ?? 0) <= 0) continue;
    const origins = moment.run.stores.tanks.length + 1;
    let litres = 0;
    for (let o = 0; o < origins; o++) litres += moment.run.litres[row * origins + o] ?? 0;
    const tank = p.rig.parts.find((part) => part.id === id);
    if (litres < DRY_LITRES && tank?.kind === "tank") return tank.holds;
  }
  return null;
}
