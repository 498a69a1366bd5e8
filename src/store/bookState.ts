import type { Repair, Stuck } from "./book/mend";

/** When a yard was last carried out of this browser, and how many entries it had. */
export interface Copied {
  readonly at: string;
  readonly entries: number;
  /** The yard it is a copy of: a restored one is another. */
  readonly base: string;
  readonly where: "file" | "folder";
}

/** Why nothing can be written: a newer release has, or the disk takes nothing. */
export type Trouble = { readonly code: "newer" } | ({ readonly code: "stuck" } & Stuck);

/** How far the opening of a yard has come: the worker's script, another tab that is writing, the disk. */
export type OpeningStage = "starting" | "waiting" | "reading";

/** How the book stands, told with every look. */
export interface BookState {
  readonly entries: number;
  /** Kept, but not read by this release. */
  readonly unreadable: number;
  /** When the newest thing that counts happened. */
  readonly latestAt: string | null;
  readonly copied: Copied | null;
  /** Entries that exist in this browser only. */
  readonly sinceCopy: number;
  readonly trouble: Trouble | null;
  /** What the second copy gave back, since this tab was opened. */
  readonly repair: Repair | null;
  /** The second copy no longer read as it was written: it was put aside and made anew. */
  readonly isHarmed: boolean;
  /** The disk is nearly full. */
  readonly isTight: boolean;
  /** Whether this browser keeps the second copy. */
  readonly twice: boolean;
}
