"use client";
import type { DraftClearance } from "@/core/clearance";
import { useYard } from "@/store";
import { Caution, StepCheck } from "@/ui";
import { wordInterlock, wordNeed, wordWarning } from "@/ui/words";
import { useUnits } from "./useUnits";

/** The interlocks' word on a step, above its button, and what speaks against it without forbidding it. */
export function Interlock({ clearance }: { clearance: DraftClearance | null }) {
  const { view } = useYard();
  const units = useUnits();
  if (!clearance) return null;
  return (
    <>
      {clearance.warnings.map((w) => (
        <div key={w.code} className="mt-3">
          <Caution>{wordWarning(w, view)}</Caution>
        </div>
      ))}
      <StepCheck
        refusals={clearance.refusals.map((r) => wordInterlock(r, units))}
        needs={clearance.needs.map(wordNeed)}
      />
    </>
  );
}
