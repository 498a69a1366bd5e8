"use client";
import { useEffect, useMemo, useState } from "react";
import type { RoundAsked, RoundChoice } from "@/core/advice";
import { askRound } from "@/core/advice/roundQuestion";
import type { InputOf } from "@/core/calculations";
import type { SourceId } from "@/core/ledger";
import { distancesKm, driveRound, type RoundFault, type RoundPlan } from "@/core/rounds";
import { useYard } from "@/store";
import { askWorker, cancelWork } from "@/workers";

export interface Planned {
  readonly asked: RoundAsked;
  /** The planner's own answer; null while it is being worked out. */
  readonly best: RoundPlan | null;
  /** The round as it stands: the planner's, or in the order a person gave it. */
  readonly plan: RoundPlan | null;
  readonly fault: RoundFault | null;
  readonly progress: number;
  readonly stopped: boolean;
  stop(): void;
}

const PICTURE = "round-plan";

/** The best round for a choice, from the worker; and the round in a person's own order, reckoned at once. */
export function usePlan(choice: RoundChoice, order: readonly SourceId[] | null): Planned {
  const { view } = useYard();
  const asked = useMemo(() => askRound(view, choice), [view, choice]);
  const [found, setFound] = useState<{ key: string; best: RoundPlan | null }>({ key: "", best: null });
  const [progress, setProgress] = useState(0);
  const key = JSON.stringify(asked.question);
  useEffect(() => {
    let gone = false;
    setProgress(0);
    void askWorker("round", JSON.parse(key) as InputOf<"round">, PICTURE, (share) => !gone && setProgress(share)).then(
      (answer) => {
        if (gone) return;
        setFound({ key, best: answer.ok ? answer.value : null });
      },
    );
    return () => {
      gone = true;
      cancelWork(PICTURE);
    };
  }, [key]);
  const best = found.key === key ? found.best : null;
  const own = useMemo(() => {
    if (!order) return null;
    const stops = order.map((id) => asked.sources.indexOf(id)).filter((i) => i >= 0);
    return driveRound(asked.question, distancesKm(asked.question), stops);
  }, [asked, order]);
  return {
    asked,
    best,
    plan: own?.plan ?? best,
    fault: own?.fault ?? null,
    progress,
    stopped: found.key === key && found.best === null,
    stop: () => cancelWork(PICTURE),
  };
}
