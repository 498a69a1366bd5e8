"use client";
import { useState } from "react";

/** Cautions that were read in this visit: asked once, and again the next time the app is opened. */
const read = new Set<string>();

export function useAcknowledged(key: string): readonly [boolean, () => void] {
  const [, draw] = useState(0);
  return [
    read.has(key),
    () => {
      read.add(key);
      draw((n) => n + 1);
    },
  ];
}
