import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  CHECKS,
  checksFor,
  EARLY_FILTERS,
  intervalOf,
  oneChange,
  SYMPTOMS,
  suspects,
  USUAL_INTERVALS,
  usedUp,
} from ".";

const litres = fc.double({ min: 5, max: 15, noNaN: true });

describe("one change", () => {
  it("agrees with a worked Welch test", () => {
    // 27.5 21.0 19.0 23.6 17.0 17.9 against 27.1 22.0 20.8 23.4 23.4 23.5: t = −1.27…, ν = 8.4…
    const a = [27.5, 21.0, 19.0, 23.6, 17.0, 17.9];
    const b = [27.1, 22.0, 20.8, 23.4, 23.4, 23.5];
    const r = oneChange(a, b);
    expect(r.difference).toBeCloseTo(23.3666667 - 21, 6);
    expect(r.byChance).toBeGreaterThan(0.2);
    expect(r.byChance).toBeLessThan(0.27);
    expect(r.isReal).toBe(false);
  });
  it("is real where the means lie far apart, and never by the order of the trips", () =>
    fc.assert(
      fc.property(fc.array(litres, { minLength: 4, maxLength: 12 }), (trips) => {
        const far = trips.map((l, i) => l + 100 + 0.01 * i);
        const r = oneChange(trips, far);
        expect(r.isReal).toBe(true);
        const back = oneChange([...trips].reverse(), far);
        expect(back.byChance).toBeCloseTo(r.byChance, 9);
        expect(oneChange(far, trips).difference).toBeCloseTo(-r.difference, 9);
      }),
    ));
  it("refuses to judge by two trips", () => expect(() => oneChange([7, 8], [7, 8, 9])).toThrow("at least 3"));
  it("says so where nothing scatters", () => {
    expect(oneChange([7, 7, 7], [7, 7, 7]).isReal).toBe(false);
    expect(oneChange([7, 7, 7], [8, 8, 8]).isReal).toBe(true);
  });
});

describe("upkeep", () => {
  it("is due by whichever comes first", () => {
    expect(usedUp({ km: 1000, months: 6 }, { km: 250, hours: 0, months: 6 })).toEqual({ share: 1, by: "months" });
    expect(usedUp({ km: 1000, months: 6 }, { km: 900, hours: 99, months: 1 })).toEqual({ share: 0.9, by: "km" });
    expect(usedUp({}, { km: 9, hours: 9, months: 9 })).toBeNull();
  });
  it("changes the first filters early, then as its owner says", () => {
    expect(intervalOf("filter", { km: 5000 }, 0)).toBe(EARLY_FILTERS[0]);
    expect(intervalOf("filter", { km: 5000 }, 2)).toEqual({ km: 5000 });
    expect(intervalOf("sock", undefined, 0)).toBe(USUAL_INTERVALS.sock);
  });
});

describe("what is wrong", () => {
  it("has checks for every symptom, and a share for every suspect", () => {
    for (const symptom of SYMPTOMS) {
      expect(checksFor(symptom).length).toBeGreaterThan(2);
      const all = suspects(symptom, {}, []);
      expect(all.reduce((sum, s) => sum + s.share, 0)).toBeLessThanOrEqual(1 + 1e-9);
      expect(all.length).toBeGreaterThan(2);
    }
  });
  it("follows what was looked at: bubbles mean air, a high drop a full filter", () => {
    expect(suspects("surging", { "bubbles-in-bowl": true }, [])[0]?.cause).toBe("air-leak");
    expect(suspects("power", { "drop-high": true }, [])[0]?.cause).toBe("filter-full");
    expect(suspects("power", { "drop-high": false, "clears-warm": true }, [])[0]?.cause).toBe("cold-fuel");
  });
  it("believes the ledger more for what the symptom allows than for what it does not", () => {
    const share = (symptom: "hard-start" | "smell") =>
      suspects(symptom, {}, [{ cause: "oil-in-diesel", weight: 4 }]).find((s) => s.cause === "oil-in-diesel")?.share ??
      0;
    expect(share("hard-start")).toBeGreaterThan(2 * share("smell"));
    expect(CHECKS.length).toBe(10);
  });
});
