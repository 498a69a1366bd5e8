import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Acceptance, judgeLot, muckOf } from ".";

const good: Acceptance = { look: "clear", smell: "fried", fried: "plants", bottomWater: "none" };
const any: fc.Arbitrary<Acceptance> = fc.record({
  look: fc.constantFrom("clear", "creamy", "wet"),
  smell: fc.constantFrom("fried", "sour", "solvent"),
  fried: fc.constantFrom("plants", "meat", "unknown", "engine"),
  bottomWater: fc.constantFrom("none", "some", "much"),
});
const rank = { take: 0, apart: 1, refuse: 2 };

describe("the acceptance check", () => {
  it.each([
    ["clear oil", {}, "take", ["clear"]],
    ["a meat fryer", { fried: "meat" }, "take", ["meat"]],
    ["creamy", { look: "creamy" }, "apart", ["creamy"]],
    ["wet and sour", { look: "wet", smell: "sour" }, "apart", ["wet", "sour"]],
    ["engine oil", { fried: "engine" }, "apart", ["engine"]],
    ["a clear drum on water", { bottomWater: "much" }, "apart", ["much-water"]],
    ["creamy on water", { look: "creamy", bottomWater: "much" }, "refuse", ["much-water", "creamy"]],
    ["petrol in it", { smell: "solvent", look: "creamy" }, "refuse", ["solvent", "creamy"]],
  ] as const)("%s", (_, seen, verdict, reasons) => {
    expect(judgeLot({ ...good, ...seen })).toEqual({ verdict, reasons });
  });
  it("always has a reason, and never gets kinder for something worse", () => {
    fc.assert(
      fc.property(any, (a) => {
        const { verdict, reasons } = judgeLot(a);
        expect(reasons.length).toBeGreaterThan(0);
        expect(rank[judgeLot({ ...a, smell: "solvent" }).verdict]).toBe(2);
        expect(rank[judgeLot({ ...a, look: "creamy" }).verdict]).toBeGreaterThanOrEqual(
          a.look === "clear" ? rank[verdict] : 0,
        );
      }),
    );
  });
  it("guesses shares that can be poured, more of what was seen", () => {
    fc.assert(
      fc.property(any, fc.constantFrom("light-fryer", "meaty-fryer", "engine-oil"), (a, dirt) => {
        const m = muckOf(dirt, a);
        expect(m.water + m.sludge + m["fryer-fat"]).toBeLessThan(0.6);
        expect(muckOf(dirt, { ...a, bottomWater: "much" }).water).toBeGreaterThan(m.sludge);
      }),
    );
    expect(muckOf("meaty-fryer", { look: "creamy" })["fryer-fat"]).toBeCloseTo(0.25, 12);
    expect(muckOf("light-fryer", { look: "wet", bottomWater: "some" }).water).toBeCloseTo(0.08, 12);
  });
});
