export type { Advice } from "./advice";
export { mixOf, settlingOilOf } from "./mixture";
export type { Settling, Standing } from "./standing";
export { STATIONS, type Station, stationOf } from "./stations";
export { type VesselView, viewYard, type YardView } from "./view";
