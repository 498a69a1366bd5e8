"use client";
import type { Vehicle } from "@/core/ledger";
import type { ColdSuction, VehicleCold } from "@/core/readings/drive/vehicleCold";
import type { Cold } from "@/core/readings/vessel/cold";
import { formatMinutes, formatNumber } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { coldRestsOn, FAILURE_WORDS, percentWords, wordCold } from "@/ui/words";
import { nightBy } from "@/ui/words/weather";

interface Props {
  readonly cold: VehicleCold;
  readonly vehicle: Vehicle;
  /** Of a purge down to tonight's mark. */
  readonly purgeMinutes: number | null;
}

/** What tonight's low does to each tank and to the line, and how far that asks it to be purged. */
export function ColdStand({ cold, vehicle, purgeMinutes }: Props) {
  const { settings, weather, at } = useYard().view;
  const units = useUnits();
  const log = useLog();
  const rows: readonly (readonly [string, Cold | null])[] =
    vehicle.kind === "dual"
      ? [
          ["Diesel tank", cold.start],
          ["Oil tank, cold", cold.oil],
          ["Left in the line", cold.line],
        ]
      : [["Tank", cold.start]];
  const known = rows.flatMap(([name, c]) => (c ? [{ name, c }] : []));
  if (known.length === 0) return null;
  const jar = known.find(({ c }) => c.jar)?.c.jar ?? null;
  return (
    <section aria-labelledby="cold-title" className="mt-3 border-t border-rule pt-2">
      <h3 id="cold-title" className="text-[17px]">
        Stood out at {units.celsius(settings.tonightLowCelsius)}
      </h3>
      <p className="text-[14px] text-ink-2">Tonight, {nightBy(weather.tonight, at)}.</p>
      <dl className="text-[14px]">
        {known.map(({ name, c }) => (
          <div key={name} className="flex justify-between gap-3 py-0.5">
            <dt>{name}</dt>
            <dd className={`text-right ${c.fails === "none" ? "text-ink-2" : "font-semibold"}`}>
              {wordCold(c, units)}
            </dd>
          </div>
        ))}
      </dl>
      {cold.mark && purgeMinutes !== null ? (
        <p className="mt-1 text-[14px]">
          {cold.mark.dieselFails
            ? "The diesel by itself does not stand it: purge as far as it goes, and fill with winter diesel."
            : cold.mark.because === "none"
              ? `Purge until ${percentWords(cold.mark.share)} of oil is left, ${formatMinutes(purgeMinutes)}: not even that harms tonight.`
              : `Purge until ${percentWords(cold.mark.share)} of oil is left, ${formatMinutes(purgeMinutes)}: with more ${FAILURE_WORDS[cold.mark.because]} tonight.`}
        </p>
      ) : null}
      {cold.suction ? <Draws of={cold.suction} /> : null}
      <p className="text-[14px] text-ink-2">{coldRestsOn(jar, units)}</p>
      <Button look="quiet" onClick={() => log.open("cold-jar", { vessel: tankToTest(vehicle, cold) })}>
        Log a jar in the cold
      </Button>
    </section>
  );
}

/** Whether the pump draws it cold through its hose. */
function Draws({ of: s }: { of: ColdSuction }) {
  const units = useUnits();
  const perMinute = (litres: number): string => `${formatNumber(units.volume.of(litres), 2)} ${units.volume.unit}/min`;
  const starves = s.kPa > s.pullKPa;
  return (
    <p className={`mt-1 text-[14px] ${starves ? "font-semibold" : ""}`}>
      {starves
        ? s.mostLitresPerMinute > 0
          ? `Cold, the pump starves: it draws ${perMinute(s.mostLitresPerMinute)} of the ${perMinute(s.wantedLitresPerMinute)} it should. A wider or shorter hose, or heat at the tank.`
          : "Cold, the pump cannot lift it at all: the tank lies too deep below it."
        : `Cold, the pump draws it: ${units.pascals(s.kPa * 1000)} of the ${units.pascals(s.pullKPa * 1000)} it can pull.`}
      {s.isTurbulent ? " Less than that where it whirls." : ""}
    </p>
  );
}

/** What it starts on, where that is in doubt; else the oil. */
const tankToTest = (v: Vehicle, { start }: VehicleCold): string => {
  if (v.kind === "single") return v.tank;
  return start !== null && start.fails !== "none" ? v.dieselTank : v.oilTank;
};
