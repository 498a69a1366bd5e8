import { oilLeft, outcomeOf } from "../rig";
import { holdsOf } from "../rig/parts";
import type { Rehearsal, Tally } from "./rehearse";

/** Something that cost points, and how much of it there was. */
export interface Cost {
  readonly code:
    | "oil-into-diesel"
    | "diesel-into-oil"
    | "spilled"
    | "thick"
    | "air"
    | "too-hot"
    | "starved"
    | "left-in-line"
    | "left-turned"
    | "not-used"
    | "cut-short";
  /** Litres, minutes or a share, as the code says. */
  readonly amount: number;
  readonly points: number;
}

export interface Score {
  readonly points: number;
  readonly costs: readonly Cost[];
}

/** Points for a litre or a minute: a spoon of oil in the diesel tank is worse than a litre of diesel in the oil. */
const PER: Readonly<
  Record<
    keyof Pick<
      Tally,
      "oilIntoDiesel" | "dieselIntoOil" | "spilled" | "thickLitres" | "airLitres" | "tooHotMinutes" | "starvedMinutes"
    >,
    { readonly code: Cost["code"]; readonly points: number; readonly free: number }
  >
> = {
  oilIntoDiesel: { code: "oil-into-diesel", points: 250, free: 0.02 },
  dieselIntoOil: { code: "diesel-into-oil", points: 3, free: 3 },
  spilled: { code: "spilled", points: 60, free: 0.001 },
  thickLitres: { code: "thick", points: 80, free: 0.005 },
  airLitres: { code: "air", points: 60, free: 0.02 },
  tooHotMinutes: { code: "too-hot", points: 8, free: 0 },
  starvedMinutes: { code: "starved", points: 6, free: 0.5 },
};
const MOST_OF_ONE = 40;
const MIN_USED_SHARE = 0.5;
const ALMOST_MINUTES = 1;

/**
 * What a rehearsal was worth, out of a hundred: by what reached which tank, what the pump had to swallow, and how it was
 * left. `markShare` is the most oil that may stay in the line on that lesson's night.
 */
export function scoreOf(r: Rehearsal, markShare: number): Score {
  const { tally } = r.now;
  const of = (Object.keys(PER) as (keyof typeof PER)[]).flatMap((key): Cost[] => {
    const { code, points, free } = PER[key];
    const over = tally[key] - free;
    return over > 0
      ? [{ code, amount: tally[key], points: Math.min(MOST_OF_ONE, Math.max(1, Math.round(over * points))) }]
      : [];
  });
  const costs = [...of, ...leftBehind(r, markShare), ...used(r)];
  return { points: Math.max(0, 100 - costs.reduce((sum, c) => sum + c.points, 0)), costs };
}

function leftBehind(r: Rehearsal, markShare: number): Cost[] {
  const { moment } = r.now;
  const left = oilLeft(r.plumbed, moment);
  const line: Cost[] =
    left > markShare * 1.1
      ? [{ code: "left-in-line", amount: left, points: Math.min(30, Math.ceil(30 * (left - markShare))) + 5 }]
      : [];
  const o = outcomeOf(r.plumbed.rig, { ...moment.setting, power: true, runs: true }, r.plumbed.burnLitresPerMinute);
  const isHome =
    Object.entries(o.reaches).every(([tank, share]) => share < 0.01 || holdsOf(r.plumbed.rig, tank) === "diesel") &&
    o.astray.length === 0;
  return isHome ? line : [...line, { code: "left-turned", amount: 1, points: 20 }];
}

function used(r: Rehearsal): Cost[] {
  const { tally, minute } = r.now;
  const short: Cost[] =
    minute < r.lesson.driveMinutes - ALMOST_MINUTES
      ? [{ code: "cut-short", amount: r.lesson.driveMinutes - minute, points: 25 }]
      : [];
  const share = tally.mightMinutes > 5 ? tally.onOilMinutes / tally.mightMinutes : 1;
  return share < MIN_USED_SHARE
    ? [...short, { code: "not-used", amount: share, points: Math.round(30 * (MIN_USED_SHARE - share) * 2) }]
    : short;
}
