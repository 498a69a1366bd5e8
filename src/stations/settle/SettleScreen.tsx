"use client";
import { useChosenVessel, useLog, useUnits, VesselTabs } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { standingDays } from "@/ui/words";
import { CutAway } from "./CutAway";
import { DrawOff } from "./DrawOff";
import { Falling } from "./Falling";

/** The settling bench: see through the drum, know when, know where to stop. */
export function SettleScreen() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { chosen, all } = useChosenVessel("settle");
  if (!chosen)
    return (
      <Bench title="Settle" subtitle="No vessel stands here yet." asideLabel="What to do" aside={null}>
        <Button look="go" className="mt-4" onClick={() => log.open("add-vessel", { preset: "drum" })}>
          Add a settling drum
        </Button>
      </Bench>
    );
  const since = chosen.stirredAt ? `, ${standingDays(chosen.stirredAt, view.at)}` : "";
  const from = chosen.from.length > 0 ? ` from ${chosen.from.slice(0, 3).join(", ")}` : "";
  const shed = chosen.settling ? `, shed ${units.celsius(chosen.settling.meanCelsius)} on average` : "";
  return (
    <Bench
      title={`${chosen.vessel.name}${since}`}
      subtitle={chosen.litres < 0.05 ? "Empty." : `${units.litres(chosen.litres)}${from}${shed}`}
      asideLabel="Draw off"
      aside={
        chosen.settling ? (
          <DrawOff key={`${chosen.vessel.id} ${chosen.changedAt}`} vessel={chosen} settling={chosen.settling} />
        ) : (
          <Emptyish vessel={chosen.vessel.name} id={chosen.vessel.id} litres={chosen.litres} />
        )
      }
    >
      <VesselTabs all={all} chosen={chosen} path="/settle" />
      <div className="flex flex-wrap gap-x-6">
        <CutAway vessel={chosen} />
        {chosen.settling ? <Falling settling={chosen.settling} /> : null}
      </div>
    </Bench>
  );
}

function Emptyish({ vessel, id, litres }: { vessel: string; id: string; litres: number }) {
  const log = useLog();
  return (
    <>
      <h2 className="text-xl">Nothing to draw</h2>
      <p className="my-2 text-ink-2">
        {litres < 0.05
          ? `${vessel} is empty. Tip raw oil in and its clock starts.`
          : `What is left in ${vessel} lies below the draw-off line. Pool it with other heels, or drain it.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="go" onClick={() => log.open("pickup", { to: id })}>
          Pick up into it
        </Button>
        {litres < 0.05 ? null : (
          <Button onClick={() => log.open("pour", { from: id, toRole: "heel" })}>Pool the heel</Button>
        )}
      </div>
    </>
  );
}
