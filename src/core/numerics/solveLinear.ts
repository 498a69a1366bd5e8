import { Matrix, solve } from "ml-matrix";

/** x of A·x = b for a square, regular A, by LU with pivots. Tens of unknowns. */
export const solveLinear = (a: readonly (readonly number[])[], b: readonly number[]): number[] =>
  a.length === 0 ? [] : solve(new Matrix(a.map((row) => [...row])), Matrix.columnVector(b)).to1DArray();
