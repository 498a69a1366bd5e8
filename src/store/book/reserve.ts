import type { JournalShelf } from "./journal";

/** Room that is kept on the disk for the moment it is full: let go of, it takes the next acts and the repair of both copies. */
const RESERVE_BYTES = 4 * 1024 * 1024;

/** Keeps it, where there is room; says whether it is kept. */
export async function keepReserve(shelf: JournalShelf): Promise<boolean> {
  const file = await shelf("reserve");
  try {
    const missing = RESERVE_BYTES - file.size();
    // Written, not only sized: a hole in a file takes no room and keeps none.
    if (missing > 0) file.write(file.size(), new Uint8Array(missing).fill(1));
    file.flush();
    return true;
  } catch {
    file.cut(0);
    return false;
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
