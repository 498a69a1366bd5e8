import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BagId, type Draft, project } from ".";
import { finestOf, ratingsOf, throughUm } from "./rated";
import { entry } from "./testing";

const bag = (id: string, ratingUm?: number): Draft => ({
  kind: "bag",
  data: { id: BagId.parse(id), name: id, areaM2: 0.1, ...(ratingUm !== undefined && { ratingUm }) },
});
const yard = project([bag("cloth"), bag("coarse", 400), bag("fine", 5)].map((d, i) => entry(`b${i}`, i, d)));
const of = (...ids: string[]) => ids.map((id) => BagId.parse(id));

describe("the finest that oil has been through", () => {
  it("is the finest of a row, whatever hangs beside it; a cloth and a bag nobody has prove nothing", () => {
    expect(throughUm(yard, of("coarse", "cloth", "fine"))).toBe(5);
    expect(throughUm(yard, of("coarse"))).toBe(400);
    expect(throughUm(yard, of("cloth", "unknown"))).toBeNull();
    expect(throughUm(yard, [])).toBeNull();
    expect(ratingsOf(yard, of("fine", "cloth", "coarse"))).toEqual([5, 400]);
  });
  it("never grows coarser by another pass", () => {
    const um = fc.double({ min: 0.5, max: 2000, noNaN: true });
    fc.assert(
      fc.property(fc.option(um), fc.array(um), (before, ratings) => {
        const after = finestOf(before, ratings);
        if (before !== null) expect(after).toBeLessThanOrEqual(before);
        for (const r of ratings) expect(after).toBeLessThanOrEqual(r);
        if (before === null && ratings.length === 0) expect(after).toBeNull();
      }),
    );
  });
});
