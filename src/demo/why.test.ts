import { describe, expect, it } from "vitest";
import { calculate } from "@/core/calculations";
import { clearanceOf } from "@/core/clearance";
import { purgeResidual } from "@/core/driving";
import { type Draft, loopOf, project } from "@/core/ledger";
import { mixOf, settlingQuestion } from "@/core/readings";
import { viewYard } from "@/core/view";
import { demoYard } from "./demoYard";

const NOW = Date.parse("2026-11-24T13:32:00.000Z");
const now = new Date(NOW).toISOString();
const entries = demoYard(NOW);
const yard = project(entries);
const view = viewYard(yard, now);

describe("drawing, answer and Why agree on the demo yard", () => {
  const settling = view.vessels.filter((v) => v.settling);
  it("has vessels that settle", () => expect(settling.length).toBeGreaterThan(3));
  it.each(settling.map((v) => [v.vessel.name, v] as const))("%s is ready when its drawing says", (_, v) => {
    const asked = settlingQuestion(yard, v.vessel.id, now);
    if (!asked || !v.settling) throw new Error("asks nothing");
    const why = calculate("settle-forecast", asked);
    if (!why.ok) throw new Error(JSON.stringify(why.error));
    const close = (got: number | null, want: number | null): void => {
      if (want === null) expect(got).toBeNull();
      else expect((got ?? Number.NaN) / want).toBeCloseTo(1, 6);
    };
    close(why.value.readyHours, v.settling.readyHours);
    close(why.value.earliestHours, v.settling.earliestHours);
    close(why.value.latestHours, v.settling.latestHours);
    expect(why.value.slowest).toBe(v.settling.slowest);
    expect(asked.drawOffMm).toBeCloseTo(v.settling.drawOffMm, 9);
    for (const [i, front] of v.settling.fronts.entries())
      expect(why.value.fronts[i]?.clearedAboveMm).toBeCloseTo(front.clearedAboveMm, 3);
  });
  it("a tank too thick tonight is too thick by the blend's own calculation", () => {
    const tooThick = view.advice.find((a) => a.code === "too-thick");
    if (tooThick?.code !== "too-thick") throw new Error("no tank is too thick");
    const tank = view.vessels.find((v) => v.vessel.id === tooThick.vessel);
    const parts = tank ? mixOf(tank.components, tank.thickness, view.fluids) : [];
    const blend = calculate("blend", {
      parts: parts.map((p) => ({ fluid: p.fluid.id, litres: p.litres, usedFactor: p.usedFactor })),
      celsius: tooThick.celsius,
    });
    expect(blend.ok && blend.value.nuMm2PerS).toBeCloseTo(tooThick.nuMm2PerS, 6);
  });
  it("a vehicle's purge is the calculation's", () => {
    const dual = view.vehicles.flatMap((v) => (v.vehicle.kind === "dual" ? [v.vehicle] : []))[0];
    if (!dual) throw new Error("no dual tank");
    const { line } = loopOf(dual);
    if (!line) throw new Error("nothing to purge");
    const purge = calculate("purge", {
      litresPerMinute: line.litresPerMinute,
      lineLitres: line.lineLitres,
      tanksInSeries: line.tanksInSeries,
      minutes: 6,
    });
    expect(purge.ok && purge.value.residual).toBeCloseTo(purgeResidual(line, 6), 12);
  });
});

it("the demo yard did nothing that the interlocks would not have offered", () => {
  const refused = entries.flatMap((e, i) =>
    clearanceOf(project(entries.slice(0, i)), e as Draft, e.happenedAt).refusals.map((r) => `${e.kind} ${r.code}`),
  );
  expect(refused).toEqual([]);
});
