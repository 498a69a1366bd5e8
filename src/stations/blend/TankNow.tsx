"use client";
import { memo } from "react";
import { safeUntil } from "@/core/blending";
import { componentName, isFluidId } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import { engineOf } from "@/core/readings/drive/engineOf";
import { marksOf } from "@/core/readings/drive/vehicleCold";
import { coldOfVessel } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { fullDay, percentWords } from "@/ui/words";

/** What is truly in the tank as it stands: its shares, what lies unmixed, and the last night it stands. */
export const TankNow = memo(function TankNow({ tank }: { tank: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  if (tank.litres < 0.05) return null;
  const fuels = tank.components.filter((c) => isFluidId(c.component) && c.litres > 0.005 * tank.litres);
  const lowest = tank.unmixed?.[0];
  return (
    <section aria-labelledby="tank-now" className="mt-5">
      <h2 id="tank-now" className="text-lg">
        In it now, {units.litres(tank.litres)}
      </h2>
      <p>
        {fuels
          .map((c) => `${percentWords(c.litres / tank.litres)} ${componentName(c.component).toLowerCase()}`)
          .join(", ")}
        . <SafeWords tank={tank} />
      </p>
      {tank.unmixed && lowest ? (
        <p role="status" className="mt-1 rounded-md border-2 border-warn bg-warn-floor px-3 py-2 text-[15px]">
          Unmixed until it is driven: {units.litres(lowest.litres)} of{" "}
          {lowest.mix[0] ? componentName(lowest.mix[0].fluid.id).toLowerCase() : "it"} lie at the bottom, where the pump
          draws: up to {formatNumber(lowest.nuMm2PerS, 0)} mm²/s at {units.celsius(view.settings.tonightLowCelsius)}.
          Drive a few minutes, or stir it, while it is warm.
        </p>
      ) : null}
    </section>
  );
});

/** "As it stands it is safe until 3 December." */
export function SafeWords({ tank }: { tank: VesselView }) {
  const { view } = useYard();
  const cold = coldOfVessel(
    tank,
    { ...marksOf(view.settings, engineOf(tank.vessel.id, view.vehicles).vehicle), tonightLowCelsius: WARM_CELSIUS },
    view.fluids,
  );
  const fails = cold?.standsDownToCelsius ?? null;
  if (cold === null || fails === null) return null;
  const safe = safeUntil(view.settings.nightMonthsCelsius, fails, Date.parse(view.at));
  switch (safe.code) {
    case "all-year":
      return <>As it stands it takes the coldest night of your year.</>;
    case "not-even-now":
      return <>As it stands it is not for the nights of this month.</>;
    case "until":
      return <>As it stands it is safe until {fullDay(new Date(safe.lastMs).toISOString())}, by your coldest nights.</>;
  }
}

/** Nothing fails there: what is asked is where something begins to. */
const WARM_CELSIUS = 40;
