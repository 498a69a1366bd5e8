import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS, type Draft, type Entry, project, type VesselRole } from "../../ledger";
import { drum, entry, iso, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { settleBench } from "../settle/settleBench";
import { gumsOf } from "./gums";

const HOUR = 60;
const vessel = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const buy = (fluid: "canola" | "diesel" | "petrol", litres: number): Draft => ({
  kind: "purchase",
  data: { to: vid("can"), fluid, amount: { litres } },
});
const viewAt = (minute: number, drafts: readonly (readonly [number, Draft])[]) => {
  const all: (readonly [number, Draft])[] = [[0, vessel("can", "blend")], [0, vessel("slops", "waste")], ...drafts];
  const entries = all.map(([at, d], i): Entry => entry(String(i).padStart(3, "0"), at, d));
  const view = viewYard(project(entries), iso(minute));
  const can = view.vessels.find((v) => v.vessel.id === "can");
  if (!can) throw new Error("no can");
  return { view, can };
};

describe("a blend settles as a drum does", () => {
  const petrol = [
    [1, buy("petrol", 40)],
    [2, buy("canola", 80)],
  ] as const;
  it("with its own thinness: gums by their own clock, and water within hours", () => {
    const { can } = viewAt(2 + 6 * HOUR, petrol);
    expect(can.settling).toMatchObject({ slowest: "gums", readyHours: 24, ready: false });
    const water = can.settling?.fronts.find((f) => f.name.startsWith("water"));
    expect(water?.clearHours).toBeLessThan(24);
    const gums = can.settling?.fronts.find((f) => f.name === "gums");
    // Told to ten minutes.
    expect(gums?.hanging).toBeCloseTo(10 ** (-6 / 24), 1);
    expect(can.settling?.earliestAt && can.settling.earliestAt < (can.settling.latestAt ?? "")).toBe(true);
    expect(viewAt(2 + 25 * HOUR, petrol).can.settling?.ready).toBe(true);
  });
  it("is drawn on its bench as it clears, and offered no way but to wait", () => {
    const drafts = [[0, vessel("can", "blend")], ...petrol] as const;
    const yard = project(drafts.map(([at, d], i): Entry => entry(String(i).padStart(3, "0"), at, d)));
    const bench = settleBench(yard, vid("can"), iso(2 + 6 * HOUR));
    const at = (hours: number): number => bench?.asItIs.clarity[Math.round(hours / (bench?.stepHours ?? 1))] ?? 0;
    expect(at(6)).toBeLessThan(0.6);
    expect(at(48)).toBe(1);
    expect(bench?.asItIs.readyAt).toBe(iso(2 + 24 * HOUR));
    expect(bench?.ways.filter((w) => w.possible).map((w) => w.way)).toEqual(["wait"]);
  });
  it("and one of diesel clears of water sooner than the oil alone would", () => {
    const straight = viewAt(10, [[1, buy("canola", 120)]]).can.settling?.readyHours ?? 0;
    const thinned = viewAt(10, [
      [1, buy("diesel", 40)],
      [2, buy("canola", 80)],
    ]).can.settling?.readyHours;
    expect(thinned).toBeLessThan(straight);
  });
  it("but bought fuel in it does not", () => {
    expect(viewAt(10, [[1, buy("petrol", 40)]]).can).toMatchObject({ settling: null, petrol: null });
  });
  it("says when it may be drained, and Next up does too", () => {
    const { view, can } = viewAt(2 + 30 * HOUR, petrol);
    expect(can.petrol).toMatchObject({ hasStood: true, drained: false, clear: false, standsUntil: iso(2 + 24 * HOUR) });
    expect(view.advice.find((a) => a.code === "drain-blend")).toMatchObject({ vessel: "can", expectedLitres: null });
    const drained = viewAt(2 + 31 * HOUR, [
      ...petrol,
      [
        2 + 30 * HOUR,
        { kind: "move", data: { from: vid("can"), to: vid("slops"), amount: { litres: 3 }, layer: "bottom" } },
      ],
    ]);
    expect(drained.view.advice.map((a) => a.code)).toContain("jar-blend");
    // 3 of 120 L after 30 h, with τ = 24 h / ln 10.
    expect(drained.view.gums.fullShare).toBeCloseTo(3 / 120 / (1 - 10 ** (-30 / 24)), 9);
  });
});

describe("what one's own batches say of the next", () => {
  const batch = (drainedLitres: number, hours: number) => ({
    vessel: vid("can"),
    since: iso(0),
    litres: 100,
    drainedLitres,
    hours,
  });
  const gums = (...gumBatches: ReturnType<typeof batch>[]) =>
    gumsOf({ gumBatches, settings: { ...DEFAULT_SETTINGS, petrolStandHours: 24 } });
  it("is nothing without any, and nothing from what was drained within the hour", () => {
    expect(gums()).toMatchObject({ fullShare: null, batches: 0 });
    expect(gums(batch(2, 0.5))).toMatchObject({ fullShare: null, batches: 0 });
  });
  it("lies between batches that dropped more and less", () => {
    const { fullShare, batches, tauHours } = gums(batch(2, 240), batch(4, 240));
    expect(fullShare).toBeCloseTo(0.03, 6);
    expect(batches).toBe(2);
    expect(tauHours).toBeCloseTo(24 / Math.LN10, 12);
  });
});
