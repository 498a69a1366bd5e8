import { exactRound, MOST_EXACT_STOPS } from "./exact";
import { goodRound } from "./heuristic";
import type { Progress, RoundPlan, RoundQuestion } from "./round";

/**
 * Which stops, in which order: the most value (litres × what each is worth, less the distance's cost) within hours,
 * payload, containers and settling room. Exact to twelve stops; more by a heuristic that says so. Source: physics §8.
 */
export const planRound = (q: RoundQuestion, progress: Progress): RoundPlan =>
  q.stops.length <= MOST_EXACT_STOPS ? exactRound(q, progress) : goodRound(q, progress);
