import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { balance, buildTimeline, DEFAULT_SETTINGS, type Draft, offerEntries } from "@/core/ledger";
import { MS_PER_DAY } from "@/core/units";
import { viewYard } from "@/core/view";
import { unitsOf } from "@/ui/words";
import { PRESETS } from "../presets";
import { draftsOf, freshRow, type Row, readRow } from "./rows";
import { NOTHING, SINCE, type SinceId, WHATS, type WhatId } from "./whats";

const NOW = "2026-11-26T09:30:00.000Z";

const nothing = viewYard(buildTimeline([]).head, NOW);
const LITRES = unitsOf(DEFAULT_SETTINGS);
const GALLONS = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", lengthUnit: "in" });
const row = (more: Partial<Row> = {}): Row => ({ ...freshRow("1"), ...more });

function taken(drafts: readonly Draft[]) {
  const entries = drafts.map((d, i) => ({
    ...{ id: `e${String(i).padStart(4, "0")}`, v: 1, recordedAt: NOW, device: "test", happenedAt: NOW, counter: i + 1 },
    ...d,
  }));
  return offerEntries(buildTimeline([]), entries, NOW);
}
function book(rows: readonly Row[], units = LITRES, view = nothing) {
  let n = 0;
  const drafts = draftsOf(rows, view, NOW, units, () => `id-${n++}`);
  const offered = taken(drafts);
  if (!offered.ok) throw new Error(JSON.stringify(offered.error));
  return { drafts, yard: offered.value.head, view: viewYard(offered.value.head, NOW) };
}

describe("what stood there already", () => {
  const anyRow: fc.Arbitrary<Row> = fc.record({
    key: fc.constant("1"),
    preset: fc.constantFrom(...PRESETS.map((p) => p.key)),
    count: fc.constantFrom("1", "2", "5"),
    holds: fc.constantFrom(null, "30", "200"),
    litres: fc.constantFrom(null, "3", "12,5"),
    what: fc.constantFrom<WhatId>(...(Object.keys(WHATS) as WhatId[]), NOTHING),
    since: fc.constantFrom(...(Object.keys(SINCE) as SinceId[])),
    day: fc.constantFrom("2026-11-05T14:30", "2025-01-01T00:00"),
    from: fc.constantFrom("", "Ropewalk canteen", " ropewalk CANTEEN ", "Gannet hostel"),
  });
  it("whatever stands there, the ledger takes all of it at once, it adds up, and every container is its own", () => {
    fc.assert(
      fc.property(fc.array(anyRow, { minLength: 1, maxLength: 6 }), fc.constantFrom(LITRES, GALLONS), (rows, units) => {
        fc.pre(rows.every((r) => Object.keys(readRow(r, NOW, units).errors).length === 0));
        const { yard } = book(rows, units);
        const wanted = rows.map((r) => readRow(r, NOW, units));
        const litres = wanted.reduce((sum, r, i) => sum + (rows[i]?.what === NOTHING ? 0 : r.count * r.litres), 0);
        expect(yard.faults).toEqual([]);
        expect(balance(yard)).toMatchObject({ closes: true });
        expect(balance(yard).standing).toBeCloseTo(litres, 6);
        expect(yard.vessels.size).toBe(wanted.reduce((sum, r) => sum + r.count, 0));
        expect(new Set([...yard.vessels.values()].map((v) => v.vessel.name)).size).toBe(yard.vessels.size);
        expect(yard.sources.size).toBeLessThanOrEqual(2);
      }),
      { numRuns: 120 },
    );
  });
  it("stands since then, of whom is known, and clears as if it had been written down that day", () => {
    const { yard, view } = book([row({ since: "fortnight", from: "Ropewalk canteen", litres: "150" })]);
    const [drum] = [...yard.vessels.values()];
    expect(drum?.stirredAt).toBe(new Date(Date.parse(NOW) - 14 * MS_PER_DAY).toISOString());
    expect([...yard.sources.values()]).toMatchObject([{ pickups: 1, litres: 150, knownSince: drum?.stirredAt }]);
    expect(view.vessels[0]).toMatchObject({ litres: 150, station: "settle" });
    expect(view.vessels[0]?.settling?.fronts.some((f) => f.clearedAboveMm < (view.vessels[0]?.surfaceMm ?? 0))).toBe(
      true,
    );
  });
  it("is booked to the minute, by a day that one knows", () => {
    const { drafts } = book([row({ since: "day", day: "2026-11-05T14:30" })]);
    expect(drafts.at(-1)?.happenedAt).toBe(new Date("2026-11-05T14:30").toISOString());
  });
  it("ready oil has been through its bag, a tank is a tank, engine oil stands apart", () => {
    const { yard } = book([
      row({ what: "ready" }),
      row({ preset: "tank", what: "diesel" }),
      row({ preset: "jerrycan", what: "engine" }),
    ]);
    expect([...yard.vessels.values()]).toMatchObject([
      { vessel: { role: "ready" }, quality: { filteredUm: 5 } },
      { vessel: { role: "tank", look: "tank" } },
      { vessel: { role: "raw", apart: true } },
    ]);
  });
  it("gallons are gallons, and what nobody touched is what it was opened with", () => {
    expect(readRow(row({ litres: "40" }), NOW, GALLONS).litres).toBeCloseTo(151.416, 3);
    expect(readRow(row(), NOW, GALLONS)).toEqual(readRow(row(), NOW, LITRES));
  });
  it.each([
    [{ count: "two" }, { count: "“two” is not a number." }],
    [{ count: "0" }, { count: "A whole number, 1 to 100." }],
    [{ litres: "400" }, { litres: "It holds no more than 218 L." }],
    [{ holds: "-3" }, { holds: "More than nothing." }],
    [{ since: "day" as const }, { day: "Say the day and the time." }],
    [
      { since: "day" as const, day: "123456-01-01T10:00" },
      { day: "The year is 123456: it has four digits, from 1900 on." },
    ],
    [{ since: "day" as const, day: "2027-01-01T10:00" }, { day: "That has not come yet." }],
  ])("%j is said at its field", (more, errors) => {
    expect(readRow(row(more), NOW, LITRES).errors).toMatchObject(errors);
  });
  it("in a yard that has something already, names go on and a known kitchen is the same one", () => {
    const { view } = book([row({ from: "Gannet hostel" })]);
    let n = 100;
    const drafts = draftsOf([row({ from: "gannet hostel" })], view, NOW, LITRES, () => `id-${n++}`);
    expect(drafts.map((d) => d.kind)).toEqual(["vessel", "pickup"]);
    expect(drafts[0]).toMatchObject({ data: { name: "Drum 2" } });
  });
});
