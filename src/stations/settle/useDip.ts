"use client";
import { useState } from "react";
import type { VesselView } from "@/core/readings";
import { type Typed, wordQuantityError } from "@/ui/words";

/** The lines a stick reads, from the top down. */
export const LINES = ["oilMm", "clearMm", "fatMm", "waterMm"] as const;
export type Line = (typeof LINES)[number];
export type DipField = Line | "scumMm";

export const LINE_NAMES: Record<DipField, string> = {
  oilMm: "Oil level",
  clearMm: "Clear down to",
  fatMm: "Fat line",
  waterMm: "Water line",
  scumMm: "Scum on top, thick",
};

export interface DipDraft {
  /** The stick is in: lines can be dragged. */
  readonly open: boolean;
  readonly texts: Readonly<Partial<Record<DipField, string>>>;
  readonly errors: Readonly<Partial<Record<DipField, string>>>;
  /** What has been read so far, in mm. */
  readonly read: Readonly<Partial<Record<DipField, number>>>;
  start(): void;
  stop(): void;
  type(field: DipField, text: string): void;
  drag(field: Line, mm: number): void;
  /** Where a line is drawn: as read, or where it stands by the yard. */
  lineMm(field: Line): number;
}

/** A dip being taken: dragged on the drawing or typed beside it, the same lines either way. */
export function useDip(v: VesselView, length: Typed): DipDraft {
  const [open, setOpen] = useState(false);
  const [texts, setTexts] = useState<Partial<Record<DipField, string>>>({});
  const read: Partial<Record<DipField, number>> = {};
  const errors: Partial<Record<DipField, string>> = {};
  for (const [field, text] of Object.entries(texts) as [DipField, string][]) {
    if (text.trim() === "") continue;
    const mm = length.parse(text);
    if (mm.ok) read[field] = mm.value;
    else errors[field] = wordQuantityError(mm.error);
  }
  const type = (field: DipField, text: string): void => setTexts((t) => ({ ...t, [field]: text }));
  return {
    open,
    texts,
    errors,
    read,
    start: () => setOpen(true),
    stop() {
      setOpen(false);
      setTexts({});
    },
    type,
    drag: (field, mm) => type(field, length.text(Math.round(Math.min(v.vessel.rimMm, Math.max(0, mm))))),
    lineMm: (field) => read[field] ?? standsAt(v, field),
  };
}

function standsAt(v: VesselView, field: Line): number {
  const top = (kind: string): number | undefined => v.layers.find((l) => l.kind === kind)?.toMm;
  switch (field) {
    case "oilMm":
      return v.surfaceMm;
    case "clearMm":
      return v.settling ? Math.max(0, ...v.settling.fronts.map((f) => f.clearedAboveMm)) : v.surfaceMm;
    case "fatMm":
      return top("fat") ?? v.settling?.muckTopMm ?? 0;
    case "waterMm":
      return top("water") ?? 0;
  }
}
