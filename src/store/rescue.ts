import { inTime, type Line, writeYardLines } from "@/core/formats";
import { readJournal, type Slot } from "./book/journal";
import { linesAsFound, type YardName } from "./db";

/**
 * The yard as a file, read by the page itself from whatever is left on the disk: for when the worker does not come.
 * Null where nothing is found.
 */
export async function rescueFile(name: YardName, now: string): Promise<string | null> {
  const found = new Map<string, Line>();
  const sources = await Promise.all([journalLines(name).catch(() => []), linesAsFound(name).catch(() => [])]);
  for (const line of sources.flat()) found.set(line.id, line);
  return found.size === 0 ? null : writeYardLines(inTime([...found.values()]), now);
}

async function journalLines(name: YardName): Promise<readonly Line[]> {
  const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("journal");
  const bytes = async (slot: Slot): Promise<Uint8Array> =>
    new Uint8Array(await (await (await folder.getFileHandle(`${name}-${slot}.log`)).getFile()).arrayBuffer());
  const read = { 0: await bytes(0), 1: await bytes(1) };
  const none = new Uint8Array();
  const yard = await readJournal(async (slot) => ({
    size: () => (slot === 0 || slot === 1 ? read[slot] : none).length,
    read: (from, to) => (slot === 0 || slot === 1 ? read[slot] : none).subarray(from, to),
    write: () => undefined,
    cut: () => undefined,
    flush: () => undefined,
    close: () => undefined,
  }));
  return [...(yard?.lines.values() ?? [])];
}
