"use client";
import type { Phase, Stage } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { bestBatch } from "@/core/readings/kettle/past";
import { potIn, splitExpected } from "@/core/readings/kettle/pots";
import { formatNumber } from "@/core/units";
import { useYard } from "@/store";
import { shortDay } from "@/ui/words";
import { SplitJar } from "./SplitJar";
import { StagePhoto, StagePhotoShown } from "./StagePhoto";

const percent = (share: number): string => `${formatNumber(share * 100, 0)} %`;

interface Props {
  readonly batch: BatchState;
  readonly stage: Stage;
  readonly vessel: VesselView;
}

/** A jar as it should look, the one that was seen, and the best batch's at the same stage. */
export function ExpectedSeen({ batch, stage, vessel }: Props) {
  const { view } = useYard();
  const best = bestBatch(view.batches, batch);
  const jar = jarOf(stage);
  const expected = jar.phase ? splitExpected(potIn(vessel), jar.phase, view.settings.phases) : null;
  const share = expected && vessel.litres > 0 ? expected.litres / vessel.litres : null;
  const seen = batch.splits.findLast((s) => s.phase === jar.phase);
  const before = seen ? seen.litres / (vessel.litres + seen.litres) : null;
  const bestSplit = best?.splits.find((s) => s.phase === jar.phase);
  const bestPhoto = best?.photos.findLast((p) => p.stage === stage);
  return (
    <section aria-label="Expected and seen" className="flex flex-wrap items-start gap-4">
      <SplitJar
        title="Expected"
        words={
          share === null
            ? jar.words
            : `${percent(seen?.expectedLitres ? seen.expectedLitres / (vessel.litres + seen.litres) : share)} below`
        }
        below={share === null ? 0 : seen?.expectedLitres ? seen.expectedLitres / (vessel.litres + seen.litres) : share}
        above={jar.above}
        lower={jar.phase === "wash" || jar.phase === "acid" ? "water" : "glycerol"}
      />
      <div>
        <SplitJar
          title="Seen"
          words={
            before === null
              ? jar.phase === null
                ? "as a photo shows it"
                : "not measured yet"
              : `${percent(before)} below`
          }
          below={before}
          above={jar.above}
          lower={jar.phase === "wash" || jar.phase === "acid" ? "water" : "glycerol"}
        />
        <StagePhoto batch={batch} stage={stage} />
      </div>
      {best ? (
        <div>
          <SplitJar
            title="Best batch"
            words={`${best.batch.name}${best.ended ? `, ${shortDay(best.ended.at)}` : ""}`}
            below={bestSplit ? bestSplit.litres / (best.batch.recipe.oilLitres * 1.2) : 0}
            above={jar.above}
            lower={jar.phase === "wash" || jar.phase === "acid" ? "water" : "glycerol"}
          />
          {bestPhoto ? <StagePhotoShown entry={bestPhoto.entry} alt={`${best.batch.name} at this stage`} /> : null}
        </div>
      ) : null}
    </section>
  );
}

function jarOf(stage: Stage): {
  readonly phase: Phase | null;
  readonly above: "oil" | "mixed" | "ester" | "wet";
  readonly words: string;
} {
  switch (stage) {
    case "acid-settle":
    case "acid-split":
      return { phase: "acid", above: "oil", words: "" };
    case "settle":
    case "split":
    case "settle-2":
    case "split-2":
      return { phase: "glycerol", above: "ester", words: "" };
    case "wash":
      return { phase: "wash", above: "wet", words: "" };
    case "mix":
    case "mix-2":
    case "acid":
      return { phase: null, above: "mixed", words: "brown, even" };
    case "polish":
    case "test":
      return { phase: null, above: "ester", words: "bright" };
    default:
      return { phase: null, above: "oil", words: "clear oil" };
  }
}
