"use client";
import { Chart, LinearScale, LineController, LineElement, PointElement } from "chart.js";
import { useEffect, useRef } from "react";
import { minutesToResidual, type PurgeLine, purgeResidual } from "@/core/driving";
import { oilLeft, type Plumbed, pumpFlowOfRig, STRAIGHT_TANKS } from "@/core/driving/rig";
import type { Ridden } from "@/core/readings/drive/ridden";
import { formatMinutes } from "@/core/units";
import { useUnits } from "@/desk";
import { chartLook } from "@/desk/chartLook";
import { percentWords } from "@/ui/words";

Chart.register(LineController, LineElement, PointElement, LinearScale);

interface Props {
  readonly plumbed: Plumbed;
  readonly now: Ridden;
  readonly markShare: number;
  readonly night: boolean;
}

const POINTS = 60;

/** If one purged now: oil left at the pump, as this loop does it, and beside it as a return to the oil tank would. */
export default function PurgeCurve({ plumbed, now, markShare, night }: Props) {
  const units = useUnits();
  const canvas = useRef<HTMLCanvasElement>(null);
  const { line, rig, burnLitresPerMinute: burn } = plumbed;
  const own = line ? minutesToResidual(line, markShare) : 0;
  const flow = pumpFlowOfRig(rig);
  const through: PurgeLine | null = line?.isLooped
    ? { litresPerMinute: flow, lineLitres: line.lineLitres, tanksInSeries: STRAIGHT_TANKS }
    : null;
  const other = through ? minutesToResidual(through, markShare) : null;
  // To the next half minute, so that the axis ends on a figure.
  const most = Math.max(1, Math.ceil(own * 2.8) / 2);
  // While it purges, where on the curve it is.
  const inLine = oilLeft(plumbed, now.moment);
  const here = line && now.moment.setting.runs && now.moment.mode !== "oil" && inLine > 0.001 ? inLine : null;
  useEffect(() => {
    if (!canvas.current || !line) return;
    const look = chartLook(night);
    const points = (of: PurgeLine) =>
      Array.from({ length: POINTS + 1 }, (_, i) => {
        const x = (most * i) / POINTS;
        return { x, y: 100 * purgeResidual(of, x) };
      });
    const chart = new Chart(canvas.current, {
      type: "line",
      data: {
        datasets: [
          { data: points(line), borderColor: "#d4831a", borderWidth: 4, pointRadius: 0 },
          ...(through
            ? [{ data: points(through), borderColor: look.ink, borderWidth: 2, borderDash: [6, 4], pointRadius: 0 }]
            : []),
          ...(here === null
            ? []
            : [
                {
                  data: [{ x: here < 1 ? minutesToResidual(line, here) : 0, y: 100 * here }],
                  borderColor: look.strong,
                  backgroundColor: look.strong,
                  pointRadius: 7,
                },
              ]),
          {
            data: [
              { x: 0, y: 100 * markShare },
              { x: most, y: 100 * markShare },
            ],
            borderColor: look.stop,
            borderWidth: 1.5,
            borderDash: [3, 3],
            pointRadius: 0,
          },
        ],
      },
      options: {
        ...look.still,
        scales: {
          x: {
            type: "linear",
            min: 0,
            max: most,
            grid: { display: false },
            ticks: { color: look.ink, font: look.font, callback: (m) => `${m} min` },
          },
          y: {
            min: 0,
            max: 100,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, stepSize: 50, callback: (v) => `${v} %` },
          },
        },
      },
    });
    return () => chart.destroy();
  }, [line, through, markShare, most, night, here]);
  if (!line) return null;
  const spent = flow * own;
  const said = line.isLooped
    ? `Looped: ${formatMinutes(Math.ceil(own))} to ${percentWords(markShare)} of oil.${other === null ? "" : ` With the return on the oil tank it would be ${formatMinutes(Math.ceil(other))} and ${units.litres(Math.max(0, flow - burn) * other)} of diesel into that tank.`}`
    : `${formatMinutes(Math.ceil(own))} to ${percentWords(markShare)} of oil, and ${units.litres(spent)} of diesel through the line.`;
  return (
    <section aria-labelledby="purge-title" className="mt-3 max-w-[640px]">
      <h2 id="purge-title" className="text-[17px]">
        If you purge now: oil left at the pump
      </h2>
      <p className="text-[14px] text-ink-2">{said}</p>
      <div className="h-[150px]">
        <canvas ref={canvas} role="img" aria-label={said} />
      </div>
    </section>
  );
}
