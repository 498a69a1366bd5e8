import { describe, expect, it } from "vitest";
import type { Draft, Entry } from "./entry";
import type { LedgerError } from "./errors";
import { offerEntry } from "./guard";
import { drum, entry, iso, move, pickup, start, vid } from "./testing";
import { buildTimeline, type Timeline } from "./timeline";

const NOW = iso(10_000);
const yard = (): Timeline => buildTimeline(start());

function refuse(t: Timeline, raw: unknown): LedgerError {
  const before = { count: t.byId.size, litres: [...t.head.vessels.values()].map((v) => v.contents.total) };
  const offered = offerEntry(t, raw, NOW);
  if (offered.ok) throw new Error("was taken");
  expect({ count: t.byId.size, litres: [...t.head.vessels.values()].map((v) => v.contents.total) }).toEqual(before);
  return offered.error;
}

function take(t: Timeline, e: Entry): Timeline {
  const offered = offerEntry(t, e, NOW);
  if (!offered.ok) throw new Error(JSON.stringify(offered.error));
  return offered.value;
}

const litres = (t: Timeline, id: string): number | undefined => t.head.vessels.get(vid(id))?.contents.total;
const voids = (target: string): Draft => ({ kind: "void", data: { entry: target as never, reason: "slip" } });

describe("refuses, with nothing written", () => {
  it("an overdraw, and says by how much", () => {
    expect(refuse(yard(), entry("05", 20, move("A", "B", 130)))).toEqual({
      code: "overdrawn",
      vessel: "A",
      shortLitres: 30,
      entry: "05",
    });
  });
  it("a negative or missing amount", () => {
    expect(refuse(yard(), entry("05", 20, move("A", "B", -3)))).toMatchObject({ code: "invalid" });
    expect(refuse(yard(), entry("05", 20, move("A", "B", Number.NaN)))).toMatchObject({ code: "invalid" });
  });
  it("an unknown vessel, source, bag or vehicle", () => {
    expect(refuse(yard(), entry("05", 20, move("A", "Z", 1)))).toMatchObject({ code: "unknown-vessel", vessel: "Z" });
    const from = { ...pickup("A", 5), data: { ...pickup("A", 5).data, source: "nobody" } } as Draft;
    expect(refuse(yard(), entry("05", 20, from))).toMatchObject({ code: "unknown-source" });
    const service: Draft = { kind: "bag-service", data: { bag: "no" as never, what: "washed" } };
    expect(refuse(yard(), entry("05", 20, service))).toMatchObject({ code: "unknown-bag" });
    const fill: Draft = {
      kind: "fill",
      data: { vehicle: "no" as never, from: vid("A"), to: vid("B"), amount: { all: true } },
    };
    expect(refuse(yard(), entry("05", 20, fill))).toMatchObject({ code: "unknown-vehicle" });
  });
  it("something that has not happened yet", () => {
    expect(refuse(yard(), entry("05", 10_030, move("A", "B", 1)))).toMatchObject({ code: "future" });
  });
  it("an id that is already there", () => {
    expect(refuse(yard(), entry("04", 20, move("A", "B", 1)))).toEqual({ code: "duplicate-id", id: "04" });
  });
  it("more than a vessel holds", () => {
    expect(refuse(yard(), entry("05", 20, pickup("A", 150)))).toMatchObject({ code: "overfilled", vessel: "A" });
  });
  it("a vessel poured into itself, and an empty one poured out", () => {
    expect(refuse(yard(), entry("05", 20, move("A", "A", 1)))).toMatchObject({ code: "same-vessel" });
    expect(refuse(yard(), entry("05", 20, move("B", "A", 1)))).toMatchObject({ code: "empty", vessel: "B" });
  });
  it("a void of what is not there, or is void already", () => {
    expect(refuse(yard(), entry("05", 20, voids("99")))).toMatchObject({ code: "unknown-entry" });
    const t = take(yard(), entry("05", 20, voids("04"), 20));
    expect(refuse(t, entry("06", 21, voids("04"), 21))).toMatchObject({ code: "already-void" });
  });
  it("a void that would leave a later entry short, naming that entry", () => {
    const t = take(yard(), entry("05", 20, move("A", "B", 60)));
    expect(refuse(t, entry("06", 30, voids("04"), 30))).toMatchObject({ code: "empty", entry: "05" });
  });
  it("a backdated entry that would leave a later one short", () => {
    const t = take(yard(), entry("05", 20, move("A", "B", 60)));
    const backdated = entry("06", 15, move("A", "B", 50), 40);
    expect(refuse(t, backdated)).toMatchObject({ code: "overdrawn", entry: "05", shortLitres: 10 });
  });
  it("an entry of a newer version or with a field it does not know", () => {
    expect(refuse(yard(), { ...entry("05", 20, move("A", "B", 1)), v: 9 })).toMatchObject({ code: "newer-entry" });
    expect(refuse(yard(), { ...entry("05", 20, move("A", "B", 1)), extra: 1 })).toMatchObject({ code: "invalid" });
    expect(refuse(yard(), null)).toMatchObject({ code: "invalid" });
  });
});

describe("void, correct, undo", () => {
  it("a void recomputes everything after it", () => {
    let t = take(yard(), entry("05", 20, pickup("A", 20)));
    t = take(t, entry("06", 30, move("A", "B", 60)));
    t = take(t, entry("07", 40, voids("05"), 40));
    expect(litres(t, "A")).toBeCloseTo(40, 9);
  });
  it("a void of a void brings the entry back", () => {
    let t = take(yard(), entry("05", 20, move("A", "B", 60)));
    t = take(t, entry("06", 30, voids("05"), 30));
    expect(litres(t, "B")).toBe(0);
    t = take(t, entry("07", 40, voids("06"), 40));
    expect(litres(t, "B")).toBeCloseTo(60, 9);
  });
  it("a correction stands instead of its entry, at its own time", () => {
    let t = take(yard(), entry("05", 20, move("A", "B", 60)));
    t = take(t, entry("06", 20, { ...move("A", "B", 45), replaces: "05" as never }, 50));
    expect(litres(t, "B")).toBeCloseTo(45, 9);
    t = take(t, entry("07", 60, voids("06"), 60));
    expect(litres(t, "B")).toBeCloseTo(60, 9);
  });
  it("of two corrections from two devices the later written one stands", () => {
    const both = [
      ...start(),
      entry("05", 20, move("A", "B", 60)),
      entry("06", 20, { ...move("A", "B", 45), replaces: "05" as never }, 50),
      entry("07", 20, { ...move("A", "B", 30), replaces: "05" as never }, 51),
    ];
    expect(litres(buildTimeline(both), "B")).toBeCloseTo(30, 9);
  });
});

it("takes a wider vessel after the fact", () => {
  const t = take(yard(), entry("05", 20, { kind: "vessel", data: { ...drum("A"), rimMm: 1200 } }));
  expect(take(t, entry("06", 21, pickup("A", 150))).head.faults).toEqual([]);
});
