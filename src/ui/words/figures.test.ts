import { describe, expect, it } from "vitest";
import { NEEDS, NEVER, type Need, type Refusal } from "@/core/interlocks";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { unitsOf, wordCalculationError, wordFigure, wordFigures } from ".";
import { wordInterlock, wordNeed } from "./interlocks";

const metric = unitsOf(DEFAULT_SETTINGS);
const imperial = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", temperatureUnit: "f" });

describe("figures of any size", () => {
  it("carry their unit, in the owner's where the owner has one", () => {
    expect(wordFigure(12.346, "mm²/s", metric)).toBe("12.3 mm²/s");
    expect(wordFigure(0.4219, "share", metric)).toBe("42.2 %");
    expect(wordFigure(30_000, "Pa", metric)).toBe("0.3 bar");
    expect(wordFigure(5, "°C", metric)).toBe("5 °C");
    expect(wordFigure(5, "°C", imperial)).toBe("41 °F");
    expect(wordFigure(100, "L", imperial)).toBe("26 gal");
    expect(wordFigure(1.05, "1", metric)).toBe("1.05");
    expect(wordFigure(500, "h", metric)).toBe("21 days");
    expect(wordFigure(6.25, "h", metric)).toBe("6.25 h");
    expect(wordFigure(null, "L", metric)).toBe("none");
    expect(wordFigure(2.05e12, "1/m²", metric)).toBe("2.05 × 10¹² 1/m²");
    expect(wordFigure(-4e-5, "kg", metric)).toBe("−4.00 × 10⁻⁵ kg");
  });
  it("in lists are told one by one while they are few, then from and to", () => {
    expect(wordFigures([20, 60], "µm", metric)).toBe("20 µm, 60 µm");
    expect(wordFigures([1.15, 1.15], "1", metric)).toBe("1.15");
    expect(wordFigures([4, 9, 2, 19], "°C", metric)).toBe("4 values, 2 °C to 19 °C");
    expect(wordFigures([7, 7, 7, 7], "°C", metric)).toBe("4 values, 7 °C");
  });
});

describe("a calculation's refusal", () => {
  it("names the field as its form does", () => {
    const title = (field: string): string => (field === "oilCelsius" ? "Temperature of the oil" : field);
    expect(wordCalculationError({ code: "out-of-range", field: "oilCelsius", value: 90, min: 0, max: 60 }, title)).toBe(
      "Temperature of the oil must be from 0 to 60.",
    );
    expect(wordCalculationError({ code: "invalid-input", issues: [{ field: "", reason: "is missing" }] })).toBe(
      "The input is missing.",
    );
    expect(wordCalculationError({ code: "broken", reason: "no script" })).toContain("no script");
    expect(wordCalculationError({ code: "unknown-calculation", name: "x" })).toContain("x");
  });
});

describe("the interlocks", () => {
  const limits: Refusal[] = [
    { code: "near-flash", flashCelsius: 62, celsius: 58 },
    { code: "water-into-hot-oil", celsius: 110, mostCelsius: 60 },
    { code: "not-rated-for-pressure", pressurePa: 1e5 },
    { code: "over-pressure", pressurePa: 2e5, weakestPa: 1e5 },
    { code: "battery-acid", purity: 0.35, leastPurity: 0.9 },
    { code: "neat-petrol-into-vehicle", petrolShare: 0.8 },
    { code: "creamy-into-vehicle", fatShare: 0.12, limitShare: 0.05 },
    { code: "receiver-overflows", overLitres: 12, inHours: 3.5 },
    { code: "battery-dies", afterHours: 6, needsHours: 9 },
  ];
  const refusals: Refusal[] = [...NEVER.map(({ code }) => ({ code }) as Refusal), ...limits];
  const needs: Need[] = [...NEEDS.map(({ code }) => ({ code }) as Need), { code: "alarm-before", endsInHours: 4 }];
  it.each(refusals)("$code is a sentence with its figures", (r) => {
    const words = wordInterlock(r, metric);
    expect(words).toMatch(/^[A-Z0-9].*\.$/);
    expect(words).not.toMatch(/undefined|NaN/);
  });
  it.each(needs)("$code is a thing to have or do", (n) => expect(wordNeed(n)).toMatch(/^[A-Z].*\.$/));
  it("speak in the owner's units", () => {
    expect(wordInterlock({ code: "near-flash", flashCelsius: 62, celsius: 58 }, imperial)).toContain("144 °F");
    expect(wordInterlock({ code: "over-pressure", pressurePa: 2e5, weakestPa: 1e5 }, metric)).toContain("2 bar");
  });
});
