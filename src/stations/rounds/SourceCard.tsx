"use client";
import type { SourceReading } from "@/core/advice";
import { formatNumber } from "@/core/units";
import { useLog, useUnits, YardLink } from "@/desk";
import { Button, FateBar, FillingDrum } from "@/ui";
import { fullDay, percentWords, shortDay, type Units } from "@/ui/words";

/** One source: what waits there, when it is full, what its oil has been worth. */
export function SourceCard({ source: s }: { source: SourceReading }) {
  const units = useUnits();
  const log = useLog();
  const { now, containerLitres } = s.waiting;
  return (
    <li className="flex flex-col rounded-md border border-quiet bg-card px-3 py-2">
      <div className="flex gap-3">
        <FillingDrum holdsLitres={containerLitres} {...now} label={waitingWords(s, units)} />
        <div className="min-w-0 flex-1">
          <h2 className="text-[19px] leading-tight">
            <YardLink href={`/source?id=${s.source.id}`} className="underline decoration-quiet underline-offset-4">
              {s.source.name}
            </YardLink>
          </h2>
          <p className="font-plate text-[19px] leading-tight font-semibold">
            about {units.litres(now.mean)}{" "}
            <span className="font-sans text-[14px] font-normal text-ink-2">
              likely {units.litres(now.low)} to {units.litres(now.high)}
            </span>
          </p>
          <p className="text-[14px] text-ink-2">
            {s.lastAt ? `Last ${shortDay(s.lastAt)}, ${units.litres(s.lastLitres ?? 0)}` : "Not emptied yet"};{" "}
            {fullWords(s)}
          </p>
        </div>
      </div>
      <WorthLine source={s} units={units} />
      {s.badLots.length > 0 ? <BadLots source={s} units={units} /> : null}
      <div className="mt-auto flex items-center justify-between pt-2">
        <p className="text-[14px] text-ink-2">{s.source.container}</p>
        <Button
          onClick={() => log.open("pickup", { source: s.source.id })}
          aria-label={`Pick up from ${s.source.name}`}
        >
          Pick up
        </Button>
      </div>
    </li>
  );
}

const waitingWords = (s: SourceReading, units: Units): string =>
  `${s.source.name}: about ${units.litres(s.waiting.now.mean)} of ${units.litres(s.waiting.containerLitres)} waiting, likely ${units.litres(s.waiting.now.low)} to ${units.litres(s.waiting.now.high)}`;

function fullWords({ waiting: w }: SourceReading): string {
  if (w.now.mean >= w.containerLitres - 0.05) return "full by now";
  if (!w.fullAt) return "not full for years";
  return `full about ${shortDay(w.fullAt)}`;
}

function WorthLine({ source: s, units }: { source: SourceReading; units: Units }) {
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

function BadLots({ source: s, units }: { source: SourceReading; units: Units }) {
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
