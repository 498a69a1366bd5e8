"use client";
import { useState } from "react";
import type { SettleBench, Way, WayName } from "@/core/readings";
import { chooseWay } from "@/core/readings/settle/chooseWay";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Choice } from "@/ui";
import { NOT_POSSIBLE, WAY_WORDS } from "@/ui/words";
import { heatVerdict } from "./heatVerdict";

type Possible = Extract<Way, { possible: true }>;
type Measure = "days" | "litres" | "kWh" | "minutes";

const MEASURES: readonly { key: Measure; name: string; best: "least" | "most" }[] = [
  { key: "days", name: "Days", best: "least" },
  { key: "litres", name: "Litres", best: "most" },
  { key: "kWh", name: "kWh", best: "least" },
  { key: "minutes", name: "Your time", best: "least" },
];

/** Where a way has a bench or a run sheet of its own. */
const HREF: Partial<Record<WayName, string>> = { fine: "/fining", centrifuge: "/spin", warm: "/warm" };

/** When it is wanted. */
const DEADLINES = [
  { key: "tomorrow", name: "Tomorrow", days: 1 },
  { key: "week", name: "This week", days: 7 },
  { key: "ever", name: "No hurry", days: Number.POSITIVE_INFINITY },
] as const;

const inDays = (days: number): string =>
  days < 0.05
    ? "now"
    : days < 1
      ? `in ${formatMinutes(Math.round(days * 24 * 60))}`
      : `in ${formatNumber(days, 0)} ${Math.round(days) === 1 ? "day" : "days"}`;

interface Props {
  readonly bench: SettleBench;
}

/** The five ways for this lot on one chart: a row a way, a bar a measure, the best of each in green. */
export function Hurry({ bench }: Props) {
  const units = useUnits();
  const { heaterKw } = useYard().view.settings;
  const [needed, setNeeded] = useState("ever");
  const withinDays = DEADLINES.find((d) => d.key === needed)?.days ?? Number.POSITIVE_INFINITY;
  const choice = chooseWay(bench.ways, withinDays);
  const possible = bench.ways.filter((w): w is Possible => w.possible);
  const most = (m: Measure): number => Math.max(...possible.map((w) => w[m]), 1e-9);
  const best = (m: Measure, how: "least" | "most"): number =>
    (how === "least" ? Math.min : Math.max)(...possible.map((w) => w[m]));
  const figure = (w: Possible, m: Measure): string =>
    m === "litres"
      ? units.litres(w.litres)
      : m === "minutes"
        ? formatMinutes(w.minutes)
        : formatNumber(w[m], w[m] < 10 && w[m] > 0 ? 1 : 0);
  return (
    <section aria-labelledby="ways-title" className="mt-3">
      <h2 id="ways-title" className="text-lg">
        Choose for me
      </h2>
      <Choice
        label="Needed"
        narrow
        options={DEADLINES.map((d) => ({ value: d.key, name: d.name }))}
        value={needed}
        onChange={setNeeded}
      />
      <p className="my-1 text-[15px]" aria-live="polite" data-choice={choice?.way ?? "none"}>
        {choice ? (
          <>
            <b>{WAY_WORDS[choice.way]}</b>: it asks least of you and is clear {inDays(choice.days)}.
          </>
        ) : (
          "No way is done by then."
        )}
      </p>
      <table className="w-full table-fixed text-[14px]">
        <thead>
          <tr className="text-left text-ink-2">
            <th className="w-[27%] py-0.5 font-normal">From today</th>
            {MEASURES.map((m) => (
              <th key={m.key} className="py-0.5 pl-2 font-normal">
                {m.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {bench.ways.map((w) => (
            <tr
              key={w.way}
              className={`border-t border-rule ${choice?.way === w.way ? "bg-card" : ""}`}
              data-way={w.way}
            >
              <th scope="row" className="py-1 text-left leading-tight font-semibold">
                {HREF[w.way] && w.possible ? (
                  <YardLink
                    href={`${HREF[w.way]}?vessel=${bench.vessel}`}
                    className="inline-flex min-h-6 items-center text-go underline underline-offset-4"
                  >
                    {WAY_WORDS[w.way]}
                  </YardLink>
                ) : (
                  WAY_WORDS[w.way]
                )}
              </th>
              {w.possible ? (
                MEASURES.map((m) => (
                  <td key={m.key} className="py-1 pl-2">
                    <span className="font-plate text-[16px] font-semibold whitespace-nowrap">{figure(w, m.key)}</span>
                    <span
                      aria-hidden="true"
                      className={`block h-1.5 rounded-sm ${w[m.key] === best(m.key, m.best) ? "bg-go" : "bg-quiet"}`}
                      style={{ width: `${Math.max(2, (w[m.key] / most(m.key)) * 100)}%` }}
                    />
                  </td>
                ))
              ) : (
                <td colSpan={4} className="py-1 pl-2 text-ink-2">
                  {NOT_POSSIBLE[w.because]}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[14px] text-ink-2">{heatVerdict(bench, units.litres)}</p>
      <details className="text-[14px] text-ink-2">
        <summary className="min-h-[var(--target)] cursor-pointer content-center">What this rests on</summary>
        <ul className="list-disc pl-5">
          <li>Days: this vessel's own forecast, from today; the settler at its own cut, fed all day.</li>
          <li>
            Heat: {formatNumber(heaterKw, 1)} kW, 2,000 J for each kilogram and kelvin, a tenth lost. Gelatine counts
            warming to stir it in and to dry the oil after; a centrifuge its heat and motor.
          </li>
          <li>Your time: as it usually is. Weigh it against your own: the order of the ways seldom changes.</li>
          <li>Litres that come out clear: a cake of gelatine keeps a twentieth, a bowl's paste a fiftieth.</li>
        </ul>
      </details>
    </section>
  );
}
