"use client";
import { lazy, Suspense, useMemo, useState } from "react";
import { pipesOf, type Turn } from "@/core/driving/rig";
import type { VehicleState } from "@/core/ledger";
import { type Asked, GATE_CELSIUS } from "@/core/readings/drive/ridden";
import { tankTruths } from "@/core/readings/drive/tankTruth";
import { formatMinutes, formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { useAwake, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench } from "@/ui";
import { counted, percentWords } from "@/ui/words";
import { LoopDrawing } from "../loop/LoopDrawing";
import { useVehicleCold } from "../useVehicleCold";
import { VehicleActions } from "../VehicleActions";
import { VehicleTabs } from "../VehicleTabs";
import { Coach } from "./Coach";
import { Fills } from "./Fills";
import { notesOf, valveWordsOf } from "./loopWords";
import { OneTank } from "./OneTank";
import { TankShares } from "./TankShares";
import { TurnAsk } from "./TurnAsk";
import { useTrip } from "./useTrip";
import { MODE_WORDS } from "./words";

const PurgeCurve = lazy(() => import("./PurgeCurve"));

/** Where a tank is empty nothing says how far to purge: then as far as it goes. */
const LEAST_RESIDUAL = 0.02;

/** Early it is about as cold as the night was; later nearer to what the shed last read. */
const EARLY_HOUR = 10;
const likelyOutside = ({ settings, at }: YardView): number =>
  new Date(at).getHours() < EARLY_HOUR ? settings.tonightLowCelsius : settings.shedCelsius;

interface Props {
  readonly state: VehicleState;
}

/** The driver's bench: what is in the line, the next move, minutes left. */
export function DriverBench({ state }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const cold = useVehicleCold(state);
  const { vehicle } = state;
  const [outside, setOutside] = useState(() => likelyOutside(view));
  const { vessels, settings, fluids } = view;
  const tank = useMemo(() => {
    const byId = new Map(vessels.map((v) => [v.vessel.id, v]));
    return (id: (typeof vessels)[number]["vessel"]["id"]) => byId.get(id);
  }, [vessels]);
  const markShare = cold.mark?.share ?? LEAST_RESIDUAL;
  const asked = useMemo(
    (): Asked => ({ state, tank, settings, fluids, outsideCelsius: outside, markShare }),
    [state, tank, settings, fluids, outside, markShare],
  );
  const ride = useTrip(asked);
  const { trip, now, plumbed } = ride;
  const [asks, setAsks] = useState<Turn | null>(null);
  useAwake(trip !== null && !trip.isOver);
  const pipes = useMemo(() => pipesOf(plumbed, now.moment), [plumbed, now.moment]);
  const truths = useMemo(() => tankTruths(vehicle, now.moment, tank), [vehicle, now.moment, tank]);
  const runs = now.moment.setting.runs;
  const valves = valveWordsOf(vehicle.rig, now.moment.setting);
  const label = `${vehicle.name}: ${runs ? MODE_WORDS[now.moment.mode] : "engine off"}. ${Object.values(valves).join(" ")} ${Object.entries(
    truths,
  )
    .map(([id, t]) => `${vehicle.rig.parts.find((p) => p.id === id)?.name ?? id} ${units.litres(t.litres)}.`)
    .join(" ")}`;
  return (
    <Bench
      title={`${vehicle.name}${runs ? `: ${MODE_WORDS[now.moment.mode]}` : ""}`}
      subtitle={
        trip
          ? `Trip ${state.trips + 1}, out ${formatMinutes(Math.round(trip.minute))}. Started at ${units.celsius(trip.outsideCelsius)}.`
          : vehicle.kind === "dual"
            ? `${counted(state.trips, "trip")}, ${units.km(state.km)}. ${now.isHeated ? `Oil from ${units.celsius(vehicle.gateCelsius ?? GATE_CELSIUS)} at the pump.` : "Nothing warms its oil: it must be thin enough as it comes."}`
            : `${counted(state.trips, "run")}, ${formatNumber(state.hours, 0)} h. One tank: what is in it must be thin enough on the coldest start.`
      }
      asideLabel="Switch coach"
      isUrgent={trip !== null}
      aside={
        <Coach ride={ride} state={state} outside={outside} onOutside={setOutside} markShare={markShare} cold={cold} />
      }
    >
      <VehicleTabs chosen={vehicle.id} path="/drive" />
      <TankShares truths={truths} rig={vehicle.rig} />
      <LoopDrawing
        rig={vehicle.rig}
        setting={now.moment.setting}
        pipes={pipes}
        tanks={truths}
        notes={notesOf(vehicle.rig, now, units)}
        label={label}
        valveWords={valves}
        onValve={
          trip && !trip.isOver
            ? (part) => {
                const valve = vehicle.rig.parts.find((p) => p.id === part);
                const control =
                  valve && "turned" in valve
                    ? vehicle.rig.controls.find((c) => c.id === valve.turned.control)
                    : undefined;
                if (!control) return;
                const at = now.moment.setting.at[control.id] ?? control.positions[0] ?? "";
                const next = control.positions[(control.positions.indexOf(at) + 1) % control.positions.length];
                if (next) setAsks({ control: control.id, position: next });
              }
            : undefined
        }
      />
      {trip && !trip.isOver ? (
        <TurnAsk
          ride={ride}
          asks={asks}
          onAsk={setAsks}
          onTurn={(turn) => {
            ride.happen({ what: "turn", ...turn });
            setAsks(null);
          }}
        />
      ) : null}
      {plumbed.line ? (
        <Suspense fallback={null}>
          <PurgeCurve plumbed={plumbed} now={now} markShare={markShare} night={settings.theme === "night"} />
        </Suspense>
      ) : null}
      {vehicle.kind === "single" && !trip ? <OneTank state={state} /> : null}
      {trip ? null : <Fills state={state} truths={truths} />}
      {trip ? null : <VehicleActions vehicle={vehicle} />}
      <p className="sr-only">{`Oil in the lines: ${Object.entries(pipes)
        .map(([id, p]) => `${id} ${percentWords(p.oil)}`)
        .join(", ")}.`}</p>
    </Bench>
  );
}
