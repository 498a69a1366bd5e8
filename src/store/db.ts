import Dexie, { type Table } from "dexie";
import type { Raw } from "@/core/formats";

/** Which yard: the user's own, or the demo, each in a database of its own. */
export type YardName = "own" | "demo";

const DATABASE: Record<YardName, string> = { own: "brisk-barrel", demo: "brisk-barrel-demo" };

interface Mark {
  readonly key: string;
  readonly value: string;
}

/** Entries as they were written, never changed, by whichever release. Migrations are numbered and gapless. */
export class YardDb extends Dexie {
  readonly entries!: Table<Raw, string>;
  readonly marks!: Table<Mark, string>;

  constructor(name: YardName) {
    super(DATABASE[name]);
    this.version(1).stores({ entries: "id, happenedAt", marks: "key" });
  }
}
