export type { Advice } from "./advice";
export { clearanceOf } from "./clearance";
export { mixOf } from "./mixture";
export { type SettlingQuestionData, settlingQuestion } from "./settlingQuestion";
export type { Settling, Standing } from "./standing";
export { STATIONS, type Station, stationOf } from "./stations";
export { type VesselView, viewYard, type YardView } from "./view";
