import Dexie, { type Table } from "dexie";
import { type Line, lineOf } from "@/core/formats";
import type { JournalEnd } from "./book/journal";

/** The newest version of the database that this release knows. */
export const DB_VERSION = 3;
/** The same as the browser counts: the library leaves nine between two of its own. */
export const NATIVE_VERSION = DB_VERSION * 10;

/** Which yard: the user's own, or the demo, each in a database of its own. */
export type YardName = "own" | "demo";

const DATABASE: Record<YardName, string> = { own: "brisk-barrel", demo: "brisk-barrel-demo" };

/** An entry as it was written, and the generation of the yard it came with: another tab asks for what is newer. */
export interface Row extends Line {
  readonly g: number;
}

/** What the database is at, and where the journal ends: written with every act, in the same transaction. */
export interface Head {
  /** One more with every act and every replacement. */
  readonly generation: number;
  /** How many entries there are. */
  readonly entries: number;
  /** The replacement of the whole yard that it builds on. */
  readonly base: string;
  readonly journal: JournalEnd | null;
}

interface Mark {
  readonly key: string;
  readonly value: unknown;
}

/** A yard that was replaced, as the file it would have been. */
export interface KeptYard {
  readonly n?: number;
  readonly at: string;
  readonly entries: number;
  readonly text: string;
}

/**
 * Entries to the byte as they were written, by whichever release. Migrations are numbered and gapless. Every write is on
 * the disk before it is answered.
 */
export class YardDb extends Dexie {
  readonly lines!: Table<Row, string>;
  readonly marks!: Table<Mark, string>;
  readonly kept!: Table<KeptYard, number>;

  constructor(name: YardName) {
    super(DATABASE[name], { chromeTransactionDurability: "strict" });
    this.version(1).stores({ entries: "id, happenedAt", marks: "key" });
    this.version(2)
      .stores({ lines: "id, g", kept: "++n" })
      .upgrade(async (tx) => {
        const raws = (await tx.table("entries").toArray()) as { id: string }[];
        await tx.table("lines").bulkAdd(raws.map((raw) => ({ ...lineOf(raw), g: 0 })));
      });
    this.version(DB_VERSION).stores({ entries: null });
  }
}

/** The version of a yard's database as it lies there; null where there is none. Nothing of it is read. */
export async function versionFound(name: YardName): Promise<number | null> {
  if (!(await Dexie.exists(DATABASE[name]))) return null;
  const db = await new Dexie(DATABASE[name]).open();
  const { verno } = db;
  db.close();
  return verno;
}

/** Whatever lines are in a database, of whichever release. Nothing is written. */
export async function linesAsFound(name: YardName): Promise<Line[]> {
  if (!(await Dexie.exists(DATABASE[name]))) return [];
  const db = await new Dexie(DATABASE[name]).open();
  try {
    const tables = db.tables.filter((t) => t.name === "lines" || t.name === "entries");
    const rows = await Promise.all(tables.map((t) => t.toArray() as Promise<unknown[]>));
    return rows.flat().flatMap(lineOfRow);
  } finally {
    db.close();
  }
}

function lineOfRow(row: unknown): Line[] {
  const { id, text } = row as Partial<Row>;
  if (typeof id !== "string") return [];
  return [typeof text === "string" ? { id, text } : lineOf(row as { id: string })];
}
