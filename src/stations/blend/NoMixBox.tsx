"use client";
import { useUnits } from "@/desk";
import { Button } from "@/ui";
import { NO_PLAN_WORDS, wordNearest } from "@/ui/words/blend";
import type { Mix } from "./useMix";

/** No mix: why, and the nearest thing that works. */
export function NoMixBox({ mix }: { mix: Mix }) {
  const units = useUnits();
  if (mix.isBusy) return <p role="status">Working it out.</p>;
  return (
    <div role="status" className="mt-1 rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
      <p className="font-semibold">
        {mix.no ? NO_PLAN_WORDS[mix.no] : "This is colder or stranger than the models cover."}
      </p>
      {mix.nearest.length > 0 ? (
        <>
          <p className="mt-1 text-[14px]">What would give one:</p>
          <ul className="list-disc pl-5 text-[15px]">
            {mix.nearest.map((n) => (
              <li key={n.code}>{wordNearest(n, units)}</li>
            ))}
          </ul>
        </>
      ) : null}
      {mix.isByHand ? (
        <Button className="mt-2" onClick={mix.findAgain}>
          Find it again
        </Button>
      ) : null}
    </div>
  );
}
