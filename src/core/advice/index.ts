export type { Advice } from "./advice";
export { clearanceOf, type DraftClearance } from "./clearance";
export type { IntakeWarning } from "./intake";
export { mixOf } from "./mixture";
export type { PlaceView, Range } from "./places";
export type { SourceReading } from "./reading";
export {
  askRound,
  HOME,
  isApart,
  mapSpot,
  openingsOn,
  type RoundAsked,
  type RoundChoice,
  roomAlong,
  settlingRoom,
} from "./roundQuestion";
export { type SettlingQuestionData, settlingQuestion } from "./settlingQuestion";
export type { Settling, Standing } from "./standing";
export { STATIONS, type Station, stationOf } from "./stations";
export { SAFE_SHARE, safeLitres, staysApart } from "./terms";
export { type Lot, type VesselView, viewYard, type YardView } from "./view";
export type { Waiting } from "./waiting";
export type { BadLot, Worth } from "./worth";
