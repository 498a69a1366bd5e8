export { AMISS_CODES, type Amiss, type AmissCode, amissIn, FUEL_ROLES, mayHoldPetrol, SOME_SHARE } from "./amiss";
export { type Held, heldIn, holdsChemicals } from "./held";
export { type VesselWord, wordsOn } from "./words";
