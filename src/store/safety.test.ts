import "fake-indexeddb/auto";
import Dexie from "dexie";
import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Draft, EntryId } from "@/core/ledger";
import { drum, iso, kitchen, move, pickup } from "@/core/ledger/testing";
import { redo, undo } from "./acts";
import { MemoryShelf } from "./book/journal.testing";
import type { Stamp } from "./offer";
import { OwnActs } from "./ownActs";
import { YardSession } from "./session";
import { testTools } from "./testing";

/** What was acknowledged is there, whatever happens to clock, tab or disk: through the session, as a page sees it. */

let shelf: MemoryShelf;
let open: YardSession[];
let count = 0;
const stamp = (minute: number): Stamp => {
  count += 1;
  const ids = ["0", "1", "act"].map((n) => `id-${String(count).padStart(4, "0")}-${n}`);
  return { ids, now: iso(minute), look: { at: null, have: null } };
};
async function tab(onChange: () => void = () => undefined): Promise<YardSession> {
  const session = await YardSession.open("own", testTools(shelf.open), onChange);
  open.push(session);
  return session;
}
const litres = (s: YardSession, id: string, minute: number): number =>
  s.view(iso(minute), null).vessels.find((v) => v.vessel.id === id)?.litres ?? Number.NaN;
async function write(s: YardSession, minute: number, ...drafts: Draft[]): Promise<string[]> {
  const written = await s.append(drafts, stamp(minute));
  if (!written.ok) throw new Error(JSON.stringify(written.error));
  return [...written.value.ids];
}

let session: YardSession;
beforeEach(async () => {
  shelf = new MemoryShelf();
  open = [];
  session = await tab();
  await write(session, 1, { kind: "vessel", data: drum("A") }, { kind: "vessel", data: drum("B") });
  await write(session, 2, { kind: "source", data: kitchen });
  await write(session, 3, pickup("A", 8));
});
afterEach(async () => {
  vi.restoreAllMocks();
  for (const s of open) s.close();
  await Dexie.delete("brisk-barrel");
});

it("two tabs with fifty writes each on one tick: all are taken", async () => {
  const other = await tab();
  const many = (s: YardSession): Promise<boolean>[] =>
    Array.from({ length: 50 }, async () => (await s.append([pickup("A", 0.5)], stamp(4))).ok);
  const taken = await Promise.all([...many(session), ...many(other)]);
  expect(taken.filter((ok) => ok)).toHaveLength(100);
  expect(litres(await tab(), "A", 5)).toBeCloseTo(58, 6);
});

describe("the clock", () => {
  it("set back three days hides nothing, and what is written then comes after", async () => {
    const behind = 3 - 3 * 24 * 60;
    expect(litres(session, "A", behind)).toBeCloseTo(8, 9);
    expect(session.bookState().latestAt).toBe(iso(3));
    const [id] = await write(session, behind, move("A", "B", 8));
    expect(session.find(id ?? "")).toMatchObject({ happenedAt: iso(3), recordedAt: iso(behind) });
    await write(session, behind, move("B", "A", 5));
    expect(litres(session, "A", behind)).toBeCloseTo(5, 9);
    session.close();
    expect(litres(await tab(), "A", behind)).toBeCloseTo(5, 9);
  });
  it("a year ahead and then mended: nothing disappears, and it can be put right", async () => {
    const ahead = 365 * 24 * 60;
    await write(session, ahead, { ...move("A", "B", 3), note: "by hand" });
    expect(litres(session, "B", 10)).toBeCloseTo(3, 9);
    await write(session, 10, move("B", "A", 1));
    expect(litres(session, "B", 10)).toBeCloseTo(2, 9);
    expect(session.bookState().latestAt).toBe(iso(ahead));
    const right = session.datedToNow(iso(11));
    expect(right).toMatchObject([{ kind: "move", note: "by hand" }, { kind: "move" }]);
    await session.append(right, { ...stamp(11), ids: ["r1", "r2", "r-act"] });
    expect(litres(session, "B", 11)).toBeCloseTo(2, 9);
    expect((session.bookState().latestAt ?? "") < iso(11)).toBe(true);
    expect(session.datedToNow(iso(11))).toEqual([]);
  });
  it("corrections and voids follow the order of writing, whatever the clock said", async () => {
    const [first] = await write(session, 100, move("A", "B", 4));
    const replaces = EntryId.parse(first);
    const [second] = await write(session, 5, { ...move("A", "B", 6), happenedAt: iso(4), replaces });
    expect(litres(session, "B", 100)).toBeCloseTo(6, 9);
    await write(session, -500, { kind: "void", data: { entry: EntryId.parse(second), reason: "no" } });
    expect(litres(session, "B", 100)).toBeCloseTo(4, 9);
  });
});

describe("two tabs", () => {
  it("on one tick cannot pour the same eight litres: the loser is told, and nothing else happens", async () => {
    const other = await tab();
    const both = await Promise.all([
      session.append([move("A", "B", 8)], stamp(10)),
      other.append([move("A", "B", 8)], stamp(10)),
    ]);
    expect(both.map((w) => w.ok).sort()).toEqual([false, true]);
    expect(both.find((w) => !w.ok)).toMatchObject({ error: { code: "empty", vessel: "A" } });
    for (const s of [session, other]) {
      expect(litres(s, "B", 10)).toBeCloseTo(8, 9);
      expect(s.count()).toBe(5);
    }
  });
  it("both pour where there is enough for both, and each sees the other's", async () => {
    const other = await tab();
    const both = await Promise.all([
      session.append([move("A", "B", 3)], stamp(10)),
      other.append([move("A", "B", 4)], stamp(10)),
    ]);
    expect(both.map((w) => w.ok)).toEqual([true, true]);
    await vi.waitFor(() => expect(litres(session, "B", 10)).toBeCloseTo(7, 9));
    expect(litres(other, "B", 10)).toBeCloseTo(7, 9);
  });
  it("what another tab has just brought may be poured at once, before one has been told of it", async () => {
    const other = await tab();
    vi.useFakeTimers({ toFake: ["setTimeout"] });
    await write(session, 10, pickup("A", 50));
    expect(litres(other, "A", 11)).toBeCloseTo(8, 9);
    expect(await other.append([move("A", "B", 40)], stamp(11))).toMatchObject({ ok: true });
    vi.useRealTimers();
    expect(litres(other, "A", 11)).toBeCloseTo(18, 9);
  });
  it("the other looks once for many writes, and reads what is new only", async () => {
    const changed = vi.fn();
    const other = await tab(changed);
    const whole = vi.spyOn(IDBObjectStore.prototype, "getAll");
    vi.useFakeTimers({ toFake: ["setTimeout"] });
    await Promise.all(Array.from({ length: 6 }, (_, n) => session.append([move("A", "B", 1)], stamp(20 + n))));
    while (vi.getTimerCount() === 0) await new Promise(setImmediate);
    vi.runAllTimers();
    while (changed.mock.calls.length === 0) await new Promise(setImmediate);
    vi.useRealTimers();
    expect(litres(other, "B", 30)).toBeCloseTo(6, 9);
    expect(changed).toHaveBeenCalledTimes(1);
    expect(whole).not.toHaveBeenCalled();
    whole.mockRestore();
  });
});

describe("undo", () => {
  const undoing = (s: YardSession) => ({
    counting: async (ids: readonly string[]) => s.counting(ids),
    write: async (drafts: readonly Draft[]) => {
      const written = await s.append(drafts, stamp(60));
      return written.ok ? { ok: true as const, value: written.value.ids } : written;
    },
  });
  it("takes back this tab's last act, one a press, and never another tab's", async () => {
    const kept = { getItem: () => null, setItem: () => undefined };
    const own = await OwnActs.of("own", kept, "t", async () => true);
    own.add(await write(session, 10, move("A", "B", 1)));
    own.add(await write(session, 11, move("A", "B", 2), move("A", "B", 1)));
    const other = await tab();
    await write(other, 12, move("A", "B", 3));
    expect((await undo(own, undoing(session))).undone).toHaveLength(2);
    expect(litres(session, "B", 60)).toBeCloseTo(4, 9);
    expect((await undo(own, undoing(session))).undone).toHaveLength(1);
    expect(litres(session, "B", 60)).toBeCloseTo(3, 9);
    expect((await undo(own, undoing(session))).undone).toEqual([]);
    expect(litres(session, "B", 60)).toBeCloseTo(3, 9);
  });
  it("is linear: whatever is logged, undone and redone, in whatever order, the yard is as the list of acts says", async () => {
    const own = await OwnActs.of("own", { getItem: () => null, setItem: () => undefined }, "t", async () => true);
    const done: number[] = [];
    let back: number[] = [];
    const steps = fc.sample(fc.constantFrom("log", "log", "undo", "undo", "redo"), { numRuns: 40, seed: 7 });
    for (const [i, step] of steps.entries()) {
      if (step === "log") {
        const litres = 0.01 * (i + 1);
        own.add(await write(session, 10 + (i % 40), move("A", "B", litres)));
        done.push(litres);
        back = [];
      } else if (step === "undo") {
        expect((await undo(own, undoing(session))).undone).toHaveLength(done.length > 0 ? 1 : 0);
        back.push(...done.splice(-1));
      } else {
        expect((await redo(own, undoing(session))).undone).toHaveLength(back.length > 0 ? 1 : 0);
        done.push(...back.splice(-1));
      }
      expect(litres(session, "B", 60)).toBeCloseTo(
        done.reduce((sum, l) => sum + l, 0),
        9,
      );
    }
  });
  it("of one act leaves those after it, and what was logged since forgets what could be redone", async () => {
    const own = await OwnActs.of("own", { getItem: () => null, setItem: () => undefined }, "t", async () => true);
    const first = await write(session, 10, move("A", "B", 1));
    own.add(first);
    own.add(await write(session, 11, move("A", "B", 2)));
    await undo(own, undoing(session), first);
    expect(litres(session, "B", 60)).toBeCloseTo(2, 9);
    expect((await undo(own, undoing(session), first)).undone).toEqual([]);
    own.add(await write(session, 12, move("A", "B", 4)));
    expect((await redo(own, undoing(session))).undone).toEqual([]);
    expect(litres(session, "B", 60)).toBeCloseTo(6, 9);
  });
  it("that would leave a later entry short is refused, and the act is still one's own to take back", async () => {
    const own = await OwnActs.of("own", { getItem: () => null, setItem: () => undefined }, "t", async () => true);
    own.add(await write(session, 10, move("A", "B", 5)));
    const [later] = await write(session, 12, move("B", "A", 5));
    expect(await undo(own, undoing(session))).toMatchObject({ error: { code: "empty" } });
    await write(session, 13, { kind: "void", data: { entry: EntryId.parse(later), reason: "no" } });
    expect((await undo(own, undoing(session))).error).toBeUndefined();
  });
});

describe("the disk", () => {
  const full = (method: "add" | "put") =>
    vi.spyOn(IDBObjectStore.prototype, method).mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });

  it("thrown away with a write that failed: the yard is put back at once, and nothing acknowledged is gone", async () => {
    const add = full("add");
    add.mockImplementationOnce(() => {
      void Dexie.delete("brisk-barrel");
      throw new DOMException("full", "QuotaExceededError");
    });
    const refused = await session.append([move("A", "B", 1)], stamp(10));
    add.mockRestore();
    expect(refused).toMatchObject({ error: { code: "not-stored" } });
    await write(session, 11, move("A", "B", 2));
    session.close();
    const again = await tab();
    expect(again.count()).toBe(5);
    expect(litres(again, "B", 20)).toBeCloseTo(2, 9);
  });
  it("thrown away while the tab is open: the next write goes through, photos are there, and it is said", async () => {
    const of = { kind: "source", id: kitchen.id } as const;
    const [photo] = await write(session, 8, { kind: "photo", data: { of, type: "image/jpeg", base64: "QUJD" } });
    await Dexie.delete("brisk-barrel");
    await write(session, 9, move("A", "B", 1));
    expect(session.bookState()).toMatchObject({ entries: 6, repair: { found: 0, putBack: 5 }, trouble: null });
    session.close();
    const again = await tab();
    expect(again.bookState()).toMatchObject({ entries: 6, repair: null });
    expect(again.find(photo ?? "")).toMatchObject({ data: { base64: "QUJD" } });
  });
  it("gone and still full: it is said, a copy can be carried away, and it goes on once there is room", async () => {
    session.close();
    await Dexie.delete("brisk-barrel");
    const put = full("put");
    session = await tab();
    expect(session.bookState()).toMatchObject({ entries: 4, trouble: { code: "stuck" } });
    expect(litres(session, "A", 20)).toBeCloseTo(8, 9);
    expect(await session.exportFile(iso(20))).toContain('"count":4,');
    expect(await session.append([move("A", "B", 1)], stamp(21))).toMatchObject({ error: { code: "not-stored" } });
    put.mockRestore();
    expect(await session.recover()).toMatchObject({ ok: true, value: { trouble: null, entries: 4 } });
    await write(session, 22, move("A", "B", 1));
    expect(litres(session, "B", 30)).toBeCloseTo(1, 9);
  });
  it("of a newer release: shown and carried away, never written", async () => {
    const file = await session.exportFile(iso(9));
    const [first] = session.list(3, 1).rows;
    session.close();
    await Dexie.delete("brisk-barrel");
    const newer = new Dexie("brisk-barrel");
    newer.version(9).stores({ lines: "id, g", marks: "key" });
    const strange = { id: "zz", text: '{"id":"zz","kind":"teleport","v":1.0}', g: 3 };
    const entry = { ...first?.entry, data: { ...first?.entry.data, unheardOf: { deep: [1] } } };
    const extended = { id: first?.entry.id, text: JSON.stringify(entry), g: 3 };
    await newer.table("lines").bulkAdd([strange, extended]);
    newer.close();
    session = await tab();
    expect(session.bookState()).toMatchObject({ entries: 2, unreadable: 1, trouble: { code: "newer" } });
    expect(await session.append([{ kind: "source", data: kitchen }], stamp(9))).toMatchObject({
      error: { code: "read-only" },
    });
    expect(await session.restore(file, iso(9))).toMatchObject({ error: { code: "read-only" } });
    // To the byte, also what this release reads but does not know every field of.
    for (const { text } of [strange, extended]) expect(await session.exportFile(iso(9))).toContain(`\n${text}`);
  });
  it("brought up to date by a newer release in another tab: from then on this one only shows it", async () => {
    const newer = new Dexie("brisk-barrel");
    newer.version(9).stores({ lines: "id, g", marks: "key", kept: "++n", more: "++id" });
    await newer.open();
    expect(await session.append([move("A", "B", 1)], stamp(9))).toMatchObject({ error: { code: "read-only" } });
    expect(session.bookState()).toMatchObject({ entries: 4, trouble: { code: "newer" } });
    expect(await newer.table("lines").count()).toBe(4);
    newer.close();
  });
  it("gone, and put back: when it was last carried away is still known, of this yard and of no other", async () => {
    await session.noteCopy(iso(5), "file");
    const { copied } = session.bookState();
    session.close();
    await Dexie.delete("brisk-barrel");
    const again = await YardSession.open("own", testTools(shelf.open), undefined, { device: "old", copied });
    open.push(again);
    expect(again.bookState()).toMatchObject({ copied: { at: iso(5) }, sinceCopy: 0, repair: { putBack: 4 } });
    const [id] = await write(again, 6, move("A", "B", 1));
    expect(again.find(id ?? "")?.device).toBe("old");
    await again.restore(await again.exportFile(iso(7)), iso(7));
    expect(again.bookState().copied).toBeNull();
  });
  it("keeps the device's own id with the first thing it keeps", async () => {
    session.close();
    const again = await YardSession.open("own", { ...testTools(shelf.open), newDevice: () => "another" });
    open.push(again);
    const [id] = await write(again, 40, move("A", "B", 1));
    expect(again.find(id ?? "")?.device).toBe("shelf");
  });
});

it("a name that hides a character is refused at its field", async () => {
  const hidden = { kind: "vessel", data: { ...drum("C"), name: "Drum \u202e3" } } as Draft;
  expect(await session.append([hidden], stamp(9))).toMatchObject({ error: { code: "odd-text", path: "name" } });
});
