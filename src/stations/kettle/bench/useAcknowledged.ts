"use client";
import { useSyncExternalStore } from "react";

/** Cautions that were read in this visit: asked once, and again the next time the app is opened. */
const read = new Set<string>();
const watching = new Set<() => void>();

function watch(changed: () => void): () => void {
  watching.add(changed);
  return () => {
    watching.delete(changed);
  };
}

/** Whether a caution was read, the same everywhere on the page, and what says that it was. */
export function useAcknowledged(key: string): readonly [boolean, () => void] {
  const isRead = useSyncExternalStore(
    watch,
    () => read.has(key),
    () => false,
  );
  return [
    isRead,
    () => {
      read.add(key);
      for (const changed of watching) changed();
    },
  ];
}
