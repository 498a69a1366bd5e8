import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  appendEntries,
  buildTimeline,
  ENTRY_KINDS,
  type Entry,
  EntryId,
  offerEntry,
  project,
  type Timeline,
  yardAt,
} from "../ledger";
import { arbitraryDraft } from "../ledger/arbitrary.testing";
import { drum, entry, fullEntries, iso, move, pickup, vid } from "../ledger/testing";
import { pastOf, ReadingMemo, settleBench, settlingQuestion } from "../readings";
import { applyChange, changeOf, viewYard } from ".";

const NOW = iso(20_000);

describe("after any entry that the ledger takes", () => {
  it("the view, and every bench of it, is there and holds no hole", () => {
    const start = buildTimeline(fullEntries());
    const drafts = fc.array(fc.constantFrom(...ENTRY_KINDS).chain(arbitraryDraft), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(drafts, (all) => {
        let t: Timeline = { ...start, byId: new Map(start.byId) };
        for (const [i, draft] of all.entries()) {
          const offered = offerEntry(t, entry(`n${i}`, 5000 + i, draft), NOW);
          if (offered.ok) t = offered.value;
        }
        const view = viewYard(t.head, NOW);
        expect(JSON.stringify(view)).not.toMatch(/NaN/);
        for (const v of view.vessels) {
          settleBench(t.head, v.vessel.id, NOW);
          settlingQuestion(t.head, v.vessel.id, NOW);
          expect(pastOf(t.head, v.vessel.id)).not.toBeNull();
        }
      }),
      { numRuns: 150 },
    );
  });
});

describe("a vessel whose rim lies above its own shape", () => {
  const lying = { kind: "lying-cylinder", diameterMm: 400, lengthMm: 600 } as const;
  const broken = { ...drum("A"), shape: lying, rimMm: 850 };
  it("is refused", () => {
    const offered = offerEntry(buildTimeline([]), entry("1", 0, { kind: "vessel", data: broken }), NOW);
    expect(offered).toMatchObject({ ok: false, error: { code: "rim-above-shape", mostMm: 400 } });
  });
  it("that is in an old book stands broken, keeps its oil, and the rest of the yard stands with it", () => {
    const book = fullEntries().map((e) => (e.id === "02" ? { ...e, data: broken } : e)) as Entry[];
    const yard = project([...book, entry("90", 3000, { kind: "dip", data: { vessel: vid("A"), clearMm: 100 } })]);
    const view = viewYard(yard, NOW);
    expect(view.vessels.find((v) => v.vessel.id === "A")).toMatchObject({ broken: true, litres: 120, layers: [] });
    expect(view.vessels.filter((v) => !v.broken)).toHaveLength(5);
    expect(view.faults).toMatchObject([{ code: "rim-above-shape", vessel: "A" }]);
    expect(view.advice[0]).toMatchObject({ code: "broken", vessel: "A" });
    const mended = project([...book, entry("91", 3000, { kind: "vessel", data: { ...broken, rimMm: 390 } })]);
    expect(viewYard(mended, NOW).vessels[0]).toMatchObject({ broken: false, litres: 120 });
  });
});

describe("a view that costs what changed", () => {
  const write = (i: number, minute: number, draft: Parameters<typeof entry>[2]): Entry => entry(`w${i}`, minute, draft);
  const story: Entry[] = [
    write(0, 5000, move("A", "B", 20)),
    write(1, 6000, { kind: "dip", data: { vessel: vid("A"), clearMm: 300, fatMm: 30 } }),
    write(2, 7000, { kind: "weather", data: { shedCelsius: 4 } }),
    write(3, 8000, { kind: "jar", data: { vessel: vid("A"), step: 2, atMm: 200 } }),
    write(4, 9000, pickup("A", 10)),
    write(5, 9500, { kind: "source", data: { id: "kitchen" as never, name: "Plover", container: "pail" } }),
    write(6, 9900, { kind: "settings", data: { marginMm: 60 } }),
    write(7, 9950, { kind: "vessel", data: { ...drum("D"), name: "New" } }),
    write(8, 9960, { kind: "void", data: { entry: EntryId.parse("w4"), reason: "slip" } }),
  ];
  it("remembers nothing wrong: with a memo and without it is the same view, entry by entry", () => {
    let t = buildTimeline(fullEntries());
    const memo = new ReadingMemo();
    for (const [i, e] of story.entries()) {
      t = appendEntries(t, [e]);
      const now = iso(10_000 + 3 * i);
      expect(viewYard(yardAt(t, now), now, memo)).toEqual(viewYard(yardAt(t, now), now));
    }
  });
  it("hands over only what is new, and that leads to the whole view", () => {
    let t = buildTimeline(fullEntries());
    const memo = new ReadingMemo();
    let given = viewYard(t.head, iso(9990), memo);
    let held = applyChange(null, null, changeOf(null, given, null, 1));
    for (const [i, e] of story.entries()) {
      t = appendEntries(t, [e]);
      const next = viewYard(t.head, iso(9990), memo);
      const change = changeOf(given, next, i + 1, i + 2);
      held = applyChange(held, i + 1, structuredClone(change));
      expect(held).toEqual(next);
      given = next;
    }
    expect(applyChange(held, 99, changeOf(given, given, 3, 4))).toBeNull();
  });
  it("of another day knows what came later by its name, and shows none of it", () => {
    const t = appendEntries(buildTimeline(fullEntries()), [
      write(7, 9950, { kind: "vessel", data: { ...drum("D"), name: "New" } }),
    ]);
    const before = viewYard(yardAt(t, iso(5000)), iso(5000), new ReadingMemo(), t.head);
    expect(before.vessels.map((v) => v.vessel.id)).not.toContain("D");
    expect(before.names.D).toBe("New");
    expect(before.names.kitchen).toBe("Ropewalk canteen");
  });
  it("leaves out what is retired, unless it holds oil, and keeps its name", () => {
    const gone = (id: string, minute: number): Entry =>
      entry(`g${id}`, minute, { kind: "retire", data: { what: { kind: "vessel", id: vid(id) } } });
    const t = appendEntries(buildTimeline(fullEntries()), [
      entry("spare", 4000, { kind: "vessel", data: drum("spare", "kettle") }),
      gone("spare", 5000),
    ]);
    const view = viewYard(t.head, NOW);
    expect(view.vessels.map((v) => v.vessel.id)).not.toContain("spare");
    expect(view.retired).toEqual([{ kind: "vessel", id: "spare", at: iso(5000) }]);
    expect(view.names.spare).toBe("spare");
    const again = appendEntries(t, [write(9, 6000, move("A", "spare", 5))]);
    expect(viewYard(again.head, NOW).vessels.map((v) => v.vessel.id)).toContain("spare");
  });
  it("a pour changes its two vessels, and reads no other anew", () => {
    const t = buildTimeline(fullEntries());
    const memo = new ReadingMemo();
    const before = viewYard(t.head, iso(9990), memo);
    const after = viewYard(appendEntries(t, [write(0, 5000, move("A", "B", 20))]).head, iso(9990), memo);
    const kept = after.vessels.filter((v) => before.vessels.includes(v)).map((v) => v.vessel.id);
    expect(kept).toEqual(["C", "kettle", "tank", "settler"]);
    expect(changeOf(before, after, 1, 2).lists.vessels?.changed.map((v) => v.vessel.id)).toEqual(["A", "B"]);
  });
});
