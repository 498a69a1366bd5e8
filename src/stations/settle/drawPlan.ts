import { mixViscosityMm2PerS } from "@/core/blending";
import type { InputOf } from "@/core/calculations";
import type { FluidTable } from "@/core/fluids";
import { OutOfRange, Refused } from "@/core/numerics";
import type { Settling, VesselView } from "@/core/readings";
import { mixOf } from "@/core/readings/vessel/mixture";
import { type DrawEnd, type DrawSchedule, drawEnd, drawOffLine, drawSchedule, type Hose } from "@/core/settling";
import { litresAtHeight } from "@/core/vessels";
import type { YardView } from "@/core/view";
import { ownIn } from "@/ui/words";

/** What oil is drawn through, as it is typed and kept on this device. */
export interface Pipework {
  readonly way: "hose" | "hole";
  readonly diameterMm: number;
  readonly lengthMm: number;
  /** How far the hose's end hangs below the draw-off line. */
  readonly dropMm: number;
  /** Where a hole was bored; null: bore it where the line is. */
  readonly holeMm: number | null;
}

export const USUAL_PIPEWORK: Pipework = { way: "hose", diameterMm: 12, lengthMm: 1200, dropMm: 300, holeMm: null };

/** A hole's middle lies half its bore under the line that it drains to, and never less than this. */
const LEAST_DROP_MM = 10;

export interface DrawPlan {
  readonly surfaceMm: number;
  readonly pipe: Hose;
  readonly lineMm: number;
  /** Where the hole would be bored, or is. */
  readonly holeMm: number;
  /** Litres that come until the line, and what stays. */
  readonly litres: number;
  readonly heelLitres: number;
  readonly nuMm2PerS: number;
  readonly schedule: DrawSchedule;
  readonly end: DrawEnd;
  /** The hole lies so deep that the last of it would drag the layer along. */
  readonly holeTooLow: boolean;
}

/** Draws a vessel through a hose or a hole, down to the line that a margin makes; null where there is nothing to draw. */
export function planDraw(
  v: VesselView,
  s: Settling,
  marginMm: number,
  pipework: Pipework,
  roomLitres: number,
  celsius: number,
  fluids: FluidTable,
): DrawPlan | null {
  const mix = mixOf(v.components, v.thickness, fluids);
  const scum = v.layers.find((l) => l.kind === "scum");
  const scumLitres = scum ? litresAtHeight(v.vessel.shape, scum.toMm) - litresAtHeight(v.vessel.shape, scum.fromMm) : 0;
  const surfaceMm = scum?.fromMm ?? v.surfaceMm;
  const bored = pipework.way === "hole" ? pipework.holeMm : null;
  const safe = drawOffLine(v.vessel, v.litres, surfaceMm, s.muckTopMm, marginMm, scumLitres);
  if (!safe || mix.length === 0) return null;
  // A hole above the line leaves more behind; one below it is watched, and stopped at the line.
  const lineMm = Math.max(safe.drawOffMm, bored ?? 0);
  if (lineMm >= surfaceMm) return null;
  const litres =
    safe.aboveLitres - (litresAtHeight(v.vessel.shape, lineMm) - litresAtHeight(v.vessel.shape, safe.drawOffMm));
  const nuMm2PerS = mixViscosityMm2PerS(mix, celsius);
  const hole = pipework.way === "hole";
  const holeMm = bored ?? Math.max(0, lineMm - LEAST_DROP_MM);
  const pipe = {
    diameterMm: pipework.diameterMm,
    lengthMm: hole ? 0 : pipework.lengthMm,
    dropMm: hole ? Math.max(LEAST_DROP_MM, lineMm - holeMm) : pipework.dropMm,
  };
  try {
    const schedule = drawSchedule(v.vessel, surfaceMm, lineMm, pipe, nuMm2PerS);
    return {
      surfaceMm,
      pipe,
      lineMm,
      holeMm,
      litres,
      heelLitres: v.litres - litres,
      nuMm2PerS,
      schedule,
      end: drawEnd(schedule, roomLitres),
      holeTooLow: hole && holeMm < s.muckTopMm,
    };
  } catch (error) {
    if (error instanceof Refused || error instanceof OutOfRange) return null;
    throw error;
  }
}

/** The same draw as one calculation asks it: a vessel of one plan area, its mean over what is drawn. */
export function whyDraw(
  v: VesselView,
  plan: DrawPlan,
  celsius: number,
  view: Pick<YardView, "fluids" | "ownFluids">,
): InputOf<"drain-time"> {
  const { fluids } = view;
  const depthMm = plan.surfaceMm - plan.lineMm;
  const main = mixOf(v.components, v.thickness, fluids).reduce((a, b) => (b.litres > a.litres ? b : a));
  return {
    diameterMm: plan.pipe.diameterMm,
    lengthMm: plan.pipe.lengthMm,
    headMm: depthMm + plan.pipe.dropMm,
    areaM2: plan.schedule.litres / depthMm,
    litres: plan.schedule.litres,
    fluid: main.fluid.id,
    celsius,
    usedFactor: main.usedFactor,
    ...ownIn(view),
  };
}
