"use client";
import type { Settling } from "@/core/advice";
import { shortDay } from "@/ui/words";

const HOUR_MS = 3_600_000;

/** Each kind of dirt: how far it has fallen, and the day the last of it is below the line. */
export function Falling({ settling: s }: { settling: Settling }) {
  const since = Date.parse(s.since);
  const rows = [...s.fronts].sort((a, b) => (a.clearHours ?? Infinity) - (b.clearHours ?? Infinity));
  return (
    <section aria-labelledby="falling-title" className="mt-3 w-full max-w-[330px]">
      <h2 id="falling-title" className="text-lg">
        What has fallen
      </h2>
      <table className="w-full text-[14px]">
        <thead>
          <tr className="text-left text-ink-2">
            <th className="py-1 font-normal">Dirt</th>
            <th className="py-1 text-right font-normal">Gone above</th>
            <th className="py-1 text-right font-normal">Below the line</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((f) => (
            <tr key={f.name} className="border-t border-rule">
              <td className="py-1.5">{f.name}</td>
              <td className="py-1.5 text-right">
                {f.hanging < 0.005 ? "all gone" : `${Math.round(f.clearedAboveMm)} mm`}
              </td>
              <td className="py-1.5 text-right">
                {f.clearHours === null ? "never" : shortDay(new Date(since + f.clearHours * HOUR_MS).toISOString())}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[14px] text-ink-2">
        Carrying, driving, topping up or heating it starts this again. Log it as disturbed.
      </p>
    </section>
  );
}
