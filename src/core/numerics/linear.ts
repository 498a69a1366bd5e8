import solver from "javascript-lp-solver";

/** Σ coefficient·x, at most or at least so much. */
export interface Bound {
  readonly of: readonly number[];
  readonly most?: number;
  readonly least?: number;
}

/** What the package answers where it is not asked for its own model: x that are nought are left out. */
type Answer = Readonly<Record<string, number | boolean | undefined>>;

/** As fine as tank litres are asked for. */
const DIGITS = 1e9;

/**
 * The x ≥ 0 at which Σ gain·x is greatest within the bounds; null where nothing lies within them. Simplex, for tens of
 * unknowns. Coefficients are best near 1: each bound is scaled to its largest first.
 */
export function mostWithin(gain: readonly number[], bounds: readonly Bound[]): number[] | null {
  const name = (i: number): string => `x${i}`;
  const variables: Record<string, Record<string, number>> = {};
  const constraints: Record<string, { min?: number; max?: number }> = {};
  gain.forEach((g, i) => {
    variables[name(i)] = { gain: g };
  });
  bounds.forEach(({ of, most, least }, b) => {
    const largest = of.reduce((a, c) => Math.max(a, Math.abs(c)), 0);
    const by = largest > 0 ? 1 / largest : 1;
    of.forEach((c, i) => {
      const row = variables[name(i)];
      if (row && c !== 0) row[`b${b}`] = c * by;
    });
    constraints[`b${b}`] = {
      ...(most !== undefined && { max: most * by }),
      ...(least !== undefined && { min: least * by }),
    };
  });
  const found = solver.Solve({ optimize: "gain", opType: "max", constraints, variables }, 1 / DIGITS) as Answer;
  if (!found.feasible || found.bounded === false) return null;
  return gain.map((_, i) => {
    const x = Number(found[name(i)] ?? 0);
    return Math.max(x, 0);
  });
}
