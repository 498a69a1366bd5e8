"use client";
import { useState } from "react";
import type { QuantityError, Result } from "@/core/units";
import { wordQuantityError } from "@/ui/words";

export interface NumberInput {
  readonly text: string;
  readonly value: number | null;
  readonly error: string | undefined;
  set(text: string): void;
  refuse(reason: string): void;
}

/** A typed quantity: its text is never touched, its value is there when the text reads as one. */
export function useNumber(initial: string, parse: (text: string) => Result<number, QuantityError>): NumberInput {
  const [text, setText] = useState(initial);
  const [refused, setRefused] = useState<string>();
  const parsed = parse(text);
  return {
    text,
    value: parsed.ok ? parsed.value : null,
    error: refused ?? (text !== "" && !parsed.ok ? wordQuantityError(parsed.error) : undefined),
    set(next) {
      setText(next);
      setRefused(undefined);
    },
    refuse: setRefused,
  };
}
