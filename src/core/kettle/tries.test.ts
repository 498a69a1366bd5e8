import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  convertedBySolubility,
  DEFAULT_FUEL_TEST_MARKS,
  dueAt,
  fitPartition,
  fitsKettle,
  freeAcid,
  kitTakesMolPerL,
  learnedFrom,
  neededTests,
  ranMinutes,
  readTries,
  shareThinnedTo,
  stageMinutes,
  stagesOf,
  triedAcid,
  verdictOf,
  wash,
} from ".";
import { BASES } from "./masses";

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const how = { titrantGPerL: 1, base: "KOH" as const, oilMl: 1, oilKgPerL: 0.92, titrantPurity: 1 };

describe("up to five tries", () => {
  it("calls the one that does not go with the others, and leaves it out", () => {
    expect(readTries([2.1, 2.2, 2.15, 4.8])).toMatchObject({ outliers: [3], meanMl: expect.closeTo(2.15, 9) });
    expect(readTries([2.1, 2.2, 2.15]).outliers).toEqual([]);
    // Of two nobody can say which.
    expect(readTries([2, 4])).toEqual({ meanMl: 3, spreadMl: 2, outliers: [] });
    // A drop's difference is none.
    expect(readTries([2, 2, 2, 2.1]).outliers).toEqual([]);
  });
  it("lies within the tries it keeps, whatever their order", () => {
    fc.assert(
      fc.property(fc.array(num(0, 30), { minLength: 1, maxLength: 5 }), (tries) => {
        const read = readTries(tries);
        const kept = tries.filter((_, i) => !read.outliers.includes(i));
        expect(kept.length).toBeGreaterThan(0);
        expect(read.meanMl).toBeGreaterThanOrEqual(Math.min(...kept) - 1e-9);
        expect(read.meanMl).toBeLessThanOrEqual(Math.max(...kept) + 1e-9);
        expect(readTries([...tries].reverse()).meanMl).toBeCloseTo(read.meanMl, 9);
      }),
    );
  });
  it("takes the blank off, and refuses what cannot be", () => {
    const a = triedAcid(how, [2.3, 2.3], 0.3);
    expect(a.acidMolPerL).toBeCloseTo(freeAcid({ ...how, titrantMl: 2 }).acidMolPerL, 12);
    expect(() => triedAcid(how, [0.2], 0.3)).toThrow("blankMl");
    expect(() => triedAcid(how, [400], 0)).toThrow("pure fatty acid");
    expect(() => triedAcid(how, [], 0)).toThrow("one to five");
  });
  it("says how much better oil brings it down", () => {
    fc.assert(
      fc.property(num(0.11, 0.6), num(0, 0.09), (acid, better) => {
        const share = shareThinnedTo(acid, better, 0.1) ?? Number.NaN;
        expect(share * acid + (1 - share) * better).toBeCloseTo(0.1, 9);
      }),
    );
    expect(shareThinnedTo(0.05, 0.01, 0.1)).toBe(1);
    expect(shareThinnedTo(0.3, 0.2, 0.1)).toBeNull();
  });
});

describe("stages", () => {
  it("of each path are those it needs, in order", () => {
    expect(stagesOf("base")).toEqual(["dry", "warm", "methoxide", "mix", "settle", "split", "wash", "polish", "test"]);
    expect(stagesOf("acid-base")).toContain("retitrate");
    expect(stagesOf("two-step").indexOf("mix-2")).toBeGreaterThan(stagesOf("two-step").indexOf("split"));
  });
  it("do not count the time they stood stopped", () => {
    const begun = { begunAt: "2026-01-01T10:00:00.000Z", doneAt: null, stoppedAt: null, ranMinutes: 0 };
    const runs = { ...begun, runsSince: begun.begunAt };
    expect(ranMinutes(runs, "2026-01-01T10:40:00.000Z")).toBe(40);
    expect(dueAt(runs, 60)).toBe("2026-01-01T11:00:00.000Z");
    // The power went after 20 minutes, and came back at two.
    const on = { ...begun, ranMinutes: 20, runsSince: "2026-01-01T14:00:00.000Z" };
    expect(ranMinutes(on, "2026-01-01T14:10:00.000Z")).toBe(30);
    expect(dueAt(on, 60)).toBe("2026-01-01T14:40:00.000Z");
    expect(dueAt({ ...begun, ranMinutes: 20, runsSince: null }, 60)).toBeNull();
  });
  it("take what the recipe says", () => {
    const r = { mixMinutes: 90, settleHours: 12, wash: { how: "mist", times: 3, waterShare: 0.3, vinegarMlPerL: 0 } };
    expect(stageMinutes("mix", r as never)).toBe(90);
    expect(stageMinutes("settle", r as never)).toBe(720);
    expect(stageMinutes("wash", r as never)).toBe(3 * 240);
    expect(stageMinutes("split", r as never)).toBeNull();
  });
});

describe("what a batch is called", () => {
  const at = "2026-01-01T10:00:00.000Z";
  const read = (test: "solubility" | "soap" | "water" | "acid-number", value: number) => ({ test, value, at });
  const m = DEFAULT_FUEL_TEST_MARKS;
  it("passes when all that is needed is within, fails by one, and is open until then", () => {
    expect(verdictOf([], m, false)).toBe("open");
    expect(verdictOf([read("solubility", 0), read("soap", 40)], m, false)).toBe("open");
    const all = [read("solubility", 0), read("soap", 40), read("water", 300)];
    expect(verdictOf(all, m, false)).toBe("passed");
    expect(verdictOf([...all, read("soap", 400)], m, false)).toBe("failed");
    // The later word counts.
    expect(verdictOf([read("soap", 400), ...all], m, false)).toBe("passed");
    // Acid in the wash leaves free acid: then its number is asked for.
    expect(neededTests(m, true)).toContain("acid-number");
    expect(verdictOf(all, m, true)).toBe("open");
    expect(verdictOf([...all, read("acid-number", 0.7)], m, true)).toBe("failed");
  });
  it("learns nothing of two batches, and something of three", () => {
    const past = (conversion: number) => ({ conversion, drainedToExpected: null });
    expect(learnedFrom([past(0.9), past(0.95)]).conversion).toBeNull();
    expect(learnedFrom([past(0.97), past(0.9), past(0.95)]).conversion).toEqual([0.9, 0.95, 0.97]);
    expect(learnedFrom([past(0.97), past(0.9), past(0.95)]).drainedToExpected).toBeNull();
    expect(convertedBySolubility(0.05)).toBeCloseTo(0.95, 12);
    expect(convertedBySolubility(0)).toBeCloseTo(0.99, 12);
  });
});

describe("kits and kettles", () => {
  it("a kit takes acid up to what its one measure leaves", () => {
    const kit = { name: "k", oilLitres: 20, methanolLitres: 4, lyeG: 200, base: "KOH" as const };
    const most = kitTakesMolPerL(kit, 0.9, BASES.KOH.gPerMol);
    expect(20 * (4.9 + most * BASES.KOH.gPerMol)).toBeCloseTo(200 * 0.9, 9);
  });
  it("leaves room for foam", () => {
    const fit = fitsKettle(50, 10, 80);
    expect(fit).toMatchObject({ fits: true, foamRoomLitres: 20 });
    expect(fitsKettle(fit.mostOilLitres, fit.mostOilLitres / 5, 80).fits).toBe(true);
    expect(fitsKettle(60, 12, 80).fits).toBe(false);
  });
});

describe("soap's liking for water", () => {
  it("is found again from a wash that it made", () => {
    fc.assert(
      fc.property(num(500, 8000), num(1, 20), num(0.1, 1), fc.integer({ min: 1, max: 4 }), (ppm, k, w, n) => {
        const after = wash(ppm, n, w, k, 50).soapPpm;
        fc.pre(after > 2);
        expect(fitPartition([{ beforePpm: ppm, afterPpm: after, washes: n, waterShare: w }])).toBeCloseTo(k, 6);
      }),
    );
    expect(fitPartition([])).toBeNull();
    expect(fitPartition([{ beforePpm: 100, afterPpm: 300, washes: 1, waterShare: 0.3 }])).toBeNull();
    expect(() => fitPartition([{ beforePpm: 9, afterPpm: 3, washes: 1, waterShare: 0 }])).toThrow("no water");
  });
});
