"use client";
import { useSearchParams } from "next/navigation";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import type { YardView } from "@/core/view";
import { useLog, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { KettlePages } from "../KettlePages";
import { mayTitrate } from "../titrate/TitrateScreen";
import { PlanBench } from "./PlanBench";

/** A batch planned: how much of everything for this oil, before anything is opened. */
export function PlanScreen() {
  const { view } = useYard();
  const log = useLog();
  const asked = useSearchParams();
  const of = view.batches.find((b) => b.batch.id === (asked.get("of") ?? asked.get("rework")));
  const isRework = asked.get("rework") !== null && of !== undefined;
  const lot = lotFor(view, asked.get("vessel"), isRework ? of : undefined);
  const kettles = view.vessels.filter((v) => v.vessel.role === "kettle");
  if (!lot || kettles.length === 0)
    return (
      <Bench
        title="Plan a batch"
        subtitle="A batch needs a kettle and oil."
        asideLabel="More"
        aside={<KettlePages here="plan" />}
      >
        <div className="mt-4 flex flex-wrap gap-2">
          {kettles.length === 0 ? (
            <Button onClick={() => log.open("add-vessel", { preset: "kettle", role: "kettle" })}>Add a kettle</Button>
          ) : (
            <Button onClick={() => log.open("pour", { toRole: "kettle" })}>Pour oil into the kettle</Button>
          )}
        </div>
      </Bench>
    );
  const others = view.vessels.filter((v) => mayTitrate(v, view.batches) && v !== lot);
  return (
    <PlanBench
      key={`${lot.vessel.id} ${of?.batch.id} ${isRework} ${lot.quality.acid?.at}`}
      lot={lot}
      kettles={kettles}
      is={isRework ? "rework" : "batch"}
      of={of}
      others={
        others.length > 0 && !isRework ? (
          <p className="mt-2 text-[15px]">
            Or of:{" "}
            {others.slice(0, 6).map((v, i) => (
              <span key={v.vessel.id}>
                {i > 0 ? ", " : ""}
                <YardLink href={`/batch?vessel=${v.vessel.id}`} className="underline">
                  {v.vessel.name}
                </YardLink>
              </span>
            ))}
          </p>
        ) : null
      }
    />
  );
}

/** The one that is named, the failed batch's, or the oil that is nearest to being made. */
function lotFor(
  { vessels, batches }: YardView,
  asked: string | null,
  failed: BatchState | undefined,
): VesselView | undefined {
  if (failed) return vessels.find((v) => v.vessel.id === failed.vessel);
  const may = vessels.filter((v) => mayTitrate(v, batches));
  return (
    may.find((v) => v.vessel.id === asked) ??
    may.find((v) => v.vessel.role === "kettle") ??
    may.find((v) => v.quality.acid !== null) ??
    may[0]
  );
}
