"use client";
import type { ReactNode } from "react";
import { TextField } from "@/ui";
import type { Units } from "@/ui/words";
import type { NumberInput } from "./useNumber";
import { useUnits } from "./useUnits";

interface Props {
  readonly label: string;
  readonly of: NumberInput;
  readonly suffix?: string | undefined;
  readonly hint?: ReactNode;
  /** Litres that the receiver still takes, said beside what is typed. */
  readonly room?: number;
}

/** A field for a typed quantity, with what is wrong with it. */
export function NumberField({ label, of, suffix, hint, room }: Props) {
  const units = useUnits();
  return (
    <TextField
      label={label}
      value={of.text}
      onChange={of.set}
      error={of.error}
      hint={hint ?? amountHint(of.echo, room, of.value, units)}
      suffix={suffix ?? of.unit}
      decimal
    />
  );
}

/** More than this over the room is no rounding. */
const OVER_LITRES = 0.05;

/** What stands under an amount: what the book takes, and how much the receiver still holds. */
export function amountHint(
  echo: string | null | undefined,
  room: number | undefined,
  litres: number | null | undefined,
  units: Units,
): string | undefined {
  const over = room !== undefined && litres !== null && litres !== undefined && litres > room + OVER_LITRES;
  const left =
    room === undefined
      ? null
      : over
        ? `${units.litres(litres - room)} more than there is room for`
        : `room for ${units.litres(room)}`;
  return [echo, left].filter(Boolean).join(", ") || undefined;
}
