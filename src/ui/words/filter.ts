import type { LitresLeft } from "@/core/filtration";
import { US_SIEVES, umOfMesh } from "@/core/filtration/sieve";
import { formatNumber } from "@/core/units";
import type { Units } from "./units";

/** "about 610 L left, likely 400 to 900"; in two parts, for a plate. */
export function leftWords(exact: LitresLeft | null, u: Units): { readonly main: string; readonly range: string } {
  if (exact === null) return { main: "not known", range: "" };
  const left = { litres: rounded(exact.litres), least: rounded(exact.least) ?? 0, most: rounded(exact.most) };
  if (left.litres === null) return { main: "no end seen", range: "it got no slower yet" };
  if (left.litres < 0.5) return { main: "choked", range: "slower than you wait for" };
  const range =
    left.most === null
      ? `${u.litres(left.least)} at the least`
      : `likely ${u.litres(left.least)} to ${u.litres(left.most)}`;
  return { main: `${u.litres(left.litres)} left`, range };
}

/** Both scales, since people mix them up: "75 µm, US sieve 200"; what nobody knows is said. */
export function ratingWords(um: number | undefined): string {
  if (um === undefined) return "rating unknown";
  const mesh = US_SIEVES.find(([m]) => umOfMesh(m) === um)?.[0];
  if (mesh !== undefined) return `${formatNumber(um, 0)} µm, sieve ${mesh}`;
  const finest = US_SIEVES.at(-1)?.[1] ?? 0;
  return um < finest
    ? `${formatNumber(um, Number.isInteger(um) ? 0 : 1)} µm, finer than sieves`
    : `${formatNumber(um, 0)} µm`;
}

/** Nobody knows a bag's life to the litre. */
const rounded = (litres: number | null): number | null => (litres === null ? null : Number(litres.toPrecision(2)));
