"use client";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { isFor } from "@/core/ledger/roles";
import { NoSuchVessel, useLog } from "@/desk";
import { isDieselTank } from "@/desk/form";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { BlendBench } from "./BlendBench";
import { BlendPages } from "./BlendPages";
import { sourcesFor } from "./useMix";

/** Chooses what is blended in; the bench itself does the sums. */
export function BlendScreen() {
  const { view } = useYard();
  const log = useLog();
  const asked = useSearchParams().get("vessel");
  // Oil has no business in the tank that a vehicle of two starts on.
  const targets = view.vessels.filter((v) => isFor(v.vessel.role, "blend-into") && !isDieselTank(view, v.vessel.id));
  const due = view.advice.find((a) => a.code === "too-thick" || a.code === "cold-fails")?.vessel;
  const [chosen, setChosen] = useState<string | null>(null);
  const wanted = chosen ?? asked ?? due;
  const named = targets.find((v) => v.vessel.id === wanted);
  if (asked !== null && chosen === null && !named) return <NoSuchVessel bench="is blended in" />;
  const target = named ?? targets[0];
  const sources = target ? sourcesFor(target, view) : [];
  const hasOil = sources.some((s) => s.isOil);
  if (!target || !hasOil)
    return (
      <Bench
        title="Blend"
        subtitle="A blend needs a tank or a can, and ready oil. What thins it may come from the pump."
        asideLabel="What is missing"
        aside={<BlendPages here="bench" />}
      >
        <div className="mt-4 flex flex-wrap gap-2">
          {target ? null : (
            <>
              <Button onClick={() => log.open("add-vessel", { preset: "tank", role: "tank" })}>Add a tank</Button>
              <Button onClick={() => log.open("add-vessel", { preset: "jerrycan", role: "blend" })}>
                Add a can to mix in
              </Button>
            </>
          )}
          {hasOil ? null : (
            <Button onClick={() => log.open("add-vessel", { preset: "drum", role: "ready" })}>Add a ready drum</Button>
          )}
          {sources.some((s) => !s.isOil) ? null : (
            <Button onClick={() => log.open("add-vessel", { preset: "jerrycan", role: "thinner" })}>
              Add a can for thinner
            </Button>
          )}
        </div>
      </Bench>
    );
  return (
    <BlendBench
      key={`${target.vessel.id} ${target.changedAt}`}
      target={target}
      targets={targets}
      sources={sources}
      onTarget={setChosen}
    />
  );
}
