"use client";
import type { DraftClearance } from "@/core/clearance";
import { useYard } from "@/store";
import { Caution, StepCheck } from "@/ui";
import { wordNeed, wordRefusal, wordWarning } from "@/ui/words";

/** The gates' word on a step: why it is not offered or what it needs first, and what speaks against it without forbidding it. */
export function Interlock({ clearance }: { clearance: DraftClearance | null }) {
  const { view } = useYard();
  if (!clearance || isSilent(clearance)) return null;
  return (
    <div className="max-h-[38dvh] overflow-y-auto">
      {clearance.warnings.map((w) => (
        <div key={w.code} className="mt-3">
          <Caution>{wordWarning(w, view)}</Caution>
        </div>
      ))}
      <StepCheck refusals={clearance.refusals.map((r) => wordRefusal(r, view))} needs={clearance.needs.map(wordNeed)} />
    </div>
  );
}

/** Nothing is said of it: there is nothing to keep in sight. */
export const isSilent = (c: DraftClearance | null): boolean =>
  c === null || (c.refusals.length === 0 && c.needs.length === 0 && c.warnings.length === 0);
