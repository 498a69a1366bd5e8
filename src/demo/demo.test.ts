import { describe, expect, it } from "vitest";
import { readYardFile, writeYardFile } from "@/core/formats";
import { balance, project, SourceId } from "@/core/ledger";
import { viewYard } from "@/core/view";
import { bigYard } from "./bigYard";
import { demoYard } from "./demoYard";

const NOW = Date.parse("2026-11-24T13:32:00Z");
const nowIso = new Date(NOW).toISOString();

describe("the demo yard", () => {
  const entries = demoYard(NOW);
  const yard = project(entries);
  const view = viewYard(yard, nowIso);
  const codes = view.advice.map((a) => a.code);

  it("is the same yard every time, and moves with the clock", () => {
    expect(demoYard(NOW)).toEqual(entries);
    const later = demoYard(NOW + 86_400_000);
    expect(later.length).toBeGreaterThan(900);
    expect(Date.parse(later.at(-1)?.happenedAt ?? "")).toBeGreaterThan(NOW);
    expect(demoYard(NOW, 7)).not.toEqual(entries);
  });
  it("adds up, has eleven months, and nothing in the future", () => {
    expect(yard.faults).toEqual([]);
    expect(balance(yard).closes).toBe(true);
    const months = (NOW - Date.parse(entries[0]?.happenedAt ?? "")) / (30.4 * 86_400_000);
    expect(months).toBeGreaterThan(10.5);
    expect(entries.every((e) => e.happenedAt <= nowIso)).toBe(true);
  });
  it("is a file that restores", () => {
    expect(readYardFile(writeYardFile(entries, nowIso))).toMatchObject({ ok: true });
  });
  it("fits its vessels", () => {
    for (const v of view.vessels) expect(v.litres, v.vessel.name).toBeLessThanOrEqual(v.capacityLitres * 1.01);
  });
  it("has its stories to find: a full cone, a choked bag, oil in the diesel, a creamy lot, engine oil kept apart", () => {
    expect(codes).toEqual(
      expect.arrayContaining([
        "clean-out",
        "slow-bag",
        "diesel-tainted",
        "hold-apart",
        "draw-off",
        "too-thick",
        "filter",
        "let-stand",
      ]),
    );
    expect(view.advice.filter((a) => a.code === "hold-apart").map((a) => a.vessel)).toEqual(["black-tin"]);
    // Creamy, and too little clears above it: it settles again with the other heels.
    expect(view.advice).toContainEqual(
      expect.objectContaining({ code: "pool-heel", vessel: "carton-4", into: "heel-tub" }),
    );
  });
  it("has a drum that is ready now and one that clears later", () => {
    const draws = view.advice.filter((a) => a.code === "draw-off");
    expect(draws.map((a) => [a.vessel, a.dueAt <= nowIso])).toEqual([
      ["drum-3", true],
      ["drum-5", false],
    ]);
  });
  it("has a source in every state: full, fresh, paid for, paying, closed now, with a bad lot, refused once", () => {
    const of = (id: string) => view.sources.find((s) => s.source.id === id);
    expect(of("beacon")?.waiting.now.mean).toBe(of("beacon")?.waiting.containerLitres);
    expect(of("puffin")?.source).toEqual({ id: "puffin", name: "Puffin kiosk", container: "20 L carton" });
    expect(of("ropewalk")?.paid).toBeGreaterThan(10);
    expect(of("lighthouse")?.paid).toBeLessThan(0);
    expect(of("harbour")?.badLots.length).toBeGreaterThanOrEqual(2);
    expect(
      [...(yard.sources.get(SourceId.parse("harbour"))?.visits ?? [])].filter((v) => v.outcome === "refused"),
    ).toHaveLength(1);
    expect(of("gannet")?.roundKm).toBeGreaterThan(50);
    expect(of("slip")?.worth).toBeNull();
    const known = view.sources.filter((s) => s.worth !== null);
    expect(known.length).toBeGreaterThanOrEqual(5);
    for (const { worth } of known)
      expect((worth?.usableShare ?? 0) + (worth?.sludgeShare ?? 0) + (worth?.fatShare ?? 0)).toBeCloseTo(1, 9);
    expect(of("harbour")?.worth?.fatShare).toBe(Math.max(...known.map((s) => s.worth?.fatShare ?? 0)));
    expect(view.places[0]?.range?.km).toBeGreaterThan(100);
  });
  it.each([0, 1, 2, 3, 5, 8, 13, 40, 100, 200])("adds up when opened %i days later", (days) => {
    const then = NOW + days * 86_400_000 + days * 3_600_000;
    expect(project(demoYard(then)).faults).toEqual([]);
  });
});

describe("a made-up yard of any size", () => {
  it.each([
    [1000, 1],
    [1000, 2],
    [5000, 3],
  ])("%i entries from seed %i: exactly so many, and they add up", (count, seed) => {
    const entries = bigYard(count, seed, NOW);
    const yard = project(entries);
    expect(entries).toHaveLength(count);
    expect(yard.faults).toEqual([]);
    expect(balance(yard).closes).toBe(true);
    expect(bigYard(count, seed, NOW)).toEqual(entries);
    expect(new Set(entries.map((e) => e.kind)).size).toBeGreaterThan(12);
  });
});
