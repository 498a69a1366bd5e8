"use client";
import { useEffect, useState } from "react";
import {
  beginShed,
  goOnShed,
  movedLitres,
  SHED_RIG,
  type ShedLesson,
  type ShedRun,
  scoreShed,
  shedFlow,
  shedTrouble,
  turnShed,
} from "@/core/driving/rehearsal";
import { flowsIn, litresAt } from "@/core/driving/rig";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { Bench, Button, Row } from "@/ui";
import type { Units } from "@/ui/words";
import { LoopDrawing } from "../loop/LoopDrawing";
import { ClockworkBar } from "./ClockworkBar";
import type { useBest } from "./useBest";
import { useClockwork } from "./useClockwork";

interface Props {
  readonly lesson: ShedLesson;
  readonly best: ReturnType<typeof useBest>;
  readonly onAgain: () => void;
  readonly onLeave: () => void;
}

const TROUBLE = {
  dry: "The pump runs dry: nothing comes to it.",
  dead: "The pump pushes against a shut valve: the filter housing takes all its pressure.",
  unvented: "The receiver cannot breathe: pressure builds in it.",
} as const;

/** A run through the shed's filter: four things to turn, in an order that hurts nothing. */
export function ShedRehearsal({ lesson, best, onAgain, onLeave }: Props) {
  const units = useUnits();
  const [s, setS] = useState<ShedRun>(() => beginShed(lesson));
  const [isOver, setOver] = useState(false);
  const clockwork = useClockwork((minutes) => setS((at) => goOnShed(at, minutes)));
  const trouble = shedTrouble(s);
  const score = isOver ? scoreShed(s) : null;
  const { note } = best;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it is over
  useEffect(() => {
    if (score) note(lesson.id, score.points);
  }, [isOver]);
  const setting = { power: true, runs: false, at: s.at };
  const litres = (row: number): number => litresAt(s.run, row).reduce((sum, l) => sum + l, 0);
  const flow = shedFlow(s);
  // Nothing but oil goes through this one.
  const pipes = Object.fromEntries(
    Object.entries(flowsIn(SHED_RIG, setting, 0)).map(([id, p]) => [id, { ...p, oil: 1 }]),
  );
  return (
    <Bench
      title={score ? `${lesson.name}: ${score.points} of 100` : lesson.name}
      subtitle={score ? lesson.teaches : lesson.task}
      asideLabel="At the rig"
      isUrgent
      aside={
        <>
          <h2 className="text-xl">{formatMinutes(Math.floor(s.minute))}</h2>
          <dl>
            <Row name="Moved" value={units.litres(Math.max(0, movedLitres(s)))} />
            <Row name="Flow" value={`${formatNumber(units.volume.of(flow), 1)} ${units.volume.unit}/min`} />
          </dl>
          {score ? (
            <>
              <ul>
                {score.costs.map((c) => (
                  <li key={c.code} className="flex justify-between gap-3 border-t border-rule py-2 text-[15px]">
                    {shedCost(c.code, c.amount, units)}
                    <b className="font-plate text-[17px]">−{c.points}</b>
                  </li>
                ))}
              </ul>
              {score.costs.length === 0 ? <p>Nothing: a clean run.</p> : null}
              <div className="mt-3 flex flex-col gap-2">
                <Button look="go" onClick={onAgain}>
                  Once more
                </Button>
                <Button onClick={onLeave}>Another lesson</Button>
              </div>
            </>
          ) : (
            <>
              <ClockworkBar clockwork={clockwork} />
              <div aria-live="assertive" className="min-h-[48px]">
                {trouble ? <p className="mt-1 font-semibold text-stop">{TROUBLE[trouble]}</p> : null}
              </div>
              {SHED_RIG.controls.map((c) => (
                <fieldset key={c.id} className="mt-1">
                  <legend className="text-[14px] text-ink-2">{c.name}</legend>
                  <div className="flex gap-1">
                    {c.positions.map((p) => (
                      <button
                        key={p}
                        type="button"
                        aria-pressed={s.at[c.id] === p}
                        onClick={() => {
                          setS((at) => turnShed(at, c.id, p));
                          clockwork.setRuns(true);
                        }}
                        className="min-h-[52px] flex-1 rounded-md border border-quiet bg-card font-plate text-[18px] font-semibold aria-pressed:border-go aria-pressed:bg-go aria-pressed:text-on-go"
                      >
                        {p}
                      </button>
                    ))}
                  </div>
                </fieldset>
              ))}
              <div className="mt-2 flex flex-col gap-2">
                <Button
                  look="stop"
                  disabled={s.minute === 0}
                  onClick={() => {
                    clockwork.setRuns(false);
                    setOver(true);
                  }}
                >
                  Done
                </Button>
                <Button look="quiet" onClick={onLeave}>
                  Leave the lesson
                </Button>
              </div>
            </>
          )}
        </>
      }
    >
      <LoopDrawing
        rig={SHED_RIG}
        setting={setting}
        pipes={pipes}
        tanks={{
          drum: { litres: litres(0), capacityLitres: 200, main: "canola" },
          receiver: { litres: litres(1), capacityLitres: lesson.receiverHolds, main: "canola" },
        }}
        notes={{}}
        label={`Drum ${units.litres(litres(0))}, receiver ${units.litres(litres(1))}. ${trouble ? TROUBLE[trouble] : ""}`}
        valveWords={{}}
      />
    </Bench>
  );
}

type ShedCost = ReturnType<typeof scoreShed>["costs"][number]["code"];

function shedCost(code: ShedCost, amount: number, u: Units): string {
  const seconds = `${Math.round(amount * 60)} s`;
  switch (code) {
    case "dry":
      return `The pump ran dry for ${seconds}.`;
    case "dead":
      return `It pushed against a shut valve for ${seconds}.`;
    case "unvented":
      return `The receiver could not breathe for ${seconds}.`;
    case "spilled":
      return `${u.litres(amount)} ran over.`;
    case "short":
      return `${u.litres(amount)} too little was moved.`;
    case "left-open":
      return `${amount} of four was not left as it rests.`;
  }
}
