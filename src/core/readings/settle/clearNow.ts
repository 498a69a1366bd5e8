import type { VesselState } from "../../ledger";
import type { SettlingForecast } from "../../settling";
import { litresAtHeight } from "../../vessels";
import type { Question } from "./settlingQuestion";

/** A part draw: what has come clear above the front of the slowest, with the owner's margin kept. */
export interface ClearNow {
  readonly aboveMm: number;
  readonly litres: number;
}

/** Less than this is not worth a hose. */
const WORTH_LITRES = 10;
/** Within so much of the front a hose draws from below it. */
const MARGIN_MM = 25;

/** Null where too little has cleared yet, and where nothing clears from above, as in oil that still goes round. */
export function clearNowOf(
  { vessel, contents }: VesselState,
  q: Pick<Question, "surfaceMm" | "drawOffMm">,
  forecast: Pick<SettlingForecast, "fronts">,
): ClearNow | null {
  const sinking = forecast.fronts.filter((f) => !f.floats);
  if (sinking.length === 0) return null;
  const frontMm = Math.max(...sinking.map((f) => f.clearedAboveMm));
  const aboveMm = Math.max(q.drawOffMm, frontMm + MARGIN_MM);
  if (aboveMm >= q.surfaceMm) return null;
  const litres = Math.min(
    contents.total,
    litresAtHeight(vessel.shape, q.surfaceMm) - litresAtHeight(vessel.shape, aboveMm),
  );
  return litres < WORTH_LITRES ? null : { aboveMm, litres };
}
