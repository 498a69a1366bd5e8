export type { Lesson } from "./lesson";
export { LESSONS } from "./lessons";
export {
  type Act,
  act,
  airAtPump,
  begin,
  CHOKED_KPA,
  goOn,
  type Look,
  type Rehearsal,
  type Stage,
  stageFor,
  TOO_HOT_CELSIUS,
} from "./rehearse";
export { type Cost, scoreOf } from "./score";
export {
  beginShed,
  goOnShed,
  movedLitres,
  SHED_LESSONS,
  SHED_RIG,
  type ShedLesson,
  type ShedRun,
  scoreShed,
  shedFlow,
  shedTrouble,
  turnShed,
} from "./shed";
