"use client";
import { type NumberInput, useAmount, useKept, useUnits } from "@/desk";
import { type Pipework, USUAL_PIPEWORK } from "./drawPlan";

/** The hose or hole as last used on this device. What cannot be is said at its field and not taken. */
export function usePipework() {
  const units = useUnits();
  const [kept, keep] = useKept<Pipework>("draw-off pipework", USUAL_PIPEWORK);
  const bore = useAmount(units.length, kept.diameterMm);
  const length = useAmount(units.length, kept.lengthMm);
  const drop = useAmount(units.length, kept.dropMm);
  const hole = useAmount(units.length, kept.holeMm);
  const set = (field: PipeField, input: NumberInput, text: string): void => {
    input.set(text);
    const mm = units.length.parse(text);
    if (text.trim() === "" && field === "holeMm") keep({ ...kept, holeMm: null });
    if (!mm.ok) return;
    const [least, most] = LIMITS[field];
    if (mm.value < least || mm.value > most) input.refuse(`Between ${units.mm(least)} and ${units.mm(most)}.`);
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
