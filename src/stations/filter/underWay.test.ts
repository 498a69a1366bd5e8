import { describe, expect, it } from "vitest";
import { minutesRun, type UnderWay, withMark, wrongMark } from "./underWay";

const at = (minutes: number): string => new Date(Date.UTC(2026, 10, 24, 13) + minutes * 60_000).toISOString();
const asked: UnderWay["asked"] = {
  from: "feed",
  to: "ready",
  left: [],
  way: "gravity",
  headMm: 900,
  kPa: null,
  celsius: 12,
  litres: 40,
};

describe("a run under way", () => {
  it("counts what ran and not what was paused", () => {
    expect(minutesRun({ startedAt: at(0), minutesBefore: 0 }, at(33))).toBe(33);
    expect(minutesRun({ startedAt: null, minutesBefore: 33 }, at(900))).toBe(33);
    expect(minutesRun({ startedAt: at(900), minutesBefore: 33 }, at(910))).toBe(43);
    expect(minutesRun({ startedAt: at(10), minutesBefore: 5 }, at(0))).toBe(5);
  });
  it("takes no mark that falls, nor one beyond what was to run", () => {
    const u = { marks: [{ litres: 12, minutes: 20 }], asked };
    expect(wrongMark(u, 11)).toMatch(/litres do not fall/);
    expect(wrongMark(u, 90)).toMatch(/more than was to run/);
    expect(wrongMark(u, null)).toMatch(/Say how many/);
    expect(wrongMark(u, 12)).toBeNull();
  });
  it("keeps as many marks as an entry holds, the first and the latest among them", () => {
    let marks: UnderWay["marks"] = [];
    for (let i = 1; i <= 1000; i++) marks = withMark(marks, { litres: i, minutes: i });
    expect(marks.length).toBeLessThanOrEqual(240);
    expect(marks.at(-1)).toEqual({ litres: 1000, minutes: 1000 });
  });
});
