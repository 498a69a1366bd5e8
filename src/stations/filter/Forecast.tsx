"use client";
import dynamic from "next/dynamic";
import { provenUm, type RunPlan } from "@/core/readings/filter/runPlan";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Row } from "@/ui";
import { clock } from "@/ui/words";
import { ratingWords } from "@/ui/words/filter";
import { Power } from "./Power";
import type { Run } from "./useRun";

const RunWhy = dynamic(() => import("./RunWhy").then((m) => m.RunWhy), { ssr: false });

const INSTEAD: Readonly<Record<RunPlan["instead"][number]["change"], string>> = {
  warmer: "10 °C warmer",
  larger: "twice as large",
  washed: "washed first",
  further: "a step between",
  without: "left out",
};

/** What the run would give: how long, when it ends, whether the receiver holds it, what chokes; and what else would do. */
export function Forecast({ run }: { run: Run }) {
  const { now } = useYard();
  const units = useUnits();
  const { plan, through, to } = run;
  if (!plan) return <p className="text-ink-2">Nothing to foretell: no oil, no bag, or too cold for the models.</p>;
  const { forecast } = plan;
  const minutes = forecast.minutes;
  const amount = run.litres.value ?? 0;
  const slow = forecast.slowFirst;
  const proven = provenUm(through, run.from.quality.filteredUm);
  const byOwnRuns = through.reduce((sum, e) => sum + e.fit.runs, 0);
  const name = (i: number | null): string => (i === null ? "" : (through[i]?.bag.name ?? ""));
  const words = (i: RunPlan["instead"][number]): string =>
    i.change === "further"
      ? `A ${i.ratingUm} µm step before ${name(i.element)}`
      : i.change === "warmer"
        ? `The oil ${units.kelvin(10)} ${i.change}`
        : `${name(i.element)} ${INSTEAD[i.change]}`;
  return (
    <>
      <dl>
        <Row
          name={byOwnRuns === 0 ? "It will take, a guess by ratings" : `It will take, by ${byOwnRuns} runs`}
          value={minutes === null ? "it stops" : `about ${formatMinutes(Math.ceil(minutes))}`}
        />
        {minutes === null ? null : <Row name="Likely" value={likelyWords(minutes, plan.off)} />}
        {minutes === null ? null : (
          <Row
            name="Begun now it ends about"
            value={clock(new Date(Date.parse(now()) + minutes * 60_000).toISOString())}
          />
        )}
        {to ? (
          <Row
            name={`${to.vessel.name} holds it`}
            value={amount <= run.roomLitres + 0.05 ? "yes" : `no, only ${units.litres(run.roomLitres)}`}
          />
        ) : null}
        <Row name="Then all of it has been through" value={proven === null ? "nothing proven" : ratingWords(proven)} />
        {plan.heldLitres === null ? null : <Row name="Stays in the line" value={units.litres(plan.heldLitres)} />}
      </dl>
      {to ? (
        <YardLink
          href={`/labels?vessel=${to.vessel.id}`}
          className="block py-1 text-right text-go underline underline-offset-4"
        >
          A label for {to.vessel.name}
        </YardLink>
      ) : null}
      {minutes === null ? (
        <p className="text-[14px] text-stop">
          The feed does not stand that high above its bag: it runs no further. Raise it, or run fewer litres.
        </p>
      ) : null}
      {slow ? (
        <p role="status" className="rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
          <b>{name(slow.stage)}</b> is choked after about {units.litres(slow.litre)}. Wash or change it first, or warm
          the oil.
        </p>
      ) : null}
      <RunWhy run={run} />
      <FuelFilter grams={forecast.leftG} litres={amount} />
      {run.way === "pump" || run.way === "brushless" ? <Power minutes={minutes} /> : null}
      <table className="mt-2 w-full text-[14px]">
        <caption className="text-left text-ink-2">What else would do</caption>
        <tbody>
          {plan.instead.map((i) => (
            <tr key={`${i.change} ${i.element}`} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-normal">
                {words(i)}
              </th>
              <td className="py-1 text-right font-plate text-[16px]">
                {i.minutes === null ? "it stops" : formatMinutes(Math.ceil(i.minutes))}
                {i.leavesTimes === undefined ? null : (
                  <span className="block text-[14px] font-normal text-ink-2">
                    {formatNumber(i.leavesTimes, i.leavesTimes < 10 ? 1 : 0)} times the dirt goes on
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** A guess by a rating may be three times off either way. */
const GUESS = 3;

function likelyWords(minutes: number, off: number | null): string {
  const [low, high] = off === null ? [minutes / GUESS, minutes * GUESS] : [minutes * (1 - off), minutes * (1 + off)];
  return `${formatMinutes(Math.max(1, Math.floor(low)))} to ${formatMinutes(Math.ceil(high))}`;
}

/** A small paper filter is shut by about so much, an order of magnitude: a vehicle's own changes will say better. */
const FUEL_FILTER_G = 20;
/** Further off than this nobody need know. */
const FAR_LITRES = 20_000;

/** What the last step lets through is the vehicle's filter's to catch. */
function FuelFilter({ grams, litres }: { grams: number; litres: number }) {
  const units = useUnits();
  if (grams <= 0 || litres <= 0) return null;
  const lasts = (FUEL_FILTER_G * litres) / grams;
  return (
    <p className="mt-1 text-[14px] text-ink-2">
      What goes on shuts a car's fuel filter in{" "}
      {lasts > FAR_LITRES
        ? "more litres than it will see"
        : `about ${units.litres(Number(lasts.toPrecision(1)))}, a guess at ${FUEL_FILTER_G} g`}
      .
    </p>
  );
}
