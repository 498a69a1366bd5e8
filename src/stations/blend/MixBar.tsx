"use client";
import { type KeyboardEvent, type PointerEvent, useId, useRef } from "react";
import { mixLitres, type PlanGoal } from "@/core/blending";
import { fluidName } from "@/core/fluids";
import type { Source } from "@/core/readings/blend/plan";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { fillOf } from "@/ui/drawing/fills";
import { nameOf } from "@/ui/words";
import { keyOf, type Mix } from "./useMix";

interface Props {
  readonly mix: Mix;
  readonly fillTo: number;
  readonly goal: PlanGoal;
}

const GOAL_AGAIN: Readonly<Record<PlanGoal, string>> = {
  "most-oil": "Find the most oil",
  "least-cost": "Find the cheapest",
  "use-up": "Find what uses most up",
};

/** The mix as a bar by where it comes from: what is there already, and each pour, with dividers to drag or to step. */
export function MixBar({ mix, fillTo, goal }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const id = useId();
  const bar = useRef<HTMLDivElement>(null);
  const { mixed, chosen, contents } = mix;
  if (!mixed) return null;
  const total = mixed.totalLitres;
  const there = mixLitres(contents);
  const cost = chosen.reduce((sum, s, i) => sum + (s.pricePerLitre ?? 0) * (mixed.litres[i] ?? 0), 0);
  const nameOfSource = (s: Source): string => (s.vessel === null ? "the pump" : nameOf(view, s.vessel));
  // Left of each divider lies what is left of it in the bar.
  const edges = mixed.litres.map((_, i) => mixed.litres.slice(0, i + 1).reduce((sum, l) => sum + l, 0));
  return (
    <section aria-labelledby={`${id}-title`} className="mt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id={`${id}-title`} className="text-lg">
          {there > 0.05 ? `The mix after topping up to ${units.litres(total)}` : `The mix, ${units.litres(total)}`}
        </h2>
        <p className="text-[14px] text-ink-2">
          {formatNumber(mixed.nuMm2PerS, 1)} mm²/s at {units.celsius(mix.terms.lowCelsius)},{" "}
          {formatNumber(mixed.oilShare * 100, 0)} % oil
          {cost > 0 ? `, ${units.money(cost)} to buy` : ""}
          {total < fillTo - 0.1 ? `, room for ${units.litres(fillTo - total)} more` : ""}
        </p>
      </div>
      <div ref={bar} className="relative mt-1">
        <ul className="flex h-[64px] overflow-hidden rounded-md border-2 border-ink">
          {mixed.litres.map((litres, i) => {
            const s = chosen[i];
            return s ? (
              <Segment
                key={keyOf(s)}
                litres={litres}
                fluid={s.fluid}
                under={`${fluidName(s.fluid).toLowerCase()}, ${nameOfSource(s)}`}
              />
            ) : null;
          })}
          {contents
            .filter((p) => p.litres > SEEN_SHARE * total)
            .map((p, i) => (
              <Segment
                key={`there ${p.fluid.id}`}
                litres={p.litres}
                fluid={p.fluid.id}
                under={`${p.fluid.name.toLowerCase()}, in it`}
                there={i === 0 ? "first" : "more"}
              />
            ))}
        </ul>
        {mixed.litres.slice(0, -1).map((_, i) => {
          const [left, right] = [chosen[i], chosen[i + 1]];
          if (!left || !right) return null;
          return (
            <Divider
              key={keyOf(left)}
              label={`Between ${nameOfSource(left)} and ${nameOfSource(right)}`}
              share={(edges[i] ?? 0) / total}
              litres={mixed.litres[i] ?? 0}
              mostLitres={(mixed.litres[i] ?? 0) + (mixed.litres[i + 1] ?? 0)}
              words={`${units.litres(mixed.litres[i] ?? 0)} from ${nameOfSource(left)}, ${units.litres(mixed.litres[i + 1] ?? 0)} from ${nameOfSource(right)}, ${formatNumber(mixed.nuMm2PerS, 1)} mm²/s`}
              onMove={(by) => mix.move(i, by)}
              litresAt={(clientX) => {
                const box = bar.current?.getBoundingClientRect();
                return box ? ((clientX - box.left) / box.width) * total - (edges[i - 1] ?? 0) : 0;
              }}
            />
          );
        })}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <p className="min-w-0 flex-1 text-[14px] text-ink-2">
          {mixed.litres.length > 1
            ? "Drag a divider, or step it with the arrow keys."
            : "Choose a second thing to pour."}
        </p>
        <Button disabled={!mix.isByHand} onClick={mix.findAgain}>
          {GOAL_AGAIN[goal]}
        </Button>
      </div>
    </section>
  );
}

/** Under a hundredth nobody sees a stripe. */
const SEEN_SHARE = 0.01;

function Segment({
  litres,
  fluid,
  under,
  there,
}: {
  litres: number;
  fluid: Source["fluid"];
  under: string;
  /** It stood there before: the first of them has an edge. */
  there?: "first" | "more";
}) {
  const units = useUnits();
  return (
    <li
      className={`min-w-0 overflow-hidden py-1.5 pr-2 pl-3.5 leading-tight whitespace-nowrap text-[#10211f] ${there ? "opacity-80" : ""} ${there === "first" ? "border-l-2 border-dashed border-[#10211f]" : ""}`}
      style={{
        flexGrow: litres,
        flexBasis: 0,
        backgroundColor: fillOf(fluid).colour,
        minWidth: litres > 0.05 ? undefined : 0,
        padding: litres > 0.05 ? undefined : 0,
      }}
    >
      {litres > 0.05 ? (
        <>
          <b className="font-plate text-[19px]">{units.litres(litres)}</b>
          <br />
          <span className="text-[14px]">{under}</span>
        </>
      ) : null}
    </li>
  );
}

const STEP_LITRES: Readonly<Record<string, number>> = {
  ArrowRight: 0.1,
  ArrowUp: 0.1,
  ArrowLeft: -0.1,
  ArrowDown: -0.1,
  PageUp: 1,
  PageDown: -1,
};

interface DividerProps {
  readonly label: string;
  readonly share: number;
  readonly litres: number;
  readonly mostLitres: number;
  readonly words: string;
  readonly onMove: (byLitres: number) => void;
  /** Litres left of it that a place on the screen means. */
  readonly litresAt: (clientX: number) => number;
}

function Divider({ label, share, litres, mostLitres, words, onMove, litresAt }: DividerProps) {
  const drag = (e: PointerEvent<HTMLDivElement>): void => {
    if (e.currentTarget.hasPointerCapture(e.pointerId)) onMove(litresAt(e.clientX) - litres);
  };
  const key = (e: KeyboardEvent): void => {
    const by = e.key === "Home" ? -litres : e.key === "End" ? mostLitres - litres : STEP_LITRES[e.key];
    if (by === undefined) return;
    e.preventDefault();
    onMove(by);
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={Math.round(mostLitres * 10) / 10}
      aria-valuenow={Math.round(litres * 10) / 10}
      aria-valuetext={words}
      onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
      onPointerMove={drag}
      onKeyDown={key}
      className="absolute inset-y-0 flex w-11 -translate-x-1/2 cursor-ew-resize touch-none items-stretch justify-center"
      style={{ left: `${share * 100}%` }}
    >
      <span aria-hidden="true" className="flex w-[14px] items-center justify-center gap-[3px] rounded-sm bg-ink">
        <span className="h-6 w-[2px] bg-card" />
        <span className="h-6 w-[2px] bg-card" />
      </span>
    </div>
  );
}
