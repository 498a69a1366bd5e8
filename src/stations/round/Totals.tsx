"use client";
import type { RoundChoice } from "@/core/readings";
import type { RoundPlan } from "@/core/rounds";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Button, Row } from "@/ui";
import type { Units } from "@/ui/words";
import { inputOf, type Planned } from "./usePlan";

interface Props {
  readonly planned: Planned;
  readonly choice: RoundChoice;
  readonly room: { readonly kitchenLitres: number; readonly apartLitres: number };
  /** In a person's own order. */
  readonly own: boolean;
}

/** What the round brings, what stops it from bringing more, and what a person's own order costs. */
export function Totals({ planned, choice, room, own }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { plan, best } = planned;
  const place = view.places.find((p) => p.place.id === choice.by);
  if (!plan)
    return planned.progress === null ? <p>Stopped. Change something to plan again.</p> : <Working planned={planned} />;
  const stops = limitsMet(planned, plan, choice, room, units);
  return (
    <>
      {planned.progress !== null && planned.progress > 0 ? <Working planned={planned} /> : null}
      <dl>
        <Row name="Brings about" value={units.litres(plan.litres)} />
        <Row name="Way" value={units.km(plan.km)} />
        <Row name="Takes" value={formatMinutes(plan.hours * 60)} />
        <Row name="Saves, less the way" value={units.money(plan.value)} />
      </dl>
      {own && best ? <p className="mt-1">{costWords(plan, best, units)}</p> : null}
      {place?.range ? (
        <p className="mt-1 text-[14px] text-ink-2">
          {place.place.name} gets about {units.km(place.range.km)} on what is in the tanks and aboard.
          {place.range.km < plan.km ? <b className="text-stop"> That is less than this round.</b> : ""}
        </p>
      ) : null}
      {stops.length > 0 ? <p className="mt-1 text-[14px]">More is stopped by {stops.join(" and ")}.</p> : null}
      {plan.exact ? null : own ? null : (
        <p className="mt-1 text-[14px] text-ink-2">A good round; with more than 12 sources not proved the best.</p>
      )}
      <Why
        name="round"
        input={inputOf(planned.asked)}
        readings="your pickups at each source, your price of fuel and your cost of a kilometre."
      />
    </>
  );
}

function Working({ planned }: { planned: Planned }) {
  return (
    <div role="status" className="flex items-center justify-between gap-2">
      <p>Looking for the best round: {formatNumber((planned.progress ?? 0) * 100, 0)} %</p>
      <Button onClick={planned.stop}>Stop</Button>
    </div>
  );
}

const NEAR = 0.5;

/** Which limit a round has come up against. */
function limitsMet(
  planned: Planned,
  plan: RoundPlan,
  choice: RoundChoice,
  room: Props["room"],
  units: Units,
): string[] {
  const apart = (stop: number): boolean => planned.asked.question.stops[stop]?.apart ?? false;
  const kitchen = plan.order.reduce((sum, s) => (apart(s.stop) ? sum : sum + s.litres), 0);
  return [
    kitchen > choice.settlingRoomLitres - NEAR ? `the settling room, ${units.litres(choice.settlingRoomLitres)}` : "",
    kitchen > room.kitchenLitres - NEAR ? `the containers, ${units.litres(room.kitchenLitres)}` : "",
    plan.litres > choice.payloadKg - NEAR ? `the payload, ${units.kg(choice.payloadKg)}` : "",
    plan.hours > choice.hours - 0.05 ? `the hours, ${formatMinutes(choice.hours * 60)}` : "",
  ].filter(Boolean);
}

/** "Your order: 3.1 km and 4 min more, €1.20 less than the best." */
function costWords(plan: RoundPlan, best: RoundPlan, units: Units): string {
  const value = best.value - plan.value;
  const km = plan.km - best.km;
  const minutes = (plan.hours - best.hours) * 60;
  if (Math.abs(value) < 0.005 && Math.abs(km) < 0.05) return "Your order is as good as the best.";
  const more = (amount: number, words: string): string => `${words} ${amount >= 0 ? "more" : "less"}`;
  return `Your order: ${more(km, units.km(Math.abs(km)))} and ${more(minutes, formatMinutes(Math.abs(minutes)))} than the best, ${units.money(Math.abs(value))} ${value >= 0 ? "lost" : "won"}.`;
}
