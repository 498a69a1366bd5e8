"use client";
import { BarController, BarElement, CategoryScale, Chart, LinearScale } from "chart.js";
import { useEffect, useRef } from "react";
import type { WayFigures, WayLines } from "@/core/costs";
import { chartLook } from "@/desk/chartLook";
import { LINE_NAMES, WAY_NAMES } from "@/ui/words/ways";

Chart.register(BarController, BarElement, CategoryScale, LinearScale);

interface Props {
  readonly ways: readonly WayFigures[];
  readonly night: boolean;
  readonly money: (amount: number) => string;
}

const COLOURS: Readonly<Record<keyof WayLines, string>> = {
  oil: "#f0b340",
  thinner: "#b7c168",
  reagents: "#8fb0bd",
  energy: "#c2553a",
  bags: "#7a3e10",
  disposal: "#33241a",
  kit: "#93a29e",
  work: "#0b6e6a",
};
const LINES = Object.keys(COLOURS) as (keyof WayLines)[];
const MJ = 100;

/** What 100 MJ cost by each way, line on line: as long as the bar, so dear. */
export default function WaysChart({ ways, night, money }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const used = LINES.filter((line) => ways.some((w) => w.lines[line] > 0));
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const of = (w: WayFigures, line: keyof WayLines): number => (w.lines[line] / w.perLitre) * w.perMJ * MJ;
    const chart = new Chart<"bar", number[]>(canvas.current, {
      type: "bar",
      data: {
        labels: ways.map((w) => WAY_NAMES[w.id]),
        datasets: LINES.map((line) => ({
          label: LINE_NAMES[line],
          data: ways.map((w) => of(w, line)),
          backgroundColor: COLOURS[line],
        })),
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        indexAxis: "y",
        scales: {
          x: {
            stacked: true,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, callback: (t) => money(Number(t)) },
          },
          y: { stacked: true, grid: { display: false }, ticks: { color: look.ink, font: look.font } },
        },
      },
    });
    return () => chart.destroy();
  }, [ways, night, money]);
  return (
    <figure className="mt-4 max-w-[860px]">
      <figcaption className="text-lg font-semibold">What 100 MJ cost, and what for</figcaption>
      <div className="relative h-[250px] w-full">
        <canvas
          ref={canvas}
          role="img"
          aria-label={ways.map((w) => `${WAY_NAMES[w.id]}: ${money(w.perMJ * MJ)}`).join(", ")}
        />
      </div>
      <ul className="flex flex-wrap gap-x-4 text-[14px]">
        {used.map((line) => (
          <li key={line} className="flex items-center gap-1.5">
            <span
              aria-hidden="true"
              className="inline-block h-3 w-3 rounded-sm border border-ink-2"
              style={{ backgroundColor: COLOURS[line] }}
            />
            {LINE_NAMES[line]}
          </li>
        ))}
      </ul>
    </figure>
  );
}
