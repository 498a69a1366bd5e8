"use client";
import type { ReactNode } from "react";
import type { DraftClearance } from "@/core/clearance";
import { Button } from "@/ui";
import { Interlock, isSilent } from "./Interlock";
import { wordsAgainst } from "./useClearance";

interface Props {
  readonly clearance: DraftClearance | null;
  /** The button of the step, and what stands beside it. */
  readonly children: ReactNode;
  /** Writes it with the words that were gone against; absent: it cannot have happened yet. */
  readonly onDespite?: ((codes: string[]) => void) | undefined;
}

/**
 * The end of a step: what it needs and what speaks against it, and its button under that, in the part that does not
 * scroll, so that neither is read without the other. A refusal has a way on: what has happened belongs in the book.
 */
export function StepFoot({ clearance, children, onDespite }: Props) {
  const against = wordsAgainst(clearance);
  return (
    <div className={isSilent(clearance) ? "" : "sticky bottom-[76px] z-10 -mx-1 bg-panel px-1 pb-2 md:bottom-0"}>
      <Interlock clearance={clearance} />
      {children}
      {against.length > 0 && onDespite ? (
        <Button look="quiet" className="mt-1" onClick={() => onDespite(against)}>
          It has happened: log it all the same
        </Button>
      ) : null}
    </div>
  );
}
