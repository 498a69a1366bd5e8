"use client";
import { litresAfter } from "@/core/settling";
import { formatMinutes } from "@/core/units";
import { useAwake, useSeconds, useUnits } from "@/desk";
import { Button } from "@/ui";
import { clock } from "@/ui/words";
import type { DrawPlan } from "./drawPlan";
import { endWords } from "./endWords";

interface Props {
  readonly plan: DrawPlan;
  readonly startedAt: string;
  readonly into: string;
  readonly onStop: (litres: number, minutes: number) => void;
}

/** Told so long before it must be stopped. */
const WARN_SECONDS = 120;

/** Oil is running: about how much has come, when it ends, and an alarm before. */
export function Running({ plan, startedAt, into, onStop }: Props) {
  const units = useUnits();
  const seconds = useSeconds(startedAt);
  useAwake(true);
  const { end, schedule } = plan;
  const left = end.seconds - seconds;
  const stage = left <= 0 ? "over" : left <= WARN_SECONDS ? "soon" : "running";
  const litres = litresAfter(schedule.points, Math.min(seconds, end.seconds));
  const endsAt = clock(new Date(Date.parse(startedAt) + end.seconds * 1000).toISOString());
  const why = endWords(plan, into, units);
  return (
    <section
      aria-labelledby="running-title"
      className={`rounded-md border-2 p-3 ${stage === "running" ? "border-go" : "border-stop"}`}
    >
      <h2 id="running-title" className="text-xl">
        Drawing off into {into}
      </h2>
      <p className="font-plate text-[34px] leading-tight font-semibold">
        about {units.litres(litres)}
        <span className="block text-[17px] font-medium text-ink-2">
          {formatMinutes(Math.floor(seconds / 60))} of about {formatMinutes(Math.ceil(end.seconds / 60))}
        </span>
      </p>
      <p role="alert" className={`text-[15px] ${stage === "running" ? "" : "font-semibold text-stop"}`}>
        {stage === "over"
          ? `Stop now: ${why}.`
          : stage === "soon"
            ? `Stop in ${formatMinutes(Math.max(1, Math.ceil(left / 60)))}: ${why}.`
            : ""}
      </p>
      {stage === "running" ? (
        <p className="text-[15px]">
          Stop at {endsAt}: {why}. It sounds two minutes before, on any page while this browser is open.
        </p>
      ) : null}
      <Button look="stop" wide className="mt-2" onClick={() => onStop(litres, seconds / 60)}>
        Stop
      </Button>
    </section>
  );
}
