"use client";
import { useEffect, useMemo, useState } from "react";
import { type Look, type Rehearsal, type Stage, scoreOf } from "@/core/driving/rehearsal";
import { pipesOf } from "@/core/driving/rig";
import type { Vehicle } from "@/core/ledger";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { Bench, Button } from "@/ui";
import { percentWords, type Units } from "@/ui/words";
import { valveWordsOf } from "../driver/loopWords";
import { MODE_WORDS, turnWords } from "../driver/words";
import { LoopDrawing } from "../loop/LoopDrawing";
import { costWords } from "./costWords";
import { Timeline } from "./Timeline";
import { tanksIn } from "./tanksIn";
import type { useBest } from "./useBest";

interface Props {
  readonly rehearsal: Rehearsal;
  readonly stage: Stage;
  readonly vehicle: Vehicle;
  readonly best: ReturnType<typeof useBest>;
  readonly onAgain: () => void;
  readonly onLeave: () => void;
}

/** The most oil that may stay in the line, by how cold the lesson's night is. */
export const markOf = (nightCelsius: number): number => (nightCelsius < -8 ? 0.02 : nightCelsius < 0 ? 0.05 : 0.12);

/** After a lesson: what it was worth, what cost what, and the whole drive to go through again with a finger. */
export function Debrief({ rehearsal: r, stage, vehicle, best, onAgain, onLeave }: Props) {
  const units = useUnits();
  const { rig } = vehicle;
  const score = useMemo(() => scoreOf(r, markOf(r.lesson.nightCelsius)), [r]);
  const looks = useMemo(() => [...r.looks, r.now], [r]);
  const [at, setAt] = useState(looks.length - 1);
  const seen = looks[at] ?? r.now;
  const { note } = best;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it is over
  useEffect(() => note(r.lesson.id, score.points), []);
  return (
    <Bench
      title={`${r.lesson.name}: ${score.points} of 100`}
      subtitle={r.lesson.teaches}
      asideLabel="What it cost"
      aside={
        <>
          <h2 className="text-xl">What it cost</h2>
          {score.costs.length === 0 ? (
            <p>Nothing: a clean drive.</p>
          ) : (
            <ul>
              {score.costs.map((c) => (
                <li key={c.code} className="flex justify-between gap-3 border-t border-rule py-2 text-[15px]">
                  {costWords(c, units)}
                  <b className="font-plate text-[17px]">−{c.points}</b>
                </li>
              ))}
            </ul>
          )}
          <h3 className="mt-3 text-[17px]">What you did</h3>
          <ol className="text-[15px]">
            {r.acts.map((a, n) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: they stay in the order they were done
              <li key={n} className="flex gap-3 py-0.5">
                <span className="w-[64px] shrink-0 font-plate text-ink-2">{formatMinutes(Math.floor(a.minute))}</span>
                {a.act.what === "turn"
                  ? turnWords(rig, a.act)
                  : a.act.what === "new-filter"
                    ? "New filter"
                    : `${NAMES[a.act.what]} ${a.act.on ? "on" : "off"}`}
              </li>
            ))}
          </ol>
          <div className="mt-3 flex flex-col gap-2">
            <Button look="go" onClick={onAgain}>
              Once more
            </Button>
            <Button onClick={onLeave}>Another lesson</Button>
          </div>
        </>
      }
    >
      <label className="mt-2 block text-[15px]">
        {formatMinutes(Math.floor(seen.minute))}:{" "}
        {seen.moment.setting.runs ? MODE_WORDS[seen.moment.mode] : "engine off"}
        <input
          type="range"
          min={0}
          max={looks.length - 1}
          value={at}
          aria-valuetext={lookWords(seen, units)}
          onChange={(e) => setAt(Number(e.target.value))}
          className="block h-[var(--target)] w-full accent-go"
        />
      </label>
      <Timeline looks={looks} at={seen.minute} limitMm2PerS={stage.limitMm2PerS} />
      <p className="text-[15px]">{lookWords(seen, units)}</p>
      <LoopDrawing
        rig={rig}
        setting={seen.moment.setting}
        pipes={pipesOf(r.plumbed, seen.moment)}
        tanks={tanksIn(rig, seen.moment, stage.capacities)}
        notes={{}}
        label={`The loop at ${formatMinutes(Math.floor(seen.minute))}. ${lookWords(seen, units)}`}
        valveWords={valveWordsOf(rig, seen.moment.setting)}
      />
    </Bench>
  );
}

const NAMES = { engine: "Engine", heater: "Heater", prime: "Priming" } as const;

const lookWords = (l: Look, u: Units): string =>
  `${percentWords(l.oilAtPump)} oil at the pump, ${formatNumber(l.nuMm2PerS, 1)} mm²/s; in all ${u.litres(l.tally.oilIntoDiesel)} of oil in the diesel tank, ${u.litres(l.tally.dieselIntoOil)} of diesel in the oil tank.`;
