import type { Aside, JournalFile, JournalShelf, Slot } from "./journal";

/** A journal in memory, of which a test sees the bytes, and whose disk it can fill up. */
export class MemoryShelf {
  readonly files: Record<Slot | Aside, Uint8Array> = {
    0: new Uint8Array(),
    1: new Uint8Array(),
    damaged: new Uint8Array(),
    reserve: new Uint8Array(),
  };
  full = false;
  /** How long a file may become. */
  leftBytes = Number.POSITIVE_INFINITY;

  /** Called when the reserve is let go of. */
  freed(): void {}

  readonly open: JournalShelf = async (slot) => this.file(slot);

  private file(slot: Slot | Aside): JournalFile {
    const bytes = (): Uint8Array => this.files[slot];
    return {
      size: () => bytes().length,
      read: (from, to) => bytes().slice(from, to),
      write: (at, more) => {
        // A full disk takes a part of it.
        const isFull = this.full || at + more.length > this.leftBytes;
        const taken = isFull ? more.slice(0, more.length >> 1) : more;
        const next = new Uint8Array(Math.max(bytes().length, at + taken.length));
        next.set(bytes());
        next.set(taken, at);
        this.files[slot] = next;
        if (isFull) throw new Error("the disk is full");
      },
      cut: (size) => {
        this.files[slot] = bytes().slice(0, size);
        if (slot === "reserve" && size === 0) this.freed();
      },
      flush: () => undefined,
      close: () => undefined,
    };
  }
}
