"use client";
import { Label, Radio, RadioGroup } from "@headlessui/react";
import type { ReactNode } from "react";

export interface Option {
  readonly value: string;
  readonly name: string;
  readonly detail?: string;
  /** Beside the words, for what one knows by sight. */
  readonly picture?: ReactNode;
}

interface Props {
  readonly label: string;
  readonly options: readonly Option[];
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
  /** Three side by side on a phone, where their words are short. */
  readonly narrow?: boolean;
}

/** One of a few, as plates big enough for a thumb; arrow keys move between them. */
export function Choice({ label, options, value, onChange, error, narrow = false }: Props) {
  return (
    <RadioGroup value={value} onChange={onChange}>
      <Label className="block text-[14px] text-ink-2">{label}</Label>
      <div
        className={`mt-1 grid gap-2 ${narrow ? "grid-cols-[repeat(auto-fill,minmax(94px,1fr))]" : "grid-cols-[repeat(auto-fill,minmax(132px,1fr))]"}`}
      >
        {options.map((o) => (
          <Radio
            key={o.value}
            value={o.value}
            className="flex min-h-[var(--target)] cursor-pointer items-center gap-2 rounded-md border border-quiet bg-card px-3 py-1 leading-tight data-checked:border-go data-checked:shadow-[inset_0_0_0_2px_var(--go)]"
          >
            {o.picture}
            <span className="flex flex-col">
              <span className="font-plate text-[17px] font-semibold">{o.name}</span>
              {o.detail ? <span className="text-[13px] text-ink-2">{o.detail}</span> : null}
            </span>
          </Radio>
        ))}
      </div>
      {options.length === 0 ? <p className="text-[14px] text-stop">There is none to choose.</p> : null}
      {error ? <p className="mt-1 text-[14px] text-stop">{error}</p> : null}
    </RadioGroup>
  );
}
