export { type Step, wordAdvice } from "./advice";
export { ROOM_NAMES, wordCalculationError } from "./calculations";
export { KIND_WORDS, wordEntry } from "./entries";
export { wordError, wordFileError } from "./errors";
export { wordFigure, wordFigures } from "./figures";
export { wordInterlock, wordNeed } from "./interlocks";
export { contentsWords, mostlyWords, sourceName, vehicleName, vesselName } from "./names";
export { dayAndClock, dayName, due, fullDay, shortDay, standingDays } from "./times";
export { type Units, unitsOf, wordQuantityError } from "./units";
