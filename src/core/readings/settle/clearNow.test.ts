import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Draft, project } from "../../ledger";
import { drum, entry, iso, kitchen, vid } from "../../ledger/testing";
import { viewYard } from "../../view";

const DAY = 24 * 60;
const filled: Draft[] = [
  { kind: "vessel", data: drum("A") },
  { kind: "vessel", data: drum("B", "feed") },
  { kind: "source", data: kitchen },
  {
    kind: "pickup",
    data: { source: kitchen.id, to: vid("A"), fluid: "canola", amount: { litres: 160 }, muck: { sludge: 0.01 } },
  },
];
const seen = (day: number, ...more: [minute: number, draft: Draft][]) => {
  const entries = [...filled.map((d, i) => entry(`0${i}`, 0, d)), ...more.map(([m, d], i) => entry(`1${i}`, m, d))];
  const v = viewYard(project(entries), iso(day * DAY)).vessels.find((x) => x.vessel.id === "A");
  if (!v?.settling) throw new Error("nothing settles");
  return { ...v, settling: v.settling };
};
const draw = (litres: number, suctionMm: number): Draft => ({
  kind: "draw-off",
  data: { from: vid("A"), to: vid("B"), amount: { litres }, suctionMm, suspendedShare: 0 },
});

describe("what is clear now", () => {
  it("grows day by day until all of it is, and is none at first", () => {
    expect(seen(0.01).settling.clearNow).toBeNull();
    let before = 0;
    for (const day of [4, 6, 8, 10]) {
      const { clearNow, readyAt } = seen(day).settling;
      if (readyAt !== null && readyAt <= iso(day * DAY)) break;
      expect(clearNow?.litres ?? 0).toBeGreaterThanOrEqual(before);
      before = clearNow?.litres ?? 0;
    }
    expect(before).toBeGreaterThan(20);
  });

  it("drawn, leaves the rest to clear as it would have: not a day sooner, and not from the start", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 9, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (day, part) => {
          const whole = seen(day);
          const now = whole.settling.clearNow;
          if (!now) return;
          const after = seen(day + 0.01, [day * DAY, draw(now.litres * part, now.aboveMm)]);
          const apart =
            (Date.parse(after.settling.readyAt ?? "") - Date.parse(whole.settling.readyAt ?? "")) / 3_600_000;
          // Within what the muck's own top moves by, as the book says how much stayed.
          expect(apart).toBeGreaterThan(-12);
          expect(apart).toBeLessThan(12);
        },
      ),
      { numRuns: 25 },
    );
  });

  it("is never drawn with the margin left out: a hose draws from below its end", () => {
    const { settling: s } = seen(8);
    const front = Math.max(...s.fronts.filter((f) => !f.floats).map((f) => f.clearedAboveMm));
    expect(s.clearNow?.aboveMm ?? 0).toBeGreaterThanOrEqual(Math.max(s.drawOffMm, front));
  });
});
