"use client";
import { useSearchParams } from "next/navigation";
import type { BatchState } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench } from "@/ui";
import { fullDay } from "@/ui/words";
import { KettlePages } from "../KettlePages";
import { BatchAccount } from "./BatchAccount";
import { PhaseMarks } from "./PhaseMarks";
import { TestMarks } from "./TestMarks";

const STATE = { passed: "passed", failed: "failed", open: "not tested through" } as const;

/** Every batch: what it made of its oil, what it cost, and one of them in full. */
export function BatchesScreen() {
  const { view } = useYard();
  const units = useUnits();
  const asked = useSearchParams().get("batch");
  const all = [...view.batches].reverse();
  const shown = all.find((b) => b.batch.id === asked) ?? all[0];
  return (
    <Bench
      title="All batches"
      subtitle="Every litre and kilogram of each, against what was expected; what it cost, hours and disposal too."
      asideLabel="Batches"
      aside={
        <>
          <h2 className="text-xl">Batches</h2>
          <ul>
            {all.map((b) => (
              <li key={b.batch.id}>
                <YardLink
                  href={`/batches?batch=${b.batch.id}`}
                  here={b === shown}
                  className={`block min-h-[var(--target)] border-t border-rule py-2 ${b === shown ? "shadow-[inset_3px_0_0_var(--go)]" : ""} px-2`}
                >
                  <b className="font-plate text-[18px]">{b.batch.name}</b>, {units.litres(b.batch.recipe.oilLitres)}
                  <span className={`block text-[14px] ${b.verdict === "failed" ? "text-stop" : "text-ink-2"}`}>
                    {fullDay(b.at)}, {stateWords(b)}
                  </span>
                </YardLink>
              </li>
            ))}
          </ul>
          <TestMarks />
          <PhaseMarks />
          <KettlePages here="batches" />
        </>
      }
    >
      {shown ? (
        <BatchAccount key={shown.batch.id} batch={shown} />
      ) : (
        <p className="mt-4">No batch has been made yet.</p>
      )}
    </Bench>
  );
}

function stateWords(b: BatchState): string {
  if (!b.ended) return `being made, ${STATE[b.verdict]}`;
  if (b.ended.how === "fuel")
    return `fuel, ${formatNumber((b.ended.litres / b.batch.recipe.oilLitres) * 100, 0)} % of its oil`;
  return b.ended.how === "rework" ? "failed, reworked" : "given up";
}
