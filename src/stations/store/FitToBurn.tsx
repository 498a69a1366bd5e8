"use client";
import type { VesselView } from "@/core/readings";
import { kinematicViscosityOf } from "@/core/readings/store/thickness";
import { coldOfVessel } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { carriedWaterWords, coldRestsOn, keepingWords, waterInOilWords, wordCold } from "@/ui/words";

/** One lot of ready oil: how thick it is, what the cold does to it, how old and how wet. */
export function FitToBurn({ vessel: v }: { vessel: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const { settings } = view;
  const at = kinematicViscosityOf(v, settings, view.fluids);
  // Straight oil is always too thick cold; what falls out of it is what has to be known.
  const cold = coldOfVessel(v, { ...settings, pumpLimitMm2PerS: Number.POSITIVE_INFINITY }, view.fluids);
  const water = waterInOilWords(v.quality.water, settings, units);
  const waterLitres = v.components.reduce((sum, c) => (c.component === "water" ? sum + c.litres : sum), 0);
  // A test says more than the book.
  const carried = v.quality.water === null ? carriedWaterWords(v.litres, waterLitres, settings) : "";
  return (
    <li className="border-t border-rule py-2">
      <h3 className="text-[17px]">
        {v.vessel.name}, {units.litres(v.litres)}
      </h3>
      {at ? (
        <p className="text-[14px] text-ink-2">
          {formatNumber(at.tonightMm2PerS, 0)} mm²/s tonight at {units.celsius(settings.tonightLowCelsius)}.{" "}
          {at.heatedToCelsius === null
            ? "It cannot be heated thin enough."
            : `Straight, it is thin enough for your pump from ${units.celsius(at.heatedToCelsius)}.`}
        </p>
      ) : null}
      {cold ? (
        <p className={`text-[14px] ${cold.fails === "none" ? "text-ink-2" : "font-semibold"}`}>
          {cold.fails === "none"
            ? `Nothing falls out at ${units.celsius(cold.lowCelsius)}.`
            : `${wordCold(cold, units)}.`}{" "}
          <span className="font-normal text-ink-2">{coldRestsOn(cold.jar, units)}</span>
        </p>
      ) : null}
      {v.keeping ? <p className="text-[14px] text-ink-2">{keepingWords(v.keeping)}</p> : null}
      {carried ? <p className="text-[14px] font-semibold">{carried}</p> : null}
      {water ? <p className="text-[14px] text-ink-2">{water}</p> : null}
    </li>
  );
}
