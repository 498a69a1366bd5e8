import type { FirstDraw, YardState } from "../../ledger";
import { MS_PER_DAY } from "../../units";
import { standingOf } from "../vessel/standing";
import { GrainBook } from "./grains";

/** A lot that was drawn: the day it was forecast to be clear, and the day somebody drew it. */
export interface PastForecast {
  readonly nameOf: string;
  readonly filledAt: string;
  /** As it would have been said on the day it was filled, with what was known then; null: never. */
  readonly forecastAt: string | null;
  readonly earliestAt: string | null;
  readonly latestAt: string | null;
  readonly drawnAt: string;
  /** Clarity as it came, 1 to 5, where somebody looked. */
  readonly came: number | null;
  /** Days from the forecast to the drawing; below nothing, it was drawn before. */
  readonly daysAfter: number | null;
}

const MOST = 10;

/** The latest draws of a yard, newest first, each against the forecast of its filling day. */
export function pastForecasts(yard: YardState, yardAt: (at: string) => YardState): PastForecast[] {
  return yard.draws
    .slice(-MOST)
    .reverse()
    .flatMap((d) => pastForecast(d, yardAt(d.since)) ?? []);
}

function pastForecast(d: FirstDraw, then: YardState): PastForecast | null {
  const state = then.vessels.get(d.vessel);
  const settling = state && standingOf(then, state, d.since, new GrainBook(then, d.since)).settling;
  if (!state || !settling) return null;
  const { readyAt, earliestAt, latestAt } = settling;
  return {
    nameOf: state.vessel.name,
    filledAt: d.since,
    forecastAt: readyAt,
    earliestAt,
    latestAt,
    drawnAt: d.at,
    came: d.came,
    daysAfter: readyAt === null ? null : (Date.parse(d.at) - Date.parse(readyAt)) / MS_PER_DAY,
  };
}
