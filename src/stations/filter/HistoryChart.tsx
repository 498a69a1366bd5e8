"use client";
import { Chart, LinearScale, PointElement, ScatterController } from "chart.js";
import { useEffect, useRef } from "react";

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
    const ink = night ? "#bcd0cb" : "#3c504c";
    const font = { family: getComputedStyle(document.body).fontFamily, size: 13 };
    const chart = new Chart<"scatter", { x: number; y: number }[]>(canvas.current, {
      type: "scatter",
      data: {
        datasets: [
          {
            data: runs.map((r) => ({ x: r.litres, y: r.times })),
            backgroundColor: runs.map((_, i) =>
              i === runs.length - 1 ? (night ? "#ff9db0" : "#b4123f") : night ? "#eef5f3" : "#10211f",
            ),
            pointRadius: 4,
          },
        ],
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        parsing: false,
        events: [],
        scales: {
          x: { min: 0, grid: { display: false }, ticks: { color: ink, font, callback: (t) => `${t} ${unit}` } },
          y: {
            min: 0,
            grid: { color: night ? "#35534f" : "#cbd5d2" },
            ticks: { color: ink, font, maxTicksLimit: 5, callback: (t) => `× ${t}` },
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
