"use client";
import { useCallback, useContext, useState } from "react";
import { YardContext } from "@/store";

/** Drafts of the demo are the demo's: what is half typed there is not half typed in one's own yard. */
function useScope(): string {
  return useContext(YardContext)?.name === "demo" ? "demo " : "";
}

/** A draft that outlives a closed tab: kept beside its yard in this browser under `key` until it is forgotten. */
export function useKept<T>(key: string, initial: T): [T, (next: T) => void, () => void] {
  const scoped = `${useScope()}${key}`;
  const [value, setValue] = useState<T>(() => {
    try {
      const kept = localStorage.getItem(scoped);
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
        localStorage.setItem(scoped, JSON.stringify(next));
      } catch {
        // Full or forbidden: it is still on the page.
      }
    },
    [scoped],
  );
  const forget = useCallback(() => {
    setValue(initial);
    try {
      localStorage.removeItem(scoped);
    } catch {
      // As above.
    }
  }, [scoped, initial]);
  return [value, keep, forget];
}

/** Forgets every draft of this yard whose key begins so. */
export function useForgetKept(): (prefix: string) => void {
  const scope = useScope();
  return useCallback(
    (prefix) => {
      try {
        for (const key of Object.keys(localStorage)) if (key.startsWith(scope + prefix)) localStorage.removeItem(key);
      } catch {
        // A browser that keeps nothing has nothing to forget.
      }
    },
    [scope],
  );
}
