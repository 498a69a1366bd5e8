"use client";
import type { QuantityError, Result } from "@/core/units";
import { useNumber } from "@/desk";
import { Button, TextField } from "@/ui";

interface Props {
  readonly label: string;
  readonly suffix: string;
  readonly hint?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly parse: (text: string) => Result<number, QuantityError>;
  readonly onSet: (value: number) => void;
}

/** A share told in percent, without the tail of a binary fraction. */
export const rounded = (n: number): number => Math.round(n * 1000) / 1000;

/** One of the yard's own numbers, set on its own, with its bounds said at the field. */
export function Mark({ label, suffix, hint, value, min, max, parse, onSet }: Props) {
  const number = useNumber(String(value), parse);
  const out =
    number.value !== null && (number.value < min || number.value > max) ? `Between ${min} and ${max}.` : number.error;
  return (
    <div className="flex items-start gap-2">
      <div className="flex-1">
        <TextField
          label={label}
          value={number.text}
          onChange={number.set}
          error={out}
          hint={hint}
          decimal
          suffix={suffix}
        />
      </div>
      <Button
        className="mt-5"
        disabled={number.value === null || out !== undefined || number.value === value}
        onClick={() => number.value !== null && onSet(number.value)}
        aria-label={`Set ${label.toLowerCase()}`}
      >
        Set
      </Button>
    </div>
  );
}
