import { describe, expect, it } from "vitest";
import { FLUIDS } from "@/core/fluids";
import { buildTimeline, type VesselId } from "@/core/ledger";
import { type PastForecast, type SettleBench, settleBench } from "@/core/readings";
import { litresAtHeight } from "@/core/vessels";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import { planDraw, USUAL_PIPEWORK } from "./drawPlan";
import { heatVerdict } from "./heatVerdict";
import { recordWords } from "./recordWords";
import { alongRow, vesselAtStep } from "./track";

const NOW = "2026-11-24T13:32:00.000Z";
const yard = buildTimeline(demoYard(Date.parse(NOW))).head;
const view = viewYard(yard, NOW);
const vessel = (id: string) => {
  const v = view.vessels.find((x) => x.vessel.id === id);
  if (!v) throw new Error(`no ${id}`);
  return v;
};
const drum = vessel("drum-3");
const settling = drum.settling;
if (!settling) throw new Error("drum 3 does not settle");
const plan = (margin = 25, pipework = USUAL_PIPEWORK, room = 500, celsius = 11) => {
  const made = planDraw(drum, settling, margin, pipework, room, celsius, FLUIDS);
  if (!made) throw new Error("nothing to draw");
  return made;
};

describe("a draw, planned", () => {
  it("gives the litres that the yard's own view says, at the yard's own line", () => {
    expect(plan().litres).toBeCloseTo(settling.drawableLitres, 6);
    expect(plan().lineMm).toBeCloseTo(settling.drawOffMm, 9);
    expect(plan().litres + plan().heelLitres).toBeCloseTo(drum.litres, 9);
    expect(plan().schedule.litres).toBeCloseTo(plan().litres, 6);
  });
  it("a wider margin leaves more behind, a colder day takes longer", () => {
    expect(plan(60).litres).toBeLessThan(plan(25).litres);
    expect(plan(25, USUAL_PIPEWORK, 500, 2).schedule.seconds).toBeGreaterThan(plan().schedule.seconds);
    expect(planDraw(drum, settling, 2000, USUAL_PIPEWORK, 500, 11, FLUIDS)).toBeNull();
  });
  it("a hole above the line leaves what is under it; one in the muck is said to be too low", () => {
    const hole = { ...USUAL_PIPEWORK, way: "hole", holeMm: 200 } as const;
    expect(plan(25, hole).lineMm).toBe(200);
    expect(plan(25, hole).litres).toBeCloseTo(drum.litres - litresAtHeight(drum.vessel.shape, 200), 6);
    expect(plan(25, hole).holeTooLow).toBe(false);
    expect(plan(25, { ...hole, holeMm: 20 })).toMatchObject({ holeTooLow: true, lineMm: settling.drawOffMm });
    expect(plan(25, { ...hole, holeMm: null }).holeMm).toBeLessThan(settling.drawOffMm);
  });
  it("ends where the receiver is full", () => {
    expect(plan(25, USUAL_PIPEWORK, 40).end).toMatchObject({ because: "receiver", litres: 40 });
  });
});

describe("the time slider", () => {
  const bench = settleBench(yard, "drum-3" as VesselId, NOW);
  it("draws at now what stands now, and later what has fallen further", () => {
    if (!bench) throw new Error("no bench");
    const now = vesselAtStep(drum, bench.track, bench.nowStep);
    for (const [i, f] of (now.settling?.fronts ?? []).entries())
      expect(Math.abs(f.clearedAboveMm - (settling.fronts[i]?.clearedAboveMm ?? -1))).toBeLessThan(6);
    const first = vesselAtStep(drum, bench.track, 0);
    for (const f of first.settling?.fronts ?? []) expect(f.clearedAboveMm).toBeCloseTo(bench.track.surfaceMm, 6);
    expect(vesselAtStep(drum, undefined, 5)).toBe(drum);
  });
  it("is linear between steps and holds the ends", () => {
    expect(alongRow([0, 10, 30], 0.5)).toBe(5);
    expect(alongRow([0, 10, 30], 1.25)).toBe(15);
    expect(alongRow([0, 10, 30], 9)).toBe(30);
    expect(alongRow([4], -3)).toBe(4);
  });
});

describe("in words", () => {
  const bench = settleBench(yard, "drum-5" as VesselId, NOW) as SettleBench;
  const litres = (l: number): string => `${l.toFixed(2)} L`;
  it("a day of heat pays, or does not, and says for what", () => {
    const day = 86_400_000;
    const at = (days: number): string => new Date(Date.parse(NOW) + days * day).toISOString();
    const made = (asIs: string | null, heated: string | null): string =>
      heatVerdict(
        { ...bench, asItIs: { ...bench.asItIs, readyAt: asIs }, heated: { ...bench.heated, readyAt: heated } },
        litres,
      );
    expect(made(at(20), at(8))).toMatch(/^Warming it once saves 12 days for 2\.\d kWh, the energy in 0\.2\d L/);
    expect(made(at(8), at(20))).toMatch(/^Warming it does not pay/);
    expect(made(null, at(20))).toMatch(/left alone it never clears/);
    expect(made(at(8), null)).toMatch(/does not clear it at this cold/);
  });
  it("past forecasts are judged by how it came, where somebody looked", () => {
    const past = (more: Partial<PastForecast>): PastForecast => ({
      nameOf: "Drum 3",
      filledAt: "2026-10-01T00:00:00.000Z",
      forecastAt: "2026-10-20T00:00:00.000Z",
      earliestAt: null,
      latestAt: null,
      drawnAt: "2026-10-22T00:00:00.000Z",
      came: null,
      daysAfter: 2,
      ...more,
    });
    expect(recordWords([])).toMatch(/^Nothing has been drawn off yet/);
    expect(recordWords([past({}), past({ daysAfter: -4, drawnAt: "2026-10-16T00:00:00.000Z" })])).toMatch(
      /^The last 2 were drawn 1\.0 days before .*; 3\.0 days off it either way\. Say how it came/,
    );
    const looked = [
      past({ came: 1 }),
      past({ came: 4 }),
      past({ came: 1, daysAfter: -4, drawnAt: "2026-10-16T00:00:00.000Z" }),
    ];
    expect(recordWords(looked)).toMatch(/1 came as forecast, 1 cloudier, 1 clear sooner\.$/);
  });
});
