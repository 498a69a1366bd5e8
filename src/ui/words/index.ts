export { type AdviceWords, type Step, wordAdvice } from "./advice";
export { KIND_WORDS, wordEntry } from "./entries";
export { wordError, wordFileError } from "./errors";
export { bagName, contentsWords, mostlyWords, sourceName, vehicleName, vesselName } from "./names";
export { clock, dayAndClock, dayName, due, fullDay, shortDay, standingDays } from "./times";
export { type Units, unitsOf, wordQuantityError } from "./units";
