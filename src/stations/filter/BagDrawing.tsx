"use client";
import type { BagState } from "@/core/ledger";
import { formatMinutes } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { Button } from "@/ui";

const FULL_AT_LITRES = 600;

/** One bag in its housing: the cake it carries grows with the litres since it was last washed. */
export function BagDrawing({ bag: b, onService }: { bag: BagState; onService: () => void }) {
  const units = useUnits();
  const log = useLog();
  const last = b.runs.at(-1);
  const cake = Math.min(1, b.litres / FULL_AT_LITRES);
  return (
    <div className="flex min-w-[112px] flex-col items-center">
      <svg
        role="img"
        aria-label={`${b.bag.name} bag: ${units.litres(b.litres)} through it since it was washed or changed`}
        width="74"
        height="170"
        viewBox="0 0 74 170"
      >
        <path d="M0 14H74" className="stroke-deep-2" strokeWidth="7" />
        <path d="M17 12V128a20 20 0 0 0 40 0V12Z" className="fill-card" />
        <path d={`M17 ${128 - 96 * cake}V128a20 20 0 0 0 40 0V${128 - 96 * cake}Z`} fill="#8c6a48" />
        <path d="M17 12V128a20 20 0 0 0 40 0V12M11 10H63" fill="none" className="stroke-ink" strokeWidth="2.5" />
      </svg>
      <h3 className="text-[17px]">{b.bag.name}</h3>
      <p className="text-center text-[13px] text-ink-2">
        {units.litres(b.litres)} since washed
        <br />
        {last ? `last ${units.litres(last.litres)} in ${formatMinutes(last.minutes)}` : "not used yet"}
      </p>
      <Button onClick={onService} className="my-1" aria-label={`Wash or change: ${b.bag.name}`}>
        Wash or change
      </Button>
      <span className="flex">
        <Button
          look="quiet"
          onClick={() => log.open("change-bag", { bag: b.bag.id })}
          aria-label={`Change what ${b.bag.name} is`}
        >
          What it is
        </Button>
        <Button
          look="quiet"
          onClick={() => log.open("retire", { thing: `bag ${b.bag.id}` })}
          aria-label={`Retire: ${b.bag.name}`}
        >
          Retire
        </Button>
      </span>
    </div>
  );
}
