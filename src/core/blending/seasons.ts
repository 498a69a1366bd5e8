import type { MonthLows } from "./nights";

/** Months are counted 0 to 11 from January. */
export interface SeasonPlan {
  /** Of each month, the most oil that stands its coldest night, 0 to 1. */
  readonly oilShareByMonth: readonly number[];
  /** The same mix all year through is the one of the coldest month. */
  readonly allYearShare: number;
  /** The summer mix is poured from one month on, and the winter mix from another; null where one mix serves all year. */
  readonly summer: { readonly fromMonth: number; readonly toMonth: number; readonly oilShare: number } | null;
  readonly winterShare: number;
  /** Mean share of oil over the year, driving as much each month. */
  readonly meanShare: number;
}

const MONTHS = 12;
/** Under two points more oil a second mix is not worth its cans. */
const WORTH_A_SECOND_MIX = 0.02;

/**
 * Two mixes for the year: of every run of months as the summer, the one that burns most oil when each season's mix stands
 * its own coldest night. `most` gives the most oil for a low, 0 where none goes.
 */
export function planSeasons(lows: MonthLows, most: (lowCelsius: number) => number): SeasonPlan {
  const byMonth = lows.map(most);
  const allYear = Math.min(...byMonth);
  let best: SeasonPlan = {
    oilShareByMonth: byMonth,
    allYearShare: allYear,
    summer: null,
    winterShare: allYear,
    meanShare: allYear,
  };
  for (let from = 0; from < MONTHS; from++)
    for (let length = 1; length < MONTHS; length++) {
      const inSummer = (m: number): boolean => (m - from + MONTHS) % MONTHS < length;
      const least = (of: (m: number) => boolean): number => Math.min(...byMonth.filter((_, m) => of(m)));
      const [summer, winter] = [least(inSummer), least((m) => !inSummer(m))];
      const meanShare = (summer * length + winter * (MONTHS - length)) / MONTHS;
      const isBetter = summer > winter && meanShare > Math.max(best.meanShare, allYear + WORTH_A_SECOND_MIX);
      if (!isBetter) continue;
      const toMonth = (from + length - 1) % MONTHS;
      best = {
        ...best,
        summer: { fromMonth: from, toMonth, oilShare: summer },
        winterShare: winter,
        meanShare,
      };
    }
  return best;
}
