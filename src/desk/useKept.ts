"use client";
import { useCallback, useContext, useState } from "react";
import { YardContext } from "@/store";
import { keptTexts } from "./keptTexts";

/** Drafts of the demo are the demo's: what is half typed there is not half typed in one's own yard. */
function useScope(): string {
  return useContext(YardContext)?.name === "demo" ? "demo " : "";
}

/** A draft that outlives a closed tab: kept beside its yard in this browser under `key` until it is forgotten. */
export function useKept<T>(key: string, initial: T): [T, (next: T) => void, () => void] {
  const scoped = `${useScope()}${key}`;
  const [value, setValue] = useState<T>(() => readKept(scoped) ?? initial);
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      keptTexts.write(scoped, JSON.stringify(next));
    },
    [scoped],
  );
  const forget = useCallback(() => {
    setValue(initial);
    keptTexts.forget(scoped);
  }, [scoped, initial]);
  return [value, keep, forget];
}

function readKept<T>(key: string): T | null {
  try {
    return JSON.parse(keptTexts.read(key) ?? "null") as T | null;
  } catch {
    // A draft of another release: begin afresh.
    return null;
  }
}

/** Forgets every draft of this yard whose key begins so. */
export function useForgetKept(): (prefix: string) => void {
  const scope = useScope();
  return useCallback((prefix) => keptTexts.forgetAll(scope + prefix), [scope]);
}
