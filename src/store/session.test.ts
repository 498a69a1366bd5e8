import "fake-indexeddb/auto";
import Dexie from "dexie";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { readYardFile } from "@/core/formats";
import type { Draft } from "@/core/ledger";
import { drum, iso, kitchen, move, pickup } from "@/core/ledger/testing";
import { YardDb } from "./db";
import type { Stamp } from "./offer";
import { YardSession } from "./session";
import { testTools } from "./testing";

let session: YardSession;
let minute = 0;
const NOW = (): string => iso(minute);
const stamp = (): Stamp => {
  minute += 1;
  const ids = [0, 1, 2, 3].map((i) => `id-${String(minute).padStart(4, "0")}-${i}`);
  return { ids, now: iso(minute), look: { at: null, have: null } };
};
const open = (): Promise<YardSession> => YardSession.open("own", testTools());
const litres = (s: YardSession, id: string): number =>
  s.view(NOW(), null).vessels.find((v) => v.vessel.id === id)?.litres ?? Number.NaN;

async function write(s: YardSession, draft: Draft): Promise<string> {
  const written = await s.append([draft], stamp());
  if (!written.ok) throw new Error(JSON.stringify(written.error));
  return written.value.ids[0] ?? "";
}

beforeEach(async () => {
  session = await open();
  await write(session, { kind: "vessel", data: drum("A") });
  await write(session, { kind: "vessel", data: drum("B") });
  await write(session, { kind: "source", data: kitchen });
  await write(session, pickup("A", 60));
});
afterEach(async () => {
  session.close();
  await Dexie.delete("brisk-barrel");
});

it("keeps what was written when it is opened again", async () => {
  await write(session, move("A", "B", 20));
  session.close();
  session = await open();
  expect(litres(session, "B")).toBeCloseTo(20, 9);
  expect(session.count()).toBe(5);
});

it("stores nothing of an entry that is refused", async () => {
  const refused = await session.append([move("A", "B", 90)], stamp());
  expect(refused).toMatchObject({ ok: false, error: { code: "overdrawn", shortLitres: 30 } });
  session.close();
  session = await open();
  expect(session.count()).toBe(4);
  expect(litres(session, "A")).toBeCloseTo(60, 9);
});

it("looks back in time", async () => {
  const before = NOW();
  await write(session, move("A", "B", 20));
  const then = session.view(NOW(), before);
  expect(then.vessels.find((v) => v.vessel.id === "B")?.litres).toBe(0);
  expect(litres(session, "B")).toBeCloseTo(20, 9);
});

it("keeps entries it cannot read, and says how many", async () => {
  const db = new YardDb("own");
  const text = '{"id":"strange","v":99.0,"kind":"move"}';
  await db.lines.add({ id: "strange", text, g: 0 });
  db.close();
  session.close();
  session = await open();
  expect(session.bookState()).toMatchObject({ entries: 5, unreadable: 1 });
  expect(await session.exportFile(NOW())).toContain(`\n${text},`);
  expect(litres(session, "A")).toBeCloseTo(60, 9);
});

it("answers appends made at once one after another", async () => {
  const both = await Promise.all([
    session.append([move("A", "B", 40)], stamp()),
    session.append([move("A", "B", 40)], stamp()),
  ]);
  expect(both.map((r) => r.ok)).toEqual([true, false]);
  expect(litres(session, "A")).toBeCloseTo(20, 9);
});

describe("export and restore", () => {
  it("brings a whole yard back", async () => {
    const file = await session.exportFile(NOW());
    expect(readYardFile(file)).toMatchObject({ ok: true });
    await write(session, move("A", "B", 20));
    expect(await session.restore(file, NOW())).toMatchObject({ ok: true, value: { entries: 4, faults: 0, odd: 0 } });
    expect(litres(session, "A")).toBeCloseTo(60, 9);
    session.close();
    session = await open();
    expect(litres(session, "A")).toBeCloseTo(60, 9);
  });

  it("keeps what it replaces, the last three times, and gives it back to the byte", async () => {
    const first = await session.exportFile(NOW());
    for (let n = 0; n < 4; n++) {
      await write(session, move("A", "B", 1));
      await session.restore(first, iso(1000 + n));
    }
    const kept = await session.keptYards();
    expect(kept.map((k) => k.at)).toEqual([iso(1003), iso(1002), iso(1001)]);
    const back = await session.keptYard(kept[0]?.n ?? 0);
    expect(await session.restore(back ?? "", NOW())).toMatchObject({ ok: true, value: { entries: 5 } });
    expect(litres(session, "B")).toBeCloseTo(1, 9);
  });
  it("tells what exists here only: all of it, then what was written since it was carried away", async () => {
    expect(session.bookState()).toMatchObject({ copied: null, sinceCopy: 4 });
    await session.noteCopy(iso(500), "file");
    await write(session, move("A", "B", 1));
    session.close();
    session = await open();
    expect(session.bookState()).toMatchObject({ copied: { at: iso(500), where: "file" }, sinceCopy: 1 });
    await session.restore(await session.exportFile(NOW()), NOW());
    expect(session.bookState()).toMatchObject({ copied: null, sinceCopy: 5 });
  });

  it("holds a file against the yard: to the letter, or how many of it are in there", async () => {
    const file = await session.exportFile(NOW());
    expect(await session.checkFile(file)).toMatchObject({ ok: true, value: { entries: 4, same: 4 } });
    await write(session, move("A", "B", 1));
    expect(await session.checkFile(file)).toMatchObject({ ok: true, value: { entries: 4, same: 4 } });
    expect(session.bookState().entries).toBe(5);
    await session.restore(file, NOW());
    await write(session, move("A", "B", 2));
    const other = await session.exportFile(NOW());
    expect(await session.checkFile(other)).toMatchObject({ ok: true, value: { entries: 5, same: 5 } });
  });

  const broken: [string, (file: string) => string, string][] = [
    ["a truncated file", (f) => f.slice(0, -30), "not-json"],
    [
      "a file with entries cut out",
      (f) => JSON.stringify({ ...JSON.parse(f), entries: JSON.parse(f).entries.slice(1) }),
      "truncated",
    ],
    ["a file from a newer release", (f) => f.replace('"schema":5', '"schema":7'), "newer-file"],
    ["a changed figure", (f) => f.replace('"litres":60', '"litres":61'), "checksum"],
    ["something else", () => '{"a":1}', "not-a-yard"],
    ["not even JSON", () => "drum 3: 40 L", "not-json"],
  ];
  it.each(broken)("refuses %s and changes nothing", async (_, damage, code) => {
    const before = await session.exportFile(NOW());
    expect(await session.restore(damage(before), NOW())).toMatchObject({ ok: false, error: { code } });
    expect(await session.checkFile(damage(before))).toMatchObject({ ok: false, error: { code } });
    expect(await session.exportFile(NOW())).toBe(before);
  });
});

it("makes a demo anew only while nobody has written in it", async () => {
  expect(await session.seed([], false)).toBe(false);
  expect(session.count()).toBe(4);
  expect(await session.seed([], true)).toBe(true);
  expect(session.count()).toBe(0);
  expect(litres(session, "A")).toBeNaN();
});

it("refuses what must not meet, and writes what has happened all the same in the open", async () => {
  await write(session, { kind: "vessel", data: { ...drum("pot"), role: "kettle" } });
  await write(session, { kind: "vessel", data: { ...drum("can"), role: "thinner" } });
  await write(session, { kind: "purchase", data: { to: "can" as never, fluid: "petrol", amount: { litres: 20 } } });
  const pour = move("can", "pot", 5);
  expect(session.clearance([pour], NOW()).refusals).toEqual([{ code: "petrol-in-kettle" }]);
  const before = session.count();
  expect(await session.append([pour], stamp())).toMatchObject({ ok: false, error: { code: "not-safe" } });
  expect(await session.append([{ ...pour, despite: ["something-else"] }], stamp())).toMatchObject({ ok: false });
  expect(session.count()).toBe(before);
  const id = await write(session, { ...pour, despite: ["petrol-in-kettle"] });
  expect(session.find(id)?.despite).toEqual(["petrol-in-kettle"]);
  expect(litres(session, "pot")).toBeCloseTo(5, 9);
  const file = readYardFile(await session.exportFile(NOW()));
  expect(file.ok && file.value.entries.find((e) => e.id === id)?.despite).toEqual(["petrol-in-kettle"]);
});

it("tells what a vessel's settling is reckoned from, as it stands or as it stood", async () => {
  await write(session, { kind: "vessel", data: { ...drum("A"), role: "settling" } });
  const asked = session.settlingQuestion("A", NOW(), null);
  expect(asked?.parts).toMatchObject([{ fluid: "canola" }]);
  expect(asked?.surfaceMm ?? 0).toBeGreaterThan(asked?.drawOffMm ?? Infinity);
  expect(session.settlingQuestion("B", NOW(), null)).toBeNull();
  expect(session.settlingQuestion("nowhere", NOW(), null)).toBeNull();
});

describe("what a round needs of the store", () => {
  it("a photo comes back by its entry, and only its entry is in the view", async () => {
    const id = await write(session, {
      kind: "photo",
      data: { of: { kind: "source", id: kitchen.id }, type: "image/jpeg", base64: "QUJD" },
    });
    const [source] = session.view(NOW(), null).sources;
    expect(source?.photo).toBe(id);
    expect(JSON.stringify(session.view(NOW(), null))).not.toContain("QUJD");
    expect(session.find(id)).toMatchObject({ kind: "photo", data: { base64: "QUJD" } });
  });
  it("an open round is in the view until it ends, and undo opens it again", async () => {
    const round = "r" as never;
    await write(session, { kind: "round", data: { id: round, by: null, stops: [{ source: kitchen.id, litres: 20 }] } });
    expect(session.view(NOW(), null).round?.round.id).toBe("r");
    await write(session, { ...pickup("B", 20), data: { ...pickup("B", 20).data, round } } as Draft);
    const end = await write(session, { kind: "round-end", data: { round, km: 12 } });
    expect(session.view(NOW(), null).round).toBeNull();
    await write(session, { kind: "void", data: { entry: end as never, reason: "undone" } });
    expect(session.view(NOW(), null).round?.called.get(kitchen.id)).toBeCloseTo(20, 9);
  });
  it("warnings are told before a pickup and do not stop it; refusals do", async () => {
    const creamy = { ...pickup("A", 20), data: { ...pickup("A", 20).data, look: "creamy" } } as Draft;
    expect(session.clearance([creamy], NOW()).warnings.map((w) => w.code)).toEqual(["doubtful-into-good"]);
    expect(await session.append([creamy], stamp())).toMatchObject({ ok: true });
  });
  it("a round's second call at one stop is refused, and nothing is stored", async () => {
    const stops = [kitchen, kitchen].map((s) => ({ source: s.id, litres: 5 }));
    const before = session.count();
    const offered = await session.append([{ kind: "round", data: { id: "r" as never, by: null, stops } }], stamp());
    expect(offered).toMatchObject({ ok: false, error: { code: "invalid", reason: "a stop twice" } });
    expect(session.count()).toBe(before);
  });
});
