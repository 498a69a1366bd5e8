import type { YardName } from "@/store";
import { holderSince } from "@/store/holders";
import { writeLock } from "@/store/locks";
import { dayAndClock } from "@/ui/words";

/** Which tab holds a yard, in words; empty where nobody knows. */
export async function holderWords(name: YardName): Promise<string> {
  const since = await holderSince(writeLock(name), navigator.locks);
  return since === null ? "" : ` It is the one in which the yard was opened on ${dayAndClock(since)}.`;
}
