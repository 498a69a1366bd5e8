import type { VesselRole } from "../ledger";

/** The stations in working order, as they hang on the pipe. */
export const STATIONS = ["rounds", "settle", "filter", "blend", "kettle", "store", "drive", "books"] as const;
export type Station = (typeof STATIONS)[number];

const STATION_OF: Record<VesselRole, Station> = {
  raw: "rounds",
  settling: "settle",
  settler: "settle",
  heel: "settle",
  feed: "filter",
  blend: "blend",
  kettle: "kettle",
  ready: "store",
  thinner: "store",
  waste: "store",
  tank: "drive",
};

export const stationOf = (role: VesselRole): Station => STATION_OF[role];
