import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { balance } from "./balance";
import type { Draft, Entry } from "./entry";
import { offerEntries } from "./guard";
import { ActId } from "./ids";
import { project } from "./project";
import { drum, entry, iso, kitchen, move, pickup, vid } from "./testing";
import { appendEntries, buildTimeline, yardAt } from "./timeline";

/** Enough entries for several snapshots: oil to and fro between two drums. */
const COUNT = 4300;
const long = (): Entry[] => [
  entry("!1", 0, { kind: "vessel", data: drum("A") }),
  entry("!2", 0, { kind: "vessel", data: drum("B") }),
  entry("!3", 0, { kind: "source", data: kitchen }),
  entry("!4", 0, pickup("A", 100)),
  ...Array.from({ length: COUNT }, (_, i) =>
    entry(
      `m${String(i).padStart(5, "0")}`,
      i + 1,
      i % 2 === 0
        ? move("A", "B", 50 + (i % 7))
        : ({
            ...move("B", "A", 1),
            data: { from: vid("B"), to: vid("A"), amount: { all: true }, layer: "mixed" },
          } as Draft),
    ),
  ),
];
const litres = (yard: { vessels: ReturnType<typeof project>["vessels"] }): number[] =>
  [...yard.vessels.values()].map((v) => v.contents.total);

describe("a timeline of thousands of entries", () => {
  const entries = long();
  const timeline = buildTimeline(entries);
  it("keeps copies the further apart the older they are", () => {
    const counts = timeline.snapshots.map((s) => s.count);
    expect(counts.at(-1)).toBe(4000);
    expect(counts.length).toBeLessThan(5);
    for (const s of timeline.snapshots) expect(litres(s.yard)).toEqual(litres(project(entries.slice(0, s.count))));
  });
  it("replays over a copy as it was built fresh, wherever an entry is put in", () => {
    const around = timeline.snapshots.flatMap((s) => [-6, -5, -4, -3, -2, 1].map((by) => s.count + by));
    for (const at of [1, ...around]) {
      const late = entry("late", at, pickup("A", 0.5), 9999);
      const after = appendEntries({ ...timeline, byId: new Map(timeline.byId) }, [late]);
      const fresh = project([...entries, late]);
      expect(litres(after.head)).toEqual(litres(fresh));
      expect(after.live).toHaveLength(entries.length + 1);
      expect(after.head.entries).toBe(fresh.entries);
    }
  });
  it("looks back to any minute as a fresh build would", () => {
    for (const minute of [0, 500, 999, 1000, 1001, 2000, 3999, 4000, 4200])
      expect(litres(yardAt(timeline, iso(minute)))).toEqual(litres(project(entries, iso(minute))));
  });
});

describe("an act", () => {
  const act = ActId.parse("act-1");
  const start = (): Entry[] => long().slice(0, 4);
  const inAct = (id: string, minute: number, draft: Draft): Entry => ({ ...entry(id, minute, draft), act }) as Entry;
  it("is taken whole or not at all", () => {
    const t = buildTimeline(start());
    const good = inAct("a", 10, move("A", "B", 30));
    const bad = inAct("b", 11, move("A", "B", 300));
    expect(offerEntries(t, [good, bad], iso(99))).toMatchObject({
      ok: false,
      error: { code: "overdrawn", entry: "b" },
    });
    expect(t.byId.size).toBe(4);
    const taken = offerEntries(t, [good, inAct("c", 11, move("B", "A", 10))], iso(99));
    expect(taken.ok && litres(taken.value.head)).toEqual([80, 20]);
  });
  it("may set up what its own next entry needs", () => {
    const t = buildTimeline(start());
    const made = inAct("a", 10, { kind: "vessel", data: drum("C") });
    expect(offerEntries(t, [made, inAct("b", 10, move("A", "C", 5))], iso(99)).ok).toBe(true);
    expect(offerEntries(buildTimeline(start()), [made, made], iso(99))).toMatchObject({
      error: { code: "duplicate-id" },
    });
  });
});

describe("two yards", () => {
  /** Two people's yards share no id, since each id is drawn anew; here by whose it is. */
  const yardOf = (who: string): Entry[] => {
    const own = (id: string) => `${who}-${id}`;
    return [
      entry(own("1"), 0, { kind: "vessel", data: { ...drum(own("A")), name: "My drum" } }),
      entry(own("2"), 0, { kind: "source", data: { ...kitchen, id: own("kitchen") as never } }),
      entry(own("3"), 5, {
        kind: "pickup",
        data: { ...pickup(own("A"), 40).data, source: own("kitchen") } as never,
      }),
      entry(own("4"), 9, { kind: "void", data: { entry: own("3") as never, reason: "slip" } }),
      entry(own("5"), 10, { kind: "pickup", data: { ...pickup(own("A"), 44).data, source: own("kitchen") } as never }),
    ];
  };
  it("merge in any order into the same yard", () => {
    const [mine, theirs] = [yardOf("mine"), yardOf("theirs")];
    const straight = project([...mine, ...theirs]);
    expect(balance(straight).in.collected).toBeCloseTo(88, 9);
    fc.assert(
      fc.property(fc.shuffledSubarray([...mine, ...theirs], { minLength: 10 }), (shuffled) => {
        const merged = project(shuffled);
        expect(merged.faults).toEqual([]);
        expect([...merged.vessels.keys()].sort()).toEqual([...straight.vessels.keys()].sort());
        for (const [id, state] of merged.vessels)
          expect(state.contents.total).toBeCloseTo(straight.vessels.get(id)?.contents.total ?? -1, 9);
      }),
      { numRuns: 40 },
    );
  });
});
