"use client";
import dynamic from "next/dynamic";
import { useEffect, useRef, useState } from "react";
import { runUnderWay } from "@/core/filtration/marks";
import { formatMinutes, formatNumber } from "@/core/units";
import { dropFlow, keepFlow, NumberField, useAmount, useAwake, useSeconds, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Row } from "@/ui";
import { clock } from "@/ui/words";
import { GaugeBox } from "./GaugeBox";
import { clockNow, minutesRun, type UnderWay, withMark, wrongMark } from "./underWay";
import type { Run } from "./useRun";

const RunChart = dynamic(() => import("./RunChart"), { ssr: false, loading: () => <div className="h-[190px]" /> });

interface Props {
  readonly run: Run;
  readonly kept: UnderWay;
  readonly lineName: string;
  readonly onKeep: (next: UnderWay) => void;
  readonly onDrop: () => void;
}

/** So much slower than foretold is worth doing something about. */
const SLOW = 1.5;

/** A run with its clock: marks as they come, when it ends by them, and what may be done; paused over night if need be. */
export function Running({ run, kept, lineName, onKeep, onDrop }: Props) {
  const { view, name: yard } = useYard();
  const units = useUnits();
  useSeconds(kept.startedAt);
  useAwake(kept.startedAt !== null);
  // Where one stood to start it is far below on a phone.
  const title = useRef<HTMLHeadingElement>(null);
  useEffect(() => title.current?.focus(), []);
  const litres = useAmount(units.volume, null);
  const [wrong, setWrong] = useState<string | null>(null);
  // One tap beside another must not lose a night's marks.
  const [isSure, setSure] = useState(false);
  // A gauge to practise on runs ahead of the clock.
  const minutes = Math.max(minutesRun(kept, clockNow()), kept.marks.at(-1)?.minutes ?? 0);
  const { plan } = run;
  const wanted = kept.asked.litres;
  const last = kept.marks.at(-1);
  const found = plan ? runUnderWay(plan.question, kept.marks) : null;
  const endMinutes = found?.minutesAt(wanted) ?? plan?.forecast.minutes ?? null;
  const curve = plan?.curve ?? [];
  const byMarks = found
    ? curve.map((p) => ({ litres: p.litres, minutes: found.minutesAt(p.litres) ?? p.minutes }))
    : curve;
  const litresNow = Math.max(last?.litres ?? 0, byMarks.filter((p) => p.minutes <= minutes).at(-1)?.litres ?? 0);
  const isPaused = kept.startedAt === null;

  const alarm = (u: UnderWay, end: number | null): void => {
    if (u.startedAt === null || end === null) dropFlow(yard, kept.asked.from);
    else
      keepFlow({
        yard,
        vessel: kept.asked.from,
        name: lineName,
        endsAt: new Date(Date.parse(clockNow()) + Math.max(0, end - minutesRun(u, clockNow())) * 60_000).toISOString(),
        because: `Then: ${units.litres(wanted)} are through.`,
        href: "/filter",
      });
  };
  // Begun here, or opened anew on another day: it sounds before its end on every page.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as it is opened; marks and pauses set it themselves
  useEffect(() => alarm(kept, endMinutes), []);
  const noted = (through: number, atMinutes: number): void => {
    const next = { ...kept, marks: withMark(kept.marks, { litres: through, minutes: atMinutes }) };
    onKeep(next);
    alarm(next, plan ? (runUnderWay(plan.question, next.marks)?.minutesAt(wanted) ?? null) : null);
  };
  const mark = (): void => {
    const problem = wrongMark(kept, litres.value);
    setWrong(problem);
    if (problem === null && litres.value !== null) {
      noted(litres.value, minutes);
      litres.set("");
    }
  };
  const pause = (): void => {
    const next: UnderWay = isPaused
      ? { ...kept, startedAt: clockNow() }
      : { ...kept, startedAt: null, minutesBefore: minutes };
    onKeep(next);
    alarm(next, endMinutes);
  };
  const finish = (): void => {
    dropFlow(yard, kept.asked.from);
    onKeep({
      ...kept,
      startedAt: null,
      minutesBefore: minutes,
      finished: { litres: last?.litres ?? litresNow, minutes },
    });
  };
  const forget = (): void => {
    if (isSure) {
      dropFlow(yard, kept.asked.from);
      onDrop();
    } else setSure(true);
  };
  return (
    <section aria-labelledby="run-title">
      <div className="flex items-baseline justify-between">
        <h2 id="run-title" ref={title} tabIndex={-1} className="scroll-mt-24 text-xl">
          The run
        </h2>
        <p className="text-[15px] text-ink-2">
          {formatMinutes(Math.floor(minutes))}, {isPaused ? "paused" : "running"}
        </p>
      </div>
      <p className="font-plate text-[36px] leading-tight font-semibold">
        {last && last.litres >= litresNow ? "" : "about "}
        {units.litres(litresNow)} <span className="text-[19px] font-medium text-ink-2">of {units.litres(wanted)}</span>
      </p>
      <dl>
        <Row name="Ends about" value={endWords(isPaused, endMinutes, minutes, found?.off ?? null, clockNow())} />
        {found ? (
          <>
            <Row name="What hangs there resists" value={timesWords(found.mediumTimes)} />
            <Row name="Each litre adds" value={timesWords(found.cakeTimes)} />
          </>
        ) : null}
      </dl>
      <Advice
        found={found}
        endMinutes={endMinutes}
        foretold={plan?.forecast.minutes ?? null}
        marks={kept.marks.length}
      />
      <RunChart
        foretold={curve}
        now={byMarks}
        off={found?.off ?? 0.3}
        marks={kept.marks}
        night={view.settings.theme === "night"}
        litresUnit={units.volume.unit}
        litresOf={units.volume.of}
        label={`Litres against minutes: ${
          kept.marks.length === 0
            ? "no mark yet"
            : kept.marks
                .map((m) => `${units.litres(m.litres)} at ${formatMinutes(m.minutes)}`)
                .slice(-6)
                .join(", ")
        }`}
      />
      <form
        noValidate
        className="mt-2 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          mark();
        }}
      >
        <NumberField label={units.asked("Litres through by now")} of={litres} />
        <Button look="go" type="submit" disabled={isPaused}>
          Note it
        </Button>
      </form>
      <div aria-live="polite">{wrong ? <p className="text-stop">{wrong}</p> : null}</div>
      <GaugeBox run={run} kept={kept} onReading={noted} />
      <div className="mt-3 grid grid-cols-2 gap-2">
        <Button onClick={pause}>{isPaused ? "Go on" : "Pause"}</Button>
        <Button look="stop" onClick={finish}>
          It is over
        </Button>
      </div>
      <Button look="quiet" onClick={forget}>
        {isSure ? "Tap again to forget it, marks and all" : "Forget this run"}
      </Button>
    </section>
  );
}

/** Where next to nothing was foretold any factor is huge, and says no more than that. */
const timesWords = (times: number): string =>
  times < 0.05 ? "next to nothing" : times > 20 ? "far more than foretold" : `${formatNumber(times, 1)} × foretold`;

function endWords(isPaused: boolean, end: number | null, minutes: number, off: number | null, now: string): string {
  if (end === null) return "it stops before";
  const left = Math.max(0, end - minutes);
  const range = `± ${formatMinutes(Math.max(1, Math.ceil(left * (off ?? 0.3))))}`;
  return isPaused
    ? `${formatMinutes(Math.ceil(left))} more, ${range}`
    : `${clock(new Date(Date.parse(now) + left * 60_000).toISOString())}, ${range}`;
}

interface AdviceProps {
  readonly found: ReturnType<typeof runUnderWay>;
  readonly endMinutes: number | null;
  readonly foretold: number | null;
  readonly marks: number;
}

/** What its own marks advise: nothing while it goes as foretold. */
function Advice({ found, endMinutes, foretold, marks }: AdviceProps) {
  if (!found || endMinutes === null || foretold === null || marks < 2) return null;
  const times = endMinutes / foretold;
  if (times < SLOW) return null;
  const chokes = found.cakeTimes > found.mediumTimes;
  return (
    <p role="status" className="my-2 rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
      <b>{formatNumber(times, 1)} times as long as foretold.</b>{" "}
      {chokes
        ? "Each litre shuts the bag more than usual: dirtier or colder oil. Warm the feed, wash or change the bag now, or leave it dripping over night."
        : "It was slow from the first litre: colder oil, less head, or a bag that was not clean. Raise the feed or warm it."}
    </p>
  );
}
