import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fitNonlinear, fitted, gammaInverse, leastSquares, normalInverse, solveOde, trustOf } from ".";

const number = fc.double({ min: -50, max: 50, noNaN: true });

describe("linear least squares", () => {
  it("finds the plane its points lie on, whatever the columns' size", () => {
    fc.assert(
      fc.property(number, number, fc.array(number, { minLength: 4, maxLength: 20 }), (a, b, xs) => {
        fc.pre(Math.max(...xs) - Math.min(...xs) > 1);
        const rows = xs.map((x) => [1, x * 1e9]);
        const fit = leastSquares(
          rows,
          xs.map((x) => a + b * x),
          "points",
        );
        expect(fit.coefficients[0]).toBeCloseTo(a, 6);
        expect((fit.coefficients[1] ?? 0) * 1e9).toBeCloseTo(b, 6);
        for (const error of fit.errors) expect(error ?? 0).toBeLessThan(1e-6);
      }),
    );
  });
  it("has errors as the textbook has them", () => {
    // y = 2x with residuals ±1: variance 4/3 over Σx² about the mean 5.
    const fit = leastSquares(
      [0, 1, 2, 3].map((x) => [1, x]),
      [1, 1, 3, 7],
      "points",
    );
    const [, slope] = fit.coefficients;
    const residuals = [1, 1, 3, 7].map((y, x) => y - ((fit.coefficients[0] ?? 0) + (slope ?? 0) * x));
    const variance = residuals.reduce((sum, r) => sum + r ** 2, 0) / 2;
    expect(fit.errors[1]).toBeCloseTo(Math.sqrt(variance / 5), 12);
    expect(fit.covariance?.[0]?.[1]).toBeCloseTo((-1.5 * variance) / 5, 12);
  });
  it("refuses too few readings, readings too alike and readings of nothing, by their field", () => {
    expect(() => leastSquares([[1, 2]], [3], "dips")).toThrow("dips: needs at least 2");
    expect(() => leastSquares([], [], "dips")).toThrow("needs at least 1");
    expect(() =>
      leastSquares(
        [
          [1, 2],
          [1, 2],
          [1, 2],
        ],
        [1, 2, 3],
        "dips",
      ),
    ).toThrow("too alike");
    expect(() => leastSquares([[0], [0]], [1, 2], "dips")).toThrow("all readings are zero");
    expect(leastSquares([[2]], [3], "dips")).toMatchObject({ coefficients: [1.5], covariance: null, errors: [null] });
  });
});

describe("least squares of a curve", () => {
  const decay =
    ([tau = 1]: readonly number[]) =>
    (x: number) =>
      Math.exp(-x / tau);
  const unknown = [{ start: 3, min: 0.1, max: 100 }];
  it("finds a decay again from one point or from many", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 20, noNaN: true }), fc.integer({ min: 1, max: 10 }), (tau, points) => {
        const told = Array.from({ length: points }, (_, i): [number, number] => [i + 1, decay([tau])(i + 1)]);
        expect((fitNonlinear(told, decay, unknown, "readings").values[0] ?? 0) / tau).toBeCloseTo(1, 4);
      }),
      // This one overshot to a flat of the curve once.
      { numRuns: 40, examples: [[1.0895914360402832, 2]] },
    );
  });
  it("says that it is not sure where the readings lie on a flat, and refuses none at all", () => {
    const flat = fitNonlinear(
      [
        [1, 5],
        [2, 5],
      ],
      () => () => 5,
      unknown,
      "readings",
    );
    expect(flat.errors).toEqual([null]);
    expect(() => fitNonlinear([], decay, unknown, "readings")).toThrow("needs at least 1");
  });
});

describe("how far to trust a fit", () => {
  it("goes by readings and their spread", () => {
    expect(trustOf(1, null, 0)).toBe("assumed");
    expect(trustOf(1, null, 1)).toBe("rough");
    expect(trustOf(1, 0.2, 3)).toBe("fair");
    expect(trustOf(1, 0.05, 4)).toBe("fair");
    expect(fitted(1, 0.05, 5).trust).toBe("good");
    expect(fitted(1, 0.5, 50).trust).toBe("rough");
  });
});

describe("differential equations", () => {
  it("turn a circle back to where it began", () => {
    const [half, whole] = solveOde((_, [x = 0, y = 0]) => [-y, x], [1, 0], [Math.PI, 2 * Math.PI], 1e-9, "minutes");
    expect(half?.[0]).toBeCloseTo(-1, 6);
    expect(whole?.[0]).toBeCloseTo(1, 6);
    expect(whole?.[1]).toBeCloseTo(0, 6);
  });
  it("stay where they are at no time, and refuse what runs away", () => {
    expect(solveOde((_, [x = 0]) => [x], [3], [0, 0], 1e-9, "minutes")).toEqual([[3], [3]]);
    expect(() => solveOde((_, [x = 0]) => [x ** 2], [1], [2], 1e-9, "minutes")).toThrow("minutes: runs away");
  });
});

describe("quantiles", () => {
  it("are those of the distributions we know by heart", () => {
    expect(normalInverse(0.5)).toBeCloseTo(0, 12);
    expect(normalInverse(0.975)).toBeCloseTo(1.959964, 5);
    // A gamma of shape 1 is the exponential.
    expect(gammaInverse(0.9, 1, 2)).toBeCloseTo(-2 * Math.log(0.1), 9);
  });
  it("go on smoothly into shapes too large for the package's steps, and answer at once", () => {
    for (const p of [0.1, 0.5, 0.9])
      expect(gammaInverse(p, 1e4 + 1e-6, 1) / gammaInverse(p, 1e4 - 1e-6, 1)).toBeCloseTo(1, 6);
    expect(gammaInverse(0.9, 4e8, 1) / 4e8).toBeCloseTo(1 + 1.2816 / 2e4, 6);
  });
  it("are nought where they are too small to say, and nothing outside their domain", () => {
    expect(gammaInverse(0.1, 0.002, 1)).toBe(0);
    expect(() => gammaInverse(0.1, 0, 1)).toThrow("domain");
  });
});
