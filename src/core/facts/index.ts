export {
  AMISS_CODES,
  type Amiss,
  type AmissCode,
  amissIn,
  chemicalsInto,
  ESTER_ROLES,
  FUEL_ROLES,
  mayHoldPetrol,
  SOME_SHARE,
} from "./amiss";
export { type Held, heldIn, heldOf } from "./held";
export { holdsChemicals } from "./holdsChemicals";
export { type VesselWord, wordsOn } from "./words";
