"use client";
import { useState } from "react";
import type { QuantityError, Result } from "@/core/units";
import { TextField } from "@/ui";
import { wordQuantityError } from "@/ui/words";

interface Props {
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  readonly text: (value: number) => string;
  readonly parse: (text: string) => Result<number, QuantityError>;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

/** A figure of a part: taken as soon as it reads and can be, its message at the field where not. */
export function Figure({ label, value, unit, text, parse, least, most, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = typed === null ? null : parse(typed);
  const isOff = read?.ok && (read.value < least || read.value > most);
  return (
    <TextField
      label={label}
      value={typed ?? text(value)}
      suffix={unit}
      decimal
      error={
        isOff
          ? `Between ${text(least)} and ${text(most)} ${unit}.`
          : read && !read.ok && typed !== ""
            ? wordQuantityError(read.error)
            : undefined
      }
      onChange={(next) => {
        setTyped(next);
        const now = parse(next);
        if (now.ok && now.value >= least && now.value <= most) onChange(now.value);
      }}
    />
  );
}
