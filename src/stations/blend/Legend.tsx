"use client";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import type { Curve } from "./curves";
import type { Mix } from "./useMix";

interface Props {
  readonly curves: readonly Curve[];
  readonly mix: Mix;
  readonly clear: number | null;
  readonly heat: number | null;
  readonly isJar: boolean;
}

/** What the lines are, in words. */
export function Legend({ curves, mix, clear, heat, isJar }: Props) {
  const units = useUnits();
  const { terms, isHeated } = mix;
  return (
    <ul className="flex flex-wrap gap-x-4 text-[14px]">
      {curves.map((c) => (
        <li key={c.name} className="flex items-center gap-2">
          <svg width="26" height="6" aria-hidden="true">
            <path d="M0 3H26" stroke={c.colour} strokeWidth={c.width} strokeDasharray={c.dash?.join(" ")} />
          </svg>
          {c.name}
        </li>
      ))}
      <li>shaded: under {formatNumber(terms.limitMm2PerS, 0)} mm²/s</li>
      <li>
        {isHeated ? "hot at the pump" : "tonight"} {units.celsius(terms.lowCelsius)}
      </li>
      {terms.atPumpCelsius === null ? null : <li>at the pump {units.celsius(terms.atPumpCelsius)}</li>}
      {heat === null ? null : <li>heat alone: {units.celsius(heat)}</li>}
      {clear === null ? null : (
        <li>
          cloudy below {units.celsius(clear)}
          {isJar ? ", by your jar" : ""}
        </li>
      )}
    </ul>
  );
}
