"use client";
import { useState } from "react";
import { NOTICED, type Noticed } from "@/core/ledger/schema/tripNote";
import { TextField } from "@/ui";

/** What was noticed of the engine, and a sentence of one's own. */
interface Ran {
  readonly noticed: readonly Noticed[];
  readonly note: string;
  toggle(what: Noticed): void;
  say(note: string): void;
  clear(): void;
  readonly data: { readonly noticed?: Noticed[]; readonly note?: string };
}

export function useRan(): Ran {
  const [noticed, setNoticed] = useState<readonly Noticed[]>([]);
  const [note, say] = useState("");
  return {
    noticed,
    note,
    say,
    toggle: (what) => setNoticed(noticed.includes(what) ? noticed.filter((n) => n !== what) : [...noticed, what]),
    clear: () => {
      setNoticed([]);
      say("");
    },
    data: {
      ...(noticed.length > 0 && { noticed: [...noticed] }),
      ...(note.trim() !== "" && { note: note.trim() }),
    },
  };
}

/** Smoke, smell, power and sound: what a worn pump or a bad lot says first. */
export function HowItRan({ of }: { of: Ran }) {
  return (
    <fieldset className="mt-3">
      <legend className="text-[15px] font-semibold">How it ran</legend>
      <div className="flex flex-wrap gap-2">
        {(Object.entries(NOTICED) as [Noticed, string][]).map(([what, name]) => (
          <label
            key={what}
            className="flex min-h-[var(--target)] items-center gap-2 rounded-md border border-quiet bg-card px-3 text-[15px]"
          >
            <input
              type="checkbox"
              className="h-5 w-5 accent-go"
              checked={of.noticed.includes(what)}
              onChange={() => of.toggle(what)}
            />
            {name}
          </label>
        ))}
      </div>
      <div className="mt-2">
        <TextField label="In your words (if you like)" value={of.note} onChange={of.say} />
      </div>
    </fieldset>
  );
}
