"use client";
import { Chart, LinearScale, LineController, LineElement, PointElement } from "chart.js";
import { useEffect, useRef } from "react";
import { chartLook } from "@/desk/chartLook";

Chart.register(LineController, LineElement, PointElement, LinearScale);

interface Props {
  readonly minutes: readonly number[];
  readonly index: readonly number[];
  readonly reference: readonly number[];
  /** Minutes that it has run; null before it has begun. */
  readonly nowMinute: number | null;
  readonly night: boolean;
  readonly label: string;
}

/** How far it has come, as an index: full line this batch, dashes the reference recipe, a mark at now. */
export default function ReactionChart({ minutes, index, reference, nowMinute, night, label }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const points = (of: readonly number[]) => of.map((y, i) => ({ x: minutes[i] ?? 0, y }));
    const chart = new Chart(canvas.current, {
      type: "line",
      data: {
        datasets: [
          { data: points(index), borderColor: look.strong, borderWidth: 3, pointRadius: 0, tension: 0.3 },
          {
            data: points(reference),
            borderColor: look.ink,
            borderWidth: 1.5,
            borderDash: [6, 4],
            pointRadius: 0,
            tension: 0.3,
          },
          ...(nowMinute === null
            ? []
            : [
                {
                  data: [
                    { x: nowMinute, y: 0 },
                    { x: nowMinute, y: 1.1 },
                  ],
                  borderColor: look.stop,
                  borderWidth: 2,
                  borderDash: [5, 4],
                  pointRadius: 0,
                },
              ]),
        ],
      },
      options: {
        ...look.still,
        scales: {
          x: {
            type: "linear",
            min: 0,
            max: Math.max(...minutes),
            grid: { display: false },
            ticks: {
              color: look.ink,
              font: look.font,
              stepSize: Math.max(...minutes) > 200 ? 120 : 60,
              callback: (m) => `${m} min`,
            },
          },
          y: {
            min: 0,
            max: 1.2,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, stepSize: 0.4 },
          },
        },
      },
    });
    return () => chart.destroy();
  }, [minutes, index, reference, nowMinute, night]);
  return (
    <div className="relative h-[150px] w-full max-w-[340px]">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
