import type { ReactNode } from "react";
import { EffectBars, type EffectRow } from "./EffectBars";

export interface WhyProps {
  readonly equation: string;
  readonly source: string;
  readonly range: string;
  /** Every input by name, with its unit. */
  readonly inputs: readonly { readonly name: string; readonly value: string }[];
  /** "6 dips of your own, good" or what is assumed without any. */
  readonly readings: string;
  /** The bounds of the forecast, where it has some. */
  readonly likely?: string | undefined;
  readonly answer: { readonly name: string; readonly value: string };
  readonly effects: readonly EffectRow[];
  readonly more?: ReactNode;
}

/** What a figure rests on: how it was worked out, from what, how far to trust it, and what would change it most. */
export function WhyPanel({ equation, source, range, inputs, readings, likely, answer, effects, more }: WhyProps) {
  return (
    <div className="pb-3 text-[14px]">
      <p className="font-plate text-[18px] font-semibold">
        {answer.name}: {answer.value}
      </p>
      {likely ? <p>Likely {likely}.</p> : null}
      <p className="mt-2 rounded bg-floor px-2 py-1.5 leading-relaxed break-words">{equation}</p>
      <p className="mt-1 text-ink-2">Source: {source}.</p>
      <p className="text-ink-2">Holds: {range}</p>
      <p className="mt-2">
        <b>Rests on</b> {readings}
      </p>
      <dl className="mt-1">
        {inputs.map((i) => (
          <div key={i.name} className="flex items-baseline justify-between gap-3 border-t border-rule py-1">
            <dt>{i.name}</dt>
            <dd className="text-right font-plate text-[15px] font-semibold">{i.value}</dd>
          </div>
        ))}
      </dl>
      {more}
      <EffectBars answer={answer} effects={effects} />
    </div>
  );
}
