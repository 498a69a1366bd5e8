"use client";
import { useEffect } from "react";

/** Keeps the screen on while something runs; a browser that cannot, lets it sleep. */
export function useAwake(running: boolean): void {
  useEffect(() => {
    if (!running || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = (): void => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (held) => {
          if (gone) void held.release();
          else lock = held;
        },
        () => undefined,
      );
    };
    ask();
    // A tab that was hidden has lost its lock.
    document.addEventListener("visibilitychange", ask);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [running]);
}
