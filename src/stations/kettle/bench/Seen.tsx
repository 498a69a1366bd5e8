"use client";
import type { Stage } from "@/core/kettle";
import { Termed } from "@/ui";
import { EXPECTED, OTHERWISE } from "@/ui/words/kettle";

export type Saw = "expected" | "not" | null;

interface Props {
  readonly stage: Stage;
  readonly saw: Saw;
  readonly onSaw: (saw: Saw) => void;
  readonly error?: string | undefined;
}

/** Expected, and seen: the question that every stage ends with. */
export function Seen({ stage, saw, onSaw, error }: Props) {
  return (
    <section aria-labelledby="expected-title" className="mt-3">
      <h3 id="expected-title" className="flex items-baseline justify-between text-[19px] font-semibold">
        Expected <span className="text-[15px] font-medium text-ink-2">seen?</span>
      </h3>
      <p className="text-[15px] text-ink-2">
        <Termed>{EXPECTED[stage]}</Termed>
      </p>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {(
          [
            ["expected", "As expected"],
            ["not", "It is not"],
          ] as const
        ).map(([value, name]) => (
          <button
            key={value}
            type="button"
            aria-pressed={saw === value}
            onClick={() => onSaw(value)}
            className="min-h-[var(--target)] rounded-md border border-quiet bg-card font-plate text-[17px] font-semibold aria-pressed:border-go aria-pressed:shadow-[inset_0_0_0_2px_var(--go)]"
          >
            {name}
          </button>
        ))}
      </div>
      {saw === "not" ? (
        <p className="mt-2 rounded-md border-l-4 border-stop bg-card px-3 py-2 text-[15px]">{OTHERWISE[stage]}</p>
      ) : null}
      {error ? <p className="mt-1 text-[14px] text-stop">{error}</p> : null}
    </section>
  );
}
