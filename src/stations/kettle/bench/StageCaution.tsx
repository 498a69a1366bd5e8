"use client";
import type { Stage } from "@/core/kettle";
import { Button, Caution } from "@/ui";
import { STAGE_CAUTIONS } from "@/ui/words/kettle";
import { useAcknowledged } from "./useAcknowledged";

/** Whether a stage's caution was read in this visit; a stage without one has nothing to be read. */
export function useCautionRead(stage: Stage): boolean {
  const [isRead] = useAcknowledged(stage);
  return STAGE_CAUTIONS[stage] === undefined || isRead;
}

/** A stage's caution, and the one press that says it was read. It stays where it is after that. */
export function StageCaution({ stage }: { stage: Stage }) {
  const [isRead, acknowledge] = useAcknowledged(stage);
  const words = STAGE_CAUTIONS[stage];
  if (!words) return null;
  return (
    <div className="mt-3">
      <Caution>{words}</Caution>
      {isRead ? null : (
        <Button wide className="mt-2" onClick={acknowledge}>
          I have read it, and am ready
        </Button>
      )}
    </div>
  );
}
