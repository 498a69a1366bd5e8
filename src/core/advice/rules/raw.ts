import type { PlaceId, VesselId } from "../../ledger";
import type { VesselReading, YardReading } from "../../readings";
import { safeLitres, tippedAt } from "../../readings/terms";
import { ENGINE_OIL_SHARE, shareOfFamily } from "../../readings/vessel/family";
import type { Advice, Rule } from "../advice";

export type RawMatter =
  | { readonly code: "hold-apart"; readonly because: "fat"; readonly share: number; readonly limitShare: number }
  | { readonly code: "hold-apart"; readonly because: "engine-oil"; readonly share: number }
  | { readonly code: "tip-in"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "kettle"; readonly fatShare: number };

/** Fatty oil is kept away from the good; the rest is tipped in where it can settle, if it can be held there. */
function sortRaw({ vessels, places, now, settings }: YardReading): Advice[] {
  const known = vessels.map((v) => v.state.vessel);
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
    const into = whereToTip(vessels, standing.litres, tippedAt(state.vessel, places, known));
    return into
      ? [
          {
            ...common,
            id: `tip-in ${state.vessel.id}`,
            code: "tip-in",
            litres: Math.min(standing.litres, safeRoom(into)),
            into: into.state.vessel.id,
          },
        ]
      : [];
  });
}

/** Not worth stirring a drum up for. */
const WORTH_TIPPING_LITRES = 10;

const safeRoom = ({ state, standing }: VesselReading): number =>
  Math.max(0, safeLitres(state.vessel) - standing.litres);

/**
 * The settling vessel whose rest is least worth keeping, an empty one or else the last one stirred: one that holds it
 * all below its safe level, or failing that a good part of it.
 */
function whereToTip(vessels: readonly VesselReading[], litres: number, at: PlaceId | null): VesselReading | undefined {
  const fit = vessels
    .filter((v) => v.state.vessel.role === "settling" && (v.state.vessel.place ?? null) === at)
    .filter((v) => !v.standing.settling?.ready && v.state.vessel.apart !== true)
    .sort((a, b) => (b.state.stirredAt ?? "~").localeCompare(a.state.stirredAt ?? "~"));
  return fit.find((v) => safeRoom(v) >= litres) ?? fit.find((v) => safeRoom(v) >= WORTH_TIPPING_LITRES);
}

/** A kettle or heel tub that holds fat is work for the kettle. */
function kettleWork({ vessels, now, settings }: YardReading): Advice[] {
  return vessels.flatMap((reading): Advice[] => {
    const share = shareOfFamily(reading.standing, "fat");
    if (reading.state.vessel.role !== "kettle" || share <= settings.fatLimitShare) return [];
    const { id } = reading.state.vessel;
    return [{ id: `kettle ${id}`, code: "kettle", dueAt: now, station: "kettle", vessel: id, fatShare: share }];
  });
}

export const RAW_RULES: readonly Rule[] = [
  { rank: 12, advise: sortRaw },
  { rank: 16, advise: kettleWork },
];
