"use client";
import type { VesselView } from "@/core/readings";
import { dayAndClock } from "@/ui/words";
import { amissWords, workOffWords } from "@/ui/words/amiss";
import { useUnits } from "./useUnits";

/** What stands in a vessel that must not, until it is worked off: what it is, since when somebody went against it, what to do. */
export function VesselWords({ vessel: v }: { vessel: VesselView }) {
  const units = useUnits();
  if (v.words.length === 0) return null;
  return (
    <ul role="status" className="mt-2 max-w-[620px] rounded-md border-2 border-stop px-3 py-2">
      {v.words.map((w) => (
        <li key={w.code} className="py-0.5">
          <b className="text-stop">{amissWords(w, units)}.</b> {workOffWords(w)}
          {w.despiteAt === null ? null : (
            <span className="text-[14px] text-ink-2"> Logged all the same on {dayAndClock(w.despiteAt)}.</span>
          )}
        </li>
      ))}
    </ul>
  );
}
