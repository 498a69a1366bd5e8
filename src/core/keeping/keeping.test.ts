import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dissolvedWaterPpm, type KeptAt, usedLifeShare, waterInOil } from ".";

const DAYS = 24;
const celsius = fc.double({ min: -20, max: 45, noNaN: true });

describe("keeping time", () => {
  it("is used up in its days at 20 °C, in half of them at 30 °C", () => {
    expect(
      usedLifeShare(
        [
          [0, 20],
          [100 * DAYS, 20],
        ],
        100,
      ),
    ).toBeCloseTo(1, 12);
    expect(
      usedLifeShare(
        [
          [0, 30],
          [50 * DAYS, 30],
        ],
        100,
      ),
    ).toBeCloseTo(1, 12);
  });
  it("adds up over any cut of the time", () => {
    fc.assert(
      fc.property(celsius, celsius, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (from, to, cut) => {
        const mid: KeptAt = [1000 * cut, from + (to - from) * cut];
        const [a, b]: KeptAt[] = [
          [0, from],
          [1000, to],
        ];
        if (!a || !b) return;
        const parts = usedLifeShare([a, mid], 365) + usedLifeShare([mid, b], 365);
        expect(parts).toBeCloseTo(usedLifeShare([a, b], 365), 9);
      }),
    );
  });
});

describe("water in oil", () => {
  it("dissolves what was measured, and more the warmer it is", () => {
    expect(dissolvedWaterPpm(-1)).toBeCloseTo(710, 6);
    expect(dissolvedWaterPpm(32)).toBeCloseTo(1410, 6);
    fc.assert(fc.property(celsius, (c) => dissolvedWaterPpm(c + 1) > dissolvedWaterPpm(c)));
  });
  it("oil that is dry when warm hangs full of drops when cold", () => {
    const w = waterInOil(1000, 25, 0);
    expect(w.freeNowPpm).toBe(0);
    expect(w.freeCoolPpm).toBeCloseTo(1000 - dissolvedWaterPpm(0), 9);
    expect(w.freeCoolPpm).toBeGreaterThan(200);
  });
});
