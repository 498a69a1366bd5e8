import { levenbergMarquardt } from "ml-levenberg-marquardt";
import { leastSquares } from "./leastSquares";
import { Refused } from "./range";

export interface NonlinearFit {
  readonly values: readonly number[];
  readonly errors: readonly (number | null)[];
}

interface Unknown {
  readonly start: number;
  readonly min: number;
  readonly max: number;
}

const NUDGE = 1e-4;
const LEAST_POINTS = 3;
const MOST_STEPS = 40;
/** A first step that trusts the slope too much lands on a flat of the curve and stays there. */
const FIRST_DAMPING = 1;

/**
 * Least squares of y ≈ model(unknowns)(x) by Levenberg and Marquardt's method, each unknown held in its range, bounded
 * in steps. Errors from the model's slopes at the answer. Refuses, naming `field`, fewer readings than unknowns.
 */
export function fitNonlinear(
  points: readonly (readonly [x: number, y: number])[],
  model: (unknowns: readonly number[]) => (x: number) => number,
  unknowns: readonly Unknown[],
  field: string,
): NonlinearFit {
  if (points.length < unknowns.length) throw new Refused(field, `needs at least ${unknowns.length} readings`);
  // The package wants three points at least; the same few said three times have the same best curve.
  const said = points.length < LEAST_POINTS ? [...points, ...points, ...points] : points;
  const x = said.map(([at]) => at);
  const y = said.map(([, value]) => value);
  const { parameterValues: values } = levenbergMarquardt({ x, y }, (p: number[]) => model(p), {
    initialValues: unknowns.map((u) => u.start),
    minValues: unknowns.map((u) => u.min),
    maxValues: unknowns.map((u) => u.max),
    gradientDifference: unknowns.map((u) => u.start * NUDGE),
    maxIterations: MOST_STEPS,
    errorTolerance: 1e-12,
    damping: FIRST_DAMPING,
  });
  if (!values.every(Number.isFinite)) throw new Refused(field, "no curve goes through these readings");
  return { values, errors: errorsAt(values, points, model, field) };
}

function errorsAt(
  values: readonly number[],
  points: readonly (readonly [x: number, y: number])[],
  model: (unknowns: readonly number[]) => (x: number) => number,
  field: string,
): readonly (number | null)[] {
  const at = model(values);
  const slopes = values.map((v, j) => {
    const step = Math.max(Math.abs(v), 1e-9) * NUDGE;
    const moved = model(values.map((u, k) => (k === j ? u + step : u)));
    return points.map(([x]) => (moved(x) - at(x)) / step);
  });
  const rows = points.map((_, i) => slopes.map((s) => s[i] ?? 0));
  const off = points.map(([x, y]) => y - at(x));
  try {
    return leastSquares(rows, off, field).errors;
  } catch (error) {
    // The answer stands, but the readings do not say how sure it is: all on a flat of the curve, for instance.
    if (error instanceof Refused) return values.map(() => null);
    throw error;
  }
}
