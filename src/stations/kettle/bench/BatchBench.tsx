"use client";
import { lazy, Suspense, useState } from "react";
import { pctOfMolPerL, type Stage } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import { NoSuchVessel, useNote, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { dayAndClock } from "@/ui/words";
import { KettlePages } from "../KettlePages";
import { ExpectedSeen } from "./ExpectedSeen";
import { KettlePicture } from "./KettlePicture";
import { StageNow } from "./StageNow";
import { StageRow } from "./StageRow";
import { placeOf } from "./useBatch";

const REACTS: ReadonlySet<Stage> = new Set(["methoxide", "mix", "mix-2", "settle"]);

/** Comes with the stages that react, and brings what asks the worker with it. */
const ReactionClock = lazy(() => import("./ReactionClock"));
const BatchOver = lazy(() => import("./BatchOver"));

/** One screen: expected, seen, go on or stop, stage by stage. */
export function BatchBench({ batch, all }: { batch: BatchState; all: readonly BatchState[] }) {
  const { view } = useYard();
  const units = useUnits();
  const { stage, kettle, vessel } = placeOf(view, batch);
  const [looked, setLooked] = useState<Stage | null>(null);
  if (!kettle || !vessel) return <NoSuchVessel bench="is the kettle of this batch" />;
  const shown = looked ?? stage;
  const { recipe } = batch.batch;
  const acid = formatNumber(pctOfMolPerL(recipe.acidMolPerL, 0.92), 1);
  return (
    <Bench
      title={`${batch.batch.name}, ${units.litres(recipe.oilLitres)}`}
      subtitle={`${recipe.untitratedKit === undefined ? `Acid ${acid} %` : `Not titrated, by the marks of ${recipe.untitratedKit}`}, ${recipe.base}. Begun ${dayAndClock(batch.at)}.`}
      asideLabel="This stage"
      isUrgent
      aside={
        <>
          {stage === null ? (
            <Suspense>
              <BatchOver batch={batch} vessel={vessel} />
            </Suspense>
          ) : (
            <StageNow
              key={`${batch.batch.id} ${stage} ${vessel.changedAt}`}
              batch={batch}
              stage={stage}
              kettle={kettle}
              vessel={vessel}
            />
          )}
          {batch.ended ? null : <StopBatch batch={batch} />}
          <KettlePages here="bench" />
        </>
      }
    >
      {all.length > 1 ? (
        <nav aria-label="Batches" className="my-2 flex gap-2 overflow-x-auto">
          {all.map((b) => (
            <YardLink
              key={b.batch.id}
              href={`/kettle?batch=${b.batch.id}`}
              here={b === batch}
              className={`flex min-h-[var(--target)] shrink-0 items-center rounded-md border px-3 font-plate text-[16px] font-semibold ${b === batch ? "border-go bg-card shadow-[inset_0_-3px_0_var(--go)]" : "border-rule"}`}
            >
              {b.batch.name}
            </YardLink>
          ))}
        </nav>
      ) : null}
      <StageRow batch={batch} chosen={shown} onChoose={setLooked} />
      <div className="mt-4 flex flex-wrap items-start gap-x-8 gap-y-4">
        <KettlePicture vessel={vessel} batch={batch} stage={stage} />
        <div className="flex min-w-0 flex-1 basis-[360px] flex-col gap-4">
          {shown ? <ExpectedSeen batch={batch} stage={shown} vessel={vessel} /> : null}
          {shown && REACTS.has(shown) ? (
            <Suspense fallback={<p className="text-ink-2">Working the reaction out.</p>}>
              <ReactionClock batch={batch} stage={shown === "mix-2" ? "mix-2" : "mix"} />
            </Suspense>
          ) : null}
        </div>
      </div>
    </Bench>
  );
}

/** Go on or stop: what is given up stays in its kettle and in the book, and can be taken back. */
function StopBatch({ batch }: { batch: BatchState }) {
  const note = useNote();
  return (
    <details className="mt-3 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center">Stop this batch</summary>
      <p>What is in the kettle stays there and in the book. With methanol in it, keep it closed.</p>
      <Button
        className="mt-1"
        onClick={() =>
          note(
            { kind: "batch-end", data: { batch: batch.batch.id, how: "given-up", litres: 0 } },
            `${batch.batch.name} is given up.`,
          )
        }
      >
        Give it up
      </Button>
    </details>
  );
}
