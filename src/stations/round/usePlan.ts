"use client";
import { useEffect, useMemo, useState } from "react";
import type { InputOf } from "@/core/calculations";
import type { SourceId } from "@/core/ledger";
import type { RoundAsked, RoundChoice } from "@/core/readings";
import { askRound } from "@/core/readings/rounds/roundQuestion";
import { distancesKm, driveRound, type RoundFault, type RoundPlan } from "@/core/rounds";
import { useYard } from "@/store";
import { askWorker, cancelWork } from "@/workers";

export interface Planned {
  /** The question behind the plan that is shown. */
  readonly asked: RoundAsked;
  /** The planner's own answer; null before the first, and where it was stopped. */
  readonly best: RoundPlan | null;
  /** The round as it stands: the planner's, or in the order a person gave it. */
  readonly plan: RoundPlan | null;
  readonly fault: RoundFault | null;
  /** Null when nothing is being worked out. */
  readonly progress: number | null;
  stop(): void;
}

const PICTURE = "round-plan";

interface Found {
  readonly key: string;
  readonly asked: RoundAsked;
  readonly best: RoundPlan | null;
}

/**
 * The best round for a choice, from the worker; and the round in a person's own order, reckoned at once. While a new
 * one is worked out the last stays, with the question it answers.
 */
export function usePlan(choice: RoundChoice, order: readonly SourceId[] | null): Planned {
  const { view } = useYard();
  const asked = useMemo(() => askRound(view, choice), [view, choice]);
  const [found, setFound] = useState<Found | null>(null);
  const [progress, setProgress] = useState(0);
  const key = JSON.stringify(asked);
  useEffect(() => {
    let gone = false;
    setProgress(0);
    const about = JSON.parse(key) as RoundAsked;
    void askWorker("round", inputOf(about), PICTURE, (share) => !gone && setProgress(share)).then((answer) => {
      if (!gone) setFound({ key, asked: about, best: answer.ok ? answer.value : null });
    });
    return () => {
      gone = true;
      cancelWork(PICTURE);
    };
  }, [key]);
  const own = useMemo(() => {
    if (!order) return null;
    const stops = order.map((id) => asked.sources.indexOf(id)).filter((i) => i >= 0);
    return driveRound(asked.question, distancesKm(asked.question), stops);
  }, [asked, order]);
  const best = found?.best ?? null;
  return {
    asked: own ? asked : (found?.asked ?? asked),
    best,
    plan: own?.plan ?? best,
    fault: own?.fault ?? null,
    progress: found?.key === key ? null : progress,
    stop: () => cancelWork(PICTURE),
  };
}

/** The same question as the calculation takes it. */
export const inputOf = ({ question }: RoundAsked): InputOf<"round"> =>
  JSON.parse(JSON.stringify(question)) as InputOf<"round">;
