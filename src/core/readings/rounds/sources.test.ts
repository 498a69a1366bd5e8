import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Draft, project, type Source } from "../../ledger";
import { drum, entry, iso, kitchen, vid } from "../../ledger/testing";
import { viewYard } from "../../view";

const DAY = 1440;

type Pickup = Extract<Draft, { kind: "pickup" }>["data"];
const took = (litres: number, more: Partial<Pickup> = {}): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid("raw"), fluid: "canola", amount: { litres }, muck: {}, ...more },
});
const move = (
  from: string,
  to: string,
  amount: number | "all",
  layer: "mixed" | "top" | "bottom" = "mixed",
): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount: amount === "all" ? { all: true } : { litres: amount }, layer },
});

function sourceOf(at: number, happened: readonly [number, Draft][], source: Partial<Source> = {}) {
  const base: [number, Draft][] = [
    [0, { kind: "vessel", data: { ...drum("raw", "raw"), rimMm: 8000 } }],
    [0, { kind: "vessel", data: { ...drum("ready", "ready"), rimMm: 8000 } }],
    [0, { kind: "vessel", data: drum("waste", "waste") }],
    [0, { kind: "vessel", data: drum("kettle", "kettle") }],
    [0, { kind: "vessel", data: drum("mix", "blend") }],
    [0, { kind: "vessel", data: drum("tank", "tank") }],
    [0, { kind: "vessel", data: drum("other", "settling") }],
    [0, { kind: "settings", data: { fuelPricePerLitre: 2, costPerKm: 0.5 } }],
    [0, { kind: "source", data: { ...kitchen, ...source } }],
  ];
  const yard = project([...base, ...happened].map(([minute, d], i) => entry(String(i).padStart(3, "0"), minute, d)));
  expect(yard.faults).toEqual([]);
  const view = viewYard(yard, iso(at));
  const [found] = view.sources;
  if (!found) throw new Error("no source");
  return { ...found, view };
}

describe("what waits at a source", () => {
  it("fills its containers in three weeks until it is known better, and never over them", () => {
    const fresh = sourceOf(7 * DAY, [], { containerCount: 3 });
    expect(fresh.waiting).toMatchObject({ containerLitres: 60, readings: 0 });
    expect(fresh.waiting.now.mean).toBeCloseTo(20, 9);
    expect(fresh.waiting.fullAt).toBe(iso(21 * DAY));
    expect(sourceOf(400 * DAY, [], { containerCount: 3 }).waiting.now.mean).toBe(60);
  });
  it("reads what a container holds off its name, unless it is told", () => {
    const holds = (s: Partial<Source>) => sourceOf(0, [], s).waiting.containerLitres;
    expect(holds({ container: "200 L drum" })).toBe(200);
    expect(holds({ container: "blue bucket" })).toBe(20);
    expect(holds({ container: "200 L drum", containerLitres: 120, containerCount: 2 })).toBe(240);
  });
  it("learns its rate from the days between pickups, and what was left waits still", () => {
    const weekly = Array.from({ length: 30 }, (_, i): [number, Draft] => [(i + 1) * 7 * DAY, took(14)]);
    const known = sourceOf(37 * 7 * DAY, [...weekly, [31 * 7 * DAY, took(10, { leftLitres: 4 })]], {
      container: "200 L drum",
    });
    expect(known.waiting.readings).toBe(30);
    expect(known.waiting.litresPerDay).toBeCloseTo(2, 0);
    const left = sourceOf(31 * 7 * DAY + 10, [...weekly, [31 * 7 * DAY, took(10, { leftLitres: 4 })]]);
    expect(left.waiting.now.mean).toBeCloseTo(4, 1);
    expect(left.waiting.now.low).toBeGreaterThanOrEqual(4);
  });
  it("knows an empty container when somebody has looked, but not behind a closed door", () => {
    const called = (outcome: "nothing" | "closed"): Draft => ({
      kind: "visit",
      data: { source: kitchen.id, outcome, reason: "" },
    });
    const at = (outcome: "nothing" | "closed") =>
      sourceOf(20 * DAY, [
        [1, took(20)],
        [20 * DAY, called(outcome)],
      ]).waiting;
    expect(at("nothing").now.mean).toBe(0);
    expect(at("nothing").readings).toBe(1);
    expect(at("closed").now.mean).toBeGreaterThan(15);
    expect(at("closed").readings).toBe(0);
  });
  it("is plain that it is a guess: a band round the mean that holds the containers", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 1, max: 9 }),
        fc.array(fc.integer({ min: 5, max: 60 }), { maxLength: 6 }),
        (days, count, litres) => {
          const happened = litres.map((l, i): [number, Draft] => [(i + 1) * 9 * DAY, took(l)]);
          const { waiting } = sourceOf((60 + days) * DAY, happened, { containerCount: count });
          expect(waiting.now.low).toBeLessThanOrEqual(waiting.now.mean + 1e-9);
          expect(waiting.now.mean).toBeLessThanOrEqual(waiting.now.high + 1e-9);
          expect(waiting.now.high).toBeLessThanOrEqual(waiting.containerLitres + 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });
  it("is due for a round when its containers are nearly full", () => {
    const codes = (days: number) => sourceOf(days * DAY, []).view.advice.map((a) => a.code);
    expect(codes(10)).not.toContain("plan-round");
    expect(codes(18)).toContain("plan-round");
  });
});

describe("what a source is worth", () => {
  const muck = { water: 0.05, sludge: 0.05, "fryer-fat": 0.1 };
  const three: [number, Draft][] = [10, 20, 30].map((day) => [day * DAY, took(100, { muck, paid: 10 })]);

  it("is not said while too little of its oil has come to an end", () => {
    expect(sourceOf(40 * DAY, three).worth).toBeNull();
    expect(sourceOf(40 * DAY, three).expectedUsableShare).toBeCloseTo(0.8, 9);
    expect(sourceOf(40 * DAY, [...three.slice(0, 2), [35 * DAY, move("raw", "ready", 100, "top")]]).worth).toBeNull();
  });
  it("counts what stands blended or in a tank as fuel, and what still settles not at all", () => {
    const into = (to: string) =>
      sourceOf(60 * DAY, [...three, [40 * DAY, move("raw", to, 180, "top")]]).worth?.usableShare ?? null;
    expect(into("mix")).toBeCloseTo(1, 9);
    expect(into("tank")).toBeCloseTo(1, 9);
    expect(into("other")).toBeNull();
  });
  it("is read off the lineage: fuel, sludge and fat of what has ended, and what all of it cost", () => {
    const done = sourceOf(60 * DAY, [
      ...three,
      // 300 L: 240 oil, 15 water, 15 sludge, 30 fat.
      [40 * DAY, move("raw", "ready", 180, "top")],
      [41 * DAY, move("raw", "waste", 60, "bottom")],
      [
        42 * DAY,
        { kind: "dispose", data: { from: vid("waste"), amount: { all: true }, layer: "mixed", where: "tip" } },
      ],
    ]);
    expect(done.worth?.endedLitres).toBeCloseTo(240, 6);
    expect(done.worth?.usableShare).toBeCloseTo(180 / 240, 6);
    expect(done.worth?.sludgeShare).toBeCloseTo(30 / 240, 6);
    expect(done.worth?.fatShare).toBeCloseTo(30 / 240, 6);
    expect(done.worth?.costPerUsableLitre).toBeCloseTo(0.1 / 0.75, 6);
    expect(done.worth?.savedPerLitre).toBeCloseTo(0.75 * 2 - 0.1, 6);
    expect(done.expectedUsableShare).toBeGreaterThan(0.75);
    expect(done.expectedUsableShare).toBeLessThan(0.8);
  });
  it("counts fat that waits in the kettle as fat, and oil that still settles as nothing yet", () => {
    const kept = sourceOf(60 * DAY, [
      ...three,
      [40 * DAY, move("raw", "ready", 100, "top")],
      [41 * DAY, move("raw", "kettle", 200)],
    ]);
    expect(kept.worth?.endedLitres).toBeCloseTo(130, 6);
    expect(kept.worth?.fatShare).toBeCloseTo(30 / 130, 6);
  });
  it("bears the kilometres of its rounds", () => {
    const round = "r" as never;
    const costly = sourceOf(60 * DAY, [
      ...three.slice(0, 2),
      [30 * DAY, { kind: "round", data: { id: round, by: null, stops: [{ source: kitchen.id, litres: 100 }] } }],
      [30 * DAY + 5, took(100, { muck, round })],
      [30 * DAY + 9, { kind: "round-end", data: { round, km: 60 } }],
      [40 * DAY, move("raw", "ready", 180, "top")],
    ]);
    expect(costly.worth?.costPerUsableLitre).toBeCloseTo((20 + 30) / 300, 6);
  });
  it("shows a bad lot among good ones, but not the usual muck of a mucky source", () => {
    const bad = sourceOf(60 * DAY, [
      ...[10, 20, 30].map((day): [number, Draft] => [day * DAY, took(50, { muck: { sludge: 0.03 } })]),
      [40 * DAY, took(22, { muck: { "fryer-fat": 0.3, water: 0.04 } })],
    ]);
    expect(bad.badLots).toMatchObject([{ at: iso(40 * DAY) }]);
    expect(bad.badLots[0]?.muckShare).toBeCloseTo(0.34, 9);
    expect(sourceOf(60 * DAY, three).badLots).toEqual([]);
  });
});
