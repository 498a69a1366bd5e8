import type { Line } from "@/core/formats";
import { type DecodedRecords, decodeRecords, encodeRecord, type JournalRecord } from "./journalRecord";

/** A file of bytes that is open to nobody else: what a journal needs of the browser's private file system. */
export interface JournalFile {
  size(): number;
  read(from: number, to: number): Uint8Array;
  /** Throws where the disk does not take them all. */
  write(at: number, bytes: Uint8Array): void;
  cut(size: number): void;
  flush(): void;
  close(): void;
}

export type Slot = 0 | 1;

/** Where the two files of a journal lie. A whole new yard is written to the one that is not in use. */
export type JournalShelf = (slot: Slot | Aside) => Promise<JournalFile>;

/** Beside the two: the last file that was found damaged, and room that is let go of when the disk is full. */
export type Aside = "damaged" | "reserve";

/** How far a journal reaches: kept in the database with every act, so that a look at the size tells whether both agree. */
export interface JournalEnd {
  readonly slot: Slot;
  readonly bytes: number;
}

/** All that a journal knows. */
export interface JournalYard {
  readonly generation: number;
  readonly base: string;
  readonly lines: ReadonlyMap<string, Line>;
  readonly end: JournalEnd;
  /** Part of it no longer reads as it was written. */
  readonly isDamaged: boolean;
}

/** A journal that was open when something went wrong is put back to where it ended. */
export interface OpenJournal {
  /** Adds a record, has it on the disk and reads it back. Throws where any of it fails, and then nothing was added. */
  add(record: JournalRecord): JournalEnd;
  undo(): void;
  close(): void;
}

/** The journal where it ends now; null where it does not end there: then somebody else wrote it, or it was lost. */
export async function openAtEnd(shelf: JournalShelf, end: JournalEnd): Promise<OpenJournal | null> {
  const file = await shelf(end.slot);
  if (file.size() === end.bytes) return opened(file, end);
  file.close();
  return null;
}

/**
 * The other file, for a whole new yard. It is emptied only when that is written: a tab that has not yet seen what another
 * wrote may take for the other file the one that is in use.
 */
export async function openAfresh(shelf: JournalShelf, now: Slot): Promise<OpenJournal> {
  const slot: Slot = now === 0 ? 1 : 0;
  return opened(await shelf(slot), { slot, bytes: 0 });
}

function opened(file: JournalFile, end: JournalEnd): OpenJournal {
  let isTouched = false;
  const undo = (): void => {
    if (!isTouched) return;
    file.cut(end.bytes);
    file.flush();
  };
  return {
    add(record) {
      const bytes = encodeRecord(record);
      isTouched = true;
      try {
        file.cut(end.bytes);
        file.write(end.bytes, bytes);
        file.flush();
        if (!isSame(file.read(end.bytes, end.bytes + bytes.length), bytes))
          throw new Error("the second copy did not read back as it was written");
      } catch (error) {
        undo();
        throw error;
      }
      return { slot: end.slot, bytes: end.bytes + bytes.length };
    },
    undo,
    close: () => file.close(),
  };
}

const isSame = (a: Uint8Array, b: Uint8Array): boolean => a.length === b.length && a.every((byte, i) => byte === b[i]);

/** Whether the journal's file is as long as the database says. */
export async function endsAt(shelf: JournalShelf, end: JournalEnd): Promise<boolean> {
  const file = await shelf(end.slot);
  const same = file.size() === end.bytes;
  file.close();
  return same;
}

/** Empties the file that is not in use: what is left in it is an older yard, or one that nobody was told of. */
export async function emptyOther(shelf: JournalShelf, inUse: Slot): Promise<void> {
  const file = await shelf(inUse === 0 ? 1 : 0);
  if (file.size() > 0) file.cut(0);
  file.close();
}

/** What the two files say, of which the later one counts; null where there is nothing in either. */
export async function readJournal(shelf: JournalShelf): Promise<JournalYard | null> {
  const [first, second] = [await readSlot(shelf, 0), await readSlot(shelf, 1)];
  if (!first || !second) return first ?? second;
  return second.generation > first.generation ? second : first;
}

async function readSlot(shelf: JournalShelf, slot: Slot): Promise<JournalYard | null> {
  const file = await shelf(slot);
  const decoded = decodeRecords(file.read(0, file.size()));
  file.close();
  return yardOf(decoded, slot);
}

export function yardOf({ records, whole, damaged }: DecodedRecords, slot: Slot): JournalYard | null {
  const last = records.at(-1);
  if (!last) return null;
  const lines = new Map<string, Line>();
  let base = "";
  for (const record of records) {
    // What another yard left is none of this one, also where the record that replaced it can no longer be read.
    if (record.fresh || record.base !== base) lines.clear();
    base = record.base;
    for (const line of record.lines) lines.set(line.id, line);
  }
  return { generation: last.generation, base, lines, end: { slot, bytes: whole }, isDamaged: damaged > 0 };
}

/** Puts a file that no longer reads aside, for whoever can make more of it; the one before it goes. */
export async function keepAside(shelf: JournalShelf, slot: Slot): Promise<void> {
  const file = await shelf(slot);
  const bytes = file.read(0, file.size());
  file.close();
  const aside = await shelf("damaged");
  try {
    aside.cut(0);
    aside.write(0, bytes);
    aside.flush();
  } catch {
    // A full disk keeps no damaged file; what of it could be read is taken all the same.
    aside.cut(0);
  } finally {
    aside.close();
  }
}
