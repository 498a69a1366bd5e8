import { bisect } from "../numerics";
import { fatCrystals, HARD_MOLE_SHARE } from "./fatCrystals";
import type { MixPart } from "./mix";

const isFat = (p: MixPart): boolean => p.fluid.family === "fat";
const ALMOST_NONE = 1e-6;

/**
 * The most fat of a mix, by volume, that stays dissolved on standing at a low: the same fat in the same other parts. 1
 * where all of it may be fat, null where there is none in it.
 */
export function fatLetThroughShare(
  parts: readonly MixPart[],
  lowCelsius: number,
  hardMoleShare = HARD_MOLE_SHARE,
): number | null {
  const [fat, rest] = [parts.filter(isFat), parts.filter((p) => !isFat(p))];
  const litresOf = (some: readonly MixPart[]): number => some.reduce((sum, p) => sum + p.litres, 0);
  const [fatLitres, restLitres] = [litresOf(fat), litresOf(rest)];
  if (!(fatLitres > 0)) return null;
  const fallsOutAt = (share: number): number => {
    const mixed = [
      ...fat.map((p) => ({ ...p, litres: (p.litres * share) / fatLitres })),
      ...rest.map((p) => ({ ...p, litres: (p.litres * (1 - share)) / restLitres })),
    ];
    return fatCrystals(mixed, hardMoleShare).standingCelsius ?? Number.NEGATIVE_INFINITY;
  };
  if (fatCrystals(fat, hardMoleShare).standingCelsius === null) return 1;
  if ((fatCrystals(fat, hardMoleShare).standingCelsius ?? 0) <= lowCelsius) return 1;
  if (!(restLitres > 0) || fallsOutAt(ALMOST_NONE) > lowCelsius) return 0;
  return bisect((share) => fallsOutAt(share) - lowCelsius, ALMOST_NONE, 1 - ALMOST_NONE);
}
