import { OutOfRange, Refused } from "../numerics";

/** What the models say; null where they refuse, because it is colder, hotter or stranger than they cover. */
export function covered<T>(ask: () => T): T | null {
  try {
    return ask();
  } catch (error) {
    if (error instanceof OutOfRange || error instanceof Refused) return null;
    throw error;
  }
}
