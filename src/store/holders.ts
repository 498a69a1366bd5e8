import { decodeTime } from "ulid";
import { LIFE_LOCK } from "./locks";

/** When the tab that holds a lock opened its yard, so that it can be found among others; null: nobody says. */
export async function holderSince(lock: string, locks: Pick<LockManager, "query">): Promise<string | null> {
  const { held = [] } = await locks.query().catch(() => ({ held: [] as LockInfo[] }));
  const holder = held.find((h) => h.name === lock)?.clientId;
  const life = held.find((h) => h.clientId === holder && h.name?.startsWith(LIFE_LOCK))?.name;
  if (holder === undefined || life === undefined) return null;
  try {
    return new Date(decodeTime(life.slice(LIFE_LOCK.length))).toISOString();
  } catch {
    return null;
  }
}
