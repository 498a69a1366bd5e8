export { type Step, wordAdvice } from "./advice";
export { ROOM_NAMES, wordCalculationError } from "./calculations";
export { coldRestsOn, FAILURE_WORDS, wordCold } from "./cold";
export { counted } from "./counted";
export { wordFigure, wordFigures } from "./figures";
export { familyOf, fluidChoices, fluidsInUse, ownIn } from "./fluids";
export { carriedWaterWords, keepingWords, waterInOilWords } from "./keeping";
export { batchWords, lotCode, markWords } from "./marks";
export { contentsWords, mostlyWords, nameOf, OUTCOME_WORDS } from "./names";
export {
  accessWords,
  OFF_THE_WORLD,
  percentWords,
  priceWords,
  REASON_WORDS,
  rangeLitres,
  roughLitres,
  VERDICT_WORDS,
} from "./rounds";
export { CLARITY, clarityWord, FINES_SPARE, NOT_POSSIBLE, thicknessWords, WAY_WORDS } from "./settling";
export { aboutDay, clock, dayAndClock, dayName, due, fullDay, fullMoment, shortDay, standingDays } from "./times";
export { currencySign, plainly, type Typed, type Units, unitsOf, wordQuantityError } from "./units";
