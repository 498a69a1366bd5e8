"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { type GaugeReading, readGaugeLine } from "@/core/filtration/gaugeLine";
import type { Gauge } from "./gauge";

/** What the gauge says of itself. */
export interface GaugeState {
  readonly name: string | null;
  readonly last: GaugeReading | null;
  /** What is wrong with it, in words; empty while nothing is. */
  readonly trouble: string;
  readonly garbled: number;
  start(gauge: Gauge): void;
  stop(): void;
}

const SILENT_MS = 10_000;
/** So many lines alike while there is pressure: it sticks. */
const ALIKE = 12;
/** Litres that fall by more than this are no rounding. */
const FALL_LITRES = 0.3;

/** Listens to one gauge at a time. Every sound reading is handed on; falls, standing still and silence are said. */
export function useGauge(onReading: (r: GaugeReading) => void): GaugeState {
  const [name, setName] = useState<string | null>(null);
  const [last, setLast] = useState<GaugeReading | null>(null);
  const [trouble, setTrouble] = useState("");
  const [garbled, setGarbled] = useState(0);
  const close = useRef<(() => void) | null>(null);
  const hand = useRef(onReading);
  hand.current = onReading;

  const stop = useCallback(() => {
    close.current?.();
    close.current = null;
    setName(null);
  }, []);
  useEffect(() => stop, [stop]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the wait for the next line begins anew with each
  useEffect(() => {
    if (name === null) return;
    const silent = setTimeout(
      () => setTrouble("No word from the gauge for ten seconds. Note marks by hand."),
      SILENT_MS,
    );
    return () => clearTimeout(silent);
  }, [name, last]);

  const start = (gauge: Gauge): void => {
    stop();
    setTrouble("");
    setGarbled(0);
    let before: GaugeReading | null = null;
    let alike = 0;
    const onLine = (line: string): void => {
      const read = readGaugeLine(line);
      if (typeof read === "string") {
        setGarbled((n) => n + 1);
        return;
      }
      setLast(read);
      const fell = before !== null && read.litres < before.litres - FALL_LITRES;
      alike = before !== null && read.litres === before.litres && (read.kPa ?? 1) > 0 ? alike + 1 : 0;
      if (fell) setTrouble("Its litres fall: it jumps about. The highest is kept, and marks by hand are better.");
      else if (alike >= ALIKE) setTrouble("It stands still while there is pressure: it sticks, or nothing runs.");
      else if (before === null || read.litres > before.litres) setTrouble((t) => (t.startsWith("Its litres") ? t : ""));
      if (before === null || read.litres > before.litres) {
        before = read;
        hand.current(read);
      }
    };
    gauge
      .open(onLine, (why) => {
        setTrouble(why);
        setName(null);
      })
      .then(
        (stopIt) => {
          close.current = stopIt;
          setName(gauge.name);
        },
        (e: unknown) => setTrouble(e instanceof Error ? e.message : "The gauge could not be opened."),
      );
  };
  return { name, last, trouble, garbled, start, stop };
}
