import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { diagnose, type ToldRun } from "./diagnosis";

const oil = oilOf(FLUIDS.canola, 1.15);

/** A bag of a fifth of a square metre, 40 L at 18 °C a time: its minutes are as a bag's are. */
function run(over: Partial<ToldRun> & { readonly times?: number } = {}): ToldRun {
  const { times = 1, ...told } = over;
  const r: ToldRun = {
    litres: 40,
    minutes: 0,
    carriedLitres: 100,
    viscosityPaS: oil.viscosityPaS(told.celsius ?? 18),
    celsius: 18,
    areaM2: 0.2,
    ratingUm: 5,
    layers: 1,
    washes: 1,
    wet: false,
    fatShare: 0.001,
    source: "kitchen",
    suctionAboveMuckMm: 30,
    settlerFullShare: 0.2,
    ...told,
  };
  const onIt = (r.carriedLitres + r.litres / 2) / r.areaM2;
  const minutes = times * (r.litres / r.areaM2) * r.viscosityPaS * r.layers * (2 + 0.004 * onIt);
  return { ...r, minutes: told.minutes ?? minutes };
}
const earlier = [0, 40, 80, 120, 160, 200].map((carriedLitres, i) => run({ carriedLitres, celsius: 16 + i }));
const causes = (last: ToldRun, before: readonly ToldRun[] = earlier): string[] => {
  const d = diagnose(last, before);
  return d.verdict === "clogging" ? d.evidence.map((e) => e.cause) : [d.verdict];
};

describe("why a bag clogs", () => {
  it("the settler is full", () => expect(causes(run({ times: 4, settlerFullShare: 0.8 }))[0]).toBe("settler-full"));
  it("the bottom layer was drawn in", () =>
    expect(causes(run({ times: 4, suctionAboveMuckMm: 4 }))[0]).toBe("bottom-layer"));
  it("fat has set in the cold, and it is not the cold alone", () =>
    expect(causes(run({ times: 4, celsius: 5, fatShare: 0.01 }))[0]).toBe("fat-in-the-cold"));
  it("the oil is wet, whatever else may be said of it", () =>
    expect(causes(run({ times: 6, wet: true, suctionAboveMuckMm: 4, settlerFullShare: 0.9 }))).toEqual([
      "wet-oil",
      "bottom-layer",
      "settler-full",
    ]));
  it("a source that never brought it before", () => {
    const d = diagnose(run({ times: 3, source: "galley" }), earlier);
    expect(d.verdict === "clogging" && d.evidence[0]).toMatchObject({ cause: "bad-source", source: "galley" });
  });
  it("an old bag that was washed too often", () => expect(causes(run({ times: 3, washes: 7 }))[0]).toBe("washed-out"));
});

describe("what looks like it and is not", () => {
  it("a cold morning: slow by the clock, and the bag is innocent", () => {
    const d = diagnose(run({ celsius: -4, settlerFullShare: 0.9 }), earlier);
    expect(d).toMatchObject({ verdict: "colder" });
    if (d.verdict === "colder") expect(d.times).toBeCloseTo(1, 6);
  });
  it("a new bag of half the size", () =>
    expect(causes(run({ areaM2: 0.1, settlerFullShare: 0.9 }))).toEqual(["as-usual"]));
  it("nothing was read: no temperature, no stick, no test, and too few runs", () => {
    expect(
      causes(run({ times: 5, celsius: null, suctionAboveMuckMm: null, source: null, settlerFullShare: null })),
    ).toEqual([]);
    expect(causes(run({ times: 5, settlerFullShare: 0.9 }), earlier.slice(0, 2))).toEqual(["too-little"]);
  });
  it("another source whose oil runs as well as anybody's", () =>
    expect(causes(run({ source: "galley", times: 1.3 }))).toEqual(["as-usual"]));
  it("two bags, one inside the other", () => expect(causes(run({ layers: 2 }))).toEqual(["as-usual"]));
  it("a bag that was just washed runs fast again, and is not torn for it", () =>
    expect(causes(run({ carriedLitres: 0, washes: 2 }))).toEqual(["as-usual"]));
});

it("a bag that is suddenly fast is torn", () => expect(causes(run({ times: 0.2 }))).toEqual(["torn"]));

it("one slow run among the earlier ones does not make the next slow one usual", () =>
  expect(causes(run({ times: 4, settlerFullShare: 0.8 }), [...earlier, run({ times: 5 })])[0]).toBe("settler-full"));

it("what is usual is how it ran on a clean settler, however many slow runs came after it filled", () => {
  const dirty = [1, 2, 3, 4, 5, 6, 7, 8].map((i) => run({ times: 2.4, carriedLitres: 20 * i, settlerFullShare: 0.8 }));
  expect(causes(run({ times: 2.6, settlerFullShare: 0.9 }), [...earlier, ...dirty])[0]).toBe("settler-full");
});

it("temperature, load, drive and size never make a verdict by themselves", () => {
  const any = fc.record({
    celsius: fc.double({ min: -5, max: 60, noNaN: true }),
    carriedLitres: fc.double({ min: 0, max: 400, noNaN: true }),
    litres: fc.double({ min: 1, max: 200, noNaN: true }),
    areaM2: fc.double({ min: 0.02, max: 1, noNaN: true }),
  });
  fc.assert(
    fc.property(any, (told) => {
      const d = diagnose(run({ ...told, settlerFullShare: 0.9 }), earlier);
      expect(["as-usual", "colder"]).toContain(d.verdict);
      if (d.verdict === "as-usual" || d.verdict === "colder") expect(d.times).toBeCloseTo(1, 4);
    }),
  );
});
