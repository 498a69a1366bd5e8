import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Draft, project, takenQuality } from ".";
import { drum, entry, iso, kitchen, vid } from "./testing";

/** A drum of 90 L of raw oil over 5 L of water and 5 L of sludge, filled at minute 2. */
const made: Draft[] = [
  { kind: "vessel", data: drum("drum") },
  { kind: "source", data: kitchen },
  {
    kind: "pickup",
    data: {
      source: kitchen.id,
      to: vid("drum"),
      fluid: "canola",
      amount: { litres: 100 },
      muck: { sludge: 0.05, water: 0.05 },
    },
  },
];
const DAY_MINUTES = 24 * 60;
const yard = project(made.map((d, i) => entry(`e${i}`, i, d)));
const uncleared = (
  litres: number,
  minute: number,
  layer: "top" | "bottom" | "mixed" = "top",
  hung?: { sludge: number; water: number; fat: number },
): number => takenQuality(yard, vid("drum"), { litres }, iso(minute), layer, hung).unclearedShare;

describe("what is taken out of a drum is cleared", () => {
  it("off its top, once it has stood a day, and by no other way", () => {
    expect(uncleared(60, 3 * DAY_MINUTES)).toBe(0);
    expect(uncleared(60, DAY_MINUTES - 5)).toBe(1);
    expect(uncleared(60, 3 * DAY_MINUTES, "mixed")).toBe(1);
    expect(uncleared(60, 3 * DAY_MINUTES, "bottom")).toBe(1);
  });
  it("dated before it had stood, it has not: the date of the pour counts, not today", () => {
    expect(uncleared(60, 10)).toBe(1);
  });
  it("only as far as oil stands above what settled", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 99, noNaN: true }), (litres) => {
        expect(uncleared(litres, 3 * DAY_MINUTES) === 0).toBe(litres <= 90 + 1e-3);
      }),
    );
  });
  it("less what still hung in it, past a tenth", () => {
    const hanging = (share: number) =>
      uncleared(60, 3 * DAY_MINUTES, "top", { sludge: share, water: share / 2, fat: 1 });
    expect(hanging(0.05)).toBe(0);
    expect(hanging(0.4)).toBeCloseTo(0.4, 9);
  });
  it("all of it is the muck too", () => {
    const all = takenQuality(yard, vid("drum"), { all: true }, iso(3 * DAY_MINUTES), "top");
    expect(all.unclearedShare).toBe(1);
  });
});
