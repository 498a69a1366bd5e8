import { describe, expect, it } from "vitest";
import { FLUIDS } from "../../fluids";
import { DEFAULT_SETTINGS, type Draft, project, type YardState } from "../../ledger";
import { BatchId } from "../../ledger/ids";
import { drum, entry, iso, recipe, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { batchBook, handHours } from "./book";
import { chemicalsIn, methanolLitresKept, packOf } from "./chemicals";
import { bestBatch, learnedOf, ownPartition } from "./past";
import { currentStage, running, stageDueAt, undoneBefore } from "./stages";

const id = (n: number) => BatchId.parse(`b${n}`);
const batch = (n: number, more: object = {}): Draft => ({
  kind: "batch",
  data: { id: id(n), name: `Batch ${n}`, kettle: vid("pot"), is: "batch", recipe, ...more },
});
const stage = (
  n: number,
  s: "dry" | "warm" | "methoxide" | "mix",
  did: "begin" | "done" | "stop" | "go-on",
): Draft => ({
  kind: "stage",
  data: { batch: id(n), stage: s, did },
});
const test = (n: number, name: "solubility" | "soap" | "water", value: number): Draft => ({
  kind: "fuel-test",
  data: { batch: id(n), vessel: vid("pot"), test: name, value },
});
const wash = (n: number): Draft => ({
  kind: "wash",
  data: { batch: id(n), vessel: vid("pot"), how: "stir", waterLitres: 18, vinegarMl: 0 },
});
const start: readonly Draft[] = [
  { kind: "vessel", data: drum("pot", "kettle") },
  { kind: "vessel", data: { ...drum("old", "chemical"), pack: { purity: 0.9, expiresAt: iso(5) } } },
  { kind: "vessel", data: { ...drum("new", "chemical"), pack: { purity: 0.85, expiresAt: iso(9000) } } },
  { kind: "vessel", data: drum("spirit", "chemical") },
  { kind: "purchase", data: { to: vid("pot"), fluid: "biodiesel", amount: { litres: 60 } } },
  { kind: "purchase", data: { to: vid("old"), fluid: "potassium-hydroxide", amount: { litres: 4 } } },
  { kind: "purchase", data: { to: vid("new"), fluid: "potassium-hydroxide", amount: { litres: 1 } } },
  { kind: "purchase", data: { to: vid("spirit"), fluid: "methanol", amount: { litres: 40 }, purity: 0.95, paid: 36 } },
];
const yardOf = (...more: (Draft | readonly [minute: number, draft: Draft])[]): YardState =>
  project(
    [...start, ...more].map((d, i) => {
      const [minute, draft] = "kind" in d ? [i, d] : d;
      return entry(String(i).padStart(3, "0"), minute, draft);
    }),
  );
const stateOf = (yard: YardState, n: number) => yard.batches.get(id(n)) ?? (undefined as never);

describe("where a batch is", () => {
  it("the first stage that is not done, with what is not done before another", () => {
    const b = stateOf(yardOf(batch(1), stage(1, "dry", "done"), stage(1, "methoxide", "done")), 1);
    expect(currentStage(b)).toBe("warm");
    expect(undoneBefore(b, "mix")).toEqual(["warm"]);
  });
  it("a power cut moves its end by as long as it stood", () => {
    const yard = yardOf(
      batch(1),
      [100, stage(1, "mix", "begin")],
      [130, stage(1, "mix", "stop")],
      [400, stage(1, "mix", "go-on")],
    );
    expect(stageDueAt(stateOf(yard, 1), "mix")).toBe(iso(400 + recipe.mixMinutes - 30));
    const stopped = yardOf(batch(1), [100, stage(1, "mix", "begin")], [130, stage(1, "mix", "stop")]);
    expect(stageDueAt(stateOf(stopped, 1), "mix")).toBeNull();
  });
  it("a stage begun again after it was done is the current one", () => {
    const yard = yardOf(batch(1), stage(1, "dry", "done"), stage(1, "warm", "done"), stage(1, "dry", "begin"));
    expect(currentStage(stateOf(yard, 1))).toBe("dry");
  });
  it("is no longer made once it is over", () => {
    const over: Draft = { kind: "batch-end", data: { batch: id(1), how: "given-up", litres: 0 } };
    expect(running([...yardOf(batch(1), batch(2), over).batches.values()]).map((b) => b.batch.id)).toEqual([id(2)]);
  });
});

describe("chemicals", () => {
  const view = viewYard(yardOf(), iso(100));
  const all = chemicalsIn(view.vessels, view.at);
  it("go by their label, methanol by what is in it; what is out of date comes last", () => {
    const spirit = all.find((c) => c.is === "methanol");
    expect(spirit?.purity).toBeCloseTo(0.95, 9);
    expect(all.filter((c) => c.expired).map((c) => c.vessel.vessel.id)).toEqual([vid("old")]);
    expect(packOf(all, "potassium-hydroxide")?.vessel.vessel.id).toBe("new");
    expect(packOf(all, "sulfuric-acid")).toBeUndefined();
  });
  it("methanol is counted wherever it stands", () => {
    expect(methanolLitresKept(view.vessels)).toBeCloseTo(40 * 0.9598, 1);
  });
  it("and what is old, or too much, is said", () => {
    const codes = viewYard(yardOf({ kind: "settings", data: { methanolLimitLitres: 20 } }), iso(100)).advice.map(
      (a) => a.code,
    );
    expect(codes).toEqual(expect.arrayContaining(["chemical-old", "methanol-over"]));
  });
});

describe("what one's own batches teach", () => {
  const passes = (n: number, undissolved: number): Draft[] => [
    test(n, "solubility", undissolved),
    test(n, "soap", 50),
    test(n, "water", 300),
  ];
  const three = [1, 2, 3].flatMap((n) => [batch(n), ...passes(n, 0.01 * n)]);
  it("how far they go, once three were tested; a trial counts, a rework does not", () => {
    expect(learnedOf([...yardOf(...three.slice(0, 8)).batches.values()]).conversion).toBeNull();
    expect(learnedOf([...yardOf(...three).batches.values()]).conversion).toEqual([
      expect.closeTo(0.97, 9),
      expect.closeTo(0.98, 9),
      expect.closeTo(0.99, 9),
    ]);
    const reworked = yardOf(...three.slice(0, 8), batch(4, { is: "rework" }), ...passes(4, 0.01));
    expect(learnedOf([...reworked.batches.values()]).conversion).toBeNull();
  });
  it("how much soap a water takes, from titrations before and after", () => {
    const yard = yardOf(batch(1), test(1, "soap", 1200), wash(1), wash(1), test(1, "soap", 75));
    // Two waters of 0.3 to one: 1200 to 75 is a quarter each time, so K·0.3 = 3.
    expect(ownPartition([...yard.batches.values()])).toBeCloseTo(10, 6);
    expect(ownPartition([...yardOf(batch(1), test(1, "soap", 1200)).batches.values()])).toBeNull();
  });
  it("the best to hold another against passed, and made the most of its oil", () => {
    const end = (n: number, litres: number): Draft => ({
      kind: "batch-end",
      data: { batch: id(n), how: "fuel", litres },
    });
    const yard = yardOf(...three, end(1, 55), end(2, 59), end(3, 57), batch(4));
    expect(bestBatch([...yard.batches.values()], stateOf(yard, 4))?.batch.id).toBe(id(2));
    expect(bestBatch([stateOf(yard, 4)], stateOf(yard, 4))).toBeNull();
  });
});

describe("what a batch cost", () => {
  it("counts what was paid, energy, hands and disposal, and what came back", () => {
    const split: Draft = {
      kind: "split",
      data: {
        ...{ batch: id(1), phase: "glycerol", from: vid("pot"), to: vid("new"), amount: { litres: 8 } },
        below: [],
        expectedLitres: 8,
      },
    };
    const yard = yardOf(
      batch(1),
      {
        kind: "charge",
        data: {
          ...{ batch: id(1), stage: "methoxide", into: vid("pot") },
          parts: [{ from: vid("spirit"), amount: { litres: 10 } }],
        },
      },
      [200, stage(1, "mix", "begin")],
      [320, stage(1, "mix", "done")],
      split,
      {
        kind: "dry",
        data: { vessel: vid("pot"), batch: id(1), gone: [{ component: "methanol", kg: 0.1 }], kwh: 5, hours: 2.5 },
      },
      { kind: "batch-end", data: { batch: id(1), how: "fuel", litres: 50 } },
    );
    const b = stateOf(yard, 1);
    expect(handHours(b)).toBeCloseTo(2, 9);
    const { cost, expectedCost, seenYield, lines } = batchBook(b, DEFAULT_SETTINGS, FLUIDS, (c) =>
      c === "methanol" ? 0.9 : null,
    );
    expect(cost.chemicals).toBeCloseTo(10 * 0.9598 * 0.9, 1);
    expect(cost.energy).toBeCloseTo(5 * 0.3, 9);
    expect(cost.disposal).toBeCloseTo(8 * 0.3, 6);
    expect(cost.work).toBeCloseTo(20, 9);
    expect(cost.perLitre).toBeCloseTo(cost.total / 50, 9);
    // Twelve litres of methanol at 0.90, lye nobody has a price of.
    expect(expectedCost.chemicals).toBeCloseTo(60 * 0.2 * 0.9, 0);
    expect(expectedCost.work).toBeCloseTo(0.6 * 6.8 * 10, 9);
    expect(expectedCost.perLitre).toBeCloseTo(expectedCost.total / (lines.at(-1)?.expectedLitres ?? 0), 6);
    expect(seenYield).toBeCloseTo(50 / recipe.oilLitres, 9);
    expect(lines.find((l) => l.phase === "glycerol")?.seenLitres).toBeCloseTo(8, 6);
  });
});
