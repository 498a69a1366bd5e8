"use client";
import { useState } from "react";
import type { Settling, VesselView } from "@/core/advice";
import { formatMillimetres, formatMinutes, formatNumber, parseMillimetres } from "@/core/units";
import { IntoChoice, keepFlow, NumberField, useKept, useNumber, useTell, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution, Row } from "@/ui";
import { shortDay, thicknessWords } from "@/ui/words";
import { planDraw } from "./drawPlan";
import { endWords } from "./endWords";
import { GotForm } from "./GotForm";
import { PipeworkFields } from "./PipeworkFields";
import { Running } from "./Running";
import { SettlingWhy } from "./SettlingWhy";
import { usePipework } from "./usePipework";

/** Where the draw-off goes: to wait for the bags, or into any other drum with room. */
const INTO = ["feed", "settling", "ready", "heel"];

/** A draw under way, and then what it is thought to have given; kept in the browser, so a closed tab loses nothing. */
interface Draw {
  readonly startedAt: string | null;
  readonly to: string;
  readonly got: { readonly litres: number; readonly minutes: number } | null;
}

export function DrawOff({
  vessel: v,
  settling: s,
  celsius,
}: {
  vessel: VesselView;
  settling: Settling;
  celsius: number;
}) {
  const { view, now, name: yard } = useYard();
  const units = useUnits();
  const tell = useTell();
  const targets = view.vessels
    .filter((t) => INTO.includes(t.vessel.role) && t.vessel.id !== v.vessel.id && t.capacityLitres - t.litres > 1)
    .sort((a, b) => INTO.indexOf(a.vessel.role) - INTO.indexOf(b.vessel.role));
  const first = targets[0]?.vessel.id ?? "";
  const [draw, keep, forget] = useKept<Draw>(`draw ${v.vessel.id}`, { startedAt: null, to: "", got: null });
  const [chosen, setChosen] = useState(draw.to || first);
  const target = targets.find((t) => t.vessel.id === chosen);
  const pipework = usePipework();
  const margin = useNumber(String(view.settings.marginMm), parseMillimetres);
  const marginMm = margin.value ?? view.settings.marginMm;
  const room = target ? target.capacityLitres - target.litres : 0;
  const plan = planDraw(v, s, marginMm, pipework.kept, room, celsius);
  const hanging = s.fronts.reduce((sum, f) => Math.max(sum, f.floats ? 0 : f.hanging), 0);

  const start = (): void => {
    if (!plan || !target) return;
    const startedAt = now();
    keep({ startedAt, to: chosen, got: null });
    keepFlow({
      yard,
      vessel: v.vessel.id,
      name: v.vessel.name,
      endsAt: new Date(Date.parse(startedAt) + plan.end.seconds * 1000).toISOString(),
      because: `Then: ${endWords(plan, target.vessel.name)}.`,
    });
  };

  if (plan && draw.startedAt !== null && !draw.got)
    return (
      <Running
        plan={plan}
        startedAt={draw.startedAt}
        into={target?.vessel.name ?? "the next vessel"}
        onStop={(litres, minutes) => {
          keepFlow(null);
          keep({ ...draw, got: { litres, minutes } });
        }}
      />
    );
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Draw off</h2>
        <p className={`font-plate text-[16px] ${s.wet ? "font-semibold text-stop" : ""}`}>{readyWords(s, view.at)}</p>
      </div>
      <p className="font-plate text-[36px] leading-tight font-semibold">
        {units.litres(plan?.litres ?? 0)}{" "}
        <span className="text-[19px] font-medium text-ink-2">
          above {formatMillimetres(plan?.lineMm ?? s.drawOffMm)}
        </span>
      </p>
      <dl>
        <Row
          name={pipework.kept.way === "hose" ? "Suction at" : "Hole at"}
          value={formatMillimetres((pipework.kept.way === "hose" ? plan?.lineMm : plan?.holeMm) ?? s.drawOffMm)}
        />
        <Row name="Top of what stays + your margin" value={`${Math.round(s.muckTopMm)} + ${Math.round(marginMm)} mm`} />
        <Row
          name="Fines still hanging above it"
          value={hanging < 0.005 ? "nothing" : `about ${formatNumber(hanging * 100, 0)} %`}
        />
        {plan ? (
          <Row
            name={`Takes, at ${formatNumber(plan.nuMm2PerS, 0)} mm²/s`}
            value={`about ${formatMinutes(Math.ceil(plan.schedule.seconds / 60))}`}
          />
        ) : null}
        <Row name="Heel that stays" value={units.litres(plan?.heelLitres ?? v.litres)} />
      </dl>
      <div className="mt-2">
        <IntoChoice targets={targets} value={chosen} onChange={setChosen} />
      </div>
      {plan?.end.because === "receiver" && target ? (
        <p className="mt-2 text-[15px] text-stop">
          {target.vessel.name} does not hold all of it: it is full after {units.litres(plan.end.litres)}, about{" "}
          {formatMinutes(Math.ceil(plan.end.seconds / 60))}. Do not walk away.
        </p>
      ) : null}
      {plan?.holeTooLow ? (
        <p className="mt-2 text-[15px] text-stop">
          The hole lies in what must stay. Close it before the level comes near {formatMillimetres(plan.lineMm)}, or it
          drags the layer along.
        </p>
      ) : null}
      {draw.got === null ? (
        <Button look="go" wide className="mt-3" disabled={!plan || !target} onClick={start}>
          Start drawing off
        </Button>
      ) : null}
      <PipeworkFields pipework={pipework} vessel={v} plan={plan} celsius={celsius} />
      <p className="text-[14px] text-ink-2">
        Thickness: {thicknessWords(v.thickness)}{" "}
        <YardLink href={`/cup?vessel=${v.vessel.id}`} className="text-go underline underline-offset-4">
          Time it through a can
        </YardLink>
      </p>
      <NumberField label="Margin above what stays" of={margin} suffix="mm" />
      {margin.value !== null && margin.value !== view.settings.marginMm ? (
        <Button
          className="mt-2"
          onClick={() =>
            void tell(
              { kind: "settings", data: { marginMm } },
              `Your margin is ${formatMillimetres(marginMm)} from now on.`,
            )
          }
        >
          Always {formatMillimetres(marginMm)}
        </Button>
      ) : null}
      <GotForm
        key={draw.got ? "stopped" : "typed"}
        vessel={v}
        settling={s}
        to={chosen}
        lineMm={plan?.lineMm ?? s.drawOffMm}
        most={Math.max(0, Math.min(plan?.litres ?? 0, room))}
        hanging={hanging}
        got={draw.got}
        onLogged={forget}
      />
      <SettlingWhy settling={s} vessel={v} />
      <div className="mt-3">
        <Caution>
          Lift nothing full. Draw off where a spill can be caught; oily rags go flat or under water, they can catch fire
          by themselves.
        </Caution>
      </div>
    </>
  );
}

function readyWords(s: Settling, now: string): string {
  if (s.wet) return "wet: not ready";
  if (!s.readyAt) return "never clears at this cold";
  return s.readyAt <= now ? `ready since ${shortDay(s.readyAt)}` : `ready about ${shortDay(s.readyAt)}`;
}
