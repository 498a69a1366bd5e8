"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import type { GaugeError } from "@/core/units";
import type { Gauge } from "./gauge";

/** What a feed of readings says of itself. */
export interface Feed<R> {
  readonly name: string | null;
  readonly last: R | null;
  /** What is wrong with it, in words; empty while nothing is. */
  readonly trouble: string;
  readonly garbled: number;
  start(gauge: Gauge): void;
  stop(): void;
}

interface Asked<R> {
  readonly read: (line: string) => R | GaugeError;
  /** A reading that could be read; what is wrong with it, in words, or null where nothing is. Called anew for each feed. */
  readonly listener: () => (reading: R) => string | null;
  readonly silent: string;
}

const SILENT_MS = 10_000;

/** Listens to one gauge at a time: opens it, reads its lines, counts what is garbled, and says when it falls silent. */
export function useFeed<R>(asked: Asked<R>): Feed<R> {
  const [name, setName] = useState<string | null>(null);
  const [last, setLast] = useState<R | null>(null);
  const [trouble, setTrouble] = useState("");
  const [garbled, setGarbled] = useState(0);
  const close = useRef<(() => void) | null>(null);
  const latest = useRef(asked);
  latest.current = asked;

  const stop = useCallback(() => {
    close.current?.();
    close.current = null;
    setName(null);
  }, []);
  useEffect(() => stop, [stop]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the wait for the next line begins anew with each
  useEffect(() => {
    if (name === null) return;
    const silent = setTimeout(() => setTrouble(latest.current.silent), SILENT_MS);
    return () => clearTimeout(silent);
  }, [name, last]);

  const start = (gauge: Gauge): void => {
    stop();
    setTrouble("");
    setGarbled(0);
    const listen = latest.current.listener();
    const onLine = (line: string): void => {
      const read = latest.current.read(line);
      if (typeof read === "string") {
        setGarbled((n) => n + 1);
        return;
      }
      setLast(read);
      const wrong = listen(read);
      if (wrong !== null) setTrouble(wrong);
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
