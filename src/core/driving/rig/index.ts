export { type RigFault, rigFaults } from "./checks";
export {
  changedControl,
  changedHose,
  changedPart,
  goesIntoHose,
  intoHose,
  newPart,
  openPorts,
  PART_KIND_IDS,
  withControl,
  withHose,
  withoutControl,
  withoutHose,
  withoutPart,
  withPart,
} from "./edit";
export { type Line, LOOPED_TANKS, lineOf, STRAIGHT_TANKS } from "./line";
export {
  combinationsOf,
  type Mode,
  modeOf,
  type Positions,
  running,
  type Stand,
  standFor,
  standsOf,
  type Turn,
  turnsTo,
} from "./modes";
export { type Astray, astrayInto, flowsIn, type Outcome, outcomeOf } from "./outcome";
export {
  type Control,
  type Hose,
  hoseLitres,
  isValve,
  litresIn,
  type Mover,
  PART_KINDS,
  type PartKind,
  partOfPort,
  portOf,
  type Rig,
  type RigPart,
  type ValvePart,
  type When,
} from "./parts";
export { type Foreseen, foresee, type Pipe, pipesOf } from "./pipes";
export { type Finding, type Proof, type ProofRow, proofOf, type Verdict } from "./proof";
export { advance, litresAt, type Running, shareAt } from "./run";
export {
  after,
  atRest,
  booked,
  type MinutesBy,
  type Moment,
  minutesBy,
  modeAt,
  oilAtPump,
  onTo,
  type Plumbed,
  plumbed,
  remembered,
  replay,
  type TripBooked,
  type TripEvent,
} from "./sequence";
export { AUTO, isTurned, positionOf, type Setting } from "./setting";
export { isShelfId, rigFromShelf, SHELF_IDS, type ShelfId, shelfFor, shelfOf } from "./shelf";
export type { ShelfRig } from "./shelf/arrangement";
export { pumpFlowOfRig, rigLitres, withLineLitres, withPumpFlow } from "./size";
export { isHeated, minutesToFuel, type RigCelsius, rigCelsius, type Warmth } from "./warm";
