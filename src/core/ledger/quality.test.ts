import { describe, expect, it } from "vitest";
import { AS_BOUGHT, mixQuality, offTheBottom, type Quality, UNKNOWN_QUALITY } from "./quality";

const AT = "2026-01-05T08:00:00.000Z";
const EARLIER = "2026-01-01T08:00:00.000Z";
const test = (wet: boolean): Quality["water"] => ({ at: EARLIER, wet, because: "test", share: null });
const q = (more: Partial<Quality>): Quality => ({ ...AS_BOUGHT, ...more });

describe("what a mixture of two oils is like", () => {
  it.each([
    [5, 50, 50],
    [5, null, null],
    [0, 5, 5],
  ])("%s µm with %s µm has wholly passed %s", (a, b, both) => {
    expect(mixQuality(q({ filteredUm: a }), q({ filteredUm: b }), AT).filteredUm).toBe(both);
    expect(mixQuality(q({ filteredUm: b }), q({ filteredUm: a }), AT).filteredUm).toBe(both);
  });
  it("water makes wet; dry with untested is untested", () => {
    const wet = mixQuality(q({ water: test(false) }), q({ water: test(true) }), AT).water;
    expect(wet).toEqual({ at: AT, wet: true, because: "poured", share: null });
    expect(mixQuality(q({ water: test(true) }), q({ water: null }), AT).water?.wet).toBe(true);
    expect(mixQuality(q({ water: test(false) }), q({ water: null }), AT).water).toBeNull();
    expect(mixQuality(q({ water: null }), q({ water: test(false) }), AT).water).toBeNull();
    expect(mixQuality(q({ water: test(false) }), q({ water: test(false) }), AT).water?.wet).toBe(false);
  });
  it("dye spreads and petrol's standing starts anew", () => {
    expect(mixQuality(q({ dyed: true }), q({}), AT).dyed).toBe(true);
    expect(mixQuality(q({}), q({ dyed: true }), AT).dyed).toBe(true);
    expect(mixQuality(q({}), q({}), AT)).toMatchObject({ dyed: false, petrolSince: null });
    expect(mixQuality(q({ petrolSince: EARLIER }), q({}), AT).petrolSince).toBe(AT);
    expect(mixQuality(q({}), q({ petrolSince: EARLIER }), AT).petrolSince).toBe(AT);
  });
  it("a measured lot that is mixed is a new lot; an empty vessel has no say", () => {
    const cupTime = { at: EARLIER, cup: "tin" as never, seconds: 40, celsius: 20 };
    expect(mixQuality(q({ cupTime }), q({}), AT).cupTime).toBeNull();
    expect(mixQuality(null, q({ cupTime, dyed: true }), AT)).toEqual(q({ cupTime, dyed: true }));
    expect(mixQuality(null, q({ water: test(true) }), AT).water?.because).toBe("poured");
    expect(offTheBottom(q({ cupTime })).cupTime).toBeNull();
    expect(offTheBottom(UNKNOWN_QUALITY)).toBe(UNKNOWN_QUALITY);
  });
});
