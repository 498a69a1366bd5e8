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
export { isHeated } from "./heated";
export { backPurgeOf, lineOf, purgeStand, STRAIGHT_TANKS } from "./line";
export {
  type Mode,
  type Positions,
  running,
  standFor,
  standsOf,
  type Turn,
  turnsTo,
} from "./modes";
export { astrayInto, flowsIn, outcomeOf } from "./outcome";
export {
  type Control,
  type Hose,
  hoseLitres,
  isValve,
  MOST_CONTROLS,
  MOST_POSITIONS,
  type Mover,
  PART_KINDS,
  type PartKind,
  partOfPort,
  portOf,
  type Rig,
  type RigPart,
  type ValvePart,
} from "./parts";
export { FORESEEN_MINUTES, type Foreseen, foresee, type Pipe, pipesOf } from "./pipes";
export { type Finding, type ProofRow, proofOf, type Verdict } from "./proof";
export { pumpFlowOfRig } from "./pump";
export { advance, fillsOf, litresAt, type Running } from "./run";
export {
  atRest,
  booked,
  type MinutesBy,
  type Moment,
  minutesBy,
  modeAt,
  oilAtPump,
  oilLeft,
  onTo,
  type Plumbed,
  plumbed,
  remembered,
  replay,
  type TripEvent,
} from "./sequence";
export { decidingThermostat, isTurned, positionOf, type Setting, thermostatSays } from "./setting";
export { isShelfId, rigFromShelf, type ShelfId, shelfFor, shelfOf } from "./shelf";
export { rigLitres, withLineLitres, withPumpFlow } from "./size";
export { minutesToFuel, type RigCelsius, rigCelsius, type Warmth } from "./warm";
