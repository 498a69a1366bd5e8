import { ulid } from "ulid";
import type { BookTools } from "./book/book";
import { privateShelf } from "./book/privateFiles";
import type { YardName } from "./db";

export interface SessionTools extends BookTools {
  readonly newDevice: () => string;
}

/** A tab that was put to sleep in the middle of a write holds the lock: nobody waits for it longer. */
const MOST_WAIT_MS = 10_000;

/** Acts of other tabs are short, but there may be many. */
const MOST_TURN_MS = 60_000;

/** The browser's own: its private files, and its locks, which a tab that dies lets go of. */
export async function browserTools(name: YardName): Promise<SessionTools> {
  return {
    // The demo is made anew at will: it needs no second copy.
    shelf: name === "own" ? await privateShelf(name) : null,
    exclusive: (work) => {
      // Only the waiting is bounded: a lock that was given is kept until the work is done.
      const patience = AbortSignal.timeout(MOST_WAIT_MS);
      return navigator.locks
        .request(`brisk-barrel ${name}`, { signal: patience }, () => work())
        .catch((error: unknown) => {
          if (error instanceof DOMException && error.name === "TimeoutError")
            throw new Error("another tab holds this yard and does not let go; close it");
          throw error;
        }) as ReturnType<typeof work>;
    },
    turn: (work) =>
      navigator.locks
        .request(`brisk-barrel turn ${name}`, { signal: AbortSignal.timeout(MOST_TURN_MS) }, () => work())
        .catch((error: unknown) => {
          if (error instanceof DOMException && error.name === "TimeoutError")
            throw new Error("another tab keeps this yard to itself");
          throw error;
        }) as ReturnType<typeof work>,
    newBase: ulid,
    newDevice: ulid,
  };
}
