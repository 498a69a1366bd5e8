import type { VesselId } from "./ids";
import type { Entry } from "./schema/entry";

/** The vessels whose litres an entry may change, and those it only speaks of. */
export function vesselsOf(entry: Entry): VesselId[] {
  switch (entry.kind) {
    case "pickup":
    case "purchase":
      return [entry.data.to];
    case "move":
    case "draw-off":
    case "filter-run":
    case "fill":
    case "spin":
      return [entry.data.from, entry.data.to];
    case "blend":
      return [entry.data.to, ...entry.data.parts.map((p) => p.from)];
    case "trip":
      return [
        ...entry.data.burned.map((b) => b.from),
        ...(entry.data.returned ? [entry.data.returned.from, entry.data.returned.to] : []),
      ];
    case "dispose":
      return [entry.data.from];
    case "displace":
      return [entry.data.header, entry.data.body, entry.data.overflow];
    case "clean-out":
      return [entry.data.vessel, entry.data.to];
    case "disturbed":
      return [entry.data.vessel, ...(entry.data.also ?? [])];
    case "dip":
    case "jar":
    case "water-test":
    case "fining":
    case "cup-test":
    case "stock-take":
      return [entry.data.vessel];
    case "vessel":
      return [entry.data.id];
    default:
      return [];
  }
}
