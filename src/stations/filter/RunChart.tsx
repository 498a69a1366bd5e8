"use client";
import { Chart, type ChartDataset, Filler, LinearScale, LineController, LineElement, PointElement } from "chart.js";
import { useEffect, useRef } from "react";
import type { RunMark } from "@/core/filtration/marks";
import { chartLook } from "@/desk/chartLook";

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);

interface Props {
  /** The forecast as it was before the run, and as its own marks have it now. */
  readonly foretold: readonly RunMark[];
  readonly now: readonly RunMark[];
  /** Relative, either way. */
  readonly off: number;
  readonly marks: readonly RunMark[];
  readonly label: string;
  readonly night: boolean;
  readonly litresUnit: string;
  readonly litresOf: (litres: number) => number;
}

/** Litres against minutes: what was foretold dashed, its range as a band, and the marks over it as they come. */
export default function RunChart({ foretold, now, off, marks, label, night, litresUnit, litresOf }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const at = (points: readonly RunMark[], times = 1) =>
      points.map((p) => ({ x: p.minutes * times, y: litresOf(p.litres) }));
    const plain = { pointRadius: 0, borderWidth: 0 } as const;
    const band = night ? "rgba(120,190,180,0.25)" : "rgba(42,95,92,0.18)";
    const datasets: ChartDataset<"line", { x: number; y: number }[]>[] = [
      { label: "sooner", data: at(now, 1 - off), ...plain },
      { label: "later", data: at(now, 1 + off), ...plain, fill: "-1", backgroundColor: band },
      {
        label: "foretold",
        data: at(foretold),
        borderColor: look.ink,
        borderWidth: 2,
        borderDash: [5, 4],
        pointRadius: 0,
      },
      {
        label: "marks",
        data: [{ x: 0, y: 0 }, ...at(marks)],
        borderColor: look.strong,
        backgroundColor: look.strong,
        borderWidth: 3,
        pointRadius: marks.length > 30 ? 0 : 4,
      },
    ];
    const chart = new Chart<"line", { x: number; y: number }[]>(canvas.current, {
      type: "line",
      data: { datasets },
      options: {
        ...look.still,
        scales: {
          x: {
            type: "linear",
            min: 0,
            grid: { display: false },
            ticks: { color: look.ink, font: look.font, maxTicksLimit: 6, callback: (t) => `${t} min` },
          },
          y: {
            min: 0,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, maxTicksLimit: 5, callback: (t) => `${t} ${litresUnit}` },
          },
        },
      },
    });
    return () => chart.destroy();
  }, [foretold, now, off, marks, night, litresUnit, litresOf]);
  return (
    <div className="h-[190px] w-full">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
