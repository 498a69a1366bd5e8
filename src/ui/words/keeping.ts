import { waterInOil } from "@/core/keeping";
import type { Settings, WaterWord } from "@/core/ledger";
import type { Keeping } from "@/core/readings/store/keeping";
import { formatNumber } from "@/core/units";
import { shortDay } from "./times";
import type { Units } from "./units";

const PPM = 1e6;
/** Under this nobody sees a cloud. */
const SEEN_PPM = 20;

/** How old fuel in store is for its kind. */
export function keepingWords(k: Keeping): string {
  const used = `${formatNumber(k.usedShare * 100, 0)} % of its keeping time`;
  if (k.usedShare >= 1)
    return `Here since ${shortDay(k.since)}: past its time by your mark. Look, smell, and test its acid.`;
  return `Here since ${shortDay(k.since)}: ${used}, by what the shed was at.`;
}

/** Water that the book has in a lot: bags hold it back only as drops larger than their pores. Empty where there is next to none. */
export function carriedWaterWords(litres: number, waterLitres: number, settings: Settings): string {
  const share = litres > 0 ? waterLitres / litres : 0;
  if (share < settings.waterLimitShare / 2) return "";
  return `By the book ${formatNumber(share * 100, 2)} % of it is water that went through the bags. Test it before it is burned.`;
}

/** Weighed water: dissolved now, and what comes out of it as it cools. Empty where it was not weighed. */
export function waterInOilWords(water: WaterWord | null, settings: Settings, units: Units): string {
  if (water?.share == null) return "";
  const cool = Math.min(settings.tonightLowCelsius, settings.shedCelsius);
  const w = waterInOil(water.share * PPM, settings.shedCelsius, cool);
  const ppm = (n: number): string => `${formatNumber(n, 0)} ppm`;
  if (w.freeNowPpm > SEEN_PPM)
    return `At ${units.celsius(settings.shedCelsius)} oil dissolves about ${ppm(w.dissolvesPpm)} of water: ${ppm(w.freeNowPpm)} hang in it as drops.`;
  if (w.freeCoolPpm > SEEN_PPM)
    return `Dry now, cloudy when cold: at ${units.celsius(cool)} about ${ppm(w.freeCoolPpm)} of its water come out as drops.`;
  return `Its water stays dissolved down to ${units.celsius(cool)}.`;
}
