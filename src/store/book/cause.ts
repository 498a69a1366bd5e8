import { format } from "date-fns";

/** What a write that failed comes of: each is told, and mended, otherwise. */
export type Cause =
  /** No room is left. */
  | "full"
  /** Another tab, or one that is only just closing, holds what is needed. */
  | "busy"
  /** It never answered. */
  | "silent"
  /** What lies there cannot be read or opened. */
  | "corrupt"
  | "other";

/** Another tab holds what is needed and does not let go; `since`: when it opened its yard, where that is known. */
export class Held extends Error {
  constructor(what: string, since: string | null = null) {
    const opened =
      since === null ? "" : `, the one in which the yard was opened at ${format(new Date(since), "HH:mm")},`;
    super(`another tab${opened} holds ${what}`);
    this.name = "Held";
  }
}

/** The disk did not answer in the time that anybody waits. */
export class Silent extends Error {
  constructor() {
    super("the disk does not answer");
    this.name = "Silent";
  }
}

const FULL = /quota|no room|full|no space/i;
const CORRUPT = /corrupt|internal error|backing store|unable to open|malformed/i;

export function causeOf(error: unknown): Cause {
  if (error instanceof Held) return "busy";
  if (error instanceof Silent) return "silent";
  const name = error instanceof Error ? error.name : "";
  const words = reasonOf(error);
  if (name === "QuotaExceededError" || FULL.test(words)) return "full";
  return CORRUPT.test(words) || name === "UnknownError" || name === "NotReadableError" ? "corrupt" : "other";
}

/** Its first line: the database's library says a cause twice. */
export const reasonOf = (error: unknown): string =>
  (error instanceof Error ? error.message || error.name : String(error)).split("\n")[0]?.trim() ?? "";
