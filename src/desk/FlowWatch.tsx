"use client";
import { useEffect, useRef, useState } from "react";
import { useYard } from "@/store";
import { beep } from "@/ui/beep";
import { clock } from "@/ui/words";
import { type Flow, readFlow } from "./flow";
import { YardLink } from "./links";

/** Told so long before it must be stopped. */
const WARN_MS = 120_000;
const LOOK_EVERY_MS = 1000;

type Stage = "running" | "soon" | "over";

const stageOf = (flow: Flow, nowMs: number): Stage => {
  const left = Date.parse(flow.endsAt) - nowMs;
  return left <= 0 ? "over" : left <= WARN_MS ? "soon" : "running";
};

/** On every page, while oil runs: until when and why, and an alarm two minutes before. */
export function FlowWatch() {
  const { name } = useYard();
  const [seen, setSeen] = useState<{ flow: Flow; stage: Stage } | null>(null);
  const sounded = useRef("");
  useEffect(() => {
    const look = (): void => {
      const flow = readFlow();
      if (!flow || flow.yard !== name) {
        setSeen(null);
        return;
      }
      const stage = stageOf(flow, Date.now());
      setSeen((s) => (s?.flow.endsAt === flow.endsAt && s.stage === stage ? s : { flow, stage }));
      const told = `${flow.endsAt} ${stage}`;
      if (stage === "running" || sounded.current === told) return;
      sounded.current = told;
      beep(stage === "soon" ? 3 : 8);
    };
    look();
    const tick = setInterval(look, LOOK_EVERY_MS);
    return () => clearInterval(tick);
  }, [name]);
  if (!seen) return null;
  const { flow, stage } = seen;
  return (
    <div
      role={stage === "running" ? "status" : "alert"}
      className={`px-4 py-1 text-[15px] ${stage === "running" ? "bg-rule" : "bg-stop font-semibold text-on-stop"}`}
    >
      <YardLink href={`/settle?vessel=${flow.vessel}`} className="flex min-h-[var(--target)] items-center underline">
        {stage === "over" ? "Stop now" : `Stop at ${clock(flow.endsAt)}`}: {flow.name} is running. {flow.because}
      </YardLink>
    </div>
  );
}
