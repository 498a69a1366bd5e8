export type { Advice } from "./advice";
export { clearanceOf, type DraftClearance, type DraftWarning } from "./clearance";
export type { Grains } from "./grains";
export { type Heel, type HeelFate, heelOf } from "./heels";
export { mixOf, type Thickness } from "./mixture";
export { type PastForecast, pastForecasts } from "./pastForecasts";
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
export { type Clearing, type SettleBench, settleBench, type Track } from "./settleBench";
export { heldUm, type SettlerDay, settlerDay, USUAL_SETTLER } from "./settler";
export { type SettlingQuestionData, settlingQuestion } from "./settlingQuestion";
export type { Settling, Standing } from "./standing";
export { STATIONS, type Station, stationOf } from "./stations";
export { SAFE_SHARE, safeLitres, staysApart } from "./terms";
export { type Lot, type VesselView, viewYard, type YardView } from "./view";
export type { Waiting } from "./waiting";
export type { Way, WayName } from "./ways";
export type { BadLot, Worth } from "./worth";
