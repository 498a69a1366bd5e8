export { clearanceByPiece, clearanceOfAct, refusalsOfAct } from "./act";
export { clearanceOf, type DraftClearance, type DraftRefusal, type DraftWarning } from "./clearance";
export { FITNESS_CODES, type FitnessCode, type FitnessRefusal } from "./fitness";
export type { TripWarning } from "./trip";
