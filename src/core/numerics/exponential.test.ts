import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { exponential, solveLinear } from ".";

describe("e^(A·t)", () => {
  it("of one store is its decay, however far", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (rate, t) => {
          const [left] = exponential(new Float64Array([-rate]), 1, t);
          expect(Math.abs((left ?? Number.NaN) - Math.exp(-rate * t))).toBeLessThan(1e-9);
        },
      ),
    ));
  it("of two stores in a row hands on all that leaves the first", () => {
    const m = exponential(new Float64Array([-2, 0, 0, 2, -3, 0, 0, 3, 0]), 3, 0.7);
    const first = Math.exp(-1.4);
    const second = 2 * (Math.exp(-1.4) - Math.exp(-2.1));
    for (const [i, want] of [first, second, 1 - first - second].entries()) expect(m[3 * i]).toBeCloseTo(want, 12);
  });
});

it("any regular system is solved back to what it was made of", () =>
  fc.assert(
    fc.property(fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 16, maxLength: 16 }), (n) => {
      // Heavy on its diagonal, so that it is regular; rows swapped, so that a pivot is needed.
      const a = [1, 0, 3, 2].map((i) => [0, 1, 2, 3].map((j) => (n[4 * i + j] ?? 0) + (i === j ? 60 : 0)));
      const x = [1, -2, 3, 0.5];
      const b = a.map((row) => row.reduce((sum, v, j) => sum + v * (x[j] ?? 0), 0));
      for (const [i, got] of solveLinear(a, b).entries()) expect(got).toBeCloseTo(x[i] ?? 0, 9);
    }),
  ));

it("a linear system is solved, and none at all has no answer to give", () => {
  const x = solveLinear(
    [
      [0, 2],
      [3, 1],
    ],
    [4, 5],
  );
  expect(x[0]).toBeCloseTo(1, 12);
  expect(x[1]).toBeCloseTo(2, 12);
  expect(solveLinear([], [])).toEqual([]);
});
