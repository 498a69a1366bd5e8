import { muckTopMm } from "../../settling";
import type { Advice } from "../advice";
import type { Reading } from "../reading";

/** Nothing under this is worth setting up a hose for. */
const WORTH_DRAWING_LITRES = 5;
const SLUDGE_FULL = 0.75;

/** A settling vessel that is clear, or will be, down to its draw-off line. */
export function drawOff({ vessels }: Reading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    const s = standing.settling;
    if (state.vessel.role !== "settling" || !s?.readyAt || s.drawableLitres < WORTH_DRAWING_LITRES) return [];
    return [
      {
        id: `draw-off ${state.vessel.id}`,
        code: "draw-off",
        dueAt: s.readyAt,
        station: "settle",
        vessel: state.vessel.id,
        litres: s.drawableLitres,
        aboveMm: s.drawOffMm,
        earliestAt: s.earliestAt,
        latestAt: s.latestAt,
        slowest: s.slowest,
      },
    ];
  });
}

/** A settler whose bottom has filled so far that muck is about to come over. */
export function cleanOut({ vessels, now }: Reading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    if (state.vessel.role !== "settler" || state.vessel.shape.kind !== "cone-cylinder") return [];
    const fullShare = muckTopMm(standing.layers) / state.vessel.shape.coneHeightMm;
    if (fullShare < SLUDGE_FULL) return [];
    return [
      {
        id: `clean-out ${state.vessel.id}`,
        code: "clean-out",
        dueAt: now,
        station: "settle",
        vessel: state.vessel.id,
        fullShare,
      },
    ];
  });
}
