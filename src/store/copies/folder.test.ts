import { describe, expect, it, vi } from "vitest";
import { writeYardFile } from "@/core/formats";
import { iso, start } from "@/core/ledger/testing";
import { type CopyFolder, copyInto } from "./folder";

const text = writeYardFile(start(), iso(60));
const session = () => ({ exportFile: vi.fn(async () => text), noteCopy: vi.fn(async () => ({}) as never) });

/** A folder in memory; `harm` is what its disk makes of what is written. */
function folderOf(files: Map<string, string>, harm: (text: string) => string = (t) => t): CopyFolder {
  const getFileHandle = async (name: string) => ({
    createWritable: async () => ({
      write: async (t: string) => void files.set(name, harm(t)),
      close: async () => undefined,
    }),
    getFile: async () => new Blob([files.get(name) ?? ""]),
  });
  return {
    name: "stick",
    getFileHandle,
    removeEntry: async (name: string) => void files.delete(name),
    keys: async function* () {
      yield* [...files.keys()];
    },
  } as unknown as CopyFolder;
}

describe("a copy into a folder", () => {
  it("is a new file, read back, noted, and old ones beyond the generations go", async () => {
    const old = Array.from({ length: 9 }, (_, n) => [`shed-2024-01-01-00000${n}.json`, "old"] as const);
    const files = new Map<string, string>([...old, ["letter.txt", "hello"]]);
    const yard = session();
    const copied = await copyInto(folderOf(files), yard, "shed", iso(60));
    expect(copied).toMatchObject({ ok: true, name: "shed-2026-01-05-090000.json" });
    expect(files.get("shed-2026-01-05-090000.json")).toBe(text);
    expect(yard.noteCopy).toHaveBeenCalledWith(iso(60), "folder");
    expect([...files.keys()].filter((n) => n.startsWith("shed-2024"))).toHaveLength(4);
    expect(files.get("letter.txt")).toBe("hello");
  });
  it("that does not read back is said, not noted, and lets nothing older go", async () => {
    const files = new Map(Array.from({ length: 9 }, (_, n) => [`shed-2024-01-01-00000${n}.json`, "old"] as const));
    const yard = session();
    const copied = await copyInto(
      folderOf(files, (t) => t.replace("canola", "canolb")),
      yard,
      "shed",
      iso(60),
    );
    expect(copied).toMatchObject({ ok: false });
    expect(yard.noteCopy).not.toHaveBeenCalled();
    expect(files.size).toBe(10);
  });
  it("that the disk does not take is said", async () => {
    const folder = folderOf(new Map(), () => {
      throw new DOMException("no room", "QuotaExceededError");
    });
    expect(await copyInto(folder, session(), "shed", iso(60))).toEqual({ ok: false, reason: "no room" });
  });
});
