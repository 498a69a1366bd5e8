"use client";
import { useCallback, useState } from "react";

/** A draft that outlives a closed tab: kept beside the yard in this browser under `key` until it is forgotten. */
export function useKept<T>(key: string, initial: T): [T, (next: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => {
    try {
      const kept = localStorage.getItem(key);
      return kept === null ? initial : (JSON.parse(kept) as T);
    } catch {
      // A browser that keeps nothing, or a draft of another release: begin afresh.
      return initial;
    }
  });
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // Full or forbidden: it is still on the page.
      }
    },
    [key],
  );
  const forget = useCallback(() => {
    setValue(initial);
    try {
      localStorage.removeItem(key);
    } catch {
      // As above.
    }
  }, [key, initial]);
  return [value, keep, forget];
}

/** Forgets every draft whose key begins so. */
export function forgetKept(prefix: string): void {
  try {
    for (const key of Object.keys(localStorage)) if (key.startsWith(prefix)) localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}
