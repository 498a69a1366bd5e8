import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../../fluids";
import { type Bag, type BagRun, type BagState, DEFAULT_SETTINGS } from "../../ledger";
import { bagMinutes } from "./bagMinutes";
import { bagView } from "./bagView";

const terms = { settings: { ...DEFAULT_SETTINGS, shedCelsius: 12 }, fluids: FLUIDS };
const oil = oilOf(FLUIDS.canola, terms.settings.usedFactor);

type Told = Pick<BagRun, "litres" | "minutes" | "celsius"> & Partial<BagRun>;

const bag = (runs: readonly Told[], over: Partial<Bag> = {}): BagState => {
  let carriedLitres = 0;
  const own: Bag = { id: "b" as never, name: "5 µm", ratingUm: 5, areaM2: 0.3, ...over };
  return {
    bag: own,
    litres: runs.reduce((sum, r) => sum + r.litres, 0),
    litresOfAge: 0,
    washes: 0,
    lives: [],
    pastRuns: [],
    spares: null,
    photo: null,
    runs: runs.map((r) => {
      const run: BagRun = {
        at: "2026-01-01T00:00:00.000Z",
        carriedLitres,
        finest: true,
        kPa: null,
        areaM2: own.areaM2,
        ratingUm: own.ratingUm ?? null,
        washes: 0,
        wet: false,
        fatShare: 0,
        source: null,
        suctionAboveMuckMm: null,
        settlerFullShare: null,
        ...r,
      };
      carriedLitres += r.litres;
      return run;
    }),
    servicedAt: null,
    muck: new Map(),
  };
};
/** Two minutes a litre at 20 °C, and slower as the oil is thicker. */
const usual = (litres: number, celsius: number, times = 1): Told => ({
  litres,
  celsius,
  minutes: (times * 2 * litres * oil.viscosityPaS(celsius)) / oil.viscosityPaS(20),
});
const earlier = [usual(60, 20), usual(40, 18), usual(70, 21), usual(30, 19)];
const seen = (state: BagState) => bagView(state, [], terms);

describe("how a bag runs", () => {
  it("a cold morning is no choked bag: by the clock it is slow, by its own runs it is not", () => {
    const { diagnosis: d } = seen(bag([...earlier, usual(40, 2)]));
    expect(d.verdict).toBe("colder");
    if (d.verdict !== "colder") return;
    expect(d.timesByClock).toBeGreaterThan(1.9);
    expect(d.times).toBeCloseTo(1, 6);
  });
  it("four times as long at the same warmth is, and a full settler is why", () => {
    expect(seen(bag([...earlier, { ...usual(40, 20, 4), settlerFullShare: 0.9 }])).diagnosis).toMatchObject({
      verdict: "clogging",
      evidence: [{ cause: "settler-full" }],
    });
  });
  it("the bench's minutes are of the same runs", () => {
    const view = seen(bag(earlier));
    expect(view.fit.runs).toBe(4);
    expect(bagMinutes(view, 50, 20, terms)).toBeCloseTo(100, 6);
    expect(bagMinutes(view, 50, 2, terms) ?? 0).toBeGreaterThan(190);
    expect(bagMinutes(view, 50, 900, terms)).toBeNull();
  });
  it("a coarse bag that only waited for a finer one is told by its rating, not by those runs", () => {
    const waited = seen(bag(earlier.map((r) => ({ ...r, finest: false }))));
    expect(waited.fit.runs).toBe(0);
    expect(waited.diagnosis.verdict).toBe("too-little");
  });
  it("runs of another size of bag are not its own; those of a life before a wash are", () => {
    const state = bag(earlier);
    const larger = seen({ ...state, bag: { ...state.bag, areaM2: 0.6 } });
    expect(larger.fit.runs).toBe(0);
    const washed = seen({ ...bag([]), pastRuns: state.runs });
    expect(washed.fit.runs).toBe(4);
  });
  it("is not judged by too few, and then forecast by its rating; a cloth nobody rated has a forecast too", () => {
    expect(seen(bag([]))).toMatchObject({ diagnosis: { verdict: "too-little" }, fit: { runs: 0 } });
    expect(seen(bag(earlier.slice(0, 2))).diagnosis.verdict).toBe("too-little");
    const { ratingUm: _, ...cloth } = bag([]).bag;
    expect(seen({ ...bag([]), bag: cloth }).left?.litres ?? 0).toBeGreaterThan(0);
  });
});
