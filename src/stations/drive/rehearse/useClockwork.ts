"use client";
import { useEffect, useRef, useState } from "react";

export const SPEEDS = [1, 10, 60] as const;
export type Speed = (typeof SPEEDS)[number];

const TICK_MS = 250;
/** A tab that was hidden does not catch up at once. */
const MOST_TICK_MS = 1000;

/** Minutes that go by while it runs, some times faster than the clock. */
export function useClockwork(onMinutes: (minutes: number) => void) {
  const [speed, setSpeed] = useState<Speed>(10);
  const [runs, setRuns] = useState(false);
  const hand = useRef(onMinutes);
  hand.current = onMinutes;
  useEffect(() => {
    if (!runs) return;
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      hand.current((Math.min(MOST_TICK_MS, now - last) * speed) / 60_000);
      last = now;
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [runs, speed]);
  return { speed, setSpeed, runs, setRuns };
}
