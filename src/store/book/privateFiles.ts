import { Held } from "./cause";
import type { JournalFile, JournalShelf } from "./journal";

/** Another tab that has just let go of the file may need a moment; one that died in a write, some seconds. */
const TRIES = 320;
const WAIT_MS = 25;
const SIZE_TRIES = 3;

/**
 * The journal in the browser's private file system, which is not the database's and is not thrown away with it. Null
 * where the browser has none (a private window, an old release): then there is no second copy, and the shed says so.
 */
export async function privateShelf(name: string): Promise<JournalShelf | null> {
  if (!("createSyncAccessHandle" in FileSystemFileHandle.prototype)) return null;
  const root = await navigator.storage.getDirectory().catch(() => null);
  if (root === null) return null;
  // Whether a file can be had now is another question: one that another tab holds is there, and is waited for.
  return async (slot) => {
    const folder = await root.getDirectoryHandle("journal", { create: true });
    return fileOf(await patiently(await folder.getFileHandle(`${name}-${slot}.log`, { create: true })));
  };
}

/** As the standard has it; the page's own type library leaves out what only workers can. */
interface SyncHandle {
  getSize(): number;
  read(into: Uint8Array, options: { at: number }): number;
  write(bytes: Uint8Array, options: { at: number }): number;
  truncate(size: number): void;
  flush(): void;
  close(): void;
}

async function patiently(file: FileSystemFileHandle): Promise<SyncHandle> {
  for (let left = TRIES; ; left--) {
    try {
      return await (file as unknown as { createSyncAccessHandle(): Promise<SyncHandle> }).createSyncAccessHandle();
    } catch (error) {
      const held = error instanceof DOMException && error.name === "NoModificationAllowedError";
      if (held && left === 0) throw new Held("the second copy of this yard");
      if (!held) throw error;
      await new Promise((resolve) => setTimeout(resolve, WAIT_MS));
    }
  }
}

function fileOf(handle: SyncHandle): JournalFile {
  return {
    size() {
      for (let left = SIZE_TRIES; ; left--) {
        const size = handle.getSize();
        // As of a write below: an error may come back as a number that no file has.
        if (Number.isSafeInteger(size) && size >= 0) return size;
        if (left === 0) throw new Error("the disk does not say how long the second copy is");
      }
    },
    read(from, to) {
      const bytes = new Uint8Array(to - from);
      return bytes.subarray(0, handle.read(bytes, { at: from }));
    },
    write(at, bytes) {
      const taken = handle.write(bytes, { at });
      // How much was taken may come back as no number at all: Chromium gives minus eight, unsigned.
      if (taken !== bytes.length) throw new Error("there is no room left on it");
    },
    cut: (size) => handle.truncate(size),
    flush: () => handle.flush(),
    close: () => handle.close(),
  };
}
