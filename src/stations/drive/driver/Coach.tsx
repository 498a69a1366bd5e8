"use client";
import { useEffect, useRef } from "react";
import { type Move, nextMove, purgeMinutesOf } from "@/core/driving";
import { oilLeft } from "@/core/driving/rig";
import type { VehicleState } from "@/core/ledger";
import type { VehicleCold } from "@/core/readings/drive/vehicleCold";
import { formatNumber } from "@/core/units";
import { useNote, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Button, beep, Caution } from "@/ui";
import { percentWords } from "@/ui/words";
import { ColdStand } from "../ColdStand";
import { DrivePages } from "../DrivePages";
import { BeforeTrip } from "./BeforeTrip";
import { Gauges } from "./Gauges";
import { PurgeAdviser } from "./PurgeAdviser";
import { TripLog } from "./TripLog";
import { TripOver } from "./TripOver";
import type { TripNow } from "./useTrip";
import { moveWords, turnWords } from "./words";

interface Props {
  readonly ride: TripNow;
  readonly state: VehicleState;
  readonly outside: number;
  readonly onOutside: (celsius: number) => void;
  readonly markShare: number;
  readonly cold: VehicleCold;
}

/** The coach: four gauges, the next move on one large button, and what was done so far. */
export function Coach({ ride, state, outside, onOutside, markShare, cold }: Props) {
  const units = useUnits();
  const { trip, now, plumbed } = ride;
  const { vehicle } = state;
  const { line } = plumbed;
  const isUnderWay = trip !== null && !trip.isOver;
  const move = nextMove(now);
  useSound(isUnderWay ? move.code : null);
  const purgeMinutes = purgeMinutesOf(now);
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">
          {trip?.isOver ? "The trip, as it was" : vehicle.kind === "dual" ? "Switch coach" : "A run"}
        </h2>
        {line ? (
          <span className="text-[14px] text-ink-2">{line.isLooped ? "looped purge" : "straight purge"}</span>
        ) : null}
      </div>
      {isUnderWay ? (
        <>
          <FourGauges ride={ride} />
          <NextMove ride={ride} move={move} />
          <Gauges ride={ride} state={state} />
          <TripLog ride={ride} />
          <NightScreen />
        </>
      ) : trip ? (
        <TripOver ride={ride} state={state} markShare={markShare} />
      ) : (
        <BeforeTrip ride={ride} state={state} outside={outside} onOutside={onOutside} markShare={markShare} />
      )}
      {trip === null || now.isStopping ? <PurgeAdviser state={state} now={now} /> : null}
      {isUnderWay ? null : (
        <ColdStand cold={cold} vehicle={vehicle} purgeMinutes={line ? Math.ceil(purgeMinutes) : null} />
      )}
      {line ? (
        <Why
          name="purge"
          input={{
            litresPerMinute: line.litresPerMinute,
            lineLitres: line.lineLitres,
            tanksInSeries: line.tanksInSeries,
            minutes: Math.ceil(purgeMinutes),
            cleanShare: markShare,
          }}
          readings={`${state.purges.length === 0 ? "no purge of your own listened to" : `${state.purges.length} purges listened to`}: ${line.tanksInSeries} stirred ${line.tanksInSeries === 1 ? "tank, as a looped return mixes" : "tanks in a row"}; the line holds ${units.litres(line.lineLitres)} by its hoses.`}
        />
      ) : null}
      <DrivePages vehicle={vehicle.id} here="drive" />
      <div className="mt-3">
        <Caution>
          Do not work this while you drive: a passenger does, or you park. Work on fuel lines cold, engine off, with a
          catch under them.
        </Caution>
      </div>
    </>
  );
}

/** Heard over an engine: when there is something new to do. */
function useSound(code: Move["code"] | null): void {
  const before = useRef(code);
  useEffect(() => {
    const calls = code !== null && CALLS.has(code);
    if (calls && before.current !== code) beep(code === "set-right" || code === "dry" ? 6 : 3, "engine");
    before.current = code;
  }, [code]);
}

/** Something to do with a hand. */
const CALLS: ReadonlySet<Move["code"]> = new Set([
  "switch",
  "fall-back",
  "start-purge",
  "back-purge",
  "turn-back",
  "set-right",
  "dry",
]);
const LOUD: ReadonlySet<Move["code"]> = new Set(["fall-back", "set-right", "dry"]);

/** In the cab at night a bright page blinds. */
function NightScreen() {
  const { settings } = useYard().view;
  const note = useNote();
  const isNight = settings.theme === "night";
  return (
    <Button
      look="quiet"
      onClick={() =>
        note(
          { kind: "settings", data: { theme: isNight ? "day" : "night" } },
          isNight ? "A day screen." : "A night screen.",
        )
      }
    >
      {isNight ? "Day screen" : "Night screen"}
    </Button>
  );
}

function NextMove({ ride, move }: { ride: TripNow; move: Move }) {
  const units = useUnits();
  const { rig } = ride.plumbed;
  const { what, why } = moveWords(move, rig, units);
  const turns = "turns" in move ? move.turns : [];
  const [first] = turns;
  return (
    <section aria-label="Next" className="my-2">
      <div
        role="status"
        className={`rounded-md border-l-[6px] bg-card px-3 py-2 ${LOUD.has(move.code) ? "border-stop" : "border-due"}`}
      >
        <p className="font-plate text-[23px] leading-tight font-semibold">{what}</p>
        <p className="text-[15px]">{why}</p>
      </div>
      <div className="mt-2 flex flex-col gap-2">
        {first && move.code === "back-purge" ? (
          <Big
            look="go"
            onClick={() =>
              ride.happen({ what: "stop" }, { what: "turn", control: first.control, position: first.position })
            }
          >
            Engine off, {turnWords(rig, first)}
          </Big>
        ) : first ? (
          <Big
            look={LOUD.has(move.code) ? "stop" : "go"}
            onClick={() => ride.happen({ what: "turn", control: first.control, position: first.position })}
          >
            {turnWords(rig, first)}
            {turns.length > 1 ? ` (1 of ${turns.length})` : ""}
          </Big>
        ) : null}
        {move.code === "purging" || move.code === "turn-back" ? (
          <Big onClick={() => ride.happen({ what: "heard" })}>I hear it change</Big>
        ) : (
          <Big onClick={() => ride.stopping(!ride.now.isStopping)}>
            {ride.now.isStopping ? "Not stopping yet" : "Stopping soon"}
          </Big>
        )}
        <Big look={move.code === "stop" ? "go" : "plain"} onClick={ride.over}>
          Engine stopped
        </Big>
      </div>
    </section>
  );
}

/** For a thumb that shakes. */
function Big({
  look = "plain",
  onClick,
  children,
}: {
  look?: "go" | "stop" | "plain";
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <Button look={look} wide className="min-h-[64px]! text-[22px]!" onClick={onClick}>
      {children}
    </Button>
  );
}

function FourGauges({ ride: { now, plumbed } }: { ride: TripNow }) {
  const units = useUnits();
  const hot = now.oilCelsius >= now.gateCelsius;
  const thin = now.oilNu <= now.limitMm2PerS;
  return (
    <div className="my-2 grid grid-cols-2 gap-2">
      <Figure
        value={units.celsius(Math.round(now.oilCelsius))}
        name={`${now.moment.mode === "oil" ? "oil at the pump" : "oil, if switched now"}${now.isHeated ? `, gate ${units.celsius(now.gateCelsius)}` : ""}`}
        good={hot}
      />
      <Figure
        value={Number.isFinite(now.oilNu) ? `${formatNumber(now.oilNu, 1)} mm²/s` : "–"}
        name={`limit ${formatNumber(now.limitMm2PerS, 0)}`}
        good={thin}
      />
      <Figure value={units.celsius(Math.round(now.coolantCelsius))} name="coolant" good={null} />
      <Figure value={`${percentWords(oilLeft(plumbed, now.moment))} oil`} name="in the line at the pump" good={null} />
    </div>
  );
}

function Figure({ value, name, good }: { value: string; name: string; good: boolean | null }) {
  const edge = good === null ? "border-l-quiet" : good ? "border-l-go" : "border-l-stop";
  return (
    <div className={`rounded-md border border-rule border-l-[5px] bg-card px-3 py-1.5 ${edge}`}>
      <p className="font-plate text-[24px] leading-tight font-semibold">{value}</p>
      <p className="text-[14px] text-ink-2">
        {name}
        {good === false ? ": not yet" : ""}
      </p>
    </div>
  );
}
