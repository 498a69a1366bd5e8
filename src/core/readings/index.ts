export { type PlaceView, placeViews, type Range } from "./drive/places";
export type { BagView } from "./filter/bagView";
export { FIRST_LINE, type LineView } from "./filter/lines";
export { ReadingMemo } from "./memo";
export { readYard, type VesselReading, type YardReading } from "./reading";
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
} from "./rounds/roundQuestion";
export type { SourceView } from "./rounds/sourceView";
export type { Waiting } from "./rounds/waiting";
export type { BadLot, Worth } from "./rounds/worth";
export type { Grains } from "./settle/grains";
export { type Heel, type HeelFate, heelOf } from "./settle/heels";
export { type PastForecast, pastForecasts } from "./settle/pastForecasts";
export { type Clearing, type SettleBench, settleBench, type Track } from "./settle/settleBench";
export { heldUm, type SettlerDay, settlerDay, USUAL_SETTLER } from "./settle/settler";
export { type SettlingQuestionData, settlingQuestion } from "./settle/settlingQuestion";
export type { Way, WayName } from "./settle/ways";
export { slotOf } from "./slot";
export { SAFE_SHARE, safeLitres, staysApart } from "./terms";
export { mixOf, type Thickness } from "./vessel/mixture";
export { type Lot, pastOf, type VesselPast } from "./vessel/past";
export type { Settling, Standing } from "./vessel/standing";
export type { VesselView } from "./vessel/vesselView";
