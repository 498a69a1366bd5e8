import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ComponentId } from "../fluids";
import { balance } from "./balance";
import type { Draft, Entry } from "./entry";
import { offerEntries } from "./guard";
import { partsOf } from "./state";
import { drum, entry, iso, kitchen, move, pickup, start, vid } from "./testing";
import { buildTimeline, type Timeline } from "./timeline";

const NOW = iso(10_000);
const offer = (t: Timeline, ...entries: Entry[]) => offerEntries(t, entries, NOW);

function taken(t: Timeline, ...entries: Entry[]): Timeline {
  const offered = offer(t, ...entries);
  if (!offered.ok) throw new Error(JSON.stringify(offered.error));
  return offered.value;
}

const litresIn = (t: Timeline, id: string, component?: ComponentId): number => {
  const state = t.head.vessels.get(vid(id));
  const parts = state ? partsOf(state.contents, t.head.parts) : [];
  return parts.reduce((sum, p) => (component === undefined || p.component === component ? sum + p.litres : sum), 0);
};

describe("a correction", () => {
  it("keeps its place among the entries of one minute, so that what rests on it still does", () => {
    const t = taken(
      buildTimeline(start()),
      entry("05", 20, move("A", "B", 60), 20),
      entry("06", 20, move("B", "A", 55), 21),
    );
    const put = taken(t, entry("07", 20, { ...move("A", "B", 58), replaces: "05" as never }, 90));
    expect(put.head.faults).toEqual([]);
    expect(litresIn(put, "B")).toBeCloseTo(3, 9);
  });
  it("keeps it however often it is corrected, whatever the litres", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 55, max: 90, noNaN: true }), { minLength: 1, maxLength: 5 }), (amounts) => {
        let t = taken(buildTimeline(start()), entry("05", 20, move("A", "B", 60)), entry("06", 20, move("B", "A", 55)));
        let last = "05";
        for (const [i, litres] of amounts.entries()) {
          t = taken(t, entry(`c${i}`, 20, { ...move("A", "B", litres), replaces: last as never }, 100 + i));
          last = `c${i}`;
        }
        expect(litresIn(t, "B")).toBeCloseTo((amounts.at(-1) ?? 0) - 55, 6);
        expect(buildTimeline([...t.byId.values()]).live.map((e) => e.id)).toEqual(t.live.map((e) => e.id));
      }),
      { numRuns: 40 },
    );
  });
  it("may be voided with what it had corrected, in one act", () => {
    const put = () =>
      taken(
        taken(buildTimeline(start()), entry("05", 20, move("A", "B", 60))),
        entry("06", 20, { ...move("A", "B", 45), replaces: "05" as never }, 30),
      );
    const voids = (id: string, target: string, minute: number): Entry =>
      entry(id, minute, { kind: "void", data: { entry: target as never, reason: "never happened" } }, minute);
    expect(litresIn(taken(put(), voids("07", "06", 40)), "B")).toBeCloseTo(60, 9);
    expect(litresIn(taken(put(), voids("07", "06", 40), voids("08", "05", 41)), "B")).toBe(0);
    expect(offer(put(), voids("08", "05", 41))).toMatchObject({ ok: false, error: { code: "already-void" } });
  });
});

describe("an overfill", () => {
  const fullA = entry("05", 30, pickup("A", 100));
  it("that arises by backdating stands in the open, at the entry that ran over; both pours are kept", () => {
    const t = taken(buildTimeline(start()), fullA, entry("06", 40, move("A", "B", 150)));
    const late = taken(t, entry("07", 20, pickup("A", 60), 90));
    expect(late.head.faults).toMatchObject([{ code: "overfilled", vessel: "A", entry: "05" }]);
    expect(litresIn(late, "A")).toBeCloseTo(110, 9);
    expect(balance(late.head).closes).toBe(true);
  });
  it("is gone once one of the pours is put right, and a smaller slip may be written over a larger", () => {
    const t = taken(buildTimeline(start()), fullA, entry("06", 40, move("A", "B", 150)));
    const late = taken(t, entry("07", 20, pickup("A", 60), 90));
    const less = taken(late, entry("08", 30, { ...pickup("A", 90), replaces: "05" as never }, 95));
    expect(less.head.faults).toMatchObject([{ code: "overfilled", entry: "08" }]);
    const right = taken(less, entry("09", 30, { ...pickup("A", 40), replaces: "08" as never }, 99));
    expect(right.head.faults.map((f) => f.code)).not.toContain("overfilled");
  });
  it("by what is offered itself is refused as before", () => {
    expect(offer(buildTimeline(start()), entry("05", 20, pickup("A", 150)))).toMatchObject({
      ok: false,
      error: { code: "overfilled", vessel: "A", entry: "05" },
    });
  });
});

describe("fed to a settler", () => {
  const yard = (standsLitres: number, waterLitres: number): Draft[] => [
    { kind: "source", data: kitchen },
    { kind: "vessel", data: drum("H") },
    { kind: "vessel", data: drum("S", "settler") },
    { kind: "vessel", data: drum("F", "feed") },
    pickup("H", 180),
    {
      kind: "pickup",
      data: {
        source: kitchen.id,
        to: vid("S"),
        fluid: "canola",
        amount: { litres: standsLitres },
        muck: { water: waterLitres / standsLitres },
      },
    },
    {
      kind: "displace",
      data: { header: vid("H"), body: vid("S"), overflow: vid("F"), amount: { litres: 170 }, passingShare: 0 },
    },
  ];
  it("more than its body holds, goes over itself before settled water does", () => {
    const t = buildTimeline(yard(60, 40).map((d, i) => entry(`d${i}`, i, d)));
    expect(t.head.faults).toEqual([]);
    expect(litresIn(t, "S", "water")).toBeCloseTo(40, 9);
    expect(litresIn(t, "F", "water")).toBeCloseTo(0, 9);
    expect(litresIn(t, "S") + litresIn(t, "F")).toBeCloseTo(230, 9);
  });
  it("keeps all of the water for any amount, and the book closes", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (stands, wet) => {
          const t = buildTimeline(yard(stands, stands * wet * 0.9).map((d, i) => entry(`d${i}`, i, d)));
          expect(litresIn(t, "S", "water")).toBeCloseTo(stands * wet * 0.9, 6);
          expect(balance(t.head).closes).toBe(true);
        },
      ),
    );
  });
});

it("a draw takes of each kind of dirt what still hung of it", () => {
  const muck = { water: 0.02, sludge: 0.03, "fryer-fat": 0.05 };
  const drafts: Draft[] = [
    { kind: "source", data: kitchen },
    { kind: "vessel", data: drum("A") },
    { kind: "vessel", data: drum("F", "feed") },
    { kind: "pickup", data: { source: kitchen.id, to: vid("A"), fluid: "canola", amount: { litres: 100 }, muck } },
    {
      kind: "draw-off",
      data: {
        from: vid("A"),
        to: vid("F"),
        amount: { litres: 45.9 },
        suctionMm: 60,
        suspendedShare: 0.4,
        hanging: { sludge: 0.4, water: 0, fat: 0.12 },
      },
    },
  ];
  const t = buildTimeline(drafts.map((d, i) => entry(`d${i}`, i, d)));
  // What may come off the top: 90 L of oil, 0.4 · 3 of sludge, 0.12 · 5 of fat; half of it came.
  expect(litresIn(t, "F", "canola")).toBeCloseTo(45, 9);
  expect(litresIn(t, "F", "sludge")).toBeCloseTo(0.6, 9);
  expect(litresIn(t, "F", "fryer-fat")).toBeCloseTo(0.3, 9);
  expect(litresIn(t, "F", "water")).toBe(0);
});

it("a stock-take reads a vessel as what stands in it swells, be that petrol", () => {
  const drafts: Draft[] = [
    { kind: "vessel", data: drum("can", "thinner") },
    { kind: "purchase", data: { to: vid("can"), fluid: "petrol", amount: { litres: 40 } } },
    { kind: "stock-take", data: { vessel: vid("can"), found: { litres: 40, celsius: 35 } } },
  ];
  const t = buildTimeline(drafts.map((d, i) => entry(`d${i}`, i, d)));
  expect(litresIn(t, "can")).toBeCloseTo(40 * (1 - 1.1e-3 * 20), 9);
});
