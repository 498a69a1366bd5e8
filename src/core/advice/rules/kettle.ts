import type { Stage } from "../../kettle";
import type { BatchId } from "../../ledger";
import type { YardReading } from "../../readings";
import { chemicalsIn, methanolLitresKept } from "../../readings/kettle/chemicals";
import { currentStage, isTrial, running, stageDueAt, stageState } from "../../readings/kettle/stages";
import type { Advice, Rule } from "../advice";

export type KettleMatter =
  /** A stage runs until then, stands stopped, or is the next to be begun. */
  | {
      readonly code: "kettle-stage";
      readonly batch: BatchId;
      readonly stage: Stage;
      readonly state: "runs" | "over" | "stopped" | "next";
    }
  /** It was tested and is not fuel. */
  | { readonly code: "batch-failed"; readonly batch: BatchId }
  /** It has passed, and still stands where it was made. */
  | { readonly code: "batch-passed"; readonly batch: BatchId; readonly litres: number }
  | { readonly code: "chemical-old" }
  | { readonly code: "methanol-over"; readonly litres: number; readonly limitLitres: number };

/** What the batches that are being made want next, each by itself. */
function stages({ batches, now }: YardReading): Advice[] {
  return running(batches).flatMap((b): Advice[] => {
    const common = { station: "kettle" as const, vessel: b.vessel, batch: b.batch.id };
    if (b.verdict === "failed")
      return [{ ...common, id: `batch-failed ${b.batch.id}`, code: "batch-failed", dueAt: now }];
    const stage = currentStage(b);
    if (stage === null || isTrial(b)) return [];
    const { stoppedAt, runsSince } = stageState(b, stage);
    const dueAt = stageDueAt(b, stage);
    const state =
      stoppedAt !== null
        ? "stopped"
        : dueAt !== null
          ? dueAt <= now
            ? "over"
            : "runs"
          : runsSince !== null
            ? "over"
            : "next";
    return [{ ...common, id: `kettle-stage ${b.batch.id}`, code: "kettle-stage", stage, state, dueAt: dueAt ?? now }];
  });
}

const WORTH_LITRES = 1;

function passed({ batches, byId, now }: YardReading): Advice[] {
  return running(batches).flatMap((b): Advice[] => {
    const litres = byId.get(b.vessel)?.standing.litres ?? 0;
    if (b.verdict !== "passed" || currentStage(b) !== null || litres < WORTH_LITRES) return [];
    return [
      {
        id: `batch-passed ${b.batch.id}`,
        code: "batch-passed",
        station: "kettle",
        vessel: b.vessel,
        batch: b.batch.id,
        litres,
        dueAt: now,
      },
    ];
  });
}

function stock({ vessels, settings, now }: YardReading): Advice[] {
  const views = vessels.map((v) => v.view);
  const litres = methanolLitresKept(views);
  const limitLitres = settings.methanolLimitLitres;
  return [
    ...chemicalsIn(views, now)
      .filter((c) => c.expired)
      .map(
        (c): Advice => ({
          id: `chemical-old ${c.vessel.vessel.id}`,
          code: "chemical-old",
          station: "kettle",
          vessel: c.vessel.vessel.id,
          dueAt: now,
        }),
      ),
    ...(litres > limitLitres
      ? [
          {
            id: "methanol-over",
            code: "methanol-over" as const,
            station: "kettle" as const,
            litres,
            limitLitres,
            dueAt: now,
          },
        ]
      : []),
  ];
}

export const KETTLE_RULES: readonly Rule[] = [
  { rank: 23, advise: stages },
  { rank: 24, advise: passed },
  { rank: 25, advise: stock },
];
