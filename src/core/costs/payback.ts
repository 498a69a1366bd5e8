/** A litre that was burned in place of pump diesel, on a day counted from the kit's first. */
export interface BurnedLitres {
  readonly day: number;
  readonly litres: number;
}

export interface Payback {
  readonly savedSoFar: number;
  readonly litresPerDay: number;
  /** Days from the kit's first until it has paid for itself; null where it never does in a hundred years. */
  readonly days: number | null;
}

/** A hundred years. */
const NEVER_DAYS = 36_525;

/**
 * When a kit has paid for itself, from the ledger's own litres: what they saved so far, and the rest at their rate.
 * `today` is the last day counted, more than 0. Source: physics §7.
 */
export function payback(
  kitCost: number,
  burned: readonly BurnedLitres[],
  savedPerLitre: number,
  today: number,
): Payback {
  const litres = burned.reduce((sum, b) => sum + b.litres, 0);
  const litresPerDay = litres / today;
  const savedSoFar = litres * savedPerLitre;
  return { savedSoFar, litresPerDay, days: daysToPay(kitCost, burned, savedPerLitre, today, litresPerDay) };
}

function daysToPay(
  kitCost: number,
  burned: readonly BurnedLitres[],
  savedPerLitre: number,
  today: number,
  litresPerDay: number,
): number | null {
  let saved = 0;
  for (const b of [...burned].sort((x, y) => x.day - y.day)) {
    saved += b.litres * savedPerLitre;
    if (saved >= kitCost) return b.day;
  }
  const perDay = litresPerDay * savedPerLitre;
  const days = perDay > 0 ? today + (kitCost - saved) / perDay : Number.POSITIVE_INFINITY;
  return days <= NEVER_DAYS ? days : null;
}
