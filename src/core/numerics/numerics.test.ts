import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bisect, forEachNode, OutOfRange, requireRange } from ".";

describe("bisect", () => {
  it("finds the crossing of any cubic, rising or falling, to about the last bit", () => {
    fc.assert(
      fc.property(fc.double({ min: -50, max: 50, noNaN: true }), fc.boolean(), (root, falling) => {
        const f = (x: number): number => (falling ? -1 : 1) * ((x - root) ** 3 + (x - root));
        expect(Math.abs(bisect(f, -60, 70) - root)).toBeLessThan(1e-9);
      }),
    );
  });
  it("finds it on steep and flat functions within its steps", () => {
    let calls = 0;
    const steep = (x: number): number => {
      calls++;
      return Math.exp(40 * x) - 1e9;
    };
    expect(bisect(steep, 0, 1)).toBeCloseTo(Math.log(1e9) / 40, 12);
    expect(calls).toBeLessThan(110);
    expect(bisect((x) => (x < 0.3 ? -1 : 1), 0, 1)).toBeCloseTo(0.3, 12);
  });
  it("takes an end that is the answer, and says so when there is none", () => {
    expect(bisect((x) => x, 0, 1)).toBe(0);
    expect(bisect((x) => x - 1, 0, 1)).toBe(1);
    expect(() => bisect((x) => x + 2, 0, 1)).toThrow("no crossing");
  });
});

it("walks nodes that integrate fifth-degree polynomials exactly and a sine closely", () => {
  const integral = (f: (x: number) => number, from: number, to: number, panels: number): number => {
    let sum = 0;
    forEachNode(from, to, panels, (x, weight) => {
      sum += weight * f(x);
    });
    return sum;
  };
  expect(integral((x) => 6 * x ** 5, 0, 2, 1)).toBeCloseTo(64, 10);
  expect(integral(Math.sin, 0, Math.PI, 8)).toBeCloseTo(2, 6);
});

it("refuses what is outside a range, NaN included, and names it", () => {
  expect(requireRange("celsius", 20, -40, 150)).toBe(20);
  for (const bad of [-41, 151, Number.NaN]) expect(() => requireRange("celsius", bad, -40, 150)).toThrow(OutOfRange);
});
