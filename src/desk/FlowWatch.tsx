"use client";
import { useEffect, useRef, useState } from "react";
import { useYard } from "@/store";
import { beep } from "@/ui/beep";
import { clock } from "@/ui/words";
import { type Flow, readFlows } from "./flow";
import { YardLink } from "./links";

/** Told so long before it must be stopped. */
const WARN_MS = 120_000;
const LOOK_EVERY_MS = 1000;

type Stage = "running" | "soon" | "over";
interface Seen {
  readonly flow: Flow;
  readonly stage: Stage;
}

const stageOf = (flow: Flow, nowMs: number): Stage => {
  const left = Date.parse(flow.endsAt) - nowMs;
  return left <= 0 ? "over" : left <= WARN_MS ? "soon" : "running";
};

const keyOf = ({ flow, stage }: Seen): string => `${flow.vessel} ${flow.endsAt} ${stage}`;

/** On every page, while oil runs: until when and why, and an alarm two minutes before. */
export function FlowWatch() {
  const { name } = useYard();
  const [seen, setSeen] = useState<readonly Seen[]>([]);
  const sounded = useRef(new Set<string>());
  useEffect(() => {
    const look = (): void => {
      const now = Date.now();
      const found = readFlows()
        .filter((f) => f.yard === name)
        .map((flow) => ({ flow, stage: stageOf(flow, now) }));
      setSeen((s) => (s.map(keyOf).join() === found.map(keyOf).join() ? s : found));
      for (const f of found) {
        if (f.stage === "running" || sounded.current.has(keyOf(f))) continue;
        sounded.current.add(keyOf(f));
        beep(f.stage === "soon" ? 3 : 8);
      }
    };
    look();
    const tick = setInterval(look, LOOK_EVERY_MS);
    return () => clearInterval(tick);
  }, [name]);
  return seen.map(({ flow, stage }) => (
    <div
      key={flow.vessel}
      role={stage === "running" ? "status" : "alert"}
      className={`px-4 py-1 text-[15px] ${stage === "running" ? "bg-rule" : "bg-stop font-semibold text-on-stop"}`}
    >
      <YardLink
        href={flow.href ?? `/settle?vessel=${flow.vessel}`}
        className="flex min-h-[var(--target)] items-center underline"
      >
        {stage === "over" ? "Stop now" : `Stop at ${clock(flow.endsAt)}`}: {flow.name} is running. {flow.because}
      </YardLink>
    </div>
  ));
}
