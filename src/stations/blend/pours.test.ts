import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { project } from "@/core/ledger";
import { drum, entry, iso, vid } from "@/core/ledger/testing";
import { contentsOf, mixPours, pumpOf, type Source, sourceOf } from "@/core/readings/blend/plan";
import { litresAtHeight } from "@/core/vessels";
import { viewYard } from "@/core/view";
import { draftsOf, levelAfter, marksOf, poursOf, sharesKept, sharesOfCans } from "./pours";
import { recipeLitres } from "./recipes/recipeLitres";

const box = { shape: { kind: "box", lengthMm: 500, widthMm: 300 }, rimMm: 420 } as const;
const view = viewYard(
  project([
    entry("1", 0, { kind: "vessel", data: { ...drum("tank", "tank"), ...box } }),
    entry("2", 0, { kind: "vessel", data: drum("ready", "ready") }),
    entry("3", 0, { kind: "vessel", data: { ...drum("kero", "thinner"), ...box } }),
    entry("4", 1, { kind: "purchase", data: { to: vid("tank"), fluid: "diesel", amount: { litres: 15 } } }),
    entry("5", 1, { kind: "purchase", data: { to: vid("ready"), fluid: "soybean", amount: { litres: 90 } } }),
    entry("6", 1, { kind: "purchase", data: { to: vid("kero"), fluid: "kerosene", amount: { litres: 30 } } }),
  ]),
  iso(9),
);
const v = (id: string) => {
  const found = view.vessels.find((x) => x.vessel.id === id);
  if (!found) throw new Error(id);
  return found;
};
const source = (id: string): Source => {
  const found = sourceOf(v(id), view.fluids, view);
  if (!found) throw new Error(id);
  return found;
};
const SOURCES = [source("ready"), source("kero"), pumpOf("diesel", view.fluids, view)];
const terms = { lowCelsius: 0, limitMm2PerS: 15, atPumpCelsius: null, fluids: view.fluids };
const contents = contentsOf(v("tank"), view.fluids);
const mixed = (litres: number[]) => {
  const found = mixPours(contents, SOURCES, litres, terms);
  if (!found) throw new Error("nothing");
  return found;
};

describe("pours in their order", () => {
  it("into a tank oil first, the pump last; into a can the oil last", () => {
    const after = mixed([12, 6, 4]);
    expect(poursOf(SOURCES, after, true).map((p) => p.from)).toEqual(["ready", "kero", null]);
    expect(poursOf(SOURCES, after, false).map((p) => p.from)).toEqual(["kero", "ready", null]);
    expect(poursOf(SOURCES, after, true).map((p) => p.what)).toEqual(["oil", "kerosene", "diesel"]);
  });
  it("rounds to a tenth, and never to a thicker mix", () => {
    const litres = fc.tuple(...[0, 1, 2].map(() => fc.double({ min: 0, max: 12, noNaN: true })));
    fc.assert(
      fc.property(litres, (l) => {
        for (const p of poursOf(SOURCES, mixed(l), true)) {
          const exact = l[p.from === null ? 2 : p.isOil ? 0 : 1] ?? 0;
          expect(Math.abs(p.litres - exact)).toBeLessThan(0.1 + 1e-9);
          expect(p.isOil ? p.litres <= exact + 1e-5 : p.litres >= exact - 1e-5).toBe(true);
          expect(p.litres * 10).toBeCloseTo(Math.round(p.litres * 10), 6);
        }
      }),
    );
  });
  it("empty a can to the last drop where the plan does, over several cans too, and round nothing past it", () => {
    const kero = { ...source("kero"), litres: 30.05 };
    const sources = [source("ready"), kero];
    const after = mixPours([], sources, [40, 30.05], terms);
    if (!after) throw new Error("nothing");
    const [one] = poursOf(sources, after, false).filter((p) => !p.isOil);
    expect(one?.litres).toBeCloseTo(30.05, 9);
    const first = poursOf(sources, after, false, 0.37);
    const second = poursOf(sources, after, false, 0.63, first);
    const all = [...first, ...second].filter((p) => !p.isOil).reduce((sum, p) => sum + p.litres, 0);
    expect(all).toBeCloseTo(30.05, 9);
    expect(first.find((p) => !p.isOil)?.litres).toBe(11.2);
  });
  it("say what is short where the plan asks for more than there is", () => {
    const short = [source("ready"), { ...source("kero"), litres: 5 }];
    const after = mixPours([], short, [12, 9], terms);
    expect(after && poursOf(short, after, false).find((p) => !p.isOil)?.litres).toBe(9);
  });
  it("are a mark on that can: the height at which what stood there and was poured stands", () => {
    const pours = poursOf(SOURCES, mixed([12, 6, 0]), true);
    const marks = marksOf(v("tank"), pours);
    // 15 L stand 100 mm high in 50 by 30 cm; 12 L more 180, 6 L more 220.
    expect(marks.map((mm) => Math.round(mm))).toEqual([180, 220]);
    expect(litresAtHeight(box.shape, marks[1] ?? 0)).toBeCloseTo(33, 6);
    expect(levelAfter(v("kero"), 6)).toBeCloseTo(160, 6);
    expect(levelAfter(v("kero"), 99)).toBe(0);
  });
  it("are written as one blend of what stands here, and a purchase at the pump", () => {
    const after = mixed([12, 6, 4]);
    const drafts = draftsOf(v("tank"), poursOf(SOURCES, after, true), after);
    expect(drafts.map((d) => d.kind)).toEqual(["blend", "purchase"]);
    expect(drafts[0]?.data).toMatchObject({
      to: "tank",
      parts: [
        { from: "ready", amount: { litres: 12 } },
        { from: "kero", amount: { litres: 6 } },
      ],
    });
    expect(drafts[1]?.data).toMatchObject({ fluid: "diesel", amount: { litres: 4 } });
  });
  it("keep the mix that they make by shares that add up", () => {
    const shares = sharesKept(mixed([12, 6, 4]));
    expect(shares.reduce((sum, p) => sum + p.share, 0)).toBeCloseTo(1, 3);
    expect(shares.find((p) => p.fluid === "diesel")?.share).toBeCloseTo(19 / 37, 3);
  });
  it("fill one can after the other, and none with nothing", () => {
    const cans = [{ litres: 20 }, { litres: 10 }, { litres: 20 }];
    expect(sharesOfCans(cans, 25).map((c) => c.share)).toEqual([0.8, 0.2]);
    expect(sharesOfCans(cans, 50).map((c) => c.share)).toEqual([0.4, 0.2, 0.4]);
  });
  it("of one can of several are its share of all", () => {
    const [oil] = poursOf(SOURCES, mixed([12, 6, 4]), false, 0.25).filter((p) => p.isOil);
    expect(oil?.litres).toBe(3);
  });
});

describe("a mix by a recipe", () => {
  const parts = [
    { fluid: "canola" as const, share: 0.5 },
    { fluid: "kerosene" as const, share: 0.2 },
    { fluid: "diesel" as const, share: 0.3 },
  ];
  it("counts what stands in the tank, and one vegetable oil as another", () => {
    // 60 L in all: 30 oil, 12 kerosene, 18 diesel, of which 15 are there.
    expect(recipeLitres({ parts }, contents, SOURCES, 45)).toEqual({
      litres: [30, 12, expect.closeTo(3, 9)],
      missing: [],
    });
  });
  it("says which of its parts nothing chosen holds", () => {
    expect(recipeLitres({ parts }, [], SOURCES.slice(0, 1), 45).missing).toEqual(["kerosene", "diesel"]);
  });
});
