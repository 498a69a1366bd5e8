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
import type { Curve } from "./curves";
import { COLDEST_SHOWN, HOTTEST_SHOWN } from "./scale";

Chart.register(LineController, LineElement, PointElement, LinearScale, LogarithmicScale, Filler);

interface Props {
  readonly curves: readonly Curve[];
  readonly limitMm2PerS: number;
  readonly lowCelsius: number;
  /** At the pump once it runs; null where nobody has said. */
  readonly atPumpCelsius: number | null;
  /** Colder than that something falls out of the mix. */
  readonly clearDownToCelsius: number | null;
  /** Where straight oil is thin enough by heat alone. */
  readonly heat: number | null;
  readonly label: string;
  readonly night: boolean;
  /** A temperature as its owner reads it. */
  readonly celsius: (c: number) => string;
}

const TICKS = [1, 2, 5, 10, 20, 50, 100, 200, 500];
type Line = ChartDataset<"line", { x: number; y: number }[]>;

const level = (y: number): { x: number; y: number }[] => [
  { x: COLDEST_SHOWN, y },
  { x: HOTTEST_SHOWN, y },
];
const upright = (x: number): { x: number; y: number }[] => [
  { x, y: 1 },
  { x, y: 500 },
];

function linesOf(p: Props): Line[] {
  const look = chartLook(p.night);
  const go = p.night ? "#6fd0c3" : "#0b6e6a";
  const thin = { pointRadius: 0, borderWidth: 2 };
  return [
    {
      label: "limit",
      data: level(p.limitMm2PerS),
      borderColor: go,
      ...thin,
      fill: "start",
      backgroundColor: p.night ? "rgb(111 208 195 / 14%)" : "rgb(11 110 106 / 12%)",
    },
    { label: "tonight", data: upright(p.lowCelsius), borderColor: look.stop, borderDash: [5, 4], ...thin },
    ...(p.atPumpCelsius === null
      ? []
      : [{ label: "at the pump", data: upright(p.atPumpCelsius), borderColor: go, borderDash: [2, 4], ...thin }]),
    ...(p.clearDownToCelsius === null || p.clearDownToCelsius < COLDEST_SHOWN
      ? []
      : [{ label: "cloudy", data: upright(p.clearDownToCelsius), borderColor: look.ink, borderDash: [1, 3], ...thin }]),
    ...p.curves.map(
      (c): Line => ({
        label: c.name,
        data: [...c.points],
        borderColor: c.colour,
        borderWidth: c.width,
        ...(c.dash && { borderDash: c.dash }),
        pointRadius: 0,
        tension: 0.2,
      }),
    ),
    ...(p.heat === null
      ? []
      : [
          {
            label: "heat alone",
            data: [{ x: p.heat, y: p.limitMm2PerS }],
            borderColor: "#b5650f",
            backgroundColor: "#b5650f",
            pointRadius: 6,
            showLine: false,
          },
        ]),
  ];
}

/**
 * Viscosity against temperature on one scale for every way; under the limit is fit. Arrays in, drawing out. Moved
 * under a thumb: the chart is made once, and only its lines are new.
 */
export default function ViscosityChart(props: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<"line", { x: number; y: number }[]> | null>(null);
  const { night, celsius } = props;
  useEffect(() => {
    if (!canvas.current) return;
    const look = chartLook(night);
    const made = new Chart<"line", { x: number; y: number }[]>(canvas.current, {
      type: "line",
      data: { datasets: [] },
      options: {
        ...look.still,
        scales: {
          x: {
            type: "linear",
            min: COLDEST_SHOWN,
            max: HOTTEST_SHOWN,
            grid: { display: false },
            ticks: {
              color: look.ink,
              font: look.font,
              stepSize: 10,
              maxRotation: 0,
              autoSkipPadding: 8,
              callback: (t) => celsius(Number(t)),
            },
          },
          y: {
            type: "logarithmic",
            min: 1,
            max: 500,
            grid: { color: look.grid },
            afterBuildTicks: (axis) => {
              axis.ticks = TICKS.map((value) => ({ value }));
            },
            ticks: { color: look.ink, font: look.font, autoSkip: false, callback: (t) => String(t) },
            title: { display: true, text: "mm²/s", color: look.ink, font: look.font },
          },
        },
      },
    });
    chart.current = made;
    return () => {
      made.destroy();
      chart.current = null;
    };
  }, [night, celsius]);
  useEffect(() => {
    // Once a frame, however fast a thumb is.
    const frame = requestAnimationFrame(() => {
      if (!chart.current) return;
      chart.current.data.datasets = linesOf(props);
      chart.current.update("none");
    });
    return () => cancelAnimationFrame(frame);
  });
  return (
    <div className="relative h-[270px] w-full">
      <canvas ref={canvas} role="img" aria-label={props.label} />
    </div>
  );
}
