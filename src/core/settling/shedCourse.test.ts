import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { celsiusAt, coolingTo, type TemperaturePoint, withAhead, yearCelsius } from ".";

const HOUR = 3_600_000;
const months = [4, 4.5, 7, 10, 14, 17, 19, 18.5, 15.5, 11.5, 7.5, 5];
const NOW = Date.UTC(2026, 10, 24, 12);

describe("a year by its monthly means", () => {
  it("passes through each mean at mid-month, and a month's mean comes out near it", () => {
    for (const [m, mean] of months.entries()) {
      const from = Date.UTC(2026, m, 1);
      const to = Date.UTC(2026, m + 1, 1);
      expect(yearCelsius(months, (from + to) / 2)).toBeCloseTo(mean, 9);
      let sum = 0;
      for (let i = 0; i < 240; i++) sum += yearCelsius(months, from + ((to - from) * (i + 0.5)) / 240);
      expect(Math.abs(sum / 240 - mean)).toBeLessThan(0.5);
    }
  });
  it("never leaves the means, and joins December to January", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 366 * 24 }), (h) => {
        const c = yearCelsius(months, Date.UTC(2027, 0, 1) + h * HOUR);
        expect(c).toBeGreaterThanOrEqual(4);
        expect(c).toBeLessThanOrEqual(19);
      }),
    );
    const newYear = Date.UTC(2027, 0, 1);
    expect(yearCelsius(months, newYear - 1)).toBeCloseTo(yearCelsius(months, newYear), 6);
  });
});

describe("what comes after the last that was logged", () => {
  const since = NOW - 100 * HOUR;
  const logged: TemperaturePoint[] = [
    [-10, 9],
    [60, 12],
  ];
  it("stays, where nothing else is said", () => {
    expect(withAhead(logged, { kind: "held" }, since, NOW)).toEqual(logged);
    expect(celsiusAt(withAhead(logged, { kind: "held" }, since, NOW), 5000)).toBe(12);
  });
  it("is as typed from now on, and the past is as it was", () => {
    const typed = withAhead(logged, { kind: "typed", celsius: 3 }, since, NOW);
    expect(celsiusAt(typed, 60)).toBe(12);
    expect(celsiusAt(typed, 100)).toBe(12);
    expect(celsiusAt(typed, 101)).toBe(3);
    expect(celsiusAt(typed, 4000)).toBe(3);
  });
  it("follows the year from a week on", () => {
    const year = withAhead(logged, { kind: "year", months }, since, NOW);
    expect(celsiusAt(year, 100)).toBe(12);
    const week = 100 + 168;
    expect(celsiusAt(year, week)).toBeCloseTo(yearCelsius(months, since + week * HOUR), 9);
    const hours = year.map(([h]) => h);
    expect(hours).toEqual([...new Set(hours)].sort((a, b) => a - b));
  });
});

describe("oil that was warm", () => {
  const shed: TemperaturePoint[] = [[0, 10]];
  it("cools to the shed by Newton's law", () => {
    const cooling = coolingTo(shed, 50, 20);
    expect(celsiusAt(cooling, 0)).toBe(50);
    expect(celsiusAt(cooling, 20)).toBeCloseTo(10 + 40 * Math.exp(-1), 9);
    expect(celsiusAt(cooling, 1000)).toBeCloseTo(10, 0);
    for (let h = 0; h < 120; h += 0.5)
      expect(Math.abs(celsiusAt(cooling, h) - (10 + 40 * Math.exp(-h / 20)))).toBeLessThan(1);
  });
  it("ends where the shed goes", () => {
    const warmer = coolingTo([...shed, [200, 18]], 50, 20);
    expect(celsiusAt(warmer, 200)).toBeCloseTo(18, 2);
  });
});
