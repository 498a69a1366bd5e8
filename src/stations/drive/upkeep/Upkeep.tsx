"use client";
import { useMemo } from "react";
import type { VehicleState } from "@/core/ledger";
import { SERVICE_WORDS } from "@/core/ledger/words";
import { upkeepOf } from "@/core/readings/drive/upkeep";
import { formatNumber } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Row } from "@/ui";
import { fullDay } from "@/ui/words";
import { dueWords, SERVICE_NAMES } from "@/ui/words/upkeep";
import { DrivePages } from "../DrivePages";
import { VehicleTabs } from "../VehicleTabs";
import { Intervals } from "./Intervals";
import { OneChangeTrial } from "./OneChangeTrial";
import { PowerDuty } from "./PowerDuty";

/** What is due on a vehicle and by what, what was done, and whether one change made a difference. */
export function Upkeep({ state }: { state: VehicleState }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { vehicle } = state;
  const dues = useMemo(() => upkeepOf(state, view.at), [state, view.at]);
  const due = dues.filter((d) => d.share >= 1);
  const next = dues[0];
  return (
    <Bench
      title={`${vehicle.name}: upkeep`}
      subtitle={
        due.length > 0
          ? `Due: ${due.map((d) => SERVICE_NAMES[d.what].toLowerCase()).join(", ")}.`
          : next
            ? `Next: ${SERVICE_NAMES[next.what].toLowerCase()}, ${dueWords(next, units)}.`
            : "It has burned no oil yet."
      }
      asideLabel="Aboard and done"
      aside={
        <>
          <h2 className="text-xl">Aboard</h2>
          <dl>
            <Row name="Driven" value={state.odometerKm === null ? units.km(state.km) : units.km(state.odometerKm)} />
            <Row name="Ran" value={`${formatNumber(state.hours, 0)} h`} />
            <Row
              name="Spare filters"
              value={state.sparesAboard === null ? "not counted" : formatNumber(state.sparesAboard, 0)}
            />
            {state.lastDropKPa === null ? null : (
              <Row name="Drop over the filter" value={units.pascals(state.lastDropKPa * 1000)} />
            )}
          </dl>
          {state.sparesAboard === 0 ? (
            <p className="text-stop">No spare filter aboard: put one in before the next long way.</p>
          ) : null}
          <PowerDuty state={state} />
          <h2 className="mt-3 text-xl">Done</h2>
          <ul>
            {state.services
              .slice(-8)
              .toReversed()
              .map((s) => (
                <li key={`${s.at} ${s.what}`} className="border-t border-rule py-1.5 text-[15px]">
                  {SERVICE_WORDS[s.what]}
                  <span className="block text-[14px] text-ink-2">
                    {fullDay(s.at)}, at {units.km(s.km)}
                    {s.found === "black" ? ", black or full" : ""}
                  </span>
                </li>
              ))}
          </ul>
          <DrivePages vehicle={vehicle.id} here="upkeep" />
        </>
      }
    >
      <VehicleTabs chosen={vehicle.id} path="/upkeep" />
      <ul className="max-w-[760px]">
        {dues.map((d) => (
          <li key={d.what} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule py-2">
            <div className="min-w-0 flex-1 basis-[260px]">
              <b className="font-plate text-[18px]">{SERVICE_NAMES[d.what]}</b>
              <span className={`block text-[15px] ${d.share >= 1 ? "font-semibold text-stop" : "text-ink-2"}`}>
                {dueWords(d, units)}
                {d.isEarly ? ", early: oil loosens what diesel left" : ""}
              </span>
              <span aria-hidden="true" className="mt-1 block h-[6px] w-full rounded bg-rule">
                <span
                  className={`block h-full rounded ${d.share >= 1 ? "bg-stop" : "bg-go"}`}
                  style={{ width: `${Math.min(100, Math.round(d.share * 100))}%` }}
                />
              </span>
            </div>
            <Button
              look={d.share >= 1 ? "go" : "plain"}
              onClick={() => log.open("service", { vehicle: vehicle.id, what: d.what })}
            >
              {SERVICE_WORDS[d.what]}
            </Button>
          </li>
        ))}
      </ul>
      <Intervals vehicle={vehicle} />
      <OneChangeTrial state={state} />
    </Bench>
  );
}
