import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Entry } from "./entry";
import { EntryId } from "./ids";
import { byRecord, byTime, deadIds, liveEntries, targetOf } from "./live";
import { entry, iso, move } from "./testing";

/** Entries as devices with odd clocks and counters would write them, voids and corrections among them. */
const entries: fc.Arbitrary<Entry[]> = fc
  .uniqueArray(fc.integer({ min: 0, max: 30 }), { minLength: 2, maxLength: 14 })
  .chain((ids) =>
    fc.tuple(
      ...ids.map((id) =>
        fc
          .record({
            minute: fc.integer({ min: -3, max: 3 }),
            recorded: fc.integer({ min: -3, max: 3 }),
            counter: fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined }),
            target: fc.option(fc.constantFrom(...ids), { nil: undefined }),
            isVoid: fc.boolean(),
          })
          .map(({ minute, recorded, counter, target, isVoid }): Entry => {
            const at = target === undefined ? undefined : EntryId.parse(`e${target}`);
            const made =
              isVoid && at
                ? entry(`e${id}`, minute, { kind: "void", data: { entry: at, reason: "no" } }, recorded)
                : entry(`e${id}`, minute, { ...move("A", "B", 1), ...(at && { replaces: at }) }, recorded);
            return { ...made, ...(counter !== undefined && { counter }) };
          }),
      ),
    ),
  );

describe("the order of writing", () => {
  it.each([
    ["byRecord", () => byRecord],
    ["byTime", (all: readonly Entry[]) => byTime(new Map(all.map((e) => [e.id, e])))],
  ])("%s is one order, the same on every device", (_, orderOf) => {
    fc.assert(
      fc.property(entries, fc.infiniteStream(fc.nat()), (all, keys) => {
        const by = orderOf(all);
        const sorted = [...all].sort(by);
        const shuffled = all
          .map((e) => ({ e, key: keys.next().value }))
          .sort((a, b) => a.key - b.key)
          .map(({ e }) => e);
        expect(shuffled.sort(by)).toEqual(sorted);
        for (const [i, a] of sorted.entries())
          for (const b of sorted.slice(i + 1)) {
            expect(by(a, b)).toBeLessThan(0);
            expect(by(b, a)).toBeGreaterThan(0);
          }
      }),
    );
  });
  it("follows the writer's counter and no clock; what has none was there before", () => {
    const [old, first, second] = [
      entry("c", 0, move("A", "B", 1), 900),
      { ...entry("b", 0, move("A", "B", 1), 500), counter: 1 },
      { ...entry("a", 0, move("A", "B", 1), -500), counter: 2 },
    ] as [Entry, Entry, Entry];
    expect([second, old, first].sort(byRecord)).toEqual([old, first, second]);
    expect([second, old, first].sort(byTime(new Map()))).toEqual([old, first, second]);
    expect(iso(-500) < iso(500)).toBe(true);
  });
  it("lets a correction that leaves the time alone stand where what it corrects stood", () => {
    const [poured, drawn] = [entry("a", 5, move("A", "B", 9), 5), entry("b", 5, move("B", "C", 8), 6)] as [
      Entry,
      Entry,
    ];
    const put = { ...entry("c", 5, move("A", "B", 10), 50), replaces: poured.id } as Entry;
    const again = { ...entry("d", 5, move("A", "B", 11), 60), replaces: put.id } as Entry;
    const moved = { ...entry("e", 6, move("A", "B", 10), 70), replaces: put.id } as Entry;
    const known = new Map([poured, drawn, put, again, moved].map((e) => [e.id, e]));
    expect([drawn, put].sort(byTime(known))).toEqual([put, drawn]);
    expect([drawn, again].sort(byTime(known))).toEqual([again, drawn]);
    expect([drawn, moved].sort(byTime(known))).toEqual([drawn, moved]);
  });
  it("leaves the same entries standing in whatever order they come, and never two corrections of one", () => {
    fc.assert(
      fc.property(entries, (all) => {
        const live = liveEntries(all);
        expect(liveEntries([...all].reverse())).toEqual(live);
        expect(deadIds([...all].reverse())).toEqual(deadIds(all));
        const corrected = live.flatMap((e) => e.replaces ?? []);
        expect(new Set(corrected).size).toBe(corrected.length);
      }),
    );
  });
  it("nothing stands that the newest written entry speaks of, and it counts itself", () => {
    fc.assert(
      fc.property(entries, (all) => {
        const newest = [...all].sort(byRecord).at(-1);
        const target = newest && targetOf(newest);
        // The ledger takes no entry that speaks of a later one.
        fc.pre(newest !== undefined && all.every((e) => targetOf(e) !== newest.id));
        const dead = deadIds(all);
        expect(dead.has(newest?.id ?? EntryId.parse("none"))).toBe(false);
        expect(target === undefined || dead.has(target)).toBe(true);
      }),
    );
  });
});
