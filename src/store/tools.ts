import { ulid } from "ulid";
import type { BookTools } from "./book/book";
import { Held } from "./book/cause";
import { privateShelf } from "./book/privateFiles";
import type { YardName } from "./db";
import { holderSince } from "./holders";
import { turnLock, writeLock } from "./locks";

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
    exclusive: (work) => patiently(writeLock(name), MOST_WAIT_MS, work),
    turn: (work) => patiently(turnLock(name), MOST_TURN_MS, work),
    newBase: ulid,
    newDevice: ulid,
  };
}

/** Only the waiting is bounded: a lock that was given is kept until the work is done. */
function patiently<T>(lock: string, mostMs: number, work: () => Promise<T>): Promise<T> {
  const request = navigator.locks.request(lock, { signal: AbortSignal.timeout(mostMs) }, () => work());
  return request.catch(async (error: unknown) => {
    if (error instanceof DOMException && error.name === "TimeoutError")
      throw new Held("this yard and does not let go", await holderSince(lock, navigator.locks));
    throw error;
  }) as Promise<T>;
}
