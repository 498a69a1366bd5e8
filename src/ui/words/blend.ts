import { type FireHazard, fluidName } from "@/core/fluids";
import type { Nearest } from "@/core/readings/blend/nearest";
import { formatNumber } from "@/core/units";
import type { Units } from "./units";

/** How it must be handled, by its most volatile part. */
export const HAZARD_WORDS: Readonly<Record<FireHazard, string>> = {
  "like-petrol": "as petrol",
  "like-kerosene": "as kerosene",
  "like-diesel": "as diesel",
  "like-oil": "as oil",
};

export const NO_PLAN_WORDS = {
  "tank-full": "It is full to that mark. Nothing can be poured.",
  "too-thick-even-with-thinner-only": "Even filled up with thinner alone it stays over your limit.",
  "no-mix-meets-it": "No mix of what you chose meets that.",
  "not-enough-in-stock": "What you chose does not fill it.",
  "no-fuel-in": "There is no fuel in what you chose.",
} as const;

/** What would give an answer. */
export function wordNearest(n: Nearest, u: Units): string {
  switch (n.code) {
    case "drain-first":
      return `Drain ${u.litres(n.litres)} out of it first, and fill up with the thinnest of them alone.`;
    case "thin-with":
      return `${fluidName(n.fluid)} would do it, with ${u.litres(n.oilLitres)} of the oil.`;
    case "good-down-to":
      return `What you chose is thin enough down to ${u.celsius(n.celsius)}: keep it that warm, or heat it.`;
    case "pour-at-most":
      return `What stands in it carries ${u.litres(n.litres)} of the oil, and no more.`;
    case "fill-at-least":
      return `Fill to ${u.litres(n.litres)} at least, with the thinnest of them alone.`;
    case "fill-to":
      return `Fill to ${u.litres(n.litres)}.`;
    case "buy":
      return `Or buy ${u.litres(n.litres)} more ${fluidName(n.fluid).toLowerCase()}.`;
    case "let-it-fall-out":
      return "Thin enough it can be, but something falls out: let it stand in the cold and filter it, or use oil without fat and winter fuel.";
    case "nothing-stays-liquid":
      return `Nothing you chose stays liquid so cold. ${fluidName(n.fluid)} does, down to ${u.celsius(n.celsius)}.`;
  }
}

/** "4 jugs and 1.2 L": by the largest measure that goes in, the rest in litres; null where none is that small. */
export function inMeasures(
  litres: number,
  measures: readonly { readonly name: string; readonly litres: number }[],
  u: Units,
): string | null {
  const measure = [...measures].sort((a, b) => b.litres - a.litres).find((m) => m.litres <= litres + SLIP_LITRES);
  if (!measure) return null;
  const count = Math.floor((litres + SLIP_LITRES) / measure.litres);
  const rest = litres - count * measure.litres;
  const full = `${count} × ${measure.name}`;
  return rest < SLIP_LITRES ? full : `${full} and ${u.volume.text(rest)} ${u.volume.unit}`;
}

/** What nobody can see on a measure. */
const SLIP_LITRES = 0.05;

/** "1.02 × diesel". */
export const againstDiesel = (ratio: number): string => `${formatNumber(ratio, 2)} × diesel`;

/** "€1.62 a litre", or a gallon, as its owner reads. */
export const priceEach = (perLitre: number, u: Units): string =>
  perLitre === 0 ? "free" : `${u.money(u.pricePerLitre.of(perLitre))} a ${u.oneLitre}`;
