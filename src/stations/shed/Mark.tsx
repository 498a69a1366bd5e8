"use client";
import { useAmount } from "@/desk";
import { Button, TextField } from "@/ui";
import type { Typed } from "@/ui/words";

interface Props {
  readonly label: string;
  /** How it is typed: in a unit that its owner chose, or plainly in its own. */
  readonly typed: Typed;
  readonly hint?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly onSet: (value: number) => void;
}

/** A share told in percent, without the tail of a binary fraction. */
export const rounded = (n: number): number => Math.round(n * 1000) / 1000;

/** One of the yard's own numbers, set on its own, with its bounds said at the field. */
export function Mark({ label, typed: of, hint, value, min, max, onSet }: Props) {
  const number = useAmount(of, value);
  const out =
    number.value !== null && (number.value < min || number.value > max)
      ? `Between ${of.text(min)} and ${of.text(max)}.`
      : number.error;
  return (
    <div className="flex items-start gap-2">
      <div className="flex-1">
        <TextField
          label={label}
          value={number.text}
          onChange={number.set}
          error={out}
          hint={hint ?? number.echo}
          decimal
          suffix={of.unit}
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
