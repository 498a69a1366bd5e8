"use client";
import type { ReactNode } from "react";
import type { BagView, LineView, VesselView } from "@/core/readings";
import { useUnits, YardLink } from "@/desk";
import { VesselDrawing, vesselWords } from "@/ui";
import { leftWords, ratingWords } from "@/ui/words/filter";
import { ElementDrawing } from "./ElementDrawing";
import type { Run } from "./useRun";

/** Neither vessel is larger than this in the drawing; each is to its own scale. */
const MOST_PX = 92;
/** How far each hangs below the one before, and what its drawing takes. */
const STEP_PX = 108;
const TALL_PX = 84;

/** The line as it hangs: the feed, each element a step lower with what it carries and what is left in it, the receiver. */
export function LineDrawing({ run, line: { line, elements } }: { run: Run; line: LineView }) {
  const units = useUnits();
  const hung = elements.filter((e) => !run.isLeft(e.bag.id));
  const steps = hung.length + 2;
  const fallMm =
    line.feedMm === undefined || line.receiverMm === undefined
      ? null
      : line.feedMm + run.from.surfaceMm - line.receiverMm;
  return (
    <ol
      aria-label="The line as it hangs"
      className={`relative mt-4 flex flex-col gap-3 md:grid md:gap-0 md:pb-4 ${fallMm === null ? "" : "md:pr-[110px]"}`}
      style={{ gridTemplateColumns: `repeat(${steps}, minmax(0, 1fr))` }}
    >
      <Place at={0} isLast={false} drawing={<Standing of={run.from} />}>
        <b className="font-plate text-[17px]">
          <YardLink href={`/container?vessel=${run.from.vessel.id}`}>{run.from.vessel.name}</YardLink>
        </b>
        <span className="block text-[14px] text-ink-2">
          {units.litres(run.from.litres)}
          {run.plan ? `, ${Math.round(run.plan.nuMm2PerS)} mm²/s` : ""}
        </span>
        <span className="block text-[14px] text-ink-2">
          {run.way === "gravity"
            ? run.head.value === null
              ? ""
              : `${units.mm(run.head.value)} above the bag`
            : run.pressure.value === null
              ? ""
              : `at ${units.pascals(run.pressure.value * 1000)}`}
        </span>
        {line.feedMm === undefined ? null : (
          <span className="block text-[14px] text-ink-2">stands {units.mm(line.feedMm)} up</span>
        )}
      </Place>
      {hung.map((e, i) => (
        <Place key={e.bag.id} at={i + 1} isLast={false} drawing={<Hanging of={e} />}>
          <ElementWords element={e} run={run} stage={i} />
        </Place>
      ))}
      {fallMm === null || fallMm <= 0 ? null : (
        <li className="md:pointer-events-none md:absolute md:top-2 md:right-0 md:bottom-8 md:flex md:items-center md:border-y-2 md:border-r-2 md:border-ink-2 md:pr-2">
          <span className="text-[14px] text-ink-2">{units.mm(fallMm)} of fall</span>
        </li>
      )}
      {run.to ? (
        <Place at={steps - 1} isLast drawing={<Standing of={run.to} />}>
          <b className="font-plate text-[17px]">
            <YardLink href={`/container?vessel=${run.to.vessel.id}`}>{run.to.vessel.name}</YardLink>
          </b>
          <span className="block text-[14px] text-ink-2">room for {units.litres(run.roomLitres)}</span>
          {line.receiverMm === undefined ? null : (
            <span className="block text-[14px] text-ink-2">stands {units.mm(line.receiverMm)} up</span>
          )}
          {line.isInReceiver ? (
            <span className="block text-[14px] text-ink-2">
              {hung.at(-1)?.bag.name} hangs in it: lift it out before the oil reaches it
            </span>
          ) : null}
        </Place>
      ) : null}
    </ol>
  );
}

interface PlaceProps {
  readonly at: number;
  readonly isLast: boolean;
  readonly drawing: ReactNode;
  readonly children: ReactNode;
}

/** A step of the stair on a desk, a row on a phone; the pipe goes on to the next. */
function Place({ at, isLast, drawing, children }: PlaceProps) {
  return (
    <li
      className="relative flex items-center gap-3 md:mt-[var(--down)] md:block md:text-center"
      style={{ "--down": `${at * STEP_PX}px` } as Record<string, string>}
    >
      <div className="flex w-[104px] shrink-0 justify-center md:h-[84px] md:w-auto md:items-end">{drawing}</div>
      {isLast ? null : (
        <>
          <div
            aria-hidden="true"
            className="absolute left-1/2 hidden h-[11px] w-full rounded-bl border-b-[5px] border-l-[5px] border-clear md:block"
            style={{ top: TALL_PX }}
          />
          <div
            aria-hidden="true"
            className="absolute left-[150%] hidden h-[18px] w-[5px] -translate-x-full bg-clear md:block"
            style={{ top: TALL_PX + 10 }}
          />
        </>
      )}
      <div className="leading-tight md:mt-4 md:px-1">{children}</div>
    </li>
  );
}

function Standing({ of: v }: { of: VesselView }) {
  const units = useUnits();
  const pxPerMm = Math.min(TALL_PX / v.vessel.rimMm, MOST_PX / widestOf(v));
  return (
    <div className="[&_svg]:max-h-[88px]">
      <VesselDrawing view={v} pxPerMm={pxPerMm} label={vesselWords(v, units)} showDrawOff={false} />
    </div>
  );
}

/** Broken ones have no width to draw by. */
const widestOf = (v: VesselView): number => {
  const { shape } = v.vessel;
  return "diameterMm" in shape ? Math.max(shape.diameterMm, 1) : Math.max(v.vessel.rimMm, 1);
};

function Hanging({ of: e }: { of: BagView }) {
  const units = useUnits();
  const left = leftWords(e.left, units);
  return (
    <ElementDrawing
      element={e}
      label={`${e.bag.name}, ${ratingWords(e.bag.ratingUm)}: ${units.litres(e.litres)} through it since it was washed or changed, ${left.main}`}
    />
  );
}

function ElementWords({ element: e, run, stage }: { element: BagView; run: Run; stage: number }) {
  const units = useUnits();
  const slow = run.plan?.forecast.slowFirst;
  const chokes = slow?.stage === stage;
  const left = leftWords(e.left, units);
  const caught = run.plan?.forecast.stages[stage]?.caughtG;
  return (
    <>
      <span className="block font-plate text-[16px] font-semibold">{e.bag.name}</span>
      <b className={`block font-plate text-[19px] ${chokes ? "text-stop" : ""}`}>{left.main}</b>
      <span className="block text-[14px] text-ink-2">
        {chokes && slow ? `chokes after ${units.litres(slow.litre)} of this run` : left.range}
      </span>
      {caught === undefined ? null : (
        <span className="block text-[14px] text-ink-2">catches {caught < 1 ? "under 1" : Math.round(caught)} g</span>
      )}
    </>
  );
}
