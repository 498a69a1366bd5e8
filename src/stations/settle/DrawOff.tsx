"use client";
import { useState } from "react";
import type { Settling, VesselView } from "@/core/readings";
import { formatMinutes } from "@/core/units";
import {
  dropFlow,
  keepFlow,
  NumberField,
  type NumberInput,
  useAmount,
  useKept,
  useNote,
  useUnits,
  VesselChoice,
  YardLink,
} from "@/desk";
import { useYard } from "@/store";
import { Button, Caution } from "@/ui";
import { thicknessWords } from "@/ui/words";
import { DrawFigures, drawnBy, hangingShare } from "./DrawFigures";
import { planDraw } from "./drawPlan";
import { endWords } from "./endWords";
import { GotForm } from "./GotForm";
import { PartDraw, partMargin } from "./PartDraw";
import { PipeworkFields } from "./PipeworkFields";
import { Running } from "./Running";
import { SettlingWhy } from "./SettlingWhy";
import { usePipework } from "./usePipework";

/** Where the draw-off goes: to wait for the bags, or into any other container with room, a pail too. */
const INTO = ["feed", "settling", "ready", "heel", "raw", "blend"];

/** A draw under way, and then what it is thought to have given; kept in the browser, so a closed tab loses nothing. */
interface Draw {
  readonly startedAt: string | null;
  readonly to: string;
  readonly marginMm: number;
  readonly got: { readonly litres: number; readonly minutes: number } | null;
}

interface Props {
  readonly vessel: VesselView;
  readonly settling: Settling;
  readonly celsius: number;
}

/** Drawing the clear oil off: where, how much, how long, into what; then what was really got. */
export function DrawOff({ vessel: v, settling: s, celsius }: Props) {
  const { view, now, name: yard } = useYard();
  const units = useUnits();
  const targets = view.vessels
    .filter((t) => INTO.includes(t.vessel.role) && t.vessel.id !== v.vessel.id && t.capacityLitres - t.litres > 1)
    .sort((a, b) => INTO.indexOf(a.vessel.role) - INTO.indexOf(b.vessel.role));
  const first = targets[0]?.vessel.id ?? "";
  const [draw, keep, forget] = useKept<Draw>(`draw ${v.vessel.id}`, {
    startedAt: null,
    to: "",
    marginMm: view.settings.marginMm,
    got: null,
  });
  const [chosen, setChosen] = useState(draw.to || first);
  const target = targets.find((t) => t.vessel.id === chosen);
  const pipework = usePipework();
  const margin = useAmount(units.length, view.settings.marginMm);
  // A draw under way ends where it was begun for, whatever is typed meanwhile.
  const marginMm = draw.startedAt === null ? (margin.value ?? view.settings.marginMm) : draw.marginMm;
  const room = target ? target.capacityLitres - target.litres : 0;
  const plan = planDraw(v, s, marginMm, pipework.kept, room, celsius, view.fluids);

  const start = (): void => {
    if (!plan || !target) return;
    const startedAt = now();
    keep({ startedAt, to: chosen, marginMm, got: null });
    keepFlow({
      yard,
      vessel: v.vessel.id,
      name: v.vessel.name,
      endsAt: new Date(Date.parse(startedAt) + plan.end.seconds * 1000).toISOString(),
      because: `Then: ${endWords(plan, target.vessel.name, units)}.`,
    });
  };

  if (plan && draw.startedAt !== null && !draw.got)
    return (
      <Running
        plan={plan}
        startedAt={draw.startedAt}
        into={target?.vessel.name ?? "the next vessel"}
        onStop={(litres, minutes) => {
          dropFlow(yard, v.vessel.id);
          keep({ ...draw, got: { litres, minutes } });
        }}
      />
    );
  return (
    <>
      <DrawFigures vessel={v} settling={s} plan={plan} marginMm={marginMm} hole={pipework.kept.way === "hole"} />
      {s.clearNow && draw.startedAt === null ? (
        <PartDraw
          clearNow={s.clearNow}
          chosen={plan?.lineMm ?? null}
          onChoose={() => margin.set(partMargin(s, units))}
        />
      ) : null}
      <div className="mt-2">
        <VesselChoice label="Into" vessels={targets} value={chosen} onChange={setChosen} tells="room" />
      </div>
      {plan?.end.because === "receiver" && target ? (
        <p className="mt-2 text-[15px] text-stop">
          {target.vessel.name} does not hold all of it: it is full after {units.litres(plan.end.litres)}, about{" "}
          {formatMinutes(Math.ceil(plan.end.seconds / 60))}. Do not walk away.
        </p>
      ) : null}
      {plan?.holeTooLow ? (
        <p className="mt-2 text-[15px] text-stop">
          The hole lies in what must stay. Close it before the level comes near {units.mm(plan.lineMm)}, or it drags the
          layer along.
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
      <MarginField margin={margin} usualMm={view.settings.marginMm} />
      <GotForm
        key={draw.got ? "stopped" : "typed"}
        vessel={v}
        settling={s}
        to={chosen}
        drawn={drawnBy(s, plan ?? { surfaceMm: v.surfaceMm, lineMm: s.drawOffMm })}
        room={room}
        most={Math.max(0, Math.min(plan?.litres ?? 0, room))}
        hanging={hangingShare(s, plan && drawnBy(s, plan))}
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

function MarginField({ margin, usualMm }: { margin: NumberInput; usualMm: number }) {
  const note = useNote();
  const units = useUnits();
  const { value } = margin;
  return (
    <>
      <NumberField label="Margin above what stays" of={margin} />
      {value !== null && value !== usualMm ? (
        <Button
          className="mt-2"
          onClick={() =>
            note({ kind: "settings", data: { marginMm: value } }, `Your margin is ${units.mm(value)} from now on.`)
          }
        >
          Always {units.mm(value)}
        </Button>
      ) : null}
    </>
  );
}
