import type { LitresLeft } from "@/core/filtration";
import { US_SIEVES } from "@/core/filtration/sieve";
import { formatNumber } from "@/core/units";
import type { Units } from "./units";

/** "about 610 L left, likely 400 to 900"; in two parts, for a plate. */
export function leftWords(exact: LitresLeft | null, u: Units): { readonly main: string; readonly range: string } {
  if (exact === null) return { main: "not known", range: "" };
  const left = { litres: rounded(exact.litres, u), least: rounded(exact.least, u) ?? 0, most: rounded(exact.most, u) };
  if (left.litres === null) return { main: "no end seen", range: "it got no slower yet" };
  if (left.litres < 0.5) return { main: "choked", range: "slower than you wait for" };
  const range =
    left.most === null
      ? `${u.litres(left.least)} at the least`
      : `likely ${u.litres(left.least)} to ${u.litres(left.most)}`;
  return { main: `${u.litres(left.litres)} left`, range };
}

/** Both scales, since people mix them up: "75 µm, sieve 200", "200 µm, about sieve 70"; what nobody knows is said. */
export function ratingWords(um: number | undefined): string {
  if (um === undefined) return "rating unknown";
  const words = `${formatNumber(um, Number.isInteger(um) ? 0 : 1)} µm`;
  const [coarsest, finest] = [US_SIEVES[0]?.[1] ?? 0, US_SIEVES.at(-1)?.[1] ?? 0];
  if (um < finest) return `${words}, finer than sieves`;
  if (um > coarsest) return `${words}, coarser than sieves`;
  const [mesh, opening] = US_SIEVES.reduce((a, b) => (Math.abs(b[1] - um) < Math.abs(a[1] - um) ? b : a));
  return `${words}, ${opening === um ? "" : "about "}sieve ${mesh}`;
}

/** Nobody knows a bag's life to the litre, nor to the gallon. */
function rounded(litres: number | null, u: Units): number | null {
  if (litres === null) return null;
  const shown = u.volume.of(1);
  return Number((litres * shown).toPrecision(2)) / shown;
}
