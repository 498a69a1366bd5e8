import type { Advice } from "../advice";
import { ENGINE_OIL_SHARE, shareOfFamily } from "../family";
import type { Reading, VesselReading } from "../reading";

/** Fatty oil is kept away from the good; the rest is tipped in where it can settle, if it can be held there. */
export function sortRaw({ vessels, now, settings }: Reading): Advice[] {
  return vessels.flatMap((reading): Advice[] => {
    const { state, standing } = reading;
    if (state.vessel.role !== "raw" || standing.litres < 0.5) return [];
    const common = { dueAt: now, station: "rounds" as const, vessel: state.vessel.id };
    const hold = { ...common, id: `hold-apart ${state.vessel.id}`, code: "hold-apart" as const };
    const engine = shareOfFamily(standing, "engine");
    if (engine > ENGINE_OIL_SHARE) return [{ ...hold, because: "engine-oil", share: engine }];
    const fat = shareOfFamily(standing, "fat");
    const limitShare = settings.fatLimitShare;
    if (fat > limitShare) return [{ ...hold, because: "fat", share: fat, limitShare }];
    const into = settlingRoom(vessels, standing.litres);
    return into
      ? [
          {
            ...common,
            id: `tip-in ${state.vessel.id}`,
            code: "tip-in",
            litres: standing.litres,
            into: into.state.vessel.id,
          },
        ]
      : [];
  });
}

/** The settling vessel with room whose rest is least worth keeping: an empty one, else the last one stirred. */
function settlingRoom(vessels: readonly VesselReading[], litres: number): VesselReading | undefined {
  return vessels
    .filter((v) => v.state.vessel.role === "settling" && v.standing.capacityLitres - v.standing.litres >= litres)
    .filter((v) => !v.standing.settling?.ready)
    .sort((a, b) => (b.state.stirredAt ?? "~").localeCompare(a.state.stirredAt ?? "~"))[0];
}

/** A kettle or heel tub that holds fat is work for the kettle. */
export function kettleWork({ vessels, now, settings }: Reading): Advice[] {
  return vessels.flatMap((reading): Advice[] => {
    const share = shareOfFamily(reading.standing, "fat");
    if (reading.state.vessel.role !== "kettle" || share <= settings.fatLimitShare) return [];
    const { id } = reading.state.vessel;
    return [{ id: `kettle ${id}`, code: "kettle", dueAt: now, station: "kettle", vessel: id, fatShare: share }];
  });
}
