"use client";
import { type ReactNode, useMemo, useState } from "react";
import { LESSONS, type Lesson, SHED_LESSONS, type ShedLesson, stageFor } from "@/core/driving/rehearsal";
import { isShelfId, shelfFor } from "@/core/driving/rig";
import type { VehicleState, VesselId } from "@/core/ledger";
import { stageOf } from "@/core/readings/drive/stage";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, SelectField } from "@/ui";
import { DrivePages } from "../DrivePages";
import { practiceVehicle } from "./practiceVehicle";
import { Rehearsing } from "./Rehearsing";
import { ShedRehearsal } from "./ShedRehearsal";
import { useBest } from "./useBest";

const OWN = "own";

/** A place to practise, on this vehicle's own loop. Nothing of it enters the book. */
export function Lessons({ own }: { own: VehicleState | null }) {
  const hasOwn = own?.vehicle.kind === "dual";
  const [on, setOn] = useState<string>(hasOwn ? OWN : "three-position");
  const state = useMemo(
    () => (on === OWN && own ? own : practiceVehicle(isShelfId(on) ? on : "three-position")),
    [on, own],
  );
  const choice = (
    <div className="my-2 max-w-[420px]">
      <SelectField
        label="Practise on"
        value={on}
        onChange={setOn}
        options={[
          ...(hasOwn && own ? [{ value: OWN, name: own.vehicle.name }] : []),
          ...shelfFor(2).map((s) => ({ value: s.id, name: s.name })),
        ]}
      />
    </div>
  );
  return <Played key={state.vehicle.id} state={state} own={own} choice={choice} />;
}

interface Props {
  readonly state: VehicleState;
  readonly own: VehicleState | null;
  readonly choice: ReactNode;
}

/** The lessons on one loop, and the one that is under way. */
function Played({ state, own, choice }: Props) {
  const { vessels, settings, fluids } = useYard().view;
  const units = useUnits();
  const { vehicle } = state;
  const best = useBest(vehicle.id);
  const [chosen, setChosen] = useState<Lesson | ShedLesson | null>(null);
  const [turn, setTurn] = useState(0);
  const stage = useMemo(
    () => stageOf(state, { tank: (id: VesselId) => vessels.find((v) => v.vessel.id === id), settings, fluids }),
    [state, vessels, settings, fluids],
  );
  const again = (): void => setTurn((n) => n + 1);
  const leave = (): void => setChosen(null);
  if (chosen && "drumLitres" in chosen)
    return <ShedRehearsal key={`${chosen.id} ${turn}`} lesson={chosen} best={best} onAgain={again} onLeave={leave} />;
  const played = chosen && stageFor(chosen, stage);
  if (chosen && played)
    return (
      <Rehearsing
        key={`${chosen.id} ${turn}`}
        lesson={chosen}
        stage={played}
        vehicle={{ ...vehicle, rig: played.rig }}
        best={best}
        onAgain={again}
        onLeave={leave}
      />
    );
  const fit = LESSONS.filter((l) => stageFor(l, stage) !== null);
  const row = (l: Lesson | ShedLesson, detail: string) => (
    <li key={l.id} className="border-t border-rule">
      <button
        type="button"
        onClick={() => setChosen(l)}
        className="flex min-h-[var(--target)] w-full items-center justify-between gap-4 py-2 text-left"
      >
        <span>
          <b className="block font-plate text-[18px] font-semibold">{l.name}</b>
          <span className="text-[15px] text-ink-2">{l.task}</span>
        </span>
        <span className="shrink-0 text-right font-plate text-[16px]">
          {best.of(l.id) === null ? "not tried" : `best ${best.of(l.id)}`}
          <span className="block text-[14px] text-ink-2">{detail}</span>
        </span>
      </button>
    </li>
  );
  return (
    <Bench
      title={`Rehearse: ${vehicle.name}`}
      subtitle="On its own loop, its own oil and its own engine. Nothing of it enters the book."
      asideLabel="About it"
      aside={
        <>
          <h2 className="text-xl">What counts</h2>
          <p className="text-[15px]">
            What reached which tank, what the injection pump had to swallow, how the line was left for the night, and
            whether the oil was used while it could be. A hundred is a clean drive.
          </p>
          {own ? <DrivePages vehicle={own.vehicle.id} here="rehearse" /> : null}
        </>
      }
    >
      {choice}
      <section aria-labelledby="lessons-title" className="max-w-[820px]">
        <h2 id="lessons-title" className="text-xl">
          On the road
        </h2>
        <ul>{fit.map((l) => row(l, `${l.driveMinutes} min, ${units.celsius(l.ambientCelsius)}`))}</ul>
      </section>
      <section aria-labelledby="shed-title" className="mt-4 max-w-[820px]">
        <h2 id="shed-title" className="text-xl">
          In the shed
        </h2>
        <ul>{SHED_LESSONS.map((l) => row(l, "filter rig"))}</ul>
      </section>
    </Bench>
  );
}
