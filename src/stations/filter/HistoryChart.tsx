"use client";
import { Chart, LinearScale, PointElement, ScatterController } from "chart.js";
import { useEffect, useRef } from "react";
import { chartLook } from "@/desk/chartLook";

Chart.register(ScatterController, PointElement, LinearScale);

interface Props {
  /** Litres on the bag half way through a run, and how it resisted against the middle of all. */
  readonly runs: readonly { readonly litres: number; readonly times: number }[];
  readonly label: string;
  readonly night: boolean;
  readonly unit: string;
}

/** A bag's runs: how it resisted by what was on it, temperature taken out. What climbs is the bag; what jumps is the oil. */
export default function HistoryChart({ runs, label, night, unit }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const chart = new Chart<"scatter", { x: number; y: number }[]>(canvas.current, {
      type: "scatter",
      data: {
        datasets: [
          {
            data: runs.map((r) => ({ x: r.litres, y: r.times })),
            backgroundColor: runs.map((_, i) => (i === runs.length - 1 ? look.stop : look.strong)),
            pointRadius: 4,
          },
        ],
      },
      options: {
        ...look.still,
        scales: {
          x: {
            min: 0,
            grid: { display: false },
            ticks: { color: look.ink, font: look.font, callback: (t) => `${t} ${unit}` },
          },
          y: {
            min: 0,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, maxTicksLimit: 5, callback: (t) => `× ${t}` },
          },
        },
      },
    });
    return () => chart.destroy();
  }, [runs, night, unit]);
  return (
    <div className="h-[150px] w-full max-w-[560px]">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
