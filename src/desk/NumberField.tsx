"use client";
import type { ReactNode } from "react";
import { TextField } from "@/ui";
import type { NumberInput } from "./useNumber";

interface Props {
  readonly label: string;
  readonly of: NumberInput;
  readonly suffix?: string | undefined;
  readonly hint?: ReactNode;
}

/** A field for a typed quantity, with what is wrong with it. */
export function NumberField({ label, of, suffix, hint }: Props) {
  return (
    <TextField
      label={label}
      value={of.text}
      onChange={of.set}
      error={of.error}
      hint={hint ?? of.echo}
      suffix={suffix ?? of.unit}
      decimal
    />
  );
}
