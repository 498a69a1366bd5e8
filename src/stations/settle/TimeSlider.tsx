"use client";
import type { SettleBench } from "@/core/readings";
import { MS_PER_HOUR } from "@/core/units";
import { useUnits } from "@/desk";
import { Button } from "@/ui";
import { shortDay } from "@/ui/words";
import { alongRow } from "./track";

interface Props {
  readonly bench: SettleBench;
  readonly step: number;
  readonly onMove: (step: number | null) => void;
}

/** Time, from the day it was stirred on: the drawing, the small ones and the chart follow it. */
export function TimeSlider({ bench, step, onMove }: Props) {
  const units = useUnits();
  const dayAt = (s: number): string =>
    shortDay(new Date(Date.parse(bench.since) + s * bench.stepHours * MS_PER_HOUR).toISOString());
  const here = `${dayAt(step)}, ${units.celsius(alongRow(bench.celsius, step))}`;
  const isNow = Math.abs(step - bench.nowStep) < 0.5;
  return (
    <div className="mt-3 w-[480px] max-w-full">
      <div className="flex items-center gap-3">
        <input
          type="range"
          min={0}
          max={bench.steps}
          step={0.25}
          value={step}
          aria-label="Day"
          aria-valuetext={isNow ? `now, ${here}` : here}
          onChange={(e) => onMove(Number(e.target.value))}
          className="min-h-[var(--target)] min-w-0 flex-1 accent-go"
        />
        <Button onClick={() => onMove(null)} disabled={isNow}>
          Today
        </Button>
      </div>
      <p aria-hidden="true" className="-mt-1 flex justify-between pr-[76px] font-plate text-[15px]">
        <span className="text-ink-2">stirred {dayAt(0)}</span>
        <b className={isNow ? "" : "text-stop"}>
          {isNow ? `today, ${units.celsius(alongRow(bench.celsius, step))}` : here}
        </b>
        <span className="text-ink-2">{dayAt(bench.steps)}</span>
      </p>
    </div>
  );
}
