import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { balance } from "./balance";
import { EMPTY } from "./contents";
import type { Draft, Entry } from "./entry";
import { project } from "./project";
import { partsOf, type YardState } from "./state";
import { drum, entry, kitchen, move, pickup, start, vid } from "./testing";
import { appendEntries, buildTimeline, yardAt } from "./timeline";

const NAMES = ["A", "B", "C"] as const;
const name = fc.constantFrom(...NAMES);
const litres = fc.double({ min: 0.01, max: 80, noNaN: true });
const celsius = fc.option(fc.double({ min: -10, max: 60, noNaN: true }), { nil: undefined });

/** What the settling bench writes, among the pours: each moves litres, or starts a clock again. */
const bench: fc.Arbitrary<Draft> = fc.oneof(
  fc
    .record({ vessel: name, waterLitres: litres })
    .map((r): Draft => ({ kind: "fining", data: { ...r, vessel: vid(r.vessel), gelatineG: 100 } })),
  fc.record({ from: name, to: name, litres, paste: fc.double({ min: 0, max: 4, noNaN: true }) }).map(
    (r): Draft => ({
      kind: "spin",
      data: { from: vid(r.from), to: vid(r.to), amount: { litres: r.litres }, pasteLitres: r.paste, cutUm: 5 },
    }),
  ),
  fc
    .record({
      header: name,
      body: name,
      overflow: name,
      litres,
      passingShare: fc.double({ min: 0, max: 1, noNaN: true }),
    })
    .map(
      (r): Draft => ({
        kind: "displace",
        data: {
          header: vid(r.header),
          body: vid(r.body),
          overflow: vid(r.overflow),
          amount: { litres: r.litres },
          passingShare: r.passingShare,
        },
      }),
    ),
  fc.record({ vessel: name, to: name, litres }).map(
    (r): Draft => ({
      kind: "clean-out",
      data: { vessel: vid(r.vessel), to: vid(r.to), amount: { litres: r.litres } },
    }),
  ),
  fc
    .record({ vessel: name, clearMm: fc.double({ min: 0, max: 900, noNaN: true }) })
    .map((r): Draft => ({ kind: "dip", data: { vessel: vid(r.vessel), clearMm: r.clearMm } })),
  fc
    .record({ vessel: name, also: fc.array(name, { maxLength: 2 }) })
    .map((r): Draft => ({ kind: "disturbed", data: { vessel: vid(r.vessel), how: "driven", also: r.also.map(vid) } })),
);

const draft: fc.Arbitrary<Draft> = fc.oneof(
  bench,
  fc.record({ to: name, litres, celsius, fluid: fc.constantFrom("canola" as const, "palm" as const) }).map(
    (r): Draft => ({
      kind: "pickup",
      data: {
        source: kitchen.id,
        to: vid(r.to),
        fluid: r.fluid,
        amount: { litres: r.litres, celsius: r.celsius },
        muck: { water: 0.02, sludge: 0.01, "fryer-fat": 0.03 },
      },
    }),
  ),
  fc.record({ from: name, to: name, litres, celsius, layer: fc.constantFrom("mixed", "top", "bottom") }).map(
    (r): Draft => ({
      kind: "move",
      data: {
        from: vid(r.from),
        to: vid(r.to),
        amount: { litres: r.litres, celsius: r.celsius },
        layer: r.layer as "mixed",
      },
    }),
  ),
  fc.record({ from: name, litres }).map(
    (r): Draft => ({
      kind: "dispose",
      data: { from: vid(r.from), amount: { litres: r.litres }, layer: "bottom", where: "tip" },
    }),
  ),
  fc
    .record({ vessel: name, litres: fc.double({ min: 0, max: 120, noNaN: true }) })
    .map((r): Draft => ({ kind: "stock-take", data: { vessel: vid(r.vessel), found: { litres: r.litres } } })),
);

const setup = (): Entry[] => [
  ...NAMES.map((n) => entry(`0${n}`, 0, { kind: "vessel", data: drum(n) })),
  entry("0s", 0, { kind: "source", data: kitchen }),
];

/** Drafts with now and then a void of an earlier one. */
const history = fc
  .array(fc.tuple(draft, fc.nat({ max: 400 }), fc.option(fc.nat(), { freq: 5 })), { maxLength: 60 })
  .map((rows) => {
    const entries = setup();
    rows.forEach(([d, minute, target], i) => {
      const at = entries[target === null ? 0 : target % entries.length];
      const isVoid = target !== null && at !== undefined && i > 0;
      entries.push(
        entry(
          `e${String(i).padStart(3, "0")}`,
          minute + 1,
          isVoid ? { kind: "void", data: { entry: at.id, reason: "test" } } : d,
          1000 + i,
        ),
      );
    });
    return entries;
  });

/** To a nanolitre: parts numbered in another order are summed in another order. */
const nano = (litres: number): number => Math.round(litres * 1e9) / 1e9 + 0;

const litresOf = (yard: YardState): Record<string, number> =>
  Object.fromEntries([...yard.vessels].map(([id, v]) => [id, nano(v.contents.total)]));

function picture(yard: YardState): unknown {
  return {
    vessels: [...yard.vessels].map(([id, v]) => [
      id,
      partsOf(v.contents, yard.parts)
        .map((p) => [p.component, p.origin, nano(p.litres)])
        .sort(),
      v.stirredAt,
    ]),
    faults: yard.faults.map((f) => [f.code, f.entry]),
    // What grain sizes are learnt from, and what forecasts are held against.
    standings: yard.standings.map((s) => [s.vessel.id, s.since, s.dips.length, nano(s.contents.total)]),
    draws: yard.draws,
    out: Object.values(balance(yard).out).map(nano),
  };
}

describe("properties of the projection", () => {
  it("closes the balance and never holds less than nothing", () => {
    fc.assert(
      fc.property(history, (entries) => {
        const yard = project(entries);
        const b = balance(yard);
        expect(b.closes, `gap ${b.gapLitres}`).toBe(true);
        for (const v of yard.vessels.values()) for (const l of v.contents.unscaled) expect(l).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it("gives the same yard for any order of the entries", () => {
    fc.assert(
      fc.property(history, fc.infiniteStream(fc.nat()), (entries, keys) => {
        const shuffled = entries
          .map((e) => [keys.next().value, e] as const)
          .sort(([a], [b]) => a - b)
          .map(([, e]) => e);
        expect(picture(project(shuffled))).toEqual(picture(project(entries)));
      }),
    );
  });

  it("appending one by one, backdated or not, gives what projecting all gives", () => {
    fc.assert(
      fc.property(history, (entries) => {
        let timeline = buildTimeline([]);
        for (const e of entries) timeline = appendEntries(timeline, [e]);
        expect(litresOf(timeline.head)).toEqual(litresOf(project(entries)));
        expect(picture(timeline.head)).toEqual(picture(project(entries)));
      }),
    );
  });

  it("time travel agrees with projecting only what had happened", () => {
    fc.assert(
      fc.property(history, fc.nat({ max: 420 }), (entries, minute) => {
        const at = entry("x", minute, move("A", "B", 1)).happenedAt;
        expect(picture(yardAt(buildTimeline(entries), at))).toEqual(picture(project(entries, at)));
      }),
    );
  });
});

it("keeps snapshots that a backdated entry replays from", () => {
  const many = [
    ...setup(),
    ...Array.from({ length: 2500 }, (_, i) => entry(`p${String(i).padStart(5, "0")}`, i + 1, pickup("A", 0.01))),
  ];
  const before = buildTimeline(many);
  expect(before.snapshots.map((s) => s.count)).toEqual([1000, 2000]);
  const late = entry("zz", 1500, move("A", "B", 5), 9000);
  const after = appendEntries(before, [late]);
  expect(after.snapshots[0]).toBe(before.snapshots[0]);
  expect(litresOf(after.head)).toEqual(litresOf(project([...many, late])));
});

describe("layers and losses", () => {
  const dirty = (): Entry[] => [
    ...setup(),
    entry("p", 1, {
      kind: "pickup",
      data: {
        source: kitchen.id,
        to: vid("A"),
        fluid: "canola",
        amount: { litres: 100 },
        muck: { water: 0.02, sludge: 0.03, "fryer-fat": 0.05 },
      },
    }),
  ];
  const held = (yard: YardState, id: string): Record<string, number> =>
    Object.fromEntries(
      partsOf(yard.vessels.get(vid(id))?.contents ?? EMPTY, yard.parts).map((p) => [
        p.component,
        Math.round(p.litres * 1e6) / 1e6,
      ]),
    );
  const draw = (litresDrawn: number, suspendedShare: number): Entry =>
    entry("d", 9000, {
      kind: "draw-off",
      data: { from: vid("A"), to: vid("B"), amount: { litres: litresDrawn }, suctionMm: 60, suspendedShare },
    });

  it("a clean draw-off takes oil and leaves the heel's muck", () => {
    const yard = project([...dirty(), draw(80, 0)]);
    expect(held(yard, "B")).toEqual({ canola: 80 });
    expect(held(yard, "A")).toEqual({ canola: 10, water: 2, sludge: 3, "fryer-fat": 5 });
    expect(yard.vessels.get(vid("A"))?.stirredAt).toBe(entry("x", 1, move("A", "B", 1)).happenedAt);
  });

  it("drawn too early it takes the muck that still hangs", () => {
    const yard = project([...dirty(), draw(46, 0.2)]);
    expect(held(yard, "B")).toEqual({ canola: 45, water: 0.2, sludge: 0.3, "fryer-fat": 0.5 });
  });

  it("drawn past the oil it takes the fat, then the water, then the sludge", () => {
    const yard = project([...dirty(), draw(96, 0)]);
    expect(held(yard, "B")).toEqual({ canola: 90, "fryer-fat": 5, water: 1 });
  });

  it("a bag takes muck by its size, and no oil while that is more than what stayed in it", () => {
    const through = (ratingUm: number) =>
      project([
        ...dirty(),
        entry("b", 2, { kind: "bag", data: { id: "bag" as never, name: "bag", ratingUm, areaM2: 0.25 } }),
        entry("f", 3, {
          kind: "filter-run",
          data: {
            from: vid("A"),
            to: vid("C"),
            bags: ["bag" as never],
            amount: { litres: 50 },
            minutes: 40,
            lossLitres: 2,
          },
        }),
      ]);
    const yard = through(5);
    expect(held(yard, "C").canola).toBeCloseTo(45, 9);
    expect(Object.values(held(yard, "C")).reduce((sum, l) => sum + l, 0)).toBeCloseTo(48, 9);
    // A coarse bag lets water and fines by, and what stays in it is oil that clings.
    const coarse = held(through(200), "C");
    expect(coarse.water ?? 0).toBeGreaterThan(0.9 * (held(project(dirty()), "A").water ?? 0) * 0.5);
    expect(coarse.canola).toBeLessThan(44);
    expect(yard.bags.get("bag" as never)?.litres).toBe(50);
    expect(balance(yard).out.lost).toBeCloseTo(2, 12);
  });

  it("litres read warm count as fewer at 15 °C", () => {
    const yard = project([
      ...setup(),
      entry("p", 1, {
        kind: "pickup",
        data: { source: kitchen.id, to: vid("A"), fluid: "canola", amount: { litres: 100, celsius: 55 }, muck: {} },
      }),
      entry("m", 2, {
        kind: "move",
        data: { from: vid("A"), to: vid("B"), amount: { litres: 50, celsius: 55 }, layer: "mixed" },
      }),
    ]);
    expect(yard.vessels.get(vid("A"))?.contents.total).toBeCloseTo(50 * (1 - 7.4e-4 * 40), 12);
    expect(yard.vessels.get(vid("B"))?.contents.total).toBeCloseTo(50 * (1 - 7.4e-4 * 40), 12);
  });
});

it("an emptied vessel forgets how long it stood", () => {
  const yard = project([...start(), entry("05", 20, move("A", "B", 100))]);
  expect(yard.vessels.get(vid("A"))?.stirredAt).toBeNull();
  expect(yard.vessels.get(vid("A"))?.contents.keys.length).toBe(0);
});
