"use client";
import { type ReactNode, useEffect, useRef } from "react";
import { MS_PER_MINUTE } from "@/core/units";
import { useYard } from "@/store";
import { Button, beep, Caution } from "@/ui";
import { clock } from "@/ui/words";
import { useAwake } from "./useAwake";
import type { RunState } from "./useRunSheet";
import { useSeconds } from "./useSeconds";

export interface SheetStep {
  readonly title: string;
  readonly body: ReactNode;
  readonly caution?: string | undefined;
  /** What one should see or read when it is done. */
  readonly expect?: string;
  readonly minutes?: number;
  /** The vessel or a jar of it, as it should look when the step is done; its words stand under it. */
  readonly looks?: { readonly picture: ReactNode; readonly words: string } | undefined;
  /** The step's own button writes something; it goes on by itself. */
  readonly does?: ReactNode;
}

interface Props {
  readonly steps: readonly SheetStep[];
  readonly run: RunState;
  readonly onLeave: () => void;
}

/** Long work as a full page of steps: one at a time, big, with its caution and its timer, the screen kept awake. */
export function RunSheet({ steps, run, onLeave }: Props) {
  const { now } = useYard();
  const at = Math.min(run.at, steps.length - 1);
  const step = steps[at];
  const begun = run.begun[at] ?? null;
  useAwake(run.at > 0);
  if (!step) return null;
  const last = at === steps.length - 1;
  return (
    <div className="mx-auto grid w-full max-w-[1240px] flex-1 gap-x-8 px-4 py-3 lg:grid-cols-[230px_minmax(0,1fr)_260px]">
      <StepList steps={steps} at={at} />
      <div>
        <p className="text-[15px] text-ink-2">
          Step {at + 1} of {steps.length}
        </p>
        <h2 className="text-[30px] leading-tight">{step.title}</h2>
        {step.caution ? (
          <div className="mt-3">
            <Caution>{step.caution}</Caution>
          </div>
        ) : null}
        <div className="mt-3 text-[18px]">{step.body}</div>
        {step.expect ? (
          <p className="mt-3 text-[16px]">
            <b>Look for: </b>
            {step.expect}
          </p>
        ) : null}
        {step.minutes === undefined ? null : (
          <Timer minutes={step.minutes} begun={begun} onBegin={() => run.begin(at, now())} />
        )}
        <div className="mt-5 flex flex-col gap-2">
          {step.does ??
            (last ? null : (
              <Button look="go" wide onClick={() => run.go(at + 1)}>
                Done, go on
              </Button>
            ))}
          <div className="grid grid-cols-2 gap-2">
            <Button disabled={at === 0} onClick={() => run.go(at - 1)}>
              Back
            </Button>
            <Button onClick={onLeave}>Leave, and go on later</Button>
          </div>
        </div>
      </div>
      {step.looks ? (
        <figure className="flex flex-col items-center self-start rounded-md border border-rule bg-panel p-4 max-lg:mt-4">
          {step.looks.picture}
          <figcaption className="mt-2 text-center text-[15px]">{step.looks.words}</figcaption>
        </figure>
      ) : null}
    </div>
  );
}

/** The whole of it, what is done and what is to come: a row of marks on a phone, a list on a desk. */
const StepList = ({ steps, at }: { steps: readonly SheetStep[]; at: number }) => (
  <ol aria-label="Steps" className="mb-3 flex gap-1 lg:flex-col lg:gap-0">
    {steps.map((s, i) => (
      <li
        key={s.title}
        aria-current={i === at ? "step" : undefined}
        className={`flex-1 lg:flex-none lg:border-l-4 lg:px-3 lg:py-2 ${i < at ? "lg:border-go" : i === at ? "lg:border-stop lg:bg-panel" : "lg:border-rule"}`}
      >
        <span
          aria-hidden="true"
          className={`block h-2 rounded-full lg:hidden ${i < at ? "bg-go" : i === at ? "bg-stop" : "bg-rule"}`}
        />
        <span
          className={`max-lg:sr-only font-plate text-[17px] leading-tight ${i === at ? "font-semibold" : "font-medium text-ink-2"}`}
        >
          {i + 1}. {s.title}
        </span>
      </li>
    ))}
  </ol>
);

/** A timer that sounds when its time is up, also when the page was closed in between. */
function Timer({ minutes, begun, onBegin }: { minutes: number; begun: string | null; onBegin: () => void }) {
  const seconds = useSeconds(begun);
  const left = minutes * 60 - seconds;
  const over = begun !== null && left <= 0;
  const sounded = useRef(false);
  useEffect(() => {
    if (!over || sounded.current) return;
    sounded.current = true;
    beep(5);
  }, [over]);
  if (begun === null)
    return (
      <Button wide className="mt-3" onClick={onBegin}>
        Start the clock, {spoken(minutes * 60)}
      </Button>
    );
  const endsAt = clock(new Date(Date.parse(begun) + minutes * MS_PER_MINUTE).toISOString());
  return (
    <p role="timer" className={`mt-3 font-plate text-[34px] font-semibold ${over ? "text-stop" : ""}`}>
      {over ? "Time is up" : spoken(left)}
      <span className="block text-[16px] font-medium text-ink-2">{over ? `since ${endsAt}` : `until ${endsAt}`}</span>
    </p>
  );
}

function spoken(seconds: number): string {
  const h = Math.floor(seconds / 3600);
  const m = Math.floor((seconds % 3600) / 60);
  const s = Math.floor(seconds % 60);
  const two = (n: number): string => String(n).padStart(2, "0");
  return h > 0 ? `${h} h ${two(m)} min` : `${m}:${two(s)}`;
}
