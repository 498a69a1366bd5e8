import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { inMeasures, wordNearest } from "./blend";
import { unitsOf } from "./units";

const litres = unitsOf(DEFAULT_SETTINGS);
const gallons = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", temperatureUnit: "f" });
const measures = [
  { name: "jug", litres: 2 },
  { name: "cup", litres: 0.25 },
];

describe("a pour in the owner's own measures", () => {
  it.each([
    [9, "4 × jug and 1 L"],
    [8, "4 × jug"],
    [7.97, "4 × jug"],
    [1.5, "6 × cup"],
    [0.1, null],
  ])("%s L is %s", (l, words) => expect(inMeasures(l, measures, litres)).toBe(words));
  it("says the rest in the owner's unit, and nothing without measures", () => {
    expect(inMeasures(9, [{ name: "jug", litres: 2 }], gallons)).toMatch(/^4 × jug and 0\.26\d* gal/);
    expect(inMeasures(9, [], litres)).toBeNull();
  });
});

it("the nearest thing that works is said in the owner's unit", () => {
  expect(wordNearest({ code: "drain-first", litres: 12.3 }, litres)).toBe(
    "Drain 12.3 L out of it first, and fill up with the thinnest of them alone.",
  );
  expect(wordNearest({ code: "good-down-to", celsius: -2 }, gallons)).toContain("28 °F");
});
