"use client";
import { useState } from "react";
import type { VehicleState } from "@/core/ledger";
import { mixOf } from "@/core/readings";
import { purgeAdvice, STANDS, type Stands } from "@/core/readings/drive/purgeAdvice";
import type { Ridden } from "@/core/readings/drive/ridden";
import { formatMinutes, formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { Choice, Row } from "@/ui";
import { percentWords } from "@/ui/words";
import { perSecond } from "./words";

interface Props {
  readonly state: VehicleState;
  readonly now: Ridden;
}

const NAMES: Readonly<Record<Stands, string>> = { short: "20 minutes", errand: "2 hours", night: "The night" };

/** Skip, purge or back-purge: by how long it will stand, and how cold. */
export function PurgeAdviser({ state: { vehicle }, now }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const [stands, setStands] = useState<Stands>("night");
  if (vehicle.kind !== "dual") return null;
  const mixIn = (id: string) => {
    const v = view.vessels.find((x) => x.vessel.id === id);
    return v ? mixOf(v.components, v.thickness, view.fluids) : [];
  };
  const advice = purgeAdvice({
    plumbed: now.plumbed,
    oil: mixIn(vehicle.oilTank),
    diesel: mixIn(vehicle.dieselTank),
    hotCelsius: Math.max(now.oilCelsius, now.gateCelsius),
    airCelsius: stands === "night" ? view.settings.tonightLowCelsius : view.settings.shedCelsius,
    minutesStood: STANDS[stands],
    limitMm2PerS: now.limitMm2PerS,
  });
  if (!advice) return null;
  return (
    <section aria-labelledby="stands-title" className="mt-3 border-t border-rule pt-2">
      <h3 id="stands-title" className="text-[17px]">
        Before you stop
      </h3>
      <Choice
        label="It will stand"
        narrow
        options={(Object.keys(NAMES) as Stands[]).map((s) => ({ value: s, name: NAMES[s] }))}
        value={stands}
        onChange={(s) => setStands(s as Stands)}
      />
      <p className="mt-1 font-plate text-[19px] font-semibold">
        {advice.skip
          ? "No purge needed"
          : advice.backPurgeMinutes !== null
            ? `Back-purge ${Math.max(5, Math.ceil((advice.backPurgeMinutes * 60) / 5) * 5)} s, engine off`
            : `Purge ${formatMinutes(Math.ceil(advice.minutes))}`}
      </p>
      <p className="text-[14px] text-ink-2">
        {advice.skip
          ? `By then the line is at about ${units.celsius(Math.round(advice.celsiusThen))}, and oil is thin enough there.`
          : `By then the line is at about ${units.celsius(Math.round(advice.celsiusThen))}: at most ${percentWords(advice.markShare)} of oil may stay. Going round to that costs ${units.litres(advice.dieselLitres)} of diesel.`}
      </p>
      {advice.skip ? null : (
        <details>
          <summary className="min-h-[var(--target)] cursor-pointer content-center text-[15px] text-ink-2">
            Supply first, and the return so much later
          </summary>
          <dl>
            {advice.timing.map((t) => (
              <Row
                key={t.seconds}
                name={t.seconds === 0 ? "At once" : `${t.seconds} s later`}
                value={`${formatNumber(units.volume.of(t.litres), 2)} ${units.volume.unit} of oil astray, ${perSecond(t.perSecond * 60, units)} then`}
              />
            ))}
          </dl>
        </details>
      )}
    </section>
  );
}
