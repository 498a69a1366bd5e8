"use client";
import dynamic from "next/dynamic";
import type { SettleBench } from "@/core/readings";
import { WARMER_K } from "@/core/readings/terms";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { shortDay } from "@/ui/words";
import { alongRow } from "./track";

const ClarityChart = dynamic(() => import("./ClarityChart"), {
  ssr: false,
  loading: () => <div className="h-[190px]" />,
});

interface Props {
  readonly bench: SettleBench;
  readonly step: number;
}

const day = (at: string | null): string => (at === null ? "never" : shortDay(at));

/** How clear it is at the suction, and what a warmer or colder shed would do. */
export function Clearing({ bench, step }: Props) {
  const { settings } = useYard().view;
  const units = useUnits();
  const share = Math.round(alongRow(bench.asItIs.clarity, step) * 100);
  const rows = [
    { key: "as", name: "As it is", at: bench.asItIs.readyAt, className: "border-ink border-solid" },
    {
      key: "warm",
      name: `${units.kelvin(WARMER_K)} warmer`,
      at: bench.warmer.readyAt,
      className: "border-oil border-dashed",
    },
    {
      key: "cold",
      name: `${units.kelvin(WARMER_K)} colder`,
      at: bench.colder.readyAt,
      className: "border-[#3f7488] border-dotted",
    },
    {
      key: "heat",
      name: `Warmed once to ${units.celsius(bench.heated.toCelsius)}`,
      at: bench.heated.readyAt,
      className: "border-stop border-dashed",
    },
  ];
  const words = rows.map((r) => `${r.name}: ${day(r.at)}`).join("; ");
  return (
    <section aria-labelledby="clearing-title">
      <h2 id="clearing-title" className="flex items-baseline justify-between text-lg">
        Clear at the suction
        <span className="font-plate text-[22px]" data-clarity={share}>
          {share} %
        </span>
      </h2>
      <ClarityChart
        bench={bench}
        step={step}
        night={settings.theme === "night"}
        label={`Clear at the suction by day, now ${share} %. All clear: ${words}.`}
      />
      <dl className="grid grid-cols-2 gap-x-4 text-[14px]">
        {rows.map((r) => (
          <div key={r.key} className="flex items-baseline justify-between gap-2">
            <dt className="flex items-center gap-1.5">
              <span aria-hidden="true" className={`w-5 border-t-[3px] ${r.className}`} />
              {r.name}
            </dt>
            <dd className="font-plate text-[16px] font-semibold whitespace-nowrap">{day(r.at)}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
