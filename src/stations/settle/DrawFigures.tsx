"use client";
import type { Settling, VesselView } from "@/core/readings";
import { type Drawn, hungInDrawn } from "@/core/readings/settle/hanging";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Row } from "@/ui";
import { aboutDay, FINES_SPARE, shortDay } from "@/ui/words";
import type { DrawPlan } from "./drawPlan";

interface Props {
  readonly vessel: VesselView;
  readonly settling: Settling;
  readonly plan: DrawPlan | null;
  readonly marginMm: number;
  readonly hole: boolean;
}

/** What a plan draws, beside the line that the shares were told for. */
export const drawnBy = (s: Settling, plan: Pick<DrawPlan, "surfaceMm" | "lineMm">): Drawn => ({
  surfaceMm: plan.surfaceMm,
  lineMm: plan.lineMm,
  drawOffMm: s.drawOffMm,
});

/** The most that still hangs of any dirt that sinks, in what is drawn. */
export const hangingShare = (s: Settling, drawn: Drawn | null): number =>
  s.fronts.reduce((most, { floats, hanging, clearedAboveMm }) => {
    if (floats) return most;
    return Math.max(most, drawn ? hungInDrawn({ hangingShare: hanging, clearedAboveMm }, drawn) : hanging);
  }, 0);

const NOTHING = 0.005;

/** What a draw would give: when, how many litres, where to stop, how long. */
export function DrawFigures({ vessel: v, settling: s, plan, marginMm, hole }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const hanging = hangingShare(s, plan && drawnBy(s, plan));
  const range = rangeWords(s, view.at);
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Draw off</h2>
        <p className={`text-right font-plate text-[16px] ${s.wet ? "font-semibold text-stop" : ""}`}>
          {readyWords(s, view.at)}
        </p>
      </div>
      {range ? <p className="text-right text-[14px] text-ink-2">{range}</p> : null}
      <p className="text-right text-[14px] text-ink-2">
        {s.dirt === "engine-oil"
          ? `waits for ${s.slowest}`
          : `fines of ${view.settings.readyFinesUm} µm gone: ${FINES_SPARE[view.settings.readyFinesUm]}`}
      </p>
      <p className="font-plate text-[36px] leading-tight font-semibold">
        {units.litres(plan?.litres ?? 0)}{" "}
        <span className="text-[19px] font-medium text-ink-2">above {units.mm(plan?.lineMm ?? s.drawOffMm)}</span>
      </p>
      <dl>
        <Row
          name={hole ? "Hole at" : "Suction at"}
          value={units.mm((hole ? plan?.holeMm : plan?.lineMm) ?? s.drawOffMm)}
        />
        <Row name="Top of what stays + your margin" value={`${units.mm(s.muckTopMm)} + ${units.mm(marginMm)}`} />
        <Row
          name="Fines still hanging above it"
          value={hanging < NOTHING ? "nothing" : `about ${formatNumber(hanging * 100, 0)} %`}
        />
        {plan ? (
          <Row
            name={`Takes, at ${formatNumber(plan.nuMm2PerS, 0)} mm²/s`}
            value={`about ${formatMinutes(Math.ceil(plan.schedule.seconds / 60))}`}
          />
        ) : null}
        <Row name="Heel that stays" value={units.litres(plan?.heelLitres ?? v.litres)} />
      </dl>
    </>
  );
}

function readyWords(s: Settling, now: string): string {
  if (s.wet) return "wet: not ready";
  if (!s.readyAt) return "never clears at this cold";
  return `ready ${aboutDay(s.readyAt, now)}`;
}

/** A forecast has a range; what has come true needs none. */
function rangeWords(s: Settling, now: string): string | null {
  if (s.wet || !s.readyAt || s.readyAt <= now || !s.earliestAt) return null;
  const latest = s.latestAt === null ? "never, if its dirt is finer" : shortDay(s.latestAt);
  return `likely ${shortDay(s.earliestAt)} to ${latest}`;
}
