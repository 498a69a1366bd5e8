"use client";
import type { SourceView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { FateBar } from "@/ui";
import { fullDay, percentWords, type Units } from "@/ui/words";
import { useUnits } from "./useUnits";

/** What a source's oil has become and cost, read off the ledger; and its bad lots, so that they stand out. */
export function SourceWorth({ source }: { source: SourceView }) {
  const units = useUnits();
  return (
    <>
      <WorthLine source={source} units={units} />
      {source.badLots.length > 0 ? <BadLots source={source} units={units} /> : null}
    </>
  );
}

function WorthLine({ source: s, units }: { source: SourceView; units: Units }) {
  const { worth } = s;
  if (!worth)
    return (
      <p className="mt-1.5 text-[14px] text-ink-2">Too little of its oil has come to an end to say what it is worth.</p>
    );
  const shares = `${percentWords(worth.usableShare)} became fuel, ${percentWords(worth.sludgeShare)} sludge, ${percentWords(worth.fatShare)} fat`;
  return (
    <div className="mt-1.5">
      <FateBar {...worth} label={shares} />
      <p className="mt-1 text-[14px]">
        {shares}. {bagsWords(worth.bagsChanged, worth.bagsWashed)}
      </p>
      <p className="text-[14px]">
        <b className="font-plate text-[17px]">{units.money(worth.costPerUsableLitre)}</b> a usable litre; each litre
        saved {units.money(worth.savedPerLitre)}.
      </p>
    </div>
  );
}

function bagsWords(changed: number, washed: number): string {
  if (changed < 0.05 && washed < 0.05) return "No bag worn by it yet.";
  const some = [
    changed >= 0.05 ? `${formatNumber(changed, 1)} bags` : "",
    washed >= 0.05 ? `${formatNumber(washed, 1)} washes` : "",
  ];
  return `It cost ${some.filter(Boolean).join(" and ")}.`;
}

function BadLots({ source: s, units }: { source: SourceView; units: Units }) {
  const last = s.badLots.at(-1);
  if (!last) return null;
  const more = s.badLots.length - 1;
  return (
    <p className="mt-1.5 rounded border-l-4 border-stop pl-2 text-[14px]">
      <b className="text-stop">Bad lot</b> {fullDay(last.at)}: {units.litres(last.litres)} with{" "}
      {percentWords(last.muckShare)} water, sludge and fat.{more > 0 ? ` ${more} more before it.` : ""}
    </p>
  );
}
