"use client";
import { parseMillimetres } from "@/core/units";
import { type NumberInput, useKept, useNumber } from "@/desk";
import { type Pipework, USUAL_PIPEWORK } from "./drawPlan";

/** The hose or hole as last used on this device. What cannot be is said at its field and not taken. */
export function usePipework() {
  const [kept, keep] = useKept<Pipework>("draw-off pipework", USUAL_PIPEWORK);
  const bore = useNumber(String(kept.diameterMm), parseMillimetres);
  const length = useNumber(String(kept.lengthMm), parseMillimetres);
  const drop = useNumber(String(kept.dropMm), parseMillimetres);
  const hole = useNumber(kept.holeMm === null ? "" : String(kept.holeMm), parseMillimetres);
  const set = (field: PipeField, input: NumberInput, text: string): void => {
    input.set(text);
    const mm = parseMillimetres(text);
    if (text.trim() === "" && field === "holeMm") keep({ ...kept, holeMm: null });
    if (!mm.ok) return;
    const [least, most] = LIMITS[field];
    if (mm.value < least || mm.value > most) input.refuse(`Between ${least} and ${most} mm.`);
    else keep({ ...kept, [field]: mm.value });
  };
  return { kept, keep, bore, length, drop, hole, set };
}

const LIMITS = {
  diameterMm: [2, 100],
  lengthMm: [0, 20_000],
  dropMm: [10, 5000],
  holeMm: [0, 20_000],
} as const;

export type PipeField = keyof typeof LIMITS;
