"use client";
import { type ReactNode, useEffect, useId, useState } from "react";
import type { CalculationName, Explanation, InputOf, Moved } from "@/core/calculations";
import { WhyPanel } from "@/ui";
import { type Units, wordCalculationError, wordFigure, wordFigures } from "@/ui/words";
import { type Asked, askWhy, cancelWork } from "@/workers";
import { useUnits } from "./useUnits";

interface Props<N extends CalculationName> {
  readonly name: N;
  readonly input: InputOf<N>;
  /** How many readings of the owner's own it rests on, in words; or what is taken without any. */
  readonly readings: string;
  readonly likely?: string | undefined;
  readonly more?: ReactNode;
  /** What is asked, where a screen has more than one. */
  readonly title?: string;
}

/** The Why of a calculation that is known only by name, with an input that its own form has read. */
export const AnyWhy = (props: { readonly name: string; readonly input: unknown; readonly readings: string }) => (
  <Why {...(props as Props<CalculationName>)} />
);

/** The Why of a figure: closed until asked, worked out off the page, and again when the figure changes. */
export function Why<N extends CalculationName>({ name, input, readings, likely, more, title = "Why?" }: Props<N>) {
  const [open, setOpen] = useState(false);
  const picture = useId();
  const units = useUnits();
  const asked = useWhy(open, name, input, picture);
  return (
    <details
      className="mt-3 rounded-md border border-rule bg-card px-3"
      onToggle={(e) => setOpen(e.currentTarget.open)}
    >
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        {title}
      </summary>
      {!open ? null : asked === null ? (
        <p className="pb-3 text-ink-2">Working it out.</p>
      ) : asked.ok ? (
        <WhyPanel {...wordExplanation(asked.value, units)} readings={readings} likely={likely} more={more} />
      ) : (
        <p className="pb-3 text-stop">{wordCalculationError(asked.error)}</p>
      )}
    </details>
  );
}

function useWhy(open: boolean, name: string, input: unknown, picture: string): Asked<Explanation> | null {
  const [asked, setAsked] = useState<Asked<Explanation> | null>(null);
  // By what it says, not by which object says it: a screen builds its input anew each time it draws.
  const key = JSON.stringify(input);
  useEffect(() => {
    if (!open) return;
    let gone = false;
    void askWhy(name, JSON.parse(key), picture).then((found) => {
      if (!gone && !(!found.ok && found.error.code === "cancelled")) setAsked(found);
    });
    return () => {
      gone = true;
      cancelWork(picture);
    };
  }, [open, name, key, picture]);
  return asked;
}

function wordExplanation(e: Explanation, units: Units) {
  const { answer } = e;
  const share = (there: Moved): number | null =>
    typeof there !== "number" || answer.value === null || answer.value === 0 ? null : there / answer.value;
  const word = (there: Moved): string =>
    there === "impossible" ? "–" : there === "none" ? "none" : wordFigure(there, answer.unit, units);
  return {
    equation: e.calculation.equation,
    source: e.calculation.source,
    range: e.calculation.range,
    answer: { name: answer.title, value: wordFigure(answer.value, answer.unit, units) },
    inputs: e.inputs.map((i) => ({
      name: i.title,
      value: i.words.length > 0 ? i.words.join(", ") : wordFigures(i.values, i.unit, units),
    })),
    effects: e.effects.map((x) => ({
      name: x.title,
      low: word(x.low),
      high: word(x.high),
      lowShare: share(x.low),
      highShare: share(x.high),
    })),
  };
}
