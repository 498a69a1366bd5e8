import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { minutesToResidual, purgeResidual, residualShare } from ".";

const n = fc.integer({ min: 1, max: 8 });

describe("purging", () => {
  it("starts at all of it, only falls, and reaches the share asked for", () => {
    fc.assert(
      fc.property(
        n,
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.05, max: 4, noNaN: true }),
        (k, lineLitres, flow) => {
          const line = { litresPerMinute: flow, lineLitres, tanksInSeries: k };
          expect(residualShare(0, lineLitres, k)).toBeCloseTo(1, 12);
          expect(purgeResidual(line, 2)).toBeLessThanOrEqual(purgeResidual(line, 1));
          expect(purgeResidual(line, minutesToResidual(line, 0.02))).toBeCloseTo(0.02, 9);
        },
      ),
    );
  });
});
