import { type BatchRecipe, PRESETS, USUAL_CONVERSION, USUAL_SECOND_SHARE } from "./recipe";

/** Sixty litres of usual oil, in a usual way. */
export const usualRecipe: BatchRecipe = {
  ...PRESETS.patient,
  path: "base",
  pace: "patient",
  oilLitres: 60,
  acidMolPerL: 0.04,
  base: "KOH",
  basePurity: 0.9,
  doseGPerL: 7,
  methanolPurity: 1,
  sulfuricPurity: 0.96,
  secondShare: USUAL_SECOND_SHARE,
  conversion: USUAL_CONVERSION,
};
