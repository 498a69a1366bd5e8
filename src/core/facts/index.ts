export {
  AMISS_CODES,
  type Amiss,
  type AmissCode,
  amissIn,
  chemicalsInto,
  FUEL_ROLES,
  mayHoldPetrol,
  SOME_SHARE,
} from "./amiss";
export { type Held, heldIn, heldOf, holdsChemicals } from "./held";
export { type VesselWord, wordsOn } from "./words";
