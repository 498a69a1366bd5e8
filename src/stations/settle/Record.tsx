"use client";
import { useEffect, useState } from "react";
import type { PastForecast } from "@/core/advice";
import { formatNumber } from "@/core/units";
import { useYard } from "@/store";
import { clarityWord, shortDay } from "@/ui/words";

/** How good past forecasts were: asked for only when somebody looks. */
export function Record() {
  const { client, view, at } = useYard();
  const [open, setOpen] = useState(false);
  const [past, setPast] = useState<PastForecast[] | null>(null);
  useEffect(() => {
    if (!open) return;
    let gone = false;
    void client.pastForecasts(view.at, at).then((found) => !gone && setPast(found));
    return () => {
      gone = true;
    };
  }, [client, open, view, at]);
  return (
    <details
      className="mt-3 rounded-md border border-rule bg-card px-3"
      onToggle={(e) => setOpen(e.currentTarget.open)}
    >
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        How good were the forecasts?
      </summary>
      {!open ? null : past === null ? (
        <p className="pb-3 text-ink-2">Looking back.</p>
      ) : (
        <div className="pb-3 text-[14px]">
          <p>{recordWords(past)}</p>
          <ul className="mt-1">
            {past.map((p) => (
              <li key={`${p.vesselName} ${p.drawnAt}`} className="border-t border-rule py-1">
                <b>{p.vesselName}</b>, filled {shortDay(p.filledAt)}: forecast{" "}
                {p.forecastAt === null ? "never" : shortDay(p.forecastAt)}, drawn {shortDay(p.drawnAt)}
                {p.came === null ? ", nobody looked at a jar" : `, came ${clarityWord(p.came)}`}
              </li>
            ))}
          </ul>
        </div>
      )}
    </details>
  );
}

/** Fit to burn: clear, or with a haze. */
const CAME_WELL = 2;

/** Days that forecasts were off, and how it came where somebody looked. */
export function recordWords(past: readonly PastForecast[]): string {
  const dated = past.flatMap((p) => p.daysAfter ?? []);
  if (dated.length === 0) return "Nothing has been drawn off yet that was forecast.";
  const mean = dated.reduce((sum, d) => sum + d, 0) / dated.length;
  const off = dated.reduce((sum, d) => sum + Math.abs(d), 0) / dated.length;
  const days = `The last ${dated.length} were drawn ${formatNumber(Math.abs(mean), 1)} days ${mean < 0 ? "before" : "after"} the day that was forecast when they were filled, on average; ${formatNumber(off, 1)} days off it either way.`;
  const looked = past.filter((p) => p.came !== null && p.forecastAt !== null);
  if (looked.length === 0)
    return `${days} Say how it came when you draw, and this tells whether the forecast or the hurry was wrong.`;
  const early = looked.filter((p) => p.drawnAt >= (p.forecastAt ?? "") && (p.came ?? 5) > CAME_WELL).length;
  const late = looked.filter((p) => p.drawnAt < (p.forecastAt ?? "") && (p.came ?? 5) === 1).length;
  const held = looked.length - early - late;
  return `${days} Where somebody looked: ${held} came as forecast, ${early} cloudier, ${late} clear sooner.`;
}
