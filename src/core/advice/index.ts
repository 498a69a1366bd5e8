export type { Advice } from "./advice";
export { clearanceOf, type DraftClearance } from "./clearance";
export { type IntakeWarning, SAFE_SHARE, safeLitres } from "./intake";
export { mixOf } from "./mixture";
export { KG_PER_LITRE, type PlaceView, type Range } from "./places";
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
export { type Lot, type VesselView, viewYard, type YardView } from "./view";
export { containersHold, staysApart, valuePerLitre, type Waiting } from "./waiting";
export type { BadLot, Worth } from "./worth";
