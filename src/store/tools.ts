import { ulid } from "ulid";
import type { BookTools } from "./book/book";
import { privateShelf } from "./book/privateFiles";
import type { YardName } from "./db";

export interface SessionTools extends BookTools {
  readonly newDevice: () => string;
}

/** The browser's own: its private files, and its locks, which a tab that dies lets go of. */
export async function browserTools(name: YardName): Promise<SessionTools> {
  return {
    // The demo is made anew at will: it needs no second copy.
    shelf: name === "own" ? await privateShelf(name) : null,
    exclusive: (work) => navigator.locks.request(`brisk-barrel ${name}`, work) as ReturnType<typeof work>,
    newBase: ulid,
    newDevice: ulid,
  };
}
