"use client";
import type { DraftClearance } from "@/core/clearance";
import { useYard } from "@/store";
import { Caution, StepCheck } from "@/ui";
import { wordNeed, wordRefusal, wordWarning } from "@/ui/words";

/** The interlocks' word on a step, above its button, and what speaks against it without forbidding it. */
export function Interlock({ clearance }: { clearance: DraftClearance | null }) {
  const { view } = useYard();
  if (!clearance) return null;
  return (
    <>
      {clearance.warnings.map((w) => (
        <div key={w.code} className="mt-3">
          <Caution>{wordWarning(w, view)}</Caution>
        </div>
      ))}
      <StepCheck refusals={clearance.refusals.map((r) => wordRefusal(r, view))} needs={clearance.needs.map(wordNeed)} />
    </>
  );
}
