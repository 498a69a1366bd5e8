import { describe, expect, it } from "vitest";
import {
  AS_BOUGHT,
  cleanedTo,
  cleared,
  mixQuality,
  offTheBottom,
  passedAsFuel,
  type Quality,
  UNKNOWN_QUALITY,
  withItsMarks,
} from "./quality";

const AT = "2026-01-05T08:00:00.000Z";
const EARLIER = "2026-01-01T08:00:00.000Z";
const test = (wet: boolean): Quality["water"] => ({ at: EARLIER, wet, because: "test", share: null });
const HALVES = { there: 10, poured: 10 };
const q = (more: Partial<Quality>): Quality => ({ ...AS_BOUGHT, ...more });

describe("what a mixture of two oils is like", () => {
  it.each([
    [5, 50, 50],
    [5, null, null],
    [0, 5, 5],
  ])("%s µm with %s µm has wholly passed %s", (a, b, both) => {
    expect(mixQuality(q({ filteredUm: a }), q({ filteredUm: b }), AT, HALVES).filteredUm).toBe(both);
    expect(mixQuality(q({ filteredUm: b }), q({ filteredUm: a }), AT, HALVES).filteredUm).toBe(both);
  });
  it("water makes wet; dry with untested is untested", () => {
    const wet = mixQuality(q({ water: test(false) }), q({ water: test(true) }), AT, HALVES).water;
    expect(wet).toEqual({ at: AT, wet: true, because: "poured", share: null });
    expect(mixQuality(q({ water: test(true) }), q({ water: null }), AT, HALVES).water?.wet).toBe(true);
    expect(mixQuality(q({ water: test(false) }), q({ water: null }), AT, HALVES).water).toBeNull();
    expect(mixQuality(q({ water: null }), q({ water: test(false) }), AT, HALVES).water).toBeNull();
    expect(mixQuality(q({ water: test(false) }), q({ water: test(false) }), AT, HALVES).water?.wet).toBe(false);
  });
  it("dye spreads and petrol's standing starts anew", () => {
    expect(mixQuality(q({ dyed: true }), q({}), AT, HALVES).dyed).toBe(true);
    expect(mixQuality(q({}), q({ dyed: true }), AT, HALVES).dyed).toBe(true);
    expect(mixQuality(q({}), q({}), AT, HALVES)).toMatchObject({ dyed: false, petrolSince: null });
    expect(mixQuality(q({ petrolSince: EARLIER }), q({}), AT, HALVES).petrolSince).toBe(AT);
    expect(mixQuality(q({}), q({ petrolSince: EARLIER }), AT, HALVES).petrolSince).toBe(AT);
  });
  it("what has not cleared, been filtered or passed stays so by its share, through any number of vessels", () => {
    const raw = q({ unclearedShare: 1, unfilteredShare: 1 });
    const mixed = mixQuality(q({}), raw, AT, { there: 30, poured: 10 });
    expect(mixed).toMatchObject({ unclearedShare: 0.25, unfilteredShare: 0.25, unpassedShare: 0 });
    const on = mixQuality(null, mixed, AT, { there: 0, poured: 5 });
    expect(mixQuality(q({ unpassedShare: 0.5 }), on, AT, { there: 5, poured: 5 })).toMatchObject({
      unclearedShare: 0.125,
      unpassedShare: 0.25,
    });
    expect(withItsMarks({ ...mixed, dyed: true })).toMatchObject({ unclearedShare: 0.25, dyed: true });
  });
  it("only an act that cleans ends it: a fine bag, no strainer; a passed test", () => {
    const raw = q({ unclearedShare: 1, unfilteredShare: 1, unpassedShare: 1 });
    expect(cleanedTo(raw, 5)).toMatchObject({ unclearedShare: 0, unfilteredShare: 0, unpassedShare: 1 });
    expect(cleanedTo(raw, 200)).toMatchObject({ unclearedShare: 1, unfilteredShare: 1 });
    expect(cleanedTo(raw, null)).toMatchObject({ unclearedShare: 1, unfilteredShare: 1 });
    expect(cleared(raw)).toMatchObject({ unclearedShare: 0, unfilteredShare: 1 });
    expect(passedAsFuel(raw)).toMatchObject({ unclearedShare: 0, unfilteredShare: 0, unpassedShare: 0 });
  });
  it("a measured lot that is mixed is a new lot; an empty vessel has no say", () => {
    const cupTime = { at: EARLIER, cup: "tin" as never, seconds: 40, celsius: 20 };
    expect(mixQuality(q({ cupTime }), q({}), AT, HALVES).cupTime).toBeNull();
    expect(mixQuality(null, q({ cupTime, dyed: true }), AT, HALVES)).toEqual(q({ cupTime, dyed: true }));
    expect(mixQuality(null, q({ water: test(true) }), AT, HALVES).water?.because).toBe("poured");
    expect(offTheBottom(q({ cupTime })).cupTime).toBeNull();
    expect(offTheBottom(UNKNOWN_QUALITY)).toBe(UNKNOWN_QUALITY);
  });
});
