"use client";
import { useSyncExternalStore } from "react";

/** Below this a bench's side stands under its picture. */
const NARROW = "(max-width: 1023px)";

/** Whether the page is so narrow that what is done at a picture must stand right under it. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia(NARROW);
      media.addEventListener("change", changed);
      return () => media.removeEventListener("change", changed);
    },
    () => window.matchMedia(NARROW).matches,
    () => false,
  );
}
