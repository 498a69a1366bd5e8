import { typicalBag } from "./media";
import { METRE_OF_OIL_PA, type RunFit } from "./runPace";

const M3_PER_LITRE = 1e-3;
const SECONDS_PER_MINUTE = 60;

/** What a rating and an area suggest, by gravity, before anything was timed. */
export function typicalRunFit(ratingUm: number, areaM2: number): RunFit {
  const { mediumPerM, cakePerM2 } = typicalBag(ratingUm);
  const perMinute = (M3_PER_LITRE / SECONDS_PER_MINUTE) * (1 / (areaM2 * METRE_OF_OIL_PA));
  return {
    clean: mediumPerM * perMinute,
    perLitre: (cakePerM2 / areaM2) * M3_PER_LITRE * perMinute,
    runs: 0,
    spread: null,
  };
}
