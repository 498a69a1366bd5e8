"use client";
import type { MouseEvent } from "react";
import { OIL_BY_CLARITY } from "./fills";

export interface MapSpot {
  readonly eastKm: number;
  readonly northKm: number;
}

export interface MapPoint extends MapSpot {
  readonly key: string;
  readonly name: string;
  /** Its number on the round; null: not on it. */
  readonly number: number | null;
}

interface Props {
  readonly homeName: string;
  readonly points: readonly MapPoint[];
  /** The way, from the start to the end. */
  readonly route: readonly MapSpot[];
  readonly label: string;
  readonly onPick?: (spot: MapSpot) => void;
  readonly kilometres: (km: number) => string;
}

const WIDTH = 440;
const HEIGHT = 340;
const MARGIN = 40;
const STEPS_KM = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];
const LEAST_KM = 1.5;

/** Where the sources lie round home: no earth under it, only distances and north. Numbers in, drawing out. */
export function SchematicMap({ homeName, points, route, label, onPick, kilometres }: Props) {
  const all: MapSpot[] = [{ eastKm: 0, northKm: 0 }, ...points, ...route];
  const frame = frameOf(all);
  const x = (km: number): number => WIDTH / 2 + (km - frame.eastKm) * frame.pxPerKm;
  const y = (km: number): number => HEIGHT / 2 - (km - frame.northKm) * frame.pxPerKm;
  const step = STEPS_KM.find((km) => km * frame.pxPerKm > 60) ?? 1000;
  const pick = (e: MouseEvent<SVGSVGElement>): void => {
    const matrix = e.currentTarget.getScreenCTM();
    if (!onPick || !matrix) return;
    const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse());
    onPick({
      eastKm: (at.x - WIDTH / 2) / frame.pxPerKm + frame.eastKm,
      northKm: (HEIGHT / 2 - at.y) / frame.pxPerKm + frame.northKm,
    });
  };
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the same spot is typed in the two fields beside the map
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={`block w-full rounded-md border border-rule bg-panel ${onPick ? "cursor-crosshair" : ""}`}
      onClick={onPick ? pick : undefined}
    >
      {[1, 2, 3, 4, 5, 6].map((n) => (
        <circle
          key={n}
          cx={x(0)}
          cy={y(0)}
          r={n * step * frame.pxPerKm}
          fill="none"
          className="stroke-rule"
          strokeWidth={1}
        />
      ))}
      <text x={x(0) + step * frame.pxPerKm + 3} y={y(0) - 3} className="fill-ink-2 font-plate text-[15px]">
        {kilometres(step)}
      </text>
      <path d={`M${WIDTH - 24} 42V16m-6 9l6 -9l6 9`} fill="none" className="stroke-ink-2" strokeWidth={2} />
      <text x={WIDTH - 24} y={58} textAnchor="middle" className="fill-ink-2 font-plate text-[15px]">
        N
      </text>
      {route.length > 1 ? (
        <path
          d={route.map((s, i) => `${i === 0 ? "M" : "L"}${x(s.eastKm)} ${y(s.northKm)}`).join("")}
          fill="none"
          className="stroke-go"
          strokeWidth={3}
          strokeLinejoin="round"
        />
      ) : null}
      {points.map((p) => (
        <g key={p.key} transform={`translate(${x(p.eastKm)} ${y(p.northKm)})`}>
          <rect
            x={-9}
            y={-11}
            width={18}
            height={22}
            rx={2}
            fill={p.number === null ? "var(--card)" : OIL_BY_CLARITY.raw}
            className="stroke-ink"
            strokeWidth={1.5}
          />
          {p.number === null ? null : (
            <text y={5} textAnchor="middle" className="fill-white font-plate text-[15px] font-semibold">
              {p.number}
            </text>
          )}
        </g>
      ))}
      <path
        d="M-11 9V-3L0 -12L11 -3V9Z"
        transform={`translate(${x(0)} ${y(0)})`}
        className="fill-deep stroke-white"
        strokeWidth={1.5}
      />
      {placedNames([
        { name: homeName, x: x(0), y: y(0) },
        ...points.map((p) => ({ name: p.name, x: x(p.eastKm), y: y(p.northKm) })),
      ]).map((n) => (
        <Name key={`${n.name} ${n.x}`} x={n.x} y={n.y}>
          {n.name}
        </Name>
      ))}
    </svg>
  );
}

function Name({ x, y, children }: { x: number; y: number; children: string }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      className="pointer-events-none fill-ink stroke-panel font-plate text-[15px] font-medium"
      strokeWidth={3}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}

interface NamePlace {
  readonly name: string;
  readonly x: number;
  readonly y: number;
}

const LETTER_PX = 6.6;
const LINE_PX = 15;
const BELOW_PX = 25;
const ABOVE_PX = -16;

/** Each name under its sign, or above it, or further off, wherever no other name stands yet. */
function placedNames(wanted: readonly NamePlace[]): NamePlace[] {
  const placed: NamePlace[] = [];
  for (const n of wanted) {
    const half = (name: string): number => (name.length * LETTER_PX) / 2;
    const free = (y: number): boolean =>
      placed.every((p) => Math.abs(p.y - y) >= LINE_PX || Math.abs(p.x - n.x) > half(p.name) + half(n.name));
    const rows = [0, 1, 2, 3].flatMap((line) => [BELOW_PX + line * LINE_PX, ABOVE_PX - line * LINE_PX]);
    const at = rows.find((dy) => free(n.y + dy));
    placed.push({ ...n, y: n.y + (at ?? BELOW_PX) });
  }
  return placed;
}

/** The middle of all spots, and the scale at which they all fit. */
function frameOf(spots: readonly MapSpot[]): MapSpot & { pxPerKm: number } {
  const span = (of: (s: MapSpot) => number): [middle: number, width: number] => {
    const values = spots.map(of);
    const [low, high] = [Math.min(...values), Math.max(...values)];
    return [(low + high) / 2, Math.max(LEAST_KM, high - low)];
  };
  const [eastKm, wide] = span((s) => s.eastKm);
  const [northKm, tall] = span((s) => s.northKm);
  return { eastKm, northKm, pxPerKm: Math.min((WIDTH - 2 * MARGIN) / wide, (HEIGHT - 2 * MARGIN) / tall) };
}
