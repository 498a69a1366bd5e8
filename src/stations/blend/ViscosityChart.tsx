"use client";
import {
  Chart,
  type ChartDataset,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  LogarithmicScale,
  PointElement,
} from "chart.js";
import { useEffect, useRef } from "react";
import { chartLook } from "@/desk/chartLook";

Chart.register(LineController, LineElement, PointElement, LinearScale, LogarithmicScale, Filler);

export interface Curve {
  readonly name: string;
  readonly colour: string;
  readonly width: number;
  readonly dash?: number[];
  readonly points: readonly { x: number; y: number }[];
}

interface Props {
  readonly curves: readonly Curve[];
  readonly limitMm2PerS: number;
  readonly lowCelsius: number;
  readonly label: string;
  readonly night: boolean;
  /** A temperature as its owner reads it. */
  readonly celsius: (c: number) => string;
}

const TICKS = [1, 2, 5, 10, 20, 50, 100, 200, 500];

/** Viscosity against temperature on one scale for every way; under the limit is fit. Arrays in, drawing out. */
export default function ViscosityChart({ curves, limitMm2PerS, lowCelsius, label, night, celsius }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const go = night ? "#6fd0c3" : "#0b6e6a";
    const stop = look.stop;
    const lines = curves.map(
      (c): ChartDataset<"line", { x: number; y: number }[]> => ({
        label: c.name,
        data: [...c.points],
        borderColor: c.colour,
        borderWidth: c.width,
        ...(c.dash && { borderDash: c.dash }),
        pointRadius: 0,
        tension: 0.2,
      }),
    );
    const chart = new Chart<"line", { x: number; y: number }[]>(canvas.current, {
      type: "line",
      data: {
        datasets: [
          {
            label: "limit",
            data: [
              { x: -10, y: limitMm2PerS },
              { x: 90, y: limitMm2PerS },
            ],
            borderColor: go,
            borderWidth: 2,
            pointRadius: 0,
            fill: "start",
            backgroundColor: night ? "rgb(111 208 195 / 14%)" : "rgb(11 110 106 / 12%)",
          },
          {
            label: "tonight",
            data: [
              { x: lowCelsius, y: 1 },
              { x: lowCelsius, y: 500 },
            ],
            borderColor: stop,
            borderDash: [5, 4],
            borderWidth: 2,
            pointRadius: 0,
          },
          ...lines,
        ],
      },
      options: {
        ...look.still,
        scales: {
          x: {
            type: "linear",
            min: -10,
            max: 90,
            grid: { display: false },
            ticks: { color: look.ink, font: look.font, stepSize: 10, callback: (t) => celsius(Number(t)) },
          },
          y: {
            type: "logarithmic",
            min: 1,
            max: 500,
            grid: { color: look.grid },
            ticks: { color: look.ink, font: look.font, callback: (t) => (TICKS.includes(Number(t)) ? String(t) : "") },
            title: { display: true, text: "mm²/s", color: look.ink, font: look.font },
          },
        },
      },
    });
    return () => chart.destroy();
  }, [curves, limitMm2PerS, lowCelsius, night, celsius]);
  return (
    <div className="relative h-[300px] w-full">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
