import { Refused } from "./range";
import { Outcome, Solver } from "./vendor/odex";

const MOST_STEPS = 5000;

/**
 * States of y' = f(x, y) at each of the rising `at`, from `start` at 0, by extrapolation of the midpoint rule with
 * step control (Hairer's ODEX). Relative and absolute error about `tolerance`. Refuses a system it cannot follow
 * within its steps, naming `field`, so that a call always comes to an end.
 */
export function solveOde(
  f: (x: number, y: number[]) => number[],
  start: readonly number[],
  at: readonly number[],
  tolerance: number,
  field: string,
): number[][] {
  let x = 0;
  let y = [...start];
  return at.map((to) => {
    if (to > x) {
      const solver = new Solver(start.length);
      solver.absoluteTolerance = tolerance;
      solver.relativeTolerance = tolerance;
      solver.maxSteps = MOST_STEPS;
      solver.initialStepSize = Math.min(1e-3, to - x);
      const found = solver.solve(f, x, y, to);
      if (found.outcome !== Outcome.Converged || !found.y.every(Number.isFinite))
        throw new Refused(field, "runs away from the solver: too fast a change to follow");
      y = found.y;
      x = to;
    }
    return y;
  });
}
