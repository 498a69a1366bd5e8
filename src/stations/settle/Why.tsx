"use client";
import type { Settling, VesselView } from "@/core/advice";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { shortDay } from "@/ui/words";

/** What the forecast rests on. */
export function Why({ settling: s, vessel }: { settling: Settling; vessel: VesselView }) {
  const { settings } = useYard().view;
  const units = useUnits();
  const range = s.earliestAt && s.latestAt ? `${shortDay(s.earliestAt)} to ${shortDay(s.latestAt)}` : "not known";
  return (
    <details className="mt-3 rounded-md border border-rule bg-card px-3">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        Why?
      </summary>
      <div className="pb-3 text-[14px]">
        <p>
          Dirt falls as Stokes has it: v = (ρ<sub>dirt</sub> − ρ<sub>oil</sub>)·g·d² ⁄ 18μ. The vessel is ready when{" "}
          {s.slowest} have fallen from the surface to the draw-off line.
        </p>
        <ul className="mt-2 list-disc pl-5">
          <li>
            Standing {formatNumber(s.hours / 24, 1)} days since {shortDay(s.since)}, shed{" "}
            {units.celsius(s.meanCelsius, 1)} on average.
          </li>
          <li>
            Oil taken as {formatNumber(settings.usedFactor, 2)} times as thick as fresh (ASTM D341 between its table
            values).
          </li>
          <li>
            {vessel.dips.length === 0
              ? "No dip since it was stirred: layers are drawn from what the sources usually bring."
              : `${vessel.dips.length} ${vessel.dips.length === 1 ? "dip" : "dips"} since it was stirred.`}
          </li>
          <li>Likely {range}: the dirt may be a fifth finer or coarser than taken, and time goes with 1 ⁄ d².</li>
        </ul>
      </div>
    </details>
  );
}
