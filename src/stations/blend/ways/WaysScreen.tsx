"use client";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import { compareWays, isWay, type WayFigures } from "@/core/costs";
import type { VesselView } from "@/core/readings";
import { usualLot, usualWaysTask, waysTaskOf } from "@/core/readings/blend/ways";
import { covered } from "@/core/readings/covered";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Choice, SelectField } from "@/ui";
import { contentsWords } from "@/ui/words";
import { WAY_NAMES } from "@/ui/words/ways";
import { BlendPages } from "../BlendPages";
import { Prices } from "./Prices";
import { Swings } from "./Swings";
import { WayMarksForm } from "./WayMarksForm";
import { WaysWhy } from "./WaysWhy";
import { WayTable } from "./WayTable";

const WaysChart = dynamic(() => import("./WaysChart"), { ssr: false, loading: () => <div className="h-[260px]" /> });

const BULK = [20, 200, 1000] as const;

/** Which way is best for me: every way for one lot at the owner's own prices, against the pump. */
export function WaysScreen() {
  const { view } = useYard();
  const units = useUnits();
  const [lotId, setLot] = useState<string | null>(null);
  const [bought, setBought] = useState<number>(BULK[0]);
  const lots = view.vessels.filter((v) => isLot(v) && waysTaskOf(view, v) !== null);
  const lot = lots.find((v) => v.vessel.id === lotId) ?? usualLot(view);
  const task = useMemo(
    () => (lot && waysTaskOf(view, lot, bought)) ?? usualWaysTask(view, bought),
    [view, lot, bought],
  );
  const ways = useMemo(() => covered(() => compareWays(task)), [task]);
  const figures = ways?.filter(isWay) ?? [];
  const best = figures.length > 0 ? figures.reduce((a, b) => (b.perMJ < a.perMJ ? b : a)) : null;
  return (
    <Bench
      title={best ? `${WAY_NAMES[best.id]} is cheapest` : "Compare the ways"}
      subtitle={best ? bestWords(best, figures, units.money) : "This lot is colder or stranger than the models cover."}
      asideLabel="Your prices"
      aside={
        <>
          <Prices task={task} boughtLitres={bought} />
          <WayMarksForm />
        </>
      }
    >
      <BlendPages here="ways" />
      <div className="grid max-w-[820px] gap-3 sm:grid-cols-2">
        {lot ? (
          <SelectField
            label="For this lot"
            options={lots.map((v) => ({
              value: v.vessel.id,
              name: `${v.vessel.name}, ${units.litres(v.litres)} ${contentsWords(v.components)}`,
            }))}
            value={lot.vessel.id}
            onChange={setLot}
          />
        ) : (
          <p>No oil stands in the yard yet: reckoned for fried canola, as it usually comes.</p>
        )}
        <Choice
          label="Bought at once"
          narrow
          options={BULK.map((l) => ({ value: String(l), name: units.litres(l) }))}
          value={String(bought)}
          onChange={(l) => setBought(Number(l))}
        />
      </div>
      {ways ? (
        <>
          <WayTable ways={ways} best={best?.id ?? null} task={task} />
          <WaysChart ways={figures} night={view.settings.theme === "night"} money={units.money} />
          <Swings task={task} />
          <WaysWhy task={task} />
        </>
      ) : null}
    </Bench>
  );
}

/** Oil that waits for a way: what is in a tank or a waste drum has had its. */
const isLot = (v: VesselView): boolean =>
  v.litres > 1 && ["raw", "settling", "heel", "feed", "ready"].includes(v.vessel.role);

/** "€0.61 a litre against €1.62 of diesel for the same energy." */
function bestWords(best: WayFigures, all: readonly WayFigures[], money: (m: number) => string): string {
  const base = all.find((w) => w.id === "pump-diesel");
  const same = (base?.perLitre ?? 0) * best.energyRatio;
  return best.id === "pump-diesel"
    ? "At these prices, with your hours counted, the pump is cheapest."
    : `${money(best.perLitre)} a litre, against ${money(same)} of pump diesel for the same energy, by heating value, with your hours counted.`;
}
