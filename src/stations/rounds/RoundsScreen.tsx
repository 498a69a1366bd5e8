"use client";
import { formatNumber } from "@/core/units";
import { useLog, useUnits, VesselColumn } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { shortDay } from "@/ui/words";

/** Sources, and the raw oil that has come in and waits to be looked at. */
export function RoundsScreen() {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const raw = view.vessels.filter((v) => v.station === "rounds");
  const sources = [...view.sources].sort((a, b) => (b.lastAt ?? "").localeCompare(a.lastAt ?? ""));
  return (
    <Bench
      title="Rounds"
      subtitle="Who has oil, and what has come in. Press a source to log a pickup."
      asideLabel="Sources"
      aside={
        <>
          <div className="flex items-baseline justify-between">
            <h2 className="text-xl">Raw oil here</h2>
            <p className="font-plate">{units.litres(view.stations.rounds.litres)}</p>
          </div>
          <p className="mt-1 text-[14px] text-ink-2">
            Hold a jar to the light: clear amber is good, a creamy layer is fat, anything at the very bottom is water.
            Creamy or engine oil stays apart.
          </p>
          <Button wide look="go" className="mt-3" onClick={() => log.open("pickup")}>
            Pick up
          </Button>
          <Button wide className="mt-2" onClick={() => log.open("add-source")}>
            Add a source
          </Button>
        </>
      }
    >
      <ul className="my-3 grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
        {sources.map((s) => (
          <li key={s.source.id}>
            <button
              type="button"
              onClick={() => log.open("pickup", { source: s.source.id })}
              aria-label={`Pick up from ${s.source.name}`}
              className="flex min-h-[92px] w-full flex-col rounded-md border border-quiet bg-card px-3 py-2 text-left"
            >
              <span className="text-[19px] leading-tight">{s.source.name}</span>
              <span className="font-sans text-[14px] font-normal text-ink-2">
                {s.source.container}
                {s.source.dirt === "engine-oil"
                  ? ", engine oil"
                  : s.source.dirt === "meaty-fryer"
                    ? ", meat fryer"
                    : ""}
              </span>
              <span className="mt-auto font-sans text-[14px] font-normal">
                {s.lastAt
                  ? `last ${shortDay(s.lastAt)}, ${units.litres(s.lastLitres ?? 0)}; ${s.pickups === 1 ? "1 pickup" : `${formatNumber(s.pickups, 0)} pickups`}, ${units.litres(s.litres)}`
                  : "not visited yet"}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <ul className="mt-6 flex flex-wrap items-end">
        {raw.map((v) => (
          <VesselColumn key={v.vessel.id} vessel={v} pxPerMm={0.3} />
        ))}
      </ul>
    </Bench>
  );
}
