import type { JournalShelf } from "./journal";

const MB = 1024 * 1024;
/** Room that is kept on the disk for the moment it is full: let go of, it takes the next acts and the repair of both copies. */
const RESERVE_BYTES = 4 * MB;
/** A disk that does not take so much besides is said to be nearly full: the browser's own figure knows only its bound. */
const TRIED_BYTES = 12 * MB;

export interface Room {
  readonly hasReserve: boolean;
  /** There is little besides. */
  readonly isTight: boolean;
}

/** Keeps the reserve, where there is room for it, and tries how much more there is by writing it and letting it go. */
export async function keepReserve(shelf: JournalShelf): Promise<Room> {
  const file = await shelf("reserve");
  /** Written, not only sized: a hole in a file takes no room and keeps none. */
  const takes = (upTo: number): boolean => {
    try {
      for (let at = file.size(); at < upTo; at = file.size())
        file.write(at, new Uint8Array(Math.min(MB, upTo - at)).fill(1));
      file.flush();
      return true;
    } catch {
      return false;
    }
  };
  try {
    const hasReserve = takes(RESERVE_BYTES);
    const isTight = !hasReserve || !takes(RESERVE_BYTES + TRIED_BYTES);
    file.cut(hasReserve ? RESERVE_BYTES : 0);
    file.flush();
    return { hasReserve, isTight };
  } finally {
    file.close();
  }
}

/** Lets it go; says whether there was any. */
export async function letReserveGo(shelf: JournalShelf): Promise<boolean> {
  const file = await shelf("reserve");
  const had = file.size() > 0;
  file.cut(0);
  file.flush();
  file.close();
  return had;
}
