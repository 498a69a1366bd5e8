"use client";
import { useCallback, useState } from "react";
import type { QuantityError, Result } from "@/core/units";
import { type Typed, wordQuantityError } from "@/ui/words";

export interface NumberInput {
  readonly text: string;
  readonly value: number | null;
  readonly error: string | undefined;
  /** Of a quantity that has units: the one that is typed, and what the book takes where that is another. */
  readonly unit?: string;
  readonly echo?: string | undefined;
  set(text: string): void;
  refuse(reason: string): void;
}

/** A typed quantity: its text is never touched, its value is there when the text reads as one. */
export function useNumber(initial: string, parse: (text: string) => Result<number, QuantityError>): NumberInput {
  const [text, setText] = useState(initial);
  const [refused, setRefused] = useState<string>();
  const parsed = parse(text);
  const set = useCallback((next: string): void => {
    setText(next);
    setRefused(undefined);
  }, []);
  return {
    text,
    value: parsed.ok ? parsed.value : null,
    error: refused ?? (text !== "" && !parsed.ok ? wordQuantityError(parsed.error) : undefined),
    set,
    refuse: setRefused,
  };
}

/**
 * A typed amount in the owner's unit. Left as it was opened, or typed back to that, it is what it was opened with to the
 * last decimal; anything else is read in the unit that stands behind the field.
 */
export function useAmount(of: Typed, opened: number | null): NumberInput {
  const [first] = useState({ value: opened, text: opened === null ? "" : of.text(opened) });
  const number = useNumber(first.text, of.parse);
  const value = number.text === first.text ? first.value : number.value;
  const echo = value === null ? undefined : (of.echo(value) ?? undefined);
  return { ...number, value, unit: of.unit, echo };
}

/**
 * A typed amount that follows a reckoned one until somebody types: the minutes of a run by its litres.
 */
export function useFollowing(of: Typed, usual: number): NumberInput {
  const [text, setText] = useState<string | null>(null);
  const [refused, setRefused] = useState<string>();
  const parsed = text === null ? null : of.parse(text);
  const value = parsed === null ? usual : parsed.ok ? parsed.value : null;
  return {
    text: text ?? of.text(usual),
    value,
    error: refused ?? (parsed && text !== "" && !parsed.ok ? wordQuantityError(parsed.error) : undefined),
    unit: of.unit,
    echo: value === null ? undefined : (of.echo(value) ?? undefined),
    set(next) {
      setText(next);
      setRefused(undefined);
    },
    refuse: setRefused,
  };
}
