import {
  distancesKm,
  driveRound,
  loadsAt,
  type Progress,
  type RoundPlan,
  type RoundQuestion,
  STAY,
  worthOf,
} from "./round";
import { Ways } from "./ways";

/** Two to the twelfth subsets are a moment; a few more stops would be minutes. */
export const MOST_EXACT_STOPS = 12;

/**
 * The best round of at most twelve stops: dynamic programming over subsets (Held & Karp 1962), with the undominated
 * ways (kilometres, hours) kept for each, then the subset worth most. Exact: what a subset yields does not depend on
 * its order, and a way that is no shorter and no earlier can never end better.
 */
export function exactRound(q: RoundQuestion, progress: Progress): RoundPlan {
  const n = q.stops.length;
  const km = distancesKm(q);
  const ways = new Ways(q, km);
  ways.explore(progress);
  let best: { value: number; way: number } | null = null;
  for (let subset = 1; subset < 1 << n; subset++) {
    const chosen = members(subset, n);
    const loads = loadsAt(q.stops, chosen, q.limits);
    // A stop where nothing fits any more is only a detour.
    if (loads.some((l) => l <= 0)) continue;
    const worth = worthOf(q.stops, chosen, loads);
    if (worth <= (best?.value ?? 0)) continue;
    const tour = ways.shortest(subset);
    const value = tour ? worth - tour.km * q.limits.costPerKm : 0;
    if (tour && value > (best?.value ?? 0)) best = { value, way: tour.way };
  }
  progress(1);
  return best ? { ...driveRound(q, km, ways.orderOf(best.way)).plan, exact: true } : STAY;
}

const members = (subset: number, n: number): number[] => {
  const found: number[] = [];
  for (let i = 0; i < n; i++) if (subset & (1 << i)) found.push(i);
  return found;
};
