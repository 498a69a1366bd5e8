import "fake-indexeddb/auto";
import Dexie from "dexie";
import fc from "fast-check";
import { afterEach, describe, expect, it, vi } from "vitest";
import { type Line, lineOf } from "@/core/formats";
import { YardDb } from "../db";
import { testTools } from "../testing";
import { Book } from "./book";
import { MemoryShelf } from "./journal.testing";
import { decodeRecords, encodeRecord } from "./journalRecord";
import type { NewerDatabase } from "./mend";
import { keepReserve, letReserveGo } from "./reserve";

const MB = 1024 * 1024;

const line = (id: string): Line => lineOf({ id, note: `öl ${id}` } as { id: string });
const texts = (lines: readonly Line[]): string[] => lines.map((l) => l.text).sort();
const open = (shelf: MemoryShelf | null) => Book.open("own", testTools(shelf?.open ?? null));

let last: Book | null = null;
/** Opens, and leaves closing to the end of the test: as if the tab had been killed. */
async function reopened(shelf: MemoryShelf | null) {
  last?.close();
  const found = await open(shelf);
  last = found.book;
  return found;
}
async function bookOf(shelf: MemoryShelf | null, ...ids: string[]): Promise<Book> {
  const { book } = await reopened(shelf);
  for (const id of ids) expect(await book.append([line(id)])).toMatchObject({ ok: true });
  return book;
}
afterEach(async () => {
  vi.restoreAllMocks();
  last?.close();
  await Dexie.delete("brisk-barrel");
});

describe("two copies of one yard", () => {
  it("agree, and neither is touched when they do", async () => {
    const shelf = new MemoryShelf();
    const { head } = await bookOf(shelf, "a", "b", "c");
    const bytes = shelf.files[0];
    const again = await reopened(shelf);
    expect(again).toMatchObject({ head, repair: null, stuck: null });
    expect(texts(again.lines)).toEqual(texts(["a", "b", "c"].map(line)));
    expect(shelf.files[0]).toBe(bytes);
  });

  it("a database that was thrown away comes back whole, photos and all", async () => {
    const shelf = new MemoryShelf();
    await bookOf(shelf, "a", "b", "c");
    last?.close();
    await Dexie.delete("brisk-barrel");
    const { lines, repair, book } = await reopened(shelf);
    expect(repair).toEqual({ found: 0, putBack: 3 });
    expect(texts(lines)).toEqual(texts(["a", "b", "c"].map(line)));
    expect(texts(await book.lines())).toEqual(texts(lines));
    expect((await reopened(shelf)).repair).toBeNull();
  });

  it("entries that went missing from the database come back", async () => {
    const shelf = new MemoryShelf();
    await bookOf(shelf, "a", "b", "c");
    const db = new YardDb("own");
    await db.lines.delete("b");
    db.close();
    expect(await reopened(shelf)).toMatchObject({ repair: { found: 2, putBack: 1 }, head: { entries: 3 } });
  });

  it("a journal that was lost, cut or damaged is written anew, and serves", async () => {
    for (const harm of [0, 40, -1]) {
      const shelf = new MemoryShelf();
      await bookOf(shelf, `a${harm}`, `b${harm}`);
      const bytes = shelf.files[0];
      shelf.files[0] = harm < 0 ? bytes.slice(0, -1) : bytes.slice(0, harm);
      const all = texts((await reopened(shelf)).lines);
      last?.close();
      await Dexie.delete("brisk-barrel");
      expect(texts((await reopened(shelf)).lines)).toEqual(all);
    }
  });

  it("one turned bit hides one act and nothing after it; the damaged file is kept, and both copies are whole again", async () => {
    const shelf = new MemoryShelf();
    await bookOf(shelf, "a", "b", "c", "d");
    const bytes = shelf.files[0].slice();
    const inB = new TextDecoder().decode(bytes).indexOf("öl b");
    bytes[inB + 3] = (bytes[inB + 3] ?? 0) ^ 1;
    shelf.files[0] = bytes;
    last?.close();
    await Dexie.delete("brisk-barrel");
    const found = await reopened(shelf);
    expect(found).toMatchObject({ isHarmed: true, repair: { found: 0, putBack: 3 } });
    expect(found.lines.map((l) => l.id).sort()).toEqual(["a", "c", "d"]);
    expect(shelf.files.damaged).toEqual(bytes);
    last?.close();
    await Dexie.delete("brisk-barrel");
    expect(await reopened(shelf)).toMatchObject({ isHarmed: false, repair: { putBack: 3 } });
  });

  it("whatever bit turns, what the other acts say is read, and nothing is read that was not written", async () => {
    const acts = ["a", "b", "c", "d", "e"];
    const records = acts.map((id, n) => encodeRecord({ generation: n, base: "x", fresh: n === 0, lines: [line(id)] }));
    const whole = Uint8Array.from(records.flatMap((r) => [...r]));
    fc.assert(
      fc.property(fc.nat(whole.length - 1), fc.nat(7), (at, bit) => {
        const bytes = whole.slice();
        bytes[at] = (bytes[at] ?? 0) ^ (1 << bit);
        const { records: read, damaged } = decodeRecords(bytes);
        expect(read.length).toBeGreaterThanOrEqual(acts.length - 2);
        expect(damaged + read.length).toBeGreaterThanOrEqual(acts.length - 1);
        for (const r of read) for (const l of r.lines) expect(l).toEqual(line(l.id));
      }),
      { numRuns: 300 },
    );
  });

  it("in idle time the one is held against the other, to the byte: a row or a record that says something else is put right", async () => {
    const shelf = new MemoryShelf();
    const rest = async () => undefined;
    const book = await bookOf(shelf, "a", "b", "c");
    expect(await book.isAlike(rest)).toBe(true);
    const bytes = shelf.files[0].slice();
    bytes[bytes.length - 4] = (bytes[bytes.length - 4] ?? 0) ^ 1;
    shelf.files[0] = bytes;
    expect(await book.isWhole()).toBe(true);
    expect(await book.isAlike(rest)).toBe(false);
    expect(await book.recover([], true)).toMatchObject({ isHarmed: true, repair: null, head: { entries: 3 } });
    expect(await book.isAlike(rest)).toBe(true);
    const db = new YardDb("own");
    await db.lines.update("b", { text: line("b").text.replace("öl", "ol") });
    db.close();
    expect(await book.isAlike(rest)).toBe(false);
    expect(texts((await book.recover([], true)).lines)).toEqual(texts(["a", "b", "c"].map(line)));
    expect(texts(await book.lines())).toEqual(texts(["a", "b", "c"].map(line)));
  });

  it("a browser without private files works with the one copy, and one that has them again makes the second", async () => {
    const shelf = new MemoryShelf();
    await bookOf(shelf, "a", "b");
    const bare = await bookOf(null);
    expect(await bare.append([line("c")])).toMatchObject({ ok: true });
    const again = await reopened(shelf);
    expect(again).toMatchObject({ head: { entries: 3 }, repair: null });
    expect(await again.book.isAlike(async () => undefined)).toBe(true);
  });

  it("a journal that is one act ahead was killed before the word was said: it is taken from there, and no loss", async () => {
    const shelf = new MemoryShelf();
    const { head } = await bookOf(shelf, "a");
    const more = encodeRecord({ generation: head.generation + 1, base: head.base, fresh: false, lines: [line("b")] });
    shelf.files[0] = Uint8Array.from([...shelf.files[0], ...more]);
    expect(await reopened(shelf)).toMatchObject({ repair: null, head: { entries: 2 } });
  });

  it("whatever byte the browser was killed at, all that was acknowledged is there and nothing is half there", async () => {
    await fc.assert(
      fc.asyncProperty(fc.double({ min: 0, max: 1, noNaN: true }), fc.boolean(), async (share, isDatabaseGone) => {
        const shelf = new MemoryShelf();
        const { head } = await bookOf(shelf, "a", "b");
        const act = [line("c"), line("d")];
        const bytes = encodeRecord({ generation: head.generation + 1, base: head.base, fresh: false, lines: act });
        const torn = bytes.slice(0, Math.round(bytes.length * share));
        shelf.files[0] = Uint8Array.from([...shelf.files[0], ...torn]);
        if (isDatabaseGone) {
          last?.close();
          await Dexie.delete("brisk-barrel");
        }
        const { lines, book } = await reopened(shelf);
        expect([2, 4]).toContain(lines.length);
        expect(texts(lines).slice(0, 2)).toEqual(texts(["a", "b"].map(line)));
        expect(await book.append([line("e")])).toMatchObject({ ok: true });
        last?.close();
        await Dexie.delete("brisk-barrel");
        expect((await reopened(shelf)).lines).toHaveLength(lines.length + 1);
        last?.close();
        await Dexie.delete("brisk-barrel");
      }),
      { numRuns: 25 },
    );
  });

  it("a replacement that got no further than the journal was never made", async () => {
    const shelf = new MemoryShelf();
    const { head } = await bookOf(shelf, "a", "b");
    shelf.files[1] = encodeRecord({ generation: head.generation + 1, base: "other", fresh: true, lines: [line("x")] });
    const { lines, repair } = await reopened(shelf);
    expect(texts(lines)).toEqual(texts(["a", "b"].map(line)));
    expect(repair).toBeNull();
    last?.close();
    await Dexie.delete("brisk-barrel");
    expect(texts((await reopened(shelf)).lines)).toEqual(texts(["a", "b"].map(line)));
  });

  it("a replacement leaves nothing of what stood before, in either copy", async () => {
    const shelf = new MemoryShelf();
    const book = await bookOf(shelf, "a", "b");
    await book.replace({ lines: [line("x")], keepAt: "2026-01-01T00:00:00.000Z" });
    await book.append([line("y")]);
    last?.close();
    await Dexie.delete("brisk-barrel");
    expect(texts((await reopened(shelf)).lines)).toEqual(texts(["x", "y"].map(line)));
  });
});

describe("a disk that is full", () => {
  it("for the journal: nothing is written anywhere, and later it goes on", async () => {
    const shelf = new MemoryShelf();
    const book = await bookOf(shelf, "a");
    const bytes = shelf.files[0];
    shelf.full = true;
    expect(await book.append([line("b")])).toMatchObject({
      error: { code: "not-stored", cause: "full", reason: "the disk is full" },
    });
    expect(shelf.files[0]).toEqual(bytes);
    expect(await book.lines()).toHaveLength(1);
    shelf.full = false;
    expect(await book.append([line("b")])).toMatchObject({ ok: true });
  });

  it("lets go of the room that was kept for it, and the act is taken", async () => {
    const shelf = new MemoryShelf();
    const book = await bookOf(shelf, "a");
    expect(await keepReserve(shelf.open)).toEqual({ hasReserve: true, isTight: false });
    expect(shelf.files.reserve).toHaveLength(4 * MB);
    shelf.full = true;
    // What is let go of is room again.
    const cut = vi.spyOn(shelf, "freed").mockImplementation(() => {
      shelf.full = false;
    });
    expect(await book.append([line("b")])).toMatchObject({ ok: true });
    expect(cut).toHaveBeenCalled();
    expect(shelf.files.reserve).toHaveLength(0);
  });

  it("is tried for how much there is, and nothing stays of the trying", async () => {
    const shelf = new MemoryShelf();
    shelf.leftBytes = 10 * MB;
    expect(await keepReserve(shelf.open)).toEqual({ hasReserve: true, isTight: true });
    expect(shelf.files.reserve).toHaveLength(4 * MB);
    shelf.leftBytes = MB;
    await letReserveGo(shelf.open);
    expect(await keepReserve(shelf.open)).toEqual({ hasReserve: false, isTight: true });
    expect(shelf.files.reserve).toHaveLength(0);
  });

  it("for the database: the journal is put back, and the yard stays whole", async () => {
    const shelf = new MemoryShelf();
    const book = await bookOf(shelf, "a");
    const bytes = shelf.files[0];
    vi.spyOn(IDBObjectStore.prototype, "add").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    expect(await book.append([line("b")])).toMatchObject({ error: { code: "not-stored" } });
    expect(await book.replace({ lines: [line("x")], keepAt: null })).toMatchObject({ ok: false });
    vi.restoreAllMocks();
    expect(shelf.files[0]).toEqual(bytes);
    expect(await book.isWhole()).toBe(true);
    expect(await reopened(shelf)).toMatchObject({ head: { entries: 1 }, repair: null });
  });

  it("when the database is gone and nothing can be written: the yard is still there to look at and to carry away", async () => {
    const shelf = new MemoryShelf();
    await bookOf(shelf, "a", "b");
    last?.close();
    await Dexie.delete("brisk-barrel");
    const put = vi.spyOn(IDBObjectStore.prototype, "put").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    const { lines, stuck, repair, book } = await reopened(shelf);
    expect(lines).toHaveLength(2);
    expect(stuck).not.toBeNull();
    expect(repair).toEqual({ found: 0, putBack: 2 });
    put.mockRestore();
    expect(await book.recover([])).toMatchObject({ stuck: null, head: { entries: 2 } });
  });

  it("with no journal at all, what the tab remembers goes back", async () => {
    const book = await bookOf(null, "a", "b");
    await Dexie.delete("brisk-barrel");
    expect(await book.isWhole()).toBe(false);
    expect(await book.recover(["a", "b"].map(line))).toMatchObject({ repair: { putBack: 2 }, head: { entries: 2 } });
  });
});

describe("two tabs", () => {
  it("only one writes against what both have looked at; the other reads what is new, and only that", async () => {
    const shelf = new MemoryShelf();
    const one = await bookOf(shelf, "a");
    const { book: two } = await open(shelf);
    expect(await one.append([line("b")])).toMatchObject({ ok: true });
    expect(await two.append([line("c")])).toEqual({ ok: false, error: { code: "moved-on" } });
    expect((await two.since())?.map((l) => l.id)).toEqual(["b"]);
    expect(await two.append([line("c")])).toMatchObject({ ok: true });
    expect(await one.replace({ lines: [], keepAt: null })).toEqual({ ok: false, error: { code: "moved-on" } });
    await one.since();
    await one.replace({ lines: [line("x")], keepAt: null });
    expect(await two.append([line("d")])).toEqual({ ok: false, error: { code: "moved-on" } });
    expect(await two.since()).toBeNull();
    two.close();
  });
});

describe("two tabs and two files", () => {
  it("a tab that has not looked yet leaves the journal in use alone, whatever it tries", async () => {
    const shelf = new MemoryShelf();
    const one = await bookOf(shelf, "a");
    const { book: two } = await open(shelf);
    await one.replace({ lines: [line("x")], keepAt: null });
    await one.append([line("y")]);
    expect(await two.replace({ lines: [line("z")], keepAt: null })).toMatchObject({ error: { code: "moved-on" } });
    expect(await two.append([line("z")])).toMatchObject({ error: { code: "moved-on" } });
    expect(await one.append([line("w")])).toMatchObject({ ok: true });
    two.close();
    last?.close();
    await Dexie.delete("brisk-barrel");
    expect(texts((await reopened(shelf)).lines)).toEqual(texts(["w", "x", "y"].map(line)));
  });
  it("a database that has shrunk under an open tab is not written to until it is whole again", async () => {
    const shelf = new MemoryShelf();
    const book = await bookOf(shelf, "a", "b");
    const db = new YardDb("own");
    await db.lines.delete("a");
    db.close();
    const refused = await book.append([line("c")]);
    expect(refused).toMatchObject({
      error: { code: "not-stored", reason: "the database holds 1 of 2 entries" },
    });
    expect(await book.recover([])).toMatchObject({ repair: { found: 1, putBack: 1 } });
    expect(await book.append([line("c")])).toMatchObject({ ok: true, value: { entries: 3 } });
  });
  it("a journal that is lost under an open tab is missed at the next write, and written anew", async () => {
    const shelf = new MemoryShelf();
    const book = await bookOf(shelf, "a", "b");
    shelf.files[0] = new Uint8Array();
    expect(await book.append([line("c")])).toMatchObject({ error: { code: "not-stored" } });
    expect(await book.isWhole()).toBe(false);
    expect(await book.recover([])).toMatchObject({ stuck: null, repair: null });
    expect(await book.append([line("c")])).toMatchObject({ ok: true });
    last?.close();
    await Dexie.delete("brisk-barrel");
    expect((await reopened(shelf)).lines).toHaveLength(3);
  });
});

it("a tab that remembers a yard that was replaced since does not bring it back", async () => {
  const shelf = new MemoryShelf();
  const one = await bookOf(shelf, "a", "b");
  const { book: two } = await open(shelf);
  await one.replace({ lines: [line("x")], keepAt: null });
  await Dexie.delete("brisk-barrel");
  expect(texts((await two.recover(["a", "b"].map(line))).lines)).toEqual(texts([line("x")]));
  two.close();
});

describe("databases of other releases", () => {
  it("an older one opens as before, and is in the journal before it is brought up to date", async () => {
    const old = new Dexie("brisk-barrel");
    old.version(1).stores({ entries: "id, happenedAt", marks: "key" });
    const raws = [{ id: "a", v: 1, unknown: { deep: [1] } }, { id: "b" }];
    await old.table("entries").bulkAdd(raws);
    old.close();
    const shelf = new MemoryShelf();
    const { lines, repair } = await reopened(shelf);
    expect(lines.map((l) => JSON.parse(l.text))).toEqual(raws);
    expect(repair).toBeNull();
    last?.close();
    await Dexie.delete("brisk-barrel");
    expect((await reopened(shelf)).lines.map((l) => JSON.parse(l.text))).toEqual(raws);
  });

  it("a newer one is read and not written to", async () => {
    const newer = new Dexie("brisk-barrel");
    newer.version(9).stores({ lines: "id, g", marks: "key", more: "++id" });
    await newer.table("lines").add({ ...line("a"), g: 1, extra: 1 });
    newer.close();
    const error = await open(new MemoryShelf()).catch((e: NewerDatabase) => e);
    expect(error).toMatchObject({ lines: [line("a")] });
    const again = new Dexie("brisk-barrel");
    await again.open();
    expect(again.verno).toBe(9);
    again.close();
  });
});
