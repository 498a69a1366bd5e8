"use client";
import type { KeyboardEvent, PointerEvent } from "react";
import { useUnits } from "@/desk";
import { type DipDraft, LINE_NAMES, LINES, type Line } from "./useDip";

interface Props {
  readonly dip: DipDraft;
  readonly rimMm: number;
  readonly pxPerMm: number;
  readonly left: number;
  readonly width: number;
}

const STEP_MM: Readonly<Record<string, number>> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
  PageUp: 10,
  PageDown: -10,
};

/** The stick's lines as handles on the drawing: dragged with a thumb, or moved by a millimetre with the arrow keys. */
export function StickHandles({ dip, rimMm, pxPerMm, left, width }: Props) {
  return (
    <div className="absolute" style={{ left, width, height: rimMm * pxPerMm }}>
      {LINES.map((field, i) => (
        <Handle key={field} field={field} at={i} dip={dip} rimMm={rimMm} pxPerMm={pxPerMm} />
      ))}
    </div>
  );
}

/** Handles stand side by side, so that lines close together can still be taken one at a time. */
const SIDE_PX = 58;

function Handle({
  field,
  at,
  dip,
  rimMm,
  pxPerMm,
}: {
  field: Line;
  at: number;
  dip: DipDraft;
  rimMm: number;
  pxPerMm: number;
}) {
  const units = useUnits();
  const mm = dip.lineMm(field);
  const read = dip.read[field] !== undefined;
  const move = (e: PointerEvent<HTMLDivElement>): void => {
    if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
    const box = e.currentTarget.parentElement?.getBoundingClientRect();
    if (box) dip.drag(field, rimMm - (e.clientY - box.top) / pxPerMm);
  };
  const key = (e: KeyboardEvent): void => {
    const by = STEP_MM[e.key];
    if (by === undefined) return;
    e.preventDefault();
    dip.drag(field, mm + by);
  };
  return (
    <>
      <div
        aria-hidden="true"
        className={`pointer-events-none absolute inset-x-0 border-t-2 ${read ? "border-go" : "border-dashed border-quiet"}`}
        style={{ top: (rimMm - mm) * pxPerMm }}
      />
      <div
        role="slider"
        tabIndex={0}
        aria-label={`${LINE_NAMES[field]}, on the stick`}
        aria-orientation="vertical"
        aria-valuemin={0}
        aria-valuemax={rimMm}
        aria-valuenow={Math.round(mm)}
        aria-valuetext={units.mm(mm)}
        onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
        onPointerMove={move}
        onKeyDown={key}
        className={`absolute flex h-11 w-14 -translate-y-1/2 cursor-ns-resize touch-none items-center justify-center rounded-md border-2 bg-card font-plate text-[13px] leading-none font-semibold ${read ? "border-go text-go" : "border-quiet"}`}
        style={{ top: (rimMm - mm) * pxPerMm, left: at * SIDE_PX + 4 }}
      >
        {SHORT[field]}
      </div>
    </>
  );
}

const SHORT: Record<Line, string> = { oilMm: "oil", clearMm: "clear to", fatMm: "fat", waterMm: "water" };
