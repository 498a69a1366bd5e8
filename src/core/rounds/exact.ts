import {
  distancesKm,
  loadsAt,
  type Progress,
  type RoundPlan,
  type RoundQuestion,
  roomLitres,
  roundOf,
  STAY_HOME,
} from "./round";

/** Two to the twelfth subsets are a moment; a few more stops would be minutes. */
export const MOST_EXACT_STOPS = 12;

/**
 * The best round of at most twelve stops: shortest way through every subset by dynamic programming (Held & Karp 1962),
 * then the subset worth most within the hours. Exact, since what a subset yields does not depend on its order.
 */
export function exactRound(q: RoundQuestion, progress: Progress): RoundPlan {
  const n = q.stops.length;
  const km = distancesKm(q);
  const paths = shortestPaths(n, km, progress);
  const room = roomLitres(q.limits);
  let best = STAY_HOME;
  for (let subset = 1; subset < 1 << n; subset++) {
    const last = lastOf(paths, subset, n, km);
    const driven = paths.km[subset * n + last] ?? Infinity;
    const total = driven + (km[last]?.[n] ?? 0);
    const chosen = members(subset, n);
    const loads = loadsAt(q.stops, chosen, room);
    // A stop where nothing fits any more is only a detour.
    if (loads.some((l) => l <= 0)) continue;
    const worth = chosen.reduce((sum, i, k) => sum + (loads[k] ?? 0) * (q.stops[i]?.valuePerLitre ?? 0), 0);
    if (worth - total * q.limits.costPerKm <= best.value) continue;
    const plan = roundOf(q, km, pathOf(paths, subset, last, n), true);
    if (plan && plan.value > best.value) best = plan;
  }
  progress(1);
  return best;
}

interface Paths {
  /** Shortest km from home through a subset to one of it, at subset·n + last. */
  readonly km: Float64Array;
  readonly before: Int8Array;
}

const members = (subset: number, n: number): number[] =>
  Array.from({ length: n }, (_, i) => i).filter((i) => subset & (1 << i));

function shortestPaths(n: number, km: readonly (readonly number[])[], progress: Progress): Paths {
  const size = 1 << n;
  const best = new Float64Array(size * n).fill(Infinity);
  const before = new Int8Array(size * n).fill(-1);
  for (let i = 0; i < n; i++) best[(1 << i) * n + i] = km[n]?.[i] ?? Infinity;
  for (let subset = 1; subset < size; subset++) {
    if ((subset & 1023) === 0) progress(subset / size);
    for (let last = 0; last < n; last++) {
      const here = best[subset * n + last] as number;
      if (here === Infinity) continue;
      const row = km[last] as readonly number[];
      for (let next = 0; next < n; next++) {
        if (subset & (1 << next)) continue;
        const to = (subset | (1 << next)) * n + next;
        const there = here + (row[next] as number);
        if (there < (best[to] as number)) {
          best[to] = there;
          before[to] = last;
        }
      }
    }
  }
  return { km: best, before };
}

/** The stop from which the way home closes the shortest tour. */
function lastOf(paths: Paths, subset: number, n: number, km: readonly (readonly number[])[]): number {
  let best = -1;
  let shortest = Infinity;
  for (let last = 0; last < n; last++) {
    const tour = (paths.km[subset * n + last] as number) + (km[last]?.[n] ?? 0);
    if (tour < shortest) {
      shortest = tour;
      best = last;
    }
  }
  return best;
}

function pathOf(paths: Paths, subset: number, last: number, n: number): number[] {
  const order: number[] = [];
  for (let at = last, left = subset; at >= 0; ) {
    order.unshift(at);
    const before = paths.before[left * n + at] ?? -1;
    left &= ~(1 << at);
    at = before;
  }
  return order;
}
