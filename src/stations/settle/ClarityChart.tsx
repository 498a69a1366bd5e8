"use client";
import { Chart, type ChartDataset, LinearScale, LineController, LineElement, PointElement } from "chart.js";
import { useEffect, useRef, useState } from "react";
import type { SettleBench } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { chartLook } from "@/desk/chartLook";

Chart.register(LineController, LineElement, PointElement, LinearScale);

interface Props {
  readonly bench: SettleBench;
  readonly step: number;
  readonly label: string;
  readonly night: boolean;
}

const HOURS_PER_DAY = 24;

/** How clear it is at the suction by day: as it is, 5 °C warmer and colder, and warmed once. Arrays in, drawing out. */
export default function ClarityChart({ bench, step, label, night }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [area, setArea] = useState<{ left: number; right: number; top: number; bottom: number } | null>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const days = (i: number): number => (i * bench.stepHours) / HOURS_PER_DAY;
    const line = (name: string, row: readonly number[], colour: string, width: number, dash: number[]) =>
      ({
        label: name,
        data: row.map((clear, i) => ({ x: days(i), y: clear * 100 })),
        borderColor: colour,
        borderWidth: width,
        borderDash: dash,
        pointRadius: 0,
      }) satisfies ChartDataset<"line", { x: number; y: number }[]>;
    const from = Math.ceil(bench.nowStep);
    const later = (row: readonly number[]): number[] => row.map((c, i) => (i < from - 1 ? Number.NaN : c));
    const chart = new Chart<"line", { x: number; y: number }[]>(canvas.current, {
      type: "line",
      data: {
        datasets: [
          line("as it is", bench.asItIs.clarity, look.strong, 3.5, []),
          line("warmer", later(bench.warmer.clarity), night ? "#f3a65a" : "#b5650f", 2, [6, 4]),
          line("colder", later(bench.colder.clarity), night ? "#9fc4d2" : "#3f7488", 2, [2, 3]),
          line("warmed once", later(bench.heated.clarity), look.stop, 2, [9, 3, 2, 3]),
        ],
      },
      options: {
        ...look.still,
        scales: {
          x: {
            type: "linear",
            min: 0,
            max: days(bench.steps),
            grid: { display: false },
            ticks: {
              color: look.ink,
              font: look.font,
              maxTicksLimit: 6,
              callback: (t) => `day ${formatNumber(Number(t), 0)}`,
            },
          },
          y: {
            min: 0,
            max: 100,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, stepSize: 50, callback: (t) => `${t} %` },
          },
        },
      },
      plugins: [
        {
          id: "area",
          afterLayout: ({ chartArea: { left, right, top, bottom } }) =>
            setArea((a) => (a && a.left === left && a.right === right ? a : { left, right, top, bottom })),
        },
      ],
    });
    return () => chart.destroy();
  }, [bench, night]);
  const x = area ? area.left + ((area.right - area.left) * step) / bench.steps : 0;
  return (
    <div className="relative h-[190px] w-full">
      <canvas ref={canvas} role="img" aria-label={label} />
      {area ? (
        <div
          aria-hidden="true"
          className="pointer-events-none absolute left-0 w-0 border-l-2 border-dashed border-stop"
          style={{ top: area.top, height: area.bottom - area.top, transform: `translateX(${x}px)` }}
        />
      ) : null}
    </div>
  );
}
