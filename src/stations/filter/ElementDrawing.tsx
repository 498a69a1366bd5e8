import { useId } from "react";
import type { BagView } from "@/core/readings";

const HEIGHT = 84;
const CAKE = "#8c6a48";

/** How full of its own life an element is, 0 to 1: what it carries against that and what is left. */
export function usedShare(b: BagView): number {
  const left = b.left?.litres ?? null;
  if (left === null) return b.litres > 0 ? 0.1 : 0;
  return b.litres + left > 0 ? b.litres / (b.litres + left) : 1;
}

/** One thing of a line as it hangs: a bag, a strainer, a housing; the cake in it grows as its life is used up. */
export function ElementDrawing({ element: b, label }: { element: BagView; label: string }) {
  const cake = Math.round(50 * Math.min(1, usedShare(b)));
  const form = b.bag.form ?? "bag";
  const inside = useId();
  return (
    <svg role="img" aria-label={label} width="84" height={HEIGHT} viewBox={`0 0 84 ${HEIGHT}`} className="block">
      {DRAWN[form] === "housing" ? (
        <>
          <rect x="22" y="14" width="40" height="62" rx="6" className="fill-card stroke-ink" strokeWidth="2.5" />
          <rect x="32" y="22" width="20" height="46" className="fill-panel stroke-ink-2" strokeWidth="1.5" />
          <rect x="32" y={22 + 46 - (46 * cake) / 50} width="20" height={(46 * cake) / 50} fill={CAKE} />
          <rect x="14" y="8" width="56" height="10" className="fill-deep-2" />
        </>
      ) : DRAWN[form] === "sieve" ? (
        <>
          <path d="M12 20h60l-14 34H26Z" className="fill-card stroke-ink" strokeWidth="2.5" strokeLinejoin="round" />
          <path d="M26 54h32M24 46h36M21 38h42M32 20l4 34M42 20v34M52 20l-4 34" className="stroke-ink-2" fill="none" />
          {cake > 0 ? <path d={`M26 54h32l${cake / 12} ${-cake / 3}H${26 - cake / 12}Z`} fill={CAKE} /> : null}
          <path d="M8 18h68" className="stroke-deep-2" strokeWidth="6" />
        </>
      ) : (
        <>
          <path d="M18 10 22 62q4 16 20 16t20-16l4-52Z" className="fill-card" />
          <clipPath id={inside}>
            <path d="M18 10 22 62q4 16 20 16t20-16l4-52Z" />
          </clipPath>
          <g clipPath={`url(#${inside})`}>
            <path
              d={`M0 ${HEIGHT}V${62 - cake}q10 ${cake * 0.2} 20 ${cake * 0.75}t22 ${10 + cake * 0.1}q12 0 22 ${-(10 + cake * 0.1)}t20 ${-cake * 0.75}V${HEIGHT}Z`}
              fill={CAKE}
            />
          </g>
          <path d="M18 10 22 62q4 16 20 16t20-16l4-52" className="fill-none stroke-ink" strokeWidth="2.5" />
          {form === "double-bag" ? (
            <path d="M24 12l4 46q3 12 14 12t14-12l4-46" className="fill-none stroke-ink-2" strokeWidth="1.5" />
          ) : null}
          <path d="M8 10h68" className="stroke-deep-2" strokeWidth="6" />
        </>
      )}
    </svg>
  );
}

const DRAWN: Readonly<Record<NonNullable<BagView["bag"]["form"]>, "bag" | "sieve" | "housing">> = {
  bag: "bag",
  "double-bag": "bag",
  cloth: "sieve",
  strainer: "sieve",
  "y-strainer": "housing",
  trap: "housing",
  cartridge: "housing",
  "in-line": "housing",
  "hand-pump": "housing",
};
