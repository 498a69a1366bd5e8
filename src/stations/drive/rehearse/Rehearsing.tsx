"use client";
import { useMemo, useState } from "react";
import { type Coached, nextMove } from "@/core/driving";
import {
  type Act,
  act,
  airAtPump,
  begin,
  CHOKED_KPA,
  goOn,
  type Lesson,
  type Rehearsal,
  type Stage,
  TOO_HOT_CELSIUS,
} from "@/core/driving/rehearsal";
import { pipesOf, positionOf, rigCelsius, standFor } from "@/core/driving/rig";
import type { Vehicle } from "@/core/ledger";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { Bench, Button } from "@/ui";
import { percentWords } from "@/ui/words";
import { valveWordsOf } from "../driver/loopWords";
import { MODE_WORDS, moveWords, positionWords } from "../driver/words";
import { LoopDrawing } from "../loop/LoopDrawing";
import { ClockworkBar } from "./ClockworkBar";
import { Debrief, markOf } from "./Debrief";
import { tanksIn } from "./tanksIn";
import type { useBest } from "./useBest";
import { useClockwork } from "./useClockwork";

interface Props {
  readonly lesson: Lesson;
  readonly stage: Stage;
  readonly vehicle: Vehicle;
  readonly best: ReturnType<typeof useBest>;
  readonly onAgain: () => void;
  readonly onLeave: () => void;
}

/** A lesson under way: the loop, its gauges, and everything a driver's hand is on. */
export function Rehearsing({ lesson, stage, vehicle, best, onAgain, onLeave }: Props) {
  const units = useUnits();
  const [r, setR] = useState<Rehearsal>(() => begin(lesson, stage));
  const [isOver, setOver] = useState(false);
  const [hasCoach, setCoach] = useState(false);
  const clockwork = useClockwork((minutes) => setR((at) => goOn(at, stage, minutes)));
  const { now } = r;
  const { moment } = now;
  const runs = moment.setting.runs;
  const does = (what: Act): void => {
    setR((at) => act(at, stage, what));
    clockwork.setRuns(true);
  };
  const pipes = useMemo(() => pipesOf(r.plumbed, moment), [r.plumbed, moment]);
  const tanks = useMemo(() => tanksIn(vehicle.rig, moment, stage.capacities), [vehicle.rig, moment, stage]);
  if (isOver)
    return <Debrief rehearsal={r} stage={stage} vehicle={vehicle} best={best} onAgain={onAgain} onLeave={onLeave} />;
  const valves = valveWordsOf(vehicle.rig, moment.setting);
  const coach = hasCoach ? moveWords(nextMove(coachedOf(r, stage)), vehicle.rig, units) : null;
  const hasHeater = vehicle.rig.parts.some((p) => p.kind === "heater");
  return (
    <Bench
      title={`${lesson.name}${runs ? `: ${MODE_WORDS[moment.mode]}` : ""}`}
      subtitle={`${lesson.task} ${units.celsius(lesson.ambientCelsius)} outside, ${units.celsius(lesson.nightCelsius)} tonight. Drive ${formatMinutes(lesson.driveMinutes)}.`}
      asideLabel="At the wheel"
      isUrgent
      aside={
        <>
          <h2 className="text-xl">{formatMinutes(Math.floor(now.minute))}</h2>
          <dl className="grid grid-cols-2 gap-x-4">
            <Gauge name="Coolant" value={units.celsius(Math.round(now.coolantCelsius))} />
            <Gauge
              name="Fuel at the pump"
              value={now.fuelCelsius === null ? "–" : units.celsius(Math.round(now.fuelCelsius))}
            />
            {hasHeater && now.hottestCelsius !== null ? (
              <Gauge
                name="Hottest on its way"
                value={units.celsius(Math.round(now.hottestCelsius))}
                bad={now.hottestCelsius > TOO_HOT_CELSIUS}
              />
            ) : null}
            <Gauge name="Filter drop" value={units.pascals(now.dropKPa * 1000)} bad={now.dropKPa > CHOKED_KPA} />
            <Gauge
              name="In the clear bowl"
              value={
                airAtPump(moment.run) > 0.02
                  ? "bubbles"
                  : now.oilAtPump > 0.9
                    ? "oil"
                    : now.oilAtPump < 0.1
                      ? "diesel"
                      : "both"
              }
            />
          </dl>
          <ClockworkBar clockwork={clockwork} />
          {coach ? (
            <div role="status" className="mt-2 rounded-md border-l-[6px] border-due bg-card px-3 py-2">
              <p className="font-plate text-[19px] font-semibold">{coach.what}</p>
              <p className="text-[15px]">{coach.why}</p>
            </div>
          ) : null}
          <div className="mt-2 flex flex-col gap-2">
            <Button look={runs ? "plain" : "go"} wide onClick={() => does({ what: "engine", on: !runs })}>
              {runs ? "Stop the engine" : "Start the engine"}
            </Button>
            {vehicle.rig.controls.map((c) => (
              <fieldset key={c.id}>
                <legend className="text-[14px] text-ink-2">{c.name}</legend>
                <div className="flex gap-1">
                  {c.positions.map((p) => (
                    <button
                      key={p}
                      type="button"
                      aria-pressed={p === positionOf(c, moment.setting)}
                      onClick={() => does({ what: "turn", control: c.id, position: p })}
                      className="min-h-[52px] flex-1 rounded-md border border-quiet bg-card font-plate text-[18px] font-semibold aria-pressed:border-go aria-pressed:bg-go aria-pressed:text-on-go"
                    >
                      {positionWords(p)}
                    </button>
                  ))}
                </div>
              </fieldset>
            ))}
            <div className="flex flex-wrap gap-2">
              <Button disabled={runs} onClick={() => does({ what: "prime", on: !r.isPriming })}>
                {r.isPriming ? "Stop priming" : "Prime"}
              </Button>
              <Button disabled={runs} onClick={() => does({ what: "new-filter" })}>
                New filter
              </Button>
              {hasHeater ? (
                <Button onClick={() => does({ what: "heater", on: !moment.isHeaterOn })}>
                  {moment.isHeaterOn ? "Heater off" : "Heater on"}
                </Button>
              ) : null}
            </div>
            <Button
              look={runs ? "plain" : "stop"}
              disabled={runs || now.minute === 0}
              onClick={() => {
                clockwork.setRuns(false);
                setOver(true);
              }}
            >
              Done: walk away from it
            </Button>
            <label className="flex min-h-[var(--target)] items-center gap-2 text-[16px]">
              <input
                type="checkbox"
                className="h-5 w-5"
                checked={hasCoach}
                onChange={(e) => setCoach(e.target.checked)}
              />
              With the coach
            </label>
            <Button look="quiet" onClick={onLeave}>
              Leave the lesson
            </Button>
          </div>
        </>
      }
    >
      <LoopDrawing
        rig={vehicle.rig}
        setting={moment.setting}
        pipes={pipes}
        tanks={tanks}
        notes={{}}
        label={`The loop in the lesson: ${runs ? MODE_WORDS[moment.mode] : "engine off"}. ${Object.values(valves).join(" ")}`}
        valveWords={valves}
      />
      <p className="mt-2 text-[15px] text-ink-2">
        {moment.setting.power ? "" : "The lamp of the switch is out. "}
        In the line at the pump: {percentWords(now.oilAtPump)} oil, {formatNumber(now.nuMm2PerS, 1)} mm²/s.
      </p>
    </Bench>
  );
}

function Gauge({ name, value, bad = false }: { name: string; value: string; bad?: boolean }) {
  return (
    <div className="border-t border-rule py-1">
      <dt className="text-[14px] text-ink-2">{name}</dt>
      <dd className={`font-plate text-[22px] leading-tight font-semibold ${bad ? "text-stop" : ""}`}>{value}</dd>
    </div>
  );
}

/** The same coach as on the road, on the lesson's figures. */
function coachedOf(r: Rehearsal, stage: Stage): Coached {
  const oil = standFor(stage.rig, r.plumbed.stands, "oil");
  const celsius =
    oil === null
      ? null
      : rigCelsius(
          stage.rig,
          { power: r.now.moment.setting.power, runs: true, at: oil.at },
          stage.burnLitresPerMinute,
          {
            tankCelsius: Object.fromEntries(Object.keys(r.plumbed.tanks).map((id) => [id, r.lesson.ambientCelsius])),
            coolantCelsius: r.now.coolantCelsius,
            isHeaterOn: true,
            rho15KgPerL: stage.rho15KgPerL,
          },
        ).atPump;
  const oilCelsius = celsius ?? r.now.coolantCelsius;
  return {
    plumbed: r.plumbed,
    moment: r.now.moment,
    oilCelsius,
    oilNu: stage.nuAt(1, oilCelsius),
    gateCelsius: stage.gateCelsius,
    limitMm2PerS: stage.limitMm2PerS,
    minutesToGate: null,
    markShare: markOf(r.lesson.nightCelsius),
    isStopping: r.now.minute >= r.lesson.driveMinutes,
  };
}
