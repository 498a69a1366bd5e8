"use client";
import { useEffect, useRef, useState } from "react";
import type { BatchState } from "@/core/ledger";
import { STAGE_WORDS } from "@/core/ledger/words";
import { currentStage, isTrial, running, stageDueAt } from "@/core/readings/kettle/stages";
import { YardLink } from "@/desk";
import { useYard } from "@/store";
import { beep } from "@/ui/beep";

const LOOK_EVERY_MS = 5000;
/** An alarm of days ago is no alarm: it stands in Next up. */
const FRESH_MS = 12 * 3_600_000;

interface Due {
  readonly key: string;
  readonly batch: BatchState;
  readonly stage: string;
  readonly atMs: number;
}

const dueOf = (batches: readonly BatchState[]): readonly Due[] =>
  running(batches).flatMap((batch): Due[] => {
    const stage = currentStage(batch);
    const at = stage === null ? null : stageDueAt(batch, stage);
    if (stage === null || at === null || isTrial(batch)) return [];
    return [{ key: `${batch.batch.id} ${stage} ${at}`, batch, stage: STAGE_WORDS[stage], atMs: Date.parse(at) }];
  });

/** On every page: a kettle's stage whose time is up, with an alarm, once. */
export default function BatchWatch() {
  const { view } = useYard();
  const due = dueOf(view.batches);
  const [nowMs, setNow] = useState(() => Date.now());
  const sounded = useRef(new Set<string>());
  const up = due.filter((d) => d.atMs <= nowMs && nowMs - d.atMs < FRESH_MS);
  const runs = due.length > 0;
  useEffect(() => {
    if (!runs) return;
    setNow(Date.now());
    const tick = setInterval(() => setNow(Date.now()), LOOK_EVERY_MS);
    return () => clearInterval(tick);
  }, [runs]);
  const keys = up.map((d) => d.key).join("|");
  useEffect(() => {
    for (const key of keys.split("|").filter(Boolean)) {
      if (sounded.current.has(key)) continue;
      sounded.current.add(key);
      beep(5);
    }
  }, [keys]);
  return up.map((d) => (
    <div key={d.key} role="alert" className="bg-stop px-4 py-1 text-[15px] font-semibold text-on-stop">
      <YardLink
        href={`/kettle?batch=${d.batch.batch.id}`}
        className="flex min-h-[var(--target)] items-center underline"
      >
        {d.batch.batch.name}: {d.stage.toLowerCase()} is up. Look at it.
      </YardLink>
    </div>
  ));
}
