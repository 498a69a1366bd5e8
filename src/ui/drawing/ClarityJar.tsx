import { OIL_BY_CLARITY } from "./fills";

/** How much of the page behind a jar is hidden at each step, 1 clear to 5 as stirred. */
const HIDDEN = [0.12, 0.42, 0.72, 0.9, 1] as const;
const COLOUR = [
  OIL_BY_CLARITY.clear,
  OIL_BY_CLARITY.clear,
  OIL_BY_CLARITY.settling,
  OIL_BY_CLARITY.settling,
  OIL_BY_CLARITY.raw,
] as const;

/** Lines of print behind the jar: short and long, as words are. */
const PRINT = [
  [8, 9],
  [19, 12],
  [8, 14],
  [24, 8],
  [8, 6],
  [16, 15],
  [8, 11],
  [21, 10],
] as const;

/** A jar before a printed page, held to the light: what one can still read says how clear it is. */
export function ClarityJar({ step }: { step: number }) {
  const at = Math.min(4, Math.max(0, Math.round(step) - 1));
  return (
    <svg width="40" height="46" viewBox="0 0 40 46" aria-hidden="true" className="shrink-0">
      <rect x="11" y="1" width="18" height="4" className="fill-quiet" />
      <rect x="5" y="7" width="30" height="37" rx="3" fill="#ffffff" />
      {PRINT.map(([x, width], i) => (
        <rect key={`${x} ${width}`} x={x} y={14 + Math.floor(i / 2) * 7} width={width} height="2.4" fill="#10211f" />
      ))}
      <rect x="6" y="11" width="28" height="32" rx="2" fill={COLOUR[at]} fillOpacity={HIDDEN[at]} />
      <rect x="5" y="7" width="30" height="37" rx="3" fill="none" className="stroke-ink" strokeWidth="1.5" />
    </svg>
  );
}
