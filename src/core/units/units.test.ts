import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  celsiusFromKelvin,
  formatCelsius,
  formatClock,
  formatKilograms,
  formatKilometres,
  formatLitres,
  formatMillimetres,
  formatMinutes,
  formatNumber,
  formatPascals,
  formatReadable,
  kelvin,
  parseCelsius,
  parseClock,
  parseKilograms,
  parseKilometres,
  parseLitres,
  parseMillimetres,
  parseMinutes,
  parsePlain,
} from ".";

const value = (r: { ok: boolean; value?: number }): number | undefined => r.value;

describe("reading what was typed", () => {
  it.each([
    ["5", 5],
    ["5 L", 5],
    ["5,5", 5.5],
    ["0,250 l", 0.25],
    [" 1 802.5 L ", 1802.5],
    ["1,802.5", 1802.5],
    ["5 gal", 18.92705892],
    ["2 impgal", 9.09218],
    ["750 mL", 0.75],
    ["+3", 3],
    ["−3", -3],
    ["-3", -3],
  ])("%s litres", (text, litres) => expect(value(parseLitres(text))).toBeCloseTo(litres, 9));

  it.each([
    ["", "empty"],
    ["  ", "empty"],
    ["a lot", "not-a-number"],
    ["1.2.3", "not-a-number"],
    ["1,2,3", "not-a-number"],
    [",", "not-a-number"],
    ["1,802", "ambiguous"],
    ["5 barrels", "unknown-unit"],
  ])("refuses “%s” as %s", (text, code) => expect(parseLitres(text)).toMatchObject({ ok: false, error: { code } }));

  it("reads degrees, heights, distances and times in either unit", () => {
    expect(value(parseCelsius("160F"))).toBeCloseTo(71.111, 3);
    expect(value(parseCelsius("-4 °F"))).toBeCloseTo(-20, 9);
    expect(value(parseCelsius("50", "f"))).toBeCloseTo(10, 9);
    expect(value(parseMillimetres("2 in"))).toBeCloseTo(50.8, 9);
    expect(value(parseMillimetres("4.1cm"))).toBeCloseTo(41, 9);
    expect(value(parseKilometres("10 miles"))).toBeCloseTo(16.09344, 9);
    expect(value(parseMinutes("1.5 h"))).toBeCloseTo(90, 9);
    expect(value(parseMinutes("30 s"))).toBeCloseTo(0.5, 9);
    expect(value(parseKilograms("10 lb"))).toBeCloseTo(4.5359237, 9);
  });

  it.each([
    ["90", 90],
    ["90 min", 90],
    ["1:20", 80],
    ["1 h 20", 80],
    ["1h20", 80],
    ["1 h 5 min", 65],
    ["0:05", 5],
    ["1,5 h", 90],
    ["2 days", 2880],
  ])("%s is a time", (text, minutes) => expect(value(parseMinutes(text))).toBe(minutes));
  it.each(["1:75", "1:2:3", "h", ":20", "1 h 20 s"])("%s is none", (text) => expect(parseMinutes(text).ok).toBe(false));

  it("takes a plain number plain: no unit can be typed into it", () => {
    expect(value(parsePlain("1.15"))).toBe(1.15);
    expect(parsePlain("1 h")).toMatchObject({ ok: false, error: { code: "unknown-unit" } });
  });

  it("never throws and never gives NaN, whatever is typed", () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseLitres(text);
        if (read.ok) expect(Number.isFinite(read.value)).toBe(true);
      }),
    );
  });

  it("reads back what it prints", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.constantFrom("l" as const, "gal" as const),
        (l, unit) => {
          const read = parseLitres(formatLitres(l, unit).replace("imp gal", "impgal"), unit);
          expect(Math.abs((value(read) ?? Number.NaN) - l)).toBeLessThanOrEqual(l < 20 ? 0.4 : 2.5);
        },
      ),
    );
  });
});

describe("printing", () => {
  it.each([
    [1842.4, 0, "1,842"],
    [-0.04, 1, "0.0"],
    [-2, 0, "−2"],
    [1234567.891, 2, "1,234,567.89"],
    [Number.NaN, 1, "–"],
  ])("%d with %d decimals", (n, decimals, text) => expect(formatNumber(n, decimals)).toBe(text));

  it.each([
    [0.421, "0.42"],
    [4.2, "4.2"],
    [4, "4"],
    [42.4, "42"],
    [0, "0"],
    [19.97, "20"],
  ])("%d reads as %s", (n, text) => expect(formatReadable(n)).toBe(text));

  it.each([
    [0.5, "30 s"],
    [31, "31 min"],
    [110, "1 h 50"],
    [119.8, "2 h 00"],
    [8640, "6 days"],
  ])("%d minutes", (minutes, text) => expect(formatMinutes(minutes)).toBe(text));

  it("prints in the unit the reader chose", () => {
    expect(formatLitres(100, "gal")).toBe("26 gal");
    expect(formatCelsius(-2)).toBe("−2 °C");
    expect(formatCelsius(100, "f")).toBe("212 °F");
    expect(formatKilometres(16.09344, "mi")).toBe("10 miles");
    expect(formatKilograms(4.5359237, "lb")).toBe("10 lb");
    expect(formatMillimetres(63.5, "in")).toBe("2.5 in");
    expect(formatPascals(206_842.72, "psi")).toBe("30 psi");
    expect(celsiusFromKelvin(kelvin(37.5))).toBeCloseTo(37.5, 12);
  });
});

describe("the clock on the wall", () => {
  it("reads what it writes, every minute of the day and its end", () => {
    for (let minute = 0; minute <= 1440; minute++) expect(parseClock(formatClock(minute))).toBe(minute);
    expect(parseClock(" 9:05 ")).toBe(545);
  });
  it.each(["", "9", "24:01", "25:00", "09:60", "-1:00", "nine"])("takes no %j for a time", (text) => {
    expect(parseClock(text)).toBeNull();
  });
});
