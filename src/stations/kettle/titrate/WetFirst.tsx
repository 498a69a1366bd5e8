"use client";
import type { VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { useLog } from "@/desk";
import { Button } from "@/ui";
import { shortDay } from "@/ui/words";

/** Wet oil makes soap of the lye: it is asked before the acid. */
export function WetFirst({ vessel: v }: { vessel: VesselView }) {
  const log = useLog();
  const { water } = v.quality;
  return (
    <section aria-labelledby="wet-title">
      <h2 id="wet-title" className="text-xl">
        Is it dry?
      </h2>
      <p className={`font-plate text-[20px] font-semibold ${water?.wet ? "text-stop" : ""}`}>
        {water === null
          ? "Nobody has tested it."
          : water.wet
            ? `Wet, by ${water.because === "test" ? "its test" : "what was poured in"} of ${shortDay(water.at)}.`
            : `Dry, ${shortDay(water.at)}${water.share === null ? "" : `: ${formatNumber(water.share * 100, 2)} %`}.`}
      </p>
      <p className="text-[15px] text-ink-2">
        Water turns lye and oil into soap. A spoonful in a hot pan tells in a minute; weighing tells how much.
      </p>
      <Button className="mt-2" onClick={() => log.open("water-test", { vessel: v.vessel.id })}>
        Test for water
      </Button>
    </section>
  );
}
