"use client";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import type { BagView } from "@/core/readings";
import { viscosityAt } from "@/core/readings/filter/bagMinutes";
import { formatMinutes, formatNumber, METRE_OF_OIL_KPA } from "@/core/units";
import { Photo, useUnits } from "@/desk";
import { useYard } from "@/store";
import { shortDay } from "@/ui/words";

const HistoryChart = dynamic(() => import("./HistoryChart"), {
  ssr: false,
  loading: () => <div className="h-[150px]" />,
});

const LATEST = 8;

interface Told {
  readonly at: string;
  readonly litres: number;
  readonly minutes: number;
  readonly celsius: number | null;
  /** Litres on it half way through. */
  readonly onIt: number;
  /** Minutes a litre and a Pa·s, by a metre of head. */
  readonly resisted: number;
}

/** A bag's runs as it stood in their way, temperature and drive taken out; and how its owner washes it. */
export function History({ element: b }: { element: BagView }) {
  const { view } = useYard();
  const units = useUnits();
  const [isOpen, setOpen] = useState(false);
  const told = useMemo(
    () =>
      [...b.pastRuns, ...b.runs].flatMap((r): Told[] => {
        const viscosity = r.finest ? viscosityAt(r.celsius ?? view.settings.shedCelsius, view) : null;
        if (viscosity === null || r.litres <= 0) return [];
        const resisted = (r.minutes * ((r.kPa ?? METRE_OF_OIL_KPA) / METRE_OF_OIL_KPA)) / r.litres / viscosity;
        return [{ ...r, onIt: r.carriedLitres + r.litres / 2, resisted }];
      }),
    [b.pastRuns, b.runs, view],
  );
  const middle = told.map((r) => r.resisted).sort((x, y) => x - y)[told.length >> 1] ?? 1;
  const points = useMemo(
    () => told.map((r) => ({ litres: units.volume.of(r.onIt), times: r.resisted / middle })),
    [told, middle, units],
  );
  return (
    <details className="w-full" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-[var(--target)] cursor-pointer content-center text-[15px] text-ink-2">
        {b.bag.washing ? "Its runs, a photo, how it is washed" : "Its runs and a photo"}
      </summary>
      {isOpen ? (
        <>
          {b.bag.washing ? <p className="text-[15px]">Knock it out in a bucket first. Then: {b.bag.washing}</p> : null}
          {points.length > 1 ? (
            <HistoryChart
              runs={points}
              night={view.settings.theme === "night"}
              unit={units.volume.unit}
              label={`How ${b.bag.name} resisted by the litres on it, the cold taken out: the last run ${formatNumber(points.at(-1)?.times ?? 1, 1)} times the middle of all`}
            />
          ) : null}
          <Photo
            of={{ kind: "bag", id: b.bag.id }}
            name={b.bag.name}
            photo={b.photo}
            alt={`What ${b.bag.name} had caught`}
            ask="What it has caught, turned inside out"
          />
          {told.length === 0 ? (
            <p className="text-[14px] text-ink-2">
              It has only waited for finer ones, or has not run: nothing is told of it by itself.
            </p>
          ) : (
            <table className="mt-1 w-full max-w-[560px] text-[14px]">
              <caption className="sr-only">Its latest runs</caption>
              <thead className="text-left text-ink-2">
                <tr>
                  <th className="font-normal">Run</th>
                  <th className="font-normal">Litres</th>
                  <th className="font-normal">Took</th>
                  <th className="font-normal">Oil at</th>
                  <th className="font-normal">Resisted</th>
                </tr>
              </thead>
              <tbody>
                {told.slice(-LATEST).map((r) => (
                  <tr key={r.at} className="border-t border-rule">
                    <td className="py-1">{shortDay(r.at)}</td>
                    <td>{units.litres(r.litres)}</td>
                    <td>{formatMinutes(r.minutes)}</td>
                    <td>{r.celsius === null ? "not read" : units.celsius(r.celsius)}</td>
                    <td>{formatNumber(r.resisted / middle, 1)} ×</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      ) : null}
    </details>
  );
}
