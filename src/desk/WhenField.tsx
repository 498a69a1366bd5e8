"use client";
import { useState } from "react";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import { Button, MomentField } from "@/ui";
import type { When } from "./useWhen";

const EARLIER = [
  { name: "An hour earlier", ms: MS_PER_HOUR },
  { name: "A day earlier", ms: MS_PER_DAY },
  { name: "A week earlier", ms: 7 * MS_PER_DAY },
] as const;

/** When it happened: now, and one press to say otherwise, to the minute. */
export function WhenField({ when, label = "When it happened" }: { when: When; label?: string }) {
  const [open, setOpen] = useState(when.text !== "");
  if (!open)
    return (
      <p className="flex items-center justify-between gap-2">
        <span>
          <span className="text-[14px] text-ink-2">{label}: </span>
          <b className="font-plate text-[17px]">now</b>
        </span>
        <Button look="quiet" onClick={() => setOpen(true)}>
          Earlier
        </Button>
      </p>
    );
  return (
    <div className="flex flex-col gap-1.5">
      <MomentField label={label} value={when.text} onChange={when.set} error={when.wrong} hint={when.words} />
      <div className="flex flex-wrap gap-1.5">
        {EARLIER.map(({ name, ms }) => (
          <Button key={name} onClick={() => when.earlier(ms)}>
            {name}
          </Button>
        ))}
      </div>
    </div>
  );
}
