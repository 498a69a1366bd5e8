"use client";
import type { VesselView } from "@/core/readings";
import { formatNumber, MS_PER_HOUR } from "@/core/units";
import { useLog, useSeconds } from "@/desk";
import { Button } from "@/ui";
import { fullMoment } from "@/ui/words";

/** The standing clock: it began when something last went in or stirred it, and begins again when that happens. */
export function StandStep({ target, hours }: { target: VesselView; hours: number }) {
  const log = useLog();
  const since = target.petrol?.since ?? target.stirredAt;
  const seconds = useSeconds(since);
  if (since === null) return <p>Nothing is in it yet: pour first.</p>;
  const until = target.petrol?.standsUntil ?? new Date(Date.parse(since) + hours * MS_PER_HOUR).toISOString();
  const left = Math.max(0, (Date.parse(until) - Date.parse(since)) / 1000 - seconds);
  return (
    <>
      <p>It has stood since {fullMoment(since)}. Driven, carried or stirred it begins again.</p>
      <p role="timer" className={`mt-3 font-plate text-[34px] font-semibold ${left === 0 ? "text-go" : ""}`}>
        {left === 0
          ? "It has stood"
          : `${formatNumber(Math.floor(left / 3600), 0)} h ${formatNumber(Math.floor((left % 3600) / 60), 0)} min left`}
        <span className="block text-[16px] font-medium text-ink-2">until {fullMoment(until)}</span>
      </p>
      <Button className="mt-2" onClick={() => log.open("disturbed", { vessel: target.vessel.id })}>
        It was stirred or carried
      </Button>
    </>
  );
}
