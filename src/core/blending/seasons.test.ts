import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lowOnDay, planSeasons, safeUntil } from ".";

const LOWS = [-8, -7, -4, 0, 4, 8, 11, 10, 7, 3, -2, -6];
const on = (date: string): number => Date.parse(`${date}T12:00:00Z`);
const months = fc.array(fc.double({ min: -30, max: 25, noNaN: true }), { minLength: 12, maxLength: 12 });

describe("nights to come", () => {
  it("lie on a line between the middles of two months, over the new year too", () => {
    expect(lowOnDay(LOWS, on("2026-06-15"))).toBe(8);
    expect(lowOnDay(LOWS, on("2026-06-30"))).toBeCloseTo(9.5, 9);
    expect(lowOnDay(LOWS, on("2026-12-31"))).toBeCloseTo(-6 - 2 * (16 / 31), 9);
    expect(lowOnDay(LOWS, on("2027-01-01"))).toBeCloseTo(-6 - 2 * (17 / 31), 9);
    expect(lowOnDay(LOWS, on("2027-03-01"))).toBeCloseTo(-7 + 3 * (14 / 28), 9);
  });
  it("end a tank's safe days on the eve of the first that is too cold", () => {
    expect(safeUntil(LOWS, -9, on("2026-09-01"))).toEqual({ code: "all-year" });
    expect(safeUntil(LOWS, 8, on("2026-10-20"))).toEqual({ code: "not-even-now" });
    const until = safeUntil(LOWS, 0, on("2026-10-01"));
    const last = until.code === "until" ? until.lastMs : 0;
    // From 3 °C in mid-October to −2 °C in mid-November: nought after three fifths of 31 days.
    expect(new Date(last).toISOString().slice(0, 10)).toBe("2026-11-02");
    fc.assert(
      fc.property(months, fc.double({ min: -30, max: 25, noNaN: true }), (lows, fails) => {
        const found = safeUntil(lows, fails, on("2026-11-26"));
        if (found.code !== "until") return;
        expect(lowOnDay(lows, found.lastMs)).toBeGreaterThanOrEqual(fails);
        expect(lowOnDay(lows, found.lastMs + 86_400_000)).toBeLessThan(fails);
      }),
    );
  });
});

describe("a mix for summer and one for winter", () => {
  /** A tenth of oil at −10 °C, all of it from 20 °C on. */
  const most = (low: number): number => Math.min(1, Math.max(0, 0.1 + 0.03 * (low + 10)));
  it("burn more oil than one all year, and each stands its own coldest night", () => {
    fc.assert(
      fc.property(months, (lows) => {
        const plan = planSeasons(lows, most);
        expect(plan.meanShare).toBeGreaterThanOrEqual(plan.allYearShare);
        const { summer } = plan;
        if (summer === null) return;
        expect(summer.oilShare).toBeGreaterThan(plan.winterShare);
        for (const [month, low] of lows.entries()) {
          const inside = (month - summer.fromMonth + 12) % 12 <= (summer.toMonth - summer.fromMonth + 12) % 12;
          expect(inside ? summer.oilShare : plan.winterShare).toBeLessThanOrEqual(most(low) + 1e-12);
        }
      }),
    );
  });
  it("start and end where the year turns", () => {
    expect(planSeasons(LOWS, most)).toMatchObject({ summer: { fromMonth: 4, toMonth: 9 } });
    expect(
      planSeasons(
        LOWS.map(() => 5),
        most,
      ).summer,
    ).toBeNull();
  });
});
