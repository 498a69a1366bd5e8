"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { BatchRecipe } from "@/core/kettle";
import type { Batch, BatchState, Draft } from "@/core/ledger";
import { asBatchId } from "@/core/ledger/named";
import type { VesselView } from "@/core/readings";
import { oilOf } from "@/core/readings/kettle/book";
import { LogStep, useHref, useUnits } from "@/desk";
import { useYard } from "@/store";
import { TextField } from "@/ui";
import { mainOil } from "../lot";

interface Props {
  readonly recipe: BatchRecipe | null;
  readonly lot: VesselView;
  readonly kettle: VesselView | undefined;
  readonly is: Batch["is"];
  readonly of?: BatchState | undefined;
  readonly litres: { readonly litres: number; readonly celsius?: number } | null;
  readonly isComplete: () => boolean;
}

/** Begins the batch: its recipe is kept, and the oil poured to the kettle where it stands elsewhere. */
export function StartBatch({ recipe, lot, kettle, is, of, litres, isComplete }: Props) {
  const { view, newId } = useYard();
  const units = useUnits();
  const router = useRouter();
  const href = useHref();
  const count = 1 + Math.max(0, ...view.batches.map((b) => Number(/\d+/.exec(b.batch.name)?.[0] ?? 0)));
  const [name, setName] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string>();
  const [id] = useState(() => asBatchId(newId()));
  const called =
    name ??
    (is === "trial"
      ? `Trial of ${lot.vessel.name}`
      : is === "rework" && of
        ? `${of.batch.name}, again`
        : `Batch ${count}`);
  const isElsewhere = kettle !== undefined && kettle.vessel.id !== lot.vessel.id;
  const draft: Draft | null =
    recipe && kettle && called.trim() !== ""
      ? {
          kind: "batch",
          data: {
            id,
            name: called.trim(),
            kettle: kettle.vessel.id,
            is,
            ...(of && { of: of.batch.id }),
            oil: is === "rework" && of ? oilOf(of) : mainOil(lot),
            recipe,
          },
        }
      : null;
  const also: Draft[] = [
    ...(isElsewhere && litres
      ? [
          {
            kind: "move" as const,
            data: { from: lot.vessel.id, to: kettle.vessel.id, amount: litres, layer: "mixed" as const },
          },
        ]
      : []),
    ...(is === "rework" && of
      ? [{ kind: "batch-end" as const, data: { batch: of.batch.id, how: "rework" as const, litres: 0 } }]
      : []),
  ];
  return (
    <div className="mt-3">
      <TextField
        label="Its name"
        value={called}
        onChange={(t) => {
          setName(t);
          setWrong(undefined);
        }}
        error={wrong}
      />
      {isElsewhere && litres ? (
        <p className="mt-2 text-[15px]">
          {units.litres(litres.litres)} are poured from {lot.vessel.name} into {kettle.vessel.name} with it.
        </p>
      ) : null}
      <LogStep
        draft={draft}
        also={also}
        said={`${called} is begun in ${kettle?.vessel.name ?? ""}.`}
        action="Begin the batch"
        isComplete={() => {
          if (called.trim() === "") setWrong("What shall it be called?");
          return called.trim() !== "" && isComplete();
        }}
        onDone={() => router.push(href(`/kettle?batch=${id}`))}
      />
    </div>
  );
}
