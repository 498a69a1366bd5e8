"use client";
import { useEffect, useState } from "react";
import type { PastForecast } from "@/core/readings";
import { useYard } from "@/store";
import { clarityWord, shortDay } from "@/ui/words";
import { recordWords } from "./recordWords";

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
              <li key={`${p.nameOf} ${p.drawnAt}`} className="border-t border-rule py-1">
                <b>{p.nameOf}</b>, filled {shortDay(p.filledAt)}: forecast{" "}
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
