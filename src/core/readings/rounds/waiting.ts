import type { Source, SourceState, Visit } from "../../ledger";
import {
  type Band,
  daysToFull,
  type FillingRate,
  type FillingReading,
  litresPerDay,
  priorRate,
  updateRate,
  waitingLitres,
} from "../../rounds";
import { MS_PER_DAY } from "../../units";

/** What waits at a source now, and when its containers are full. */
export interface Waiting {
  readonly litresPerDay: number;
  /** Calls that the rate rests on: those with one before them. */
  readonly readings: number;
  readonly containerLitres: number;
  /** 80 % of the time. */
  readonly now: Band;
  readonly fullAt: string | null;
  readonly fullEarliestAt: string | null;
  readonly fullLatestAt: string | null;
  /** What it is reckoned from, for whoever asks why. */
  readonly question: {
    readonly pickups: FillingReading[];
    readonly daysSince: number;
    readonly containerLitres: number;
    readonly priorLitresPerDay: number;
    readonly priorDays: number;
    readonly lotLitres: number;
  };
}

/** What a source is taken for before it has been seen twice: its containers full in three weeks. */
const PRIOR_FILL_DAYS = 21;
/** And as sure of that as of two weeks' watching. */
const PRIOR_WORTH_DAYS = 14;
const USUAL_CONTAINER_LITRES = 20;
/** Two stops closer than this say nothing of a rate. */
const SHORTEST_DAYS = 0.25;

export const containersHold = (s: Source): number =>
  (s.containerLitres ?? litresNamed(s.container) ?? USUAL_CONTAINER_LITRES) * (s.containerCount ?? 1);

/** "20 L jerrycan" says what it holds. */
function litresNamed(container: string): number | null {
  const found = /(\d+(?:\.\d+)?)\s*(?:l|litres?|liters?)\b/i.exec(container);
  const litres = found ? Number(found[1]) : Number.NaN;
  return litres > 0 ? litres : null;
}

/** What a source is taken for before it is known. */
function priorOf({ container, containerLitres, usualLitres, ...rest }: Source): FillingRate {
  // A drum is filled a fryer at a time: what comes at once is no more than a pail.
  const lot = Math.min(USUAL_CONTAINER_LITRES, containerLitres ?? litresNamed(container) ?? Infinity);
  const usual = usualLitres ?? containersHold({ container, containerLitres, ...rest });
  return priorRate(usual / PRIOR_FILL_DAYS, PRIOR_WORTH_DAYS, lot);
}

/** Calls that say what had gathered: oil was taken, or there was none. */
const counted = (v: Visit): boolean => v.outcome === "taken" || v.outcome === "nothing";

/** Litres and days of each such call since the one before; what was left behind counts for the next. */
function readingsOf(visits: readonly Visit[]): FillingReading[] {
  const emptied = visits.filter(counted);
  return emptied.slice(1).flatMap((v, i) => {
    const before = emptied[i];
    const days = before ? (Date.parse(v.at) - Date.parse(before.at)) / MS_PER_DAY : 0;
    if (!before || days < SHORTEST_DAYS) return [];
    return [{ litres: Math.max(0, v.litres + v.leftLitres - before.leftLitres), days }];
  });
}

/** What waits now. A source that was never emptied has gathered since the yard has known it. */
export function waitingAt(state: SourceState, now: string): Waiting {
  const prior = priorOf(state.source);
  const pickups = readingsOf(state.visits);
  const rate = updateRate(prior, pickups);
  const holds = Math.max(containersHold(state.source), state.source.usualLitres ?? 0);
  const last = state.visits.findLast(counted);
  const since = last?.at ?? state.knownSince;
  const left = last?.leftLitres ?? 0;
  const days = Math.min(MOST_DAYS, Math.max(0, (Date.parse(now) - Date.parse(since)) / MS_PER_DAY));
  const gathered = waitingLitres(rate, days, Math.max(0, holds - left));
  const full = daysToFull(rate, Math.max(1e-3, holds - left));
  const at = (d: number | null): string | null =>
    d === null || d > MOST_DAYS ? null : new Date(Date.parse(since) + d * MS_PER_DAY).toISOString();
  return {
    litresPerDay: litresPerDay(rate),
    readings: rate.pickups,
    containerLitres: holds,
    now: { mean: gathered.mean + left, low: gathered.low + left, high: gathered.high + left },
    fullAt: at(full.mean),
    fullEarliestAt: at(full.low),
    fullLatestAt: at(full.high),
    question: {
      pickups,
      daysSince: days,
      containerLitres: holds,
      priorLitresPerDay: litresPerDay(prior),
      priorDays: prior.days,
      lotLitres: prior.lotLitres,
    },
  };
}

/** Ten years: longer than anybody waits for a pail. */
const MOST_DAYS = 3650;
