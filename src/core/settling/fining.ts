import { requireRange } from "../numerics";

/** The owner's recipe: water as a share of the oil, grams of gelatine in a litre of it. */
export interface FiningRecipe {
  readonly waterShare: number;
  readonly gelatineGPerL: number;
}

export const USUAL_FINING: FiningRecipe = { waterShare: 0.1, gelatineGPerL: 40 };
/** Water into hotter oil flashes to steam under it and throws it out. */
export const FINING_MOST_CELSIUS = 60;

/** Water and gelatine for a batch, dissolved warm. Refuses oil over 60 °C: boil-over. Source: physics §3. */
export function finingDoses(
  oilLitres: number,
  oilCelsius: number,
  r: FiningRecipe,
): { waterLitres: number; gelatineG: number } {
  requireRange("oilCelsius", oilCelsius, 0, FINING_MOST_CELSIUS);
  const waterLitres = oilLitres * r.waterShare;
  return { waterLitres, gelatineG: waterLitres * r.gelatineGPerL };
}
