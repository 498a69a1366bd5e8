"use client";
import { useEffect, useId, useState } from "react";
import type { CalculationName, InputOf, OutputOf } from "@/core/calculations";
import { type Asked, askWorker, cancelWork } from "@/workers";

/**
 * What a calculation answers, off the page, and again when its input says something else; null while it is asked, and where
 * there is no input yet. A newer question cancels the older.
 */
export function useAsked<N extends CalculationName>(name: N, input: InputOf<N> | null): Asked<OutputOf<N>> | null {
  const picture = useId();
  const [found, setFound] = useState<{ readonly key: string; readonly answer: Asked<OutputOf<N>> } | null>(null);
  // By what it says, not by which object says it: a screen builds its input anew each time it draws.
  const key = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (key === null) return;
    let gone = false;
    void askWorker(name, JSON.parse(key) as InputOf<N>, picture).then((answer) => {
      if (!gone && !(!answer.ok && answer.error.code === "cancelled")) setFound({ key, answer });
    });
    return () => {
      gone = true;
      cancelWork(picture);
    };
  }, [name, key, picture]);
  return found?.key === key ? found.answer : null;
}
