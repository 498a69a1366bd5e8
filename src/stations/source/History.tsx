"use client";
import type { SourceView } from "@/core/readings";
import { useUnits, useVisits } from "@/desk";
import { fullDay, OUTCOME_WORDS, percentWords } from "@/ui/words";

const SHOWN = 12;

/** Calls at a source, newest first: what was taken, what was refused and why. */
export function History({ source: s }: { source: SourceView }) {
  const units = useUnits();
  const visits = useVisits(s.source.id)?.toReversed() ?? [];
  const refused = visits.filter((v) => v.outcome === "refused").length;
  return (
    <section aria-labelledby="history-title" className="mt-4">
      <h2 id="history-title" className="text-xl">
        Calls
      </h2>
      {visits.length === 0 ? (
        <p className="text-ink-2">Nobody has called there yet.</p>
      ) : (
        <>
          <p className="text-[14px] text-ink-2">
            {s.pickups === 1 ? "1 pickup" : `${s.pickups} pickups`}, {units.litres(s.litres)} in all
            {s.paid === 0 ? "" : s.paid > 0 ? `, ${units.money(s.paid)} paid` : `, ${units.money(-s.paid)} from them`}
            {refused > 0 ? `; refused ${refused === 1 ? "once" : `${refused} times`}` : ""}.
          </p>
          <ul className="mt-1">
            {visits.slice(0, SHOWN).map((v) => (
              <li key={v.entries[0]} className="flex justify-between gap-3 border-t border-rule py-1.5 text-[15px]">
                <span>{fullDay(v.at)}</span>
                <span className="text-right">
                  {v.outcome === "taken" ? (
                    <>
                      <b className="font-plate text-[17px]">{units.litres(v.litres)}</b>
                      {v.look && v.look !== "clear" ? `, ${v.look}` : ""}, {percentWords(v.muckLitres / v.litres)} muck
                    </>
                  ) : (
                    <span className={v.outcome === "refused" ? "text-stop" : "text-ink-2"}>
                      {OUTCOME_WORDS[v.outcome]}
                      {v.reason ? `: ${v.reason}` : ""}
                    </span>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
