import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatFigure, GRAVITY_M_PER_S2 } from ".";

/** A figure read back, powers of ten and all. */
function readBack(text: string): number {
  const plain = text.replaceAll("−", "-").replaceAll(",", "");
  const [digits = "", power] = plain.split(" × 10");
  if (power === undefined) return Number(digits);
  const raised = [...power].map((c) => (c === "⁻" ? "-" : String("⁰¹²³⁴⁵⁶⁷⁸⁹".indexOf(c)))).join("");
  return Number(digits) * 10 ** Number(raised);
}

describe("a figure whose size is not known", () => {
  it.each([
    [0, "0"],
    [0.0123, "0.0123"],
    [0.5, "0.5"],
    [4.567, "4.57"],
    [78.94, "78.9"],
    [100, "100"],
    [1842.4, "1,842"],
    [2.05e12, "2.05 × 10¹²"],
    [4e-5, "4.00 × 10⁻⁵"],
    [-3.25, "−3.25"],
    [Number.NaN, "–"],
    [Number.POSITIVE_INFINITY, "–"],
  ])("%d is %s", (value, text) => expect(formatFigure(value)).toBe(text));
  it("is read back within half a hundredth of itself, whatever its size and sign", () => {
    const exponent = fc.double({ min: -12, max: 15, noNaN: true });
    fc.assert(
      fc.property(exponent, fc.boolean(), (e, negative) => {
        const value = (negative ? -1 : 1) * 10 ** e;
        expect(Math.abs(readBack(formatFigure(value)) / value - 1)).toBeLessThan(0.006);
      }),
    );
  });
  it("is never long", () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (value) => {
        expect(formatFigure(value).length).toBeLessThan(16);
      }),
    );
  });
});

it("gravity is the standard's", () => expect(GRAVITY_M_PER_S2).toBe(9.80665));
