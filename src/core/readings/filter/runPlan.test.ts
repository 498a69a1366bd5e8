import { describe, expect, it } from "vitest";
import { type Bag, type Draft, project } from "../../ledger";
import { drum, entry, iso, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { planRun, type RunAsked } from "./runPlan";

const bag = (id: string, over: Partial<Bag> = {}): Draft => ({
  kind: "bag",
  data: { id: id as never, name: id, ratingUm: Number(id), areaM2: 0.25, ...over },
});
const drafts: Draft[] = [
  { kind: "vessel", data: drum("feed", "feed") },
  { kind: "vessel", data: drum("ready", "ready") },
  bag("200"),
  bag("5", { holdsLitres: 0.4 }),
  {
    kind: "opening",
    data: { to: vid("feed"), fluid: "canola", amount: { litres: 120 }, muck: { sludge: 0.002, "fryer-fat": 0.001 } },
  },
];
const seen = (...more: Draft[]) => {
  const view = viewYard(project([...drafts, ...more].map((d, i) => entry(`e${10 + i}`, i, d))), iso(200));
  const from = view.vessels.find((v) => v.vessel.id === "feed");
  if (!from) throw new Error("no feed");
  const asked: RunAsked = {
    from,
    elements: view.lines[0]?.elements ?? [],
    litres: 60,
    celsius: 15,
    way: "gravity",
    layer: "top",
    headMm: null,
    kPa: null,
    settings: view.settings,
    fluids: view.fluids,
  };
  return { view, asked };
};
const { asked } = seen();
const minutes = (over: Partial<RunAsked> = {}): number =>
  planRun({ ...asked, ...over })?.forecast.minutes ?? Number.NaN;

describe("a run before it is begun", () => {
  it("goes through the line coarse first until somebody says how it hangs", () => {
    expect(asked.elements.map((e) => e.bag.id)).toEqual(["200", "5"]);
    const said = seen({ kind: "line", data: { id: "l" as never, name: "Van", elements: ["5"] as never } });
    expect(said.view.lines.map((l) => [l.line.name, l.elements.length])).toEqual([["Van", 1]]);
  });
  it("takes longer cold, and longer still as its own head falls; less under pressure", () => {
    expect(minutes({ celsius: 2 })).toBeGreaterThan(minutes());
    expect(minutes({ headMm: 1000 })).toBeGreaterThan(minutes());
    expect(minutes({ headMm: 200 })).toBeNaN();
    expect(minutes({ way: "pump", kPa: 90 })).toBeLessThan(minutes() / 5);
  });
  it("takes longer still where the last bag hangs in what it fills, since that rises against it", () => {
    const inside = seen().view.vessels.find((v) => v.vessel.id === "ready");
    expect(minutes({ headMm: 1000, inside })).toBeGreaterThan(minutes({ headMm: 1000 }));
    expect(minutes({ headMm: 400, inside })).toBeNaN();
    expect(minutes({ headMm: 400 })).toBeGreaterThan(0);
  });
  it("draws its curve from nothing to its end, and ends where the forecast does", () => {
    const plan = planRun(asked);
    const curve = plan?.curve ?? [];
    expect(curve[0]).toEqual({ litres: 0, minutes: 0 });
    expect(curve.at(-1)?.minutes).toBeCloseTo(plan?.forecast.minutes ?? 0, 9);
    for (const [i, p] of curve.entries()) if (i > 0) expect(p.minutes).toBeGreaterThan(curve[i - 1]?.minutes ?? 0);
    expect(plan?.heldLitres).toBe(0.4);
  });
  it("says what else would do: warmer, larger and a step between 200 and 5 all help", () => {
    const instead = planRun(asked)?.instead ?? [];
    expect(instead.map((i) => i.change)).toEqual(["warmer", "larger", "without", "further"]);
    for (const i of instead.filter((x) => x.change !== "without")) expect(i.minutes ?? 1e9).toBeLessThan(minutes());
    expect(instead.find((i) => i.change === "without")?.leavesTimes ?? 0).toBeGreaterThan(3);
    expect(instead.at(-1)).toMatchObject({ ratingUm: 32, element: 1 });
  });
  it("catches what the book has in the feed, and no more than that", () => {
    const { stages, leftG } = planRun(asked)?.forecast ?? { stages: [], leftG: 0 };
    const caught = stages.reduce((sum, s) => sum + s.caughtG, 0);
    expect(caught + leftG).toBeCloseTo(60 * (0.002 * 1150 + 0.001 * 940), 0);
    expect(stages[1]?.caughtG ?? 0).toBeGreaterThan(stages[0]?.caughtG ?? 0);
  });
  it("comes with how far it may be off: a guess by ratings, a span once its own runs are known", () => {
    expect(planRun(asked)).toMatchObject({ slowest: 1, off: null });
    const timed = asked.elements.map((e) => ({ ...e, fit: { ...e.fit, runs: 9, scatter: 0.1 } }));
    expect(planRun({ ...asked, elements: timed })?.off).toBeCloseTo(0.2, 9);
  });
  it("is none without oil, bags or litres", () => {
    expect(planRun({ ...asked, litres: 0 })).toBeNull();
    expect(planRun({ ...asked, elements: [] })).toBeNull();
    expect(planRun({ ...asked, celsius: 900 })).toBeNull();
  });
});
