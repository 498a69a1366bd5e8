"use client";
import type { Clearance } from "@/core/interlocks";
import { StepCheck } from "@/ui";
import { wordInterlock, wordNeed } from "@/ui/words";
import { useUnits } from "./useUnits";

/** The interlocks' word on a step, above its button. */
export function Interlock({ clearance }: { clearance: Clearance | null }) {
  const units = useUnits();
  if (!clearance) return null;
  return (
    <StepCheck
      refusals={clearance.refusals.map((r) => wordInterlock(r, units))}
      needs={clearance.needs.map(wordNeed)}
    />
  );
}
