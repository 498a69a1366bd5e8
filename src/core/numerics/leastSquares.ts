import { inverse, Matrix, QrDecomposition } from "ml-matrix";
import { Refused } from "./range";

export interface LinearFit {
  readonly coefficients: readonly number[];
  /** How the coefficients scatter together; null where there are no more readings than unknowns. */
  readonly covariance: readonly (readonly number[])[] | null;
  /** One standard error of each coefficient, from the covariance. */
  readonly errors: readonly (number | null)[];
}

/** Columns this much apart in direction count as one: readings that differ in nothing cannot tell two unknowns apart. */
const SAME = 1e-9;

/**
 * Unweighted linear least squares by QR: rows · coefficients ≈ targets. Refuses, naming `field`, where the readings are
 * fewer than the unknowns or cannot tell them apart. Columns are scaled to length one first, since ours differ by 1e9.
 */
export function leastSquares(
  rows: readonly (readonly number[])[],
  targets: readonly number[],
  field: string,
): LinearFit {
  const unknowns = rows[0]?.length ?? 0;
  if (unknowns === 0 || rows.length < unknowns)
    throw new Refused(field, `needs at least ${Math.max(1, unknowns)} readings`);
  const scales = Array.from({ length: unknowns }, (_, j) => Math.hypot(...rows.map((r) => r[j] ?? 0)));
  if (scales.some((s) => !(s > 0))) throw new Refused(field, "all readings are zero");
  const x = new Matrix(rows.map((r) => r.map((v, j) => v / (scales[j] ?? 1))));
  const qr = new QrDecomposition(x);
  const diagonal = Array.from({ length: unknowns }, (_, j) => Math.abs(qr.upperTriangularMatrix.get(j, j)));
  if (diagonal.some((d) => !(d > SAME)))
    throw new Refused(field, "the readings are too alike to tell the unknowns apart");
  const y = Matrix.columnVector(targets);
  const scaled = qr.solve(y);
  const residual = Matrix.sub(y, x.mmul(scaled));
  const free = rows.length - unknowns;
  const variance = free > 0 ? residual.dot(residual) / free : null;
  // (XᵀX)⁻¹ = R⁻¹R⁻ᵀ: squaring X itself would lose half of the figures.
  const rootInverse = inverse(qr.upperTriangularMatrix);
  const spread = rootInverse.mmul(rootInverse.transpose());
  const covariance =
    variance === null ? null : scales.map((si, i) => scales.map((sj, j) => (variance * spread.get(i, j)) / (si * sj)));
  return {
    coefficients: scales.map((s, j) => scaled.get(j, 0) / s),
    covariance,
    errors: scales.map((_, j) => (covariance === null ? null : Math.sqrt(Math.max(0, covariance[j]?.[j] ?? 0)))),
  };
}
