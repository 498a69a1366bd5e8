"use client";
import { useEffect, useState } from "react";

/** Whole seconds since a moment, ticking while it runs; nought before it began. */
export function useSeconds(startedAt: string | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (startedAt === null) return;
    setNow(Date.now());
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [startedAt]);
  return startedAt === null ? 0 : Math.max(0, Math.floor((now - Date.parse(startedAt)) / 1000));
}
