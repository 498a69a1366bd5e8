"use client";
import { parsePlain, type QuantityError, type Result } from "@/core/units";
import { useAmount } from "@/desk";
import { Button, TextField } from "@/ui";
import type { Typed } from "@/ui/words";

interface Props {
  readonly label: string;
  /** A quantity that follows the owner's unit; without one `parse` and `suffix` say how it is typed. */
  readonly typed?: Typed;
  readonly suffix?: string;
  readonly hint?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly parse?: (text: string) => Result<number, QuantityError>;
  readonly onSet: (value: number) => void;
}

/** A share told in percent, without the tail of a binary fraction. */
export const rounded = (n: number): number => Math.round(n * 1000) / 1000;

/** One of the yard's own numbers, set on its own, with its bounds said at the field. */
export function Mark({ label, typed, suffix = "", hint, value, min, max, parse = parsePlain, onSet }: Props) {
  const of = typed ?? { parse, text: String, unit: suffix, echo: () => null };
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
