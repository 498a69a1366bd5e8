"use client";
import { neededTests } from "@/core/kettle";
import type { Draft } from "@/core/ledger";
import { useLog, useNote, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { TEST_WORDS } from "@/ui/words/kettle";
import { BigNumber, StageCard } from "../StageCard";
import { TestForm } from "../tests/TestForm";
import type { StageProps } from "./props";

const VERDICTS = { passed: "Fuel", failed: "Not fuel", open: "Not known yet" } as const;

/** Passed, it is fuel; failed, what the fail means and what to do; open, what is still to be tested. */
export function TestStage({ batch, stage, vessel }: StageProps) {
  const { view } = useYard();
  const units = useUnits();
  const note = useNote();
  const log = useLog();
  const acidWashed = batch.washes.some((w) => w.vinegarMl > 0);
  const needed = neededTests(view.settings.fuelTests, acidWashed);
  const missing = needed.filter((t) => !batch.tests.some((r) => r.test === t));
  const end: Draft[] = [{ kind: "batch-end", data: { batch: batch.batch.id, how: "fuel", litres: vessel.litres } }];
  const again = (at: "wash" | "polish", words: string): void =>
    note({ kind: "stage", data: { batch: batch.batch.id, stage: at, did: "begin" } }, words);
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={
        <BigNumber
          value={VERDICTS[batch.verdict]}
          name={missing.length > 0 && batch.verdict === "open" ? `${missing.length} to go` : ""}
          warn={batch.verdict === "failed"}
        />
      }
      also={end}
      notYet={
        batch.verdict === "passed"
          ? undefined
          : batch.verdict === "failed"
            ? "It failed: it is not fuel. See below what to do."
            : "It is fuel when every test that you need is inside its mark."
      }
      action={`It is fuel: ${units.litres(vessel.litres)}`}
    >
      {batch.verdict === "failed" ? (
        <div className="mt-2">
          <div className="grid grid-cols-2 gap-2">
            <Button onClick={() => again("wash", "Back to the wash.")}>Wash it again</Button>
            <Button onClick={() => again("polish", "Back to drying.")}>Dry it again</Button>
          </div>
          <YardLink
            href={`/batch?rework=${batch.batch.id}`}
            className="mt-2 inline-flex min-h-[var(--target)] w-full items-center justify-center rounded-md border border-go bg-go font-plate text-[18px] font-semibold text-on-go"
          >
            React it again: a rework
          </YardLink>
        </div>
      ) : null}
      <TestForm batch={batch} vessel={vessel} first={missing[0]} />
      {batch.verdict === "passed" ? (
        <p className="mt-2 text-[15px]">
          Then pour it to where fuel is kept, and keep a jar:{" "}
          <button
            type="button"
            className="underline"
            onClick={() => log.open("pour", { from: vessel.vessel.id, toRole: "ready" })}
          >
            pour it
          </button>
          .
        </p>
      ) : null}
      {acidWashed ? (
        <p className="mt-2 text-[14px] text-ink-2">It was washed with vinegar: {TEST_WORDS["acid-number"].how}</p>
      ) : null}
    </StageCard>
  );
}
