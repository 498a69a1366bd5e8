"use client";
import type { SourceId } from "@/core/ledger";
import { mapSpot } from "@/core/readings/rounds/roundQuestion";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass } from "@/ui";
import { accessWords, nameOf, roughLitres } from "@/ui/words";
import type { Planned } from "./usePlan";

interface Props {
  readonly others: readonly SourceId[];
  readonly leftOut: readonly SourceId[];
  readonly planned: Planned;
  readonly onPutIn: (id: SourceId) => void;
}

/** Who is not called at, and why. */
export function NotOnIt({ others, leftOut, planned, onPutIn }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const rows = [...others, ...leftOut.filter((id) => !others.includes(id))];
  const { unplaced, beyond } = planned.asked;
  if (rows.length + unplaced.length + beyond.length === 0) return null;
  return (
    <section aria-labelledby="others-title" className="mt-4">
      <h2 id="others-title" className="text-xl">
        Not on it
      </h2>
      <ul>
        {rows.map((id) => {
          const s = view.sources.find((x) => x.source.id === id);
          const away = s?.source.spot ? mapSpot(s.source.spot, view.settings.home) : null;
          return (
            <li key={id} className="flex items-center justify-between gap-2 border-t border-rule py-1">
              <span className="leading-tight">
                <b className="font-plate text-[17px]">{nameOf(view, id)}</b>
                <br />
                <span className="text-[14px] text-ink-2">
                  {leftOut.includes(id) ? "left out by you" : whyNot(id, planned)}; about{" "}
                  {roughLitres(s?.waiting.now.mean ?? 0, units)}
                  {away ? `, ${units.km(Math.hypot(away.eastKm, away.northKm))} away` : ""};{" "}
                  {accessWords(s?.source.access)}
                </span>
              </span>
              <Button className="shrink-0" onClick={() => onPutIn(id)}>
                Put in<span className="sr-only"> {nameOf(view, id)}</span>
              </Button>
            </li>
          );
        })}
        {unplaced.map((id) => (
          <li key={id} className="flex items-center justify-between gap-2 border-t border-rule py-1">
            <span className="leading-tight">
              <b className="font-plate text-[17px]">{nameOf(view, id)}</b>
              <br />
              <span className="text-[14px] text-ink-2">nowhere on the map yet</span>
            </span>
            <YardLink href={`/source?id=${id}`} className={`${buttonClass("plain")} shrink-0`}>
              Say where
            </YardLink>
          </li>
        ))}
      </ul>
      {beyond.length > 0 ? (
        <p className="border-t border-rule py-1 text-[14px] text-ink-2">
          And {beyond.length} more that promise less. Leave some out to look at them.
        </p>
      ) : null}
    </section>
  );
}

const NEAR_LITRES = 0.5;

/** The plainest reason that holds. */
function whyNot(id: SourceId, { asked, plan }: Planned): string {
  const stop = asked.question.stops[asked.sources.indexOf(id)];
  const { limits } = asked.question;
  if (!stop || !plan) return "";
  if (stop.open?.length === 0) return "closed then";
  if (stop.valuePerLitre <= 0) return "asks more than its oil saves";
  const room = stop.apart
    ? (limits.apartLitres ?? 0)
    : Math.min(limits.containerLitres, limits.settlingRoomLitres, limits.payloadKg / limits.kgPerLitre);
  const taken = plan.order.reduce(
    (sum, s) => ((asked.question.stops[s.stop]?.apart ?? false) === (stop.apart ?? false) ? sum + s.litres : sum),
    0,
  );
  return taken > room - NEAR_LITRES ? "no room left for its oil" : "not worth the way, or the hours are too few";
}
