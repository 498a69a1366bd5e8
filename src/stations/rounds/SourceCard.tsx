"use client";
import type { SourceView } from "@/core/readings";
import { SourceWorth, useLog, useUnits, YardLink } from "@/desk";
import { Button, FillingDrum } from "@/ui";
import { rangeLitres, roughLitres, shortDay, type Units } from "@/ui/words";

/** One source: what waits there, when it is full, what its oil has been worth. */
export function SourceCard({ source: s }: { source: SourceView }) {
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
            about {roughLitres(now.mean, units)}{" "}
            <span className="font-sans text-[14px] font-normal text-ink-2">
              likely {rangeLitres(now.low, now.high, units)}
            </span>
          </p>
          <p className="text-[14px] text-ink-2">
            {s.lastAt ? `Last ${shortDay(s.lastAt)}, ${units.litres(s.lastLitres ?? 0)}` : "Not emptied yet"};{" "}
            {fullWords(s)}
          </p>
        </div>
      </div>
      <SourceWorth source={s} />
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

const waitingWords = (s: SourceView, units: Units): string =>
  `${s.source.name}: about ${roughLitres(s.waiting.now.mean, units)} of ${units.litres(s.waiting.containerLitres)} waiting, likely ${rangeLitres(s.waiting.now.low, s.waiting.now.high, units)}`;

function fullWords({ waiting: w }: SourceView): string {
  if (w.now.mean >= w.containerLitres - 0.05) return "full by now";
  if (!w.fullAt) return "not full for years";
  return `full about ${shortDay(w.fullAt)}`;
}
