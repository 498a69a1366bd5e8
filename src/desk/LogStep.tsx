"use client";
import { useEffect, useState } from "react";
import type { Draft } from "@/core/ledger";
import { Button, type ButtonLook } from "@/ui";
import { StepFoot } from "./StepFoot";
import { despite, isRefused, useClearance } from "./useClearance";
import { useTell } from "./useTell";
import { useWhen, type When } from "./useWhen";
import { WhenField } from "./WhenField";

interface Props {
  /** Null while something that it needs is missing. */
  readonly draft: Draft | null;
  readonly said: string;
  readonly action: string;
  /** Says at its field what is missing, and whether all is there; asked when the button is pressed. */
  readonly isComplete?: () => boolean;
  readonly onDone?: () => void;
  readonly look?: ButtonLook;
  readonly disabled?: boolean;
  /** Written with it, as one act. */
  readonly also?: readonly Draft[];
  /** What may be written with it, as one act: in the open, by a button of its own. */
  readonly further?: { readonly name: string; readonly drafts: readonly Draft[] } | null;
  /** Of a bench that takes this step away and brings it back as it is worked out anew: what was said of the time stays. */
  readonly when?: When;
  /** Beside the button: another way out. */
  readonly onCancel?: (() => void) | undefined;
}

/** The end of a bench's form: when it happened, what the interlocks say, and the button that writes it. */
export function LogStep(props: Props) {
  const {
    draft,
    said,
    action,
    isComplete,
    onDone,
    look = "go",
    disabled = false,
    also = [],
    further,
    onCancel,
  } = props;
  const tell = useTell();
  const own = useWhen();
  const when = props.when ?? own;
  const dated = draft === null ? null : when.stamp(draft);
  const asked = dated !== null && when.wrong === undefined ? [dated, ...also.map((d) => when.stamp(d))] : null;
  const clearance = useClearance(asked);
  const withMore = useClearance(asked && further ? [...asked, ...further.drafts.map((d) => when.stamp(d))] : null);
  const [refused, setRefused] = useState<string | null>(null);
  // What was wrong is no longer said of what has been changed since.
  const asItStands = JSON.stringify(dated);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is the change that counts
  useEffect(() => setRefused(null), [asItStands]);
  const log = async (against: readonly string[] = [], more: readonly Draft[] = []): Promise<void> => {
    if (isComplete && !isComplete()) return;
    if (when.wrong !== undefined || !dated) return setRefused(when.wrong ?? "Something above is still open.");
    const problem = await tell(despite([dated, ...[...also, ...more].map((d) => when.stamp(d))], against), said);
    setRefused(problem);
    if (problem === null) onDone?.();
  };
  const odd = isReading(draft) && (clearance?.warnings.length ?? 0) > 0;
  return (
    <>
      <div className="mt-2">
        <WhenField when={when} />
      </div>
      <StepFoot clearance={clearance} onDespite={(codes) => void log(codes)}>
        <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
        <div className="mt-3 flex gap-2">
          <Button look={look} wide disabled={disabled || isRefused(clearance)} onClick={() => void log()}>
            {odd ? "Keep it as read" : action}
          </Button>
          {onCancel ? <Button onClick={onCancel}>{odd ? "Drop it" : "Cancel"}</Button> : null}
        </div>
        {further ? (
          <Button
            wide
            className="mt-2"
            disabled={disabled || isRefused(withMore)}
            onClick={() => void log([], further.drafts)}
          >
            {further.name}
          </Button>
        ) : null}
      </StepFoot>
    </>
  );
}

/** What is odd about a reading is said first, and the person keeps it or drops it. */
const isReading = (draft: Draft | null): boolean => draft?.kind === "dip" || draft?.kind === "jar";
