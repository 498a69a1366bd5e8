/** What an engine burns, as its owner knows it. */
export interface Thirst {
  readonly burnLitresPerHour: number;
  readonly litresPer100Km?: number | undefined;
}

/**
 * Litres burned on a drive: by its way, where that and what it burns on 100 km are both known, else by the hours it ran.
 * One rule for every form, so that one drive is one number.
 */
export const litresDriven = (
  { km, minutes }: { readonly km: number | null; readonly minutes: number },
  { burnLitresPerHour, litresPer100Km }: Thirst,
): number =>
  km !== null && litresPer100Km !== undefined ? (km * litresPer100Km) / 100 : (burnLitresPerHour * minutes) / 60;

/** What each tank gave, brought to the litres that the whole drive took; as it was where nothing was burned. */
export function inProportion<T extends { readonly litres: number }>(burned: readonly T[], litres: number): T[] {
  const all = burned.reduce((sum, b) => sum + b.litres, 0);
  return all > 0 ? burned.map((b) => ({ ...b, litres: (b.litres * litres) / all })) : [...burned];
}
