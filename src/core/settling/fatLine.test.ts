import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { DIRT, FallCourse, frontsOfFatLines } from ".";

const course = new FallCourse(oilOf(FLUIDS.canola, 1.15), [[0, 12]], []);
const flocs = DIRT["meaty-fryer"].find((d) => d.density.kind === "over-oil");
if (!flocs) throw new Error("no flocs");
const surfaceMm = 700;
const fullMm = 60;
const heightMm = surfaceMm - fullMm;
/** A layer that grows as flocs of so many times the size come down. */
const lineAt = (hours: number, size: number) => ({
  hours,
  fatMm: fullMm * Math.min(1, (course.fallMmAt(flocs, hours, Infinity) * size ** 2) / heightMm),
});
const sizes = (lines: { hours: number; fatMm: number }[], expectedMm: number): number[] =>
  frontsOfFatLines(course, flocs, surfaceMm, expectedMm, lines).map((p) => Math.sqrt(p.readMm / p.forecastMm));

describe("a fat line that rises", () => {
  it("tells the flocs' size, once it has stopped or where the book knows its height", () => {
    const rising = [10, 25, 40].map((h) => lineAt(h, 1.2));
    for (const size of sizes(rising, fullMm)) expect(size).toBeCloseTo(1.2, 6);
    const stopped = [...rising, lineAt(2000, 1.2), lineAt(2100, 1.2)];
    const told = sizes(stopped, 20);
    expect(told).toHaveLength(3);
    for (const size of told) expect(size).toBeCloseTo(1.2, 6);
  });
  it("shows nothing by one reading, nor when it stands at its full height", () => {
    expect(sizes([lineAt(10, 1)], fullMm)).toEqual([]);
    expect(sizes([lineAt(3000, 1), lineAt(3100, 1)], fullMm)).toEqual([]);
    expect(frontsOfFatLines(course, flocs, 20, 60, [lineAt(10, 1), lineAt(40, 1)])).toEqual([]);
  });
});
