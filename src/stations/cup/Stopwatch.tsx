"use client";
import { useEffect, useState } from "react";
import { formatNumber } from "@/core/units";
import { Button } from "@/ui";

const TICK_MS = 100;

/** Start as the finger leaves the hole, stop as the stream breaks: to a tenth of a second. */
export function Stopwatch({ onStop }: { onStop: (seconds: number) => void }) {
  const [startedMs, setStartedMs] = useState<number | null>(null);
  const [shown, setShown] = useState(0);
  useEffect(() => {
    if (startedMs === null) return;
    const tick = setInterval(() => setShown((performance.now() - startedMs) / 1000), TICK_MS);
    return () => clearInterval(tick);
  }, [startedMs]);
  const press = (): void => {
    if (startedMs === null) {
      setShown(0);
      setStartedMs(performance.now());
      return;
    }
    const seconds = Math.round(((performance.now() - startedMs) / 1000) * 10) / 10;
    setStartedMs(null);
    setShown(seconds);
    onStop(seconds);
  };
  return (
    <Button look={startedMs === null ? "plain" : "stop"} wide className="mt-2" onClick={press}>
      {startedMs === null ? "Start the watch" : `Stop, ${formatNumber(shown, 1)} s`}
    </Button>
  );
}
