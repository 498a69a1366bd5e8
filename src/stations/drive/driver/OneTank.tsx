"use client";
import { useMemo } from "react";
import type { VehicleState } from "@/core/ledger";
import { percentToday } from "@/core/readings/drive/percentToday";
import { formatNumber } from "@/core/units";
import { useLog, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, Row } from "@/ui";
import { percentWords } from "@/ui/words";
import { MONTHS } from "@/ui/words/months";

/** Of a vehicle with one tank: how much oil goes straight into it today, and for a machine its hours by month. */
export function OneTank({ state }: { state: VehicleState }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { vehicle } = state;
  const tank = vehicle.kind === "single" ? view.vessels.find((v) => v.vessel.id === vehicle.tank) : undefined;
  const oil = view.vessels
    .filter((v) => v.vessel.role === "ready" && v.litres > 1)
    .sort((a, b) => b.litres - a.litres)[0];
  const today = useMemo(
    () =>
      tank && oil
        ? percentToday({ vehicle, tank, oil, settings: view.settings, fluids: view.fluids, priced: view })
        : null,
    [tank, oil, vehicle, view],
  );
  if (!tank) return null;
  return (
    <>
      <section aria-labelledby="today-title" className="mt-3 max-w-[640px]">
        <h2 id="today-title" className="text-[17px]">
          Straight into this tank today
        </h2>
        {today === null ? (
          <p className="text-[15px]">
            {oil
              ? "Not even diesel alone makes it thin enough for tonight: empty it, or warm it."
              : "No ready oil stands here."}
          </p>
        ) : today === "full" ? (
          <p className="text-[15px]">It is full.</p>
        ) : today.oilLitres < 0.5 ? (
          <p className="text-[15px]">
            None: tonight's {units.celsius(view.settings.tonightLowCelsius)} is too cold for more oil than is in it.
          </p>
        ) : (
          <>
            <p className="text-[16px]">
              <b className="font-plate text-[24px]">{percentWords(today.oilShare)}</b> of a full tank: first{" "}
              {units.litres(today.oilLitres)} from {oil?.vessel.name}, then {units.litres(today.pumpLitres)} at the
              pump, and drive to mix.
              {today.saved === null ? "" : ` Saves ${units.money(today.saved)}.`}
            </p>
            <div className="mt-1 flex flex-wrap gap-2">
              <Button
                look="go"
                onClick={() =>
                  log.open("fill", {
                    to: tank.vessel.id,
                    from: oil?.vessel.id ?? "",
                    litres: String(Math.floor(today.oilLitres * 10) / 10),
                  })
                }
              >
                Pour the oil
              </Button>
              <Button onClick={() => log.open("fill-at-pump", { to: tank.vessel.id })}>Filled at the pump</Button>
              <YardLink
                href={`/blend?vessel=${tank.vessel.id}`}
                className="flex min-h-[var(--target)] items-center rounded-md border border-quiet bg-card px-3 font-plate text-[17px] font-semibold"
              >
                Plan a top-up
              </YardLink>
            </div>
          </>
        )}
      </section>
      <Hours state={state} />
    </>
  );
}

const monthName = (yearMonth: string): string =>
  `${MONTHS[Number(yearMonth.slice(5)) - 1] ?? ""} ${yearMonth.slice(0, 4)}`;

/** A machine is counted in hours: month by month, and what it burned in each. */
function Hours({ state }: { state: VehicleState }) {
  const units = useUnits();
  const log = useLog();
  const months = useMemo(() => {
    const by = new Map<string, { hours: number; litres: number }>();
    for (const t of state.past) {
      const month = t.at.slice(0, 7);
      const known = by.get(month) ?? { hours: 0, litres: 0 };
      by.set(month, { hours: known.hours + t.minutes / 60, litres: known.litres + t.litres });
    }
    return [...by].slice(-6).toReversed();
  }, [state.past]);
  return (
    <section aria-labelledby="hours-title" className="mt-3 max-w-[640px]">
      <h2 id="hours-title" className="text-[17px]">
        Its hours
      </h2>
      <dl>
        {state.hourMeter === null ? null : <Row name="Hour meter" value={`${formatNumber(state.hourMeter, 1)} h`} />}
        {months.map(([month, m]) => (
          <Row
            key={month}
            name={monthName(month)}
            value={`${formatNumber(m.hours, 1)} h, ${units.litres(m.litres)}, ${units.litresPerHour(m.hours > 0 ? m.litres / m.hours : 0)}`}
          />
        ))}
      </dl>
      <Button className="mt-1" onClick={() => log.open("hours", { vehicle: state.vehicle.id })}>
        Log engine hours
      </Button>
      {state.vehicle.selfStarts ? (
        <p className="mt-1 text-[15px]">It starts by itself: it is locked out before anybody fills it.</p>
      ) : null}
    </section>
  );
}
