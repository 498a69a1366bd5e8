export { type Add, AddContext } from "./AddContext";
export { allOrSome, amount, amountFields, mostThatFits } from "./amounts";
export { correctionOf } from "./correction";
export { FormView } from "./FormView";
export { lockedOut, lockOutField, ownerOf } from "./lockOut";
export { type OffBook, offBook } from "./offBook";
export { DOES_NOT_SUIT, isDieselTank, isThin, mayMeet, mostlyOf, suitsBought } from "./suits";
export { type BenchLink, type Field, litresChips, type Values, type Verb } from "./verb";
export { anyVesselField, fromField, roomIn, toField, vesselOf } from "./vesselFields";
