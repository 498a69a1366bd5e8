"use client";
import { provenUm, type RunPlan } from "@/core/readings/filter/runPlan";
import { formatMinutes } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Row } from "@/ui";
import { clock } from "@/ui/words";
import { ratingWords } from "@/ui/words/filter";
import type { Run } from "./useRun";

const INSTEAD: Readonly<Record<RunPlan["instead"][number]["change"], string>> = {
  warmer: "10 °C warmer",
  colder: "10 °C colder",
  larger: "twice as large",
  washed: "washed first",
  further: "a step between",
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
      : i.change === "warmer" || i.change === "colder"
        ? `The oil ${units.kelvin(10)} ${i.change}`
        : `${name(i.element)} ${INSTEAD[i.change]}`;
  return (
    <>
      <dl>
        <Row
          name={byOwnRuns === 0 ? "It will take, a guess by ratings" : `It will take, by ${byOwnRuns} runs`}
          value={minutes === null ? "it stops" : `about ${formatMinutes(Math.ceil(minutes))}`}
        />
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
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
