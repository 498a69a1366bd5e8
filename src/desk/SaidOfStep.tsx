import type { DraftClearance } from "@/core/clearance";
import { useYard } from "@/store";
import { Caution, StepCheck } from "@/ui";
import { wordRefusal } from "@/ui/words/fitness";
import { wordNeed } from "@/ui/words/interlocks";
import { wordWarning } from "@/ui/words/warnings";

/** The gates' words themselves, fetched once they have something to say: they are many, and no page needs them to open. */
export default function SaidOfStep({ clearance }: { clearance: DraftClearance }) {
  const { view } = useYard();
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
