import { distancesKm, driveRound, type Progress, type RoundPlan, type RoundQuestion, STAY } from "./round";

/** Passes over all moves; each only ever improves, so this is a bound that is hardly met. */
const MOST_PASSES = 200;

/**
 * A good round of many stops: starting from none, always the one move that gains most (put a stop in anywhere, leave
 * one out, change one for another, turn a stretch round), until none gains. Deterministic, bounded, not proved best.
 */
export function goodRound(q: RoundQuestion, progress: Progress): RoundPlan {
  const km = distancesKm(q);
  let best: RoundPlan = { ...STAY, exact: false };
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    progress(pass / MOST_PASSES);
    let better: RoundPlan = best;
    for (const order of moves(
      best.order.map((s) => s.stop),
      q.stops.length,
    )) {
      const { plan, fault } = driveRound(q, km, order);
      if (!fault && plan.value > better.value + 1e-9) better = plan;
    }
    if (better === best) break;
    best = better;
  }
  progress(1);
  return best;
}

/** Every round one move away. */
function* moves(order: readonly number[], stops: number): Generator<number[]> {
  const used = new Set(order);
  const free = Array.from({ length: stops }, (_, i) => i).filter((i) => !used.has(i));
  for (const stop of free) for (let at = 0; at <= order.length; at++) yield order.toSpliced(at, 0, stop);
  for (let at = 0; at < order.length; at++) {
    yield order.toSpliced(at, 1);
    for (const stop of free) yield order.toSpliced(at, 1, stop);
  }
  for (let from = 0; from < order.length; from++)
    for (let to = from + 1; to < order.length; to++)
      yield [...order.slice(0, from), ...order.slice(from, to + 1).reverse(), ...order.slice(to + 1)];
}
