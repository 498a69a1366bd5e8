import {
  distancesKm,
  driveRound,
  loadsAt,
  type Progress,
  type RoundPlan,
  type RoundQuestion,
  STAY,
  type Stop,
  startAt,
  worthOf,
} from "./round";

/** Two to the twelfth subsets are a moment; a few more stops would be minutes. */
export const MOST_EXACT_STOPS = 12;

/**
 * A way through a subset that ends at one of its stops. With doors that close, the shortest way may be late and the
 * early way long, so every way that is better in either is kept.
 */
interface Way {
  readonly km: number;
  /** When one leaves its last stop. */
  readonly hours: number;
  readonly last: number;
  readonly before: Way | null;
}

/**
 * The best round of at most twelve stops: dynamic programming over subsets (Held & Karp 1962), with the undominated
 * ways (kilometres, hours) kept for each, then the subset worth most. Exact: what a subset yields does not depend on
 * its order, and a way that is no shorter and no earlier can never end better.
 */
export function exactRound(q: RoundQuestion, progress: Progress): RoundPlan {
  const n = q.stops.length;
  const km = distancesKm(q);
  const ways = allWays(q, km, progress);
  let best: { value: number; way: Way } | null = null;
  for (let subset = 1; subset < 1 << n; subset++) {
    const chosen = members(subset, n);
    const loads = loadsAt(q.stops, chosen, q.limits);
    // A stop where nothing fits any more is only a detour.
    if (loads.some((l) => l <= 0)) continue;
    const worth = worthOf(q.stops, chosen, loads);
    if (worth <= (best?.value ?? 0)) continue;
    const way = shortestHome(q, km, ways, subset);
    if (!way) continue;
    const value = worth - (way.km + (km[way.last]?.[n + 1] ?? 0)) * q.limits.costPerKm;
    if (value > (best?.value ?? 0)) best = { value, way };
  }
  progress(1);
  return best ? { ...driveRound(q, km, orderOf(best.way)).plan, exact: true } : STAY;
}

const members = (subset: number, n: number): number[] =>
  Array.from({ length: n }, (_, i) => i).filter((i) => subset & (1 << i));

/** Undominated ways at subset·n + last. */
function allWays(q: RoundQuestion, km: readonly (readonly number[])[], progress: Progress): Way[][] {
  const n = q.stops.length;
  const ways: Way[][] = Array.from({ length: (1 << n) * n }, () => []);
  const extend = (way: Way | null, from: number, next: number, into: Way[]): void => {
    const leg = km[from]?.[next] ?? 0;
    const stop = q.stops[next] as Stop;
    const begins = startAt(stop, (way?.hours ?? 0) + leg / q.limits.kmPerHour);
    if (begins === null) return;
    const hours = begins + stop.minutesThere / 60;
    if (hours > q.limits.hours) return;
    keep(into, { km: (way?.km ?? 0) + leg, hours, last: next, before: way });
  };
  for (let i = 0; i < n; i++) extend(null, n, i, ways[(1 << i) * n + i] as Way[]);
  for (let subset = 1; subset < 1 << n; subset++) {
    if ((subset & 1023) === 0) progress(subset / (1 << n));
    for (let last = 0; last < n; last++)
      for (const way of ways[subset * n + last] as Way[])
        for (let next = 0; next < n; next++)
          if (!(subset & (1 << next))) extend(way, last, next, ways[(subset | (1 << next)) * n + next] as Way[]);
  }
  return ways;
}

/** Adds a way unless another is as short and as early; drops those that it beats. */
function keep(ways: Way[], way: Way): void {
  if (ways.some((w) => w.km <= way.km && w.hours <= way.hours)) return;
  let kept = 0;
  for (const w of ways) if (w.km < way.km || w.hours < way.hours) ways[kept++] = w;
  ways.length = kept;
  ways.push(way);
}

/** The way through a subset whose tour is shortest, of those that are home in time. */
function shortestHome(
  q: RoundQuestion,
  km: readonly (readonly number[])[],
  ways: readonly Way[][],
  subset: number,
): Way | null {
  const n = q.stops.length;
  let best: Way | null = null;
  let shortest = Infinity;
  for (let last = 0; last < n; last++) {
    const home = km[last]?.[n + 1] ?? 0;
    for (const way of ways[subset * n + last] as Way[]) {
      if (way.hours + home / q.limits.kmPerHour > q.limits.hours + 1e-9 || way.km + home >= shortest) continue;
      shortest = way.km + home;
      best = way;
    }
  }
  return best;
}

function orderOf(way: Way): number[] {
  const order: number[] = [];
  for (let at: Way | null = way; at; at = at.before) order.unshift(at.last);
  return order;
}
