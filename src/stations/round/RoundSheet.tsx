"use client";
import type { SourceId } from "@/core/ledger";
import type { RoundPlan } from "@/core/rounds";
import { formatMinutes } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { type MapPoint, type MapSpot, SchematicMap } from "@/ui";
import { accessWords, dayName, priceWords } from "@/ui/words";
import type { PlannedStop } from "./StopList";

interface Props {
  readonly day: string;
  readonly ids: readonly SourceId[];
  readonly stops: readonly PlannedStop[];
  readonly plan: RoundPlan | null;
  readonly points: readonly MapPoint[];
  readonly route: readonly MapSpot[];
}

/** The round on paper: the stops, what one needs to know at each, and room to write what was taken. Printed only. */
export default function RoundSheet({ day, ids, stops, plan, points, route }: Props) {
  const { view } = useYard();
  const units = useUnits();
  if (!plan) return null;
  return (
    <section aria-label="Round sheet" className="hidden bg-white p-2 text-[#000] print:block">
      <h1 className="text-2xl">
        {view.settings.yardName}: round of {dayName(day)}
      </h1>
      <p>
        About {units.litres(plan.litres)}, {units.km(plan.km)}, {formatMinutes(plan.hours * 60)}.
      </p>
      <table className="mt-2 w-full border-collapse text-left text-[13px]">
        <thead>
          <tr>
            {["", "Where", "At", "Expect", "To know", "Look, smell, water", "Litres", "Into", "Paid"].map((h) => (
              <th key={h} className="border border-[#000] px-1">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ids.map((id, i) => {
            const s = view.sources.find((x) => x.source.id === id)?.source;
            return (
              <tr key={id} className="h-16 align-top">
                <td className="border border-[#000] px-1">{i + 1}</td>
                <td className="border border-[#000] px-1">
                  <b>{s?.name}</b>
                  <br />
                  {s?.contact}
                </td>
                <td className="border border-[#000] px-1">{stops[i]?.at}</td>
                <td className="border border-[#000] px-1">{stops[i]?.litres}</td>
                <td className="border border-[#000] px-1">
                  {s?.container}; {accessWords(s?.access)}; {priceWords(s?.pricePerLitre, units.money)}. {s?.notes}
                </td>
                {["look", "litres", "into", "paid"].map((cell) => (
                  <td key={cell} className="w-20 border border-[#000]" />
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      <div className="mt-3 w-[150mm]">
        <SchematicMap
          homeName={view.settings.yardName}
          points={points}
          route={route}
          kilometres={(km) => units.km(km)}
          label="Map of the round"
        />
      </div>
      <p className="mt-2 text-[13px]">
        Smells of petrol or thinner: leave it. Creamy, wet or engine oil: a container of its own. Gloves; nothing full
        is lifted alone; load below the payload and strap it down.
      </p>
    </section>
  );
}
