import { type Contents, EMPTY, litresByDepth, splitBy } from "./contents";
import type { YardState } from "./state";

/** Grains that a bag meets, µm, by where they lie: fines, water as drops, flocs of fat. Oil goes through. */
const SIZES_UM = [16, 60, 80] as const;

/** Share of grains of a size that some bags hold between them: each 1 − 2^(−(d/m)²). Source: physics §4. */
const heldShare = (sizeUm: number, ratingsUm: readonly number[]): number =>
  1 - ratingsUm.reduce((passes, m) => passes * 2 ** -((sizeUm / m) ** 2), 1);

/**
 * What bags keep of what goes through them: sludge and fat by the size of their grains, water only where its drops are
 * larger than a bag's pores, and then oil that clings; in all the litres that stayed. What is too fine goes on.
 */
export function caughtIn(
  yard: YardState,
  through: Contents,
  lossLitres: number,
  ratingsUm: readonly number[],
): { kept: Contents; clean: Contents } {
  if (lossLitres <= 0) return { kept: EMPTY, clean: through };
  const byDepth = litresByDepth(through, yard.parts);
  const held = SIZES_UM.map((um) => heldShare(um, ratingsUm));
  const caught = held.reduce((sum, share, depth) => sum + share * (byDepth[depth] ?? 0), 0);
  const scale = caught > lossLitres ? lossLitres / caught : 1;
  const oil = byDepth[SIZES_UM.length] ?? 0;
  const clings = oil > 0 ? Math.min(1, Math.max(0, lossLitres - caught) / oil) : 0;
  const { taken, left } = splitBy(through, yard.parts, [...held.map((share) => share * scale), clings]);
  return { kept: taken, clean: left };
}
