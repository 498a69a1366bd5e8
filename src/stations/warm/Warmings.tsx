"use client";
import type { SettleBench } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";

type Warming = SettleBench["heated"]["warmings"][number];

const HOW: Readonly<Record<Warming["how"], string>> = {
  open: "Once, left open to the shed",
  lagged: "Once, in a lagged kettle",
  held: "Held warm, lagged",
};

const days = (hours: number | null): string =>
  hours === null ? "never" : hours < 36 ? `${formatNumber(hours, 0)} h` : `${formatNumber(hours / 24, 1)} days`;

/** The same warmth spent in three ways. Water is gone in a day or two; fines are another answer. */
export function Warmings({ warmings }: { warmings: readonly Warming[] }) {
  const { settings } = useYard().view;
  const units = useUnits();
  return (
    <table className="mt-2 w-full text-[15px]">
      <thead>
        <tr className="text-left text-ink-2">
          <th className="py-1 font-normal">Warmed</th>
          <th className="py-1 text-right font-normal">Water gone</th>
          <th className="py-1 text-right font-normal">Fines of {settings.readyFinesUm} µm</th>
          <th className="py-1 text-right font-normal">Costs</th>
        </tr>
      </thead>
      <tbody>
        {warmings.map((w) => (
          <tr key={w.how} className="border-t border-rule">
            <th scope="row" className="py-1.5 text-left font-semibold">
              {HOW[w.how]}
            </th>
            <td className="py-1.5 text-right font-plate text-[17px]">{days(w.waterHours)}</td>
            <td className="py-1.5 text-right font-plate text-[17px]">{days(w.finesHours)}</td>
            <td className="py-1.5 text-right">
              {formatNumber(w.kWh, 1)} kWh, {units.money(w.cost)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
