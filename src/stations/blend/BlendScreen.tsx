"use client";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { isFor } from "@/core/ledger/roles";
import type { VesselView } from "@/core/readings";
import { NoSuchVessel, useLog } from "@/desk";
import { isDieselTank } from "@/desk/form";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { BlendBench } from "./BlendBench";

/** Chooses what is blended: the tank, the oil, the thinner. The bench itself does the sums. */
export function BlendScreen() {
  const { view } = useYard();
  const log = useLog();
  const asked = useSearchParams().get("vessel");
  // Oil has no business in the tank that a vehicle starts on.
  const targets = view.vessels.filter((v) => isFor(v.vessel.role, "blend-into") && !isDieselTank(view, v.vessel.id));
  // Wet oil is never offered to an engine.
  const oils = by(view.vessels, "ready").filter((v) => v.quality.water?.wet !== true);
  const thinners = by(view.vessels, "thinner");
  const due = view.advice.find((a) => a.code === "too-thick" || a.code === "cold-fails")?.vessel;
  const [tankId, setTank] = useState<string | null>(null);
  const wanted = tankId ?? asked ?? due;
  const named = targets.find((v) => v.vessel.id === wanted);
  if (asked !== null && tankId === null && !named) return <NoSuchVessel bench="is blended in" />;
  const tank = named ?? targets[0];
  if (!tank || oils.length === 0 || thinners.length === 0)
    return (
      <Bench
        title="Blend"
        subtitle="A blend needs a tank, ready oil and something to thin it with."
        asideLabel="What is missing"
        aside={null}
      >
        <div className="mt-4 flex flex-wrap gap-2">
          {tank ? null : (
            <Button onClick={() => log.open("add-vessel", { preset: "tank", role: "tank" })}>Add a tank</Button>
          )}
          {oils.length === 0 ? (
            <Button onClick={() => log.open("add-vessel", { preset: "drum", role: "ready" })}>Add a ready drum</Button>
          ) : null}
          {thinners.length === 0 ? (
            <Button onClick={() => log.open("add-vessel", { preset: "jerrycan", role: "thinner" })}>
              Add a can for thinner
            </Button>
          ) : null}
        </div>
      </Bench>
    );
  return (
    <BlendBench
      key={`${tank.vessel.id} ${tank.changedAt}`}
      tank={tank}
      targets={targets}
      oils={oils}
      thinners={thinners}
      onTank={setTank}
    />
  );
}

const by = (vessels: readonly VesselView[], role: string): VesselView[] =>
  vessels.filter((v) => v.vessel.role === role).sort((a, b) => b.litres - a.litres);
