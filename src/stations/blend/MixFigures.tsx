"use client";
import { LEAST_CETANE } from "@/core/blending";
import type { Mixed, PlanTerms } from "@/core/readings/blend/plan";
import type { Cold } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { Termed } from "@/ui/Termed";
import { againstDiesel, HAZARD_WORDS } from "@/ui/words/blend";

interface Props {
  readonly mixed: Mixed;
  readonly cold: Cold | null;
  readonly terms: PlanTerms;
}

/** What the mix is like besides thin: all of it live, as the dividers move. */
export function MixFigures({ mixed, cold, terms }: Props) {
  const units = useUnits();
  const nu = (mm2PerS: number): string => `${formatNumber(mm2PerS, 1)} mm²/s`;
  const figures: readonly (readonly [name: string, value: string, isBad?: boolean])[] = [
    [
      terms.atPumpCelsius === null ? "At the pump" : "Cold start",
      `${nu(mixed.nuMm2PerS)} at ${units.celsius(terms.lowCelsius)}`,
      mixed.nuMm2PerS > terms.limitMm2PerS * 1.0005,
    ],
    ...(mixed.atPump
      ? [["Running", `${nu(mixed.atPump.nuMm2PerS)} at ${units.celsius(mixed.atPump.celsius)}`] as const]
      : []),
    [
      "Clear down to",
      cold ? `${units.celsius(cold.clearDownToCelsius)}${cold.jar ? ", your jar" : ""}` : "–",
      (cold?.clearDownToCelsius ?? -99) > (cold?.lowCelsius ?? 99),
    ],
    ["Sets at about", units.celsius(mixed.pourCelsius)],
    [
      "Flash point",
      `${units.celsius(mixed.flashCelsius)}, handle ${HAZARD_WORDS[mixed.hazard]}`,
      mixed.hazard === "like-petrol",
    ],
    ["Density", `${formatNumber(mixed.rho15KgPerL, 3)} kg/L`],
    ["Energy, by heating value", againstDiesel(mixed.energyRatio)],
    ["Cetane number", `about ${formatNumber(mixed.cetane, 0)}`, mixed.cetane < LEAST_CETANE],
  ];
  return (
    <dl className="mt-3 grid grid-cols-2 gap-x-5 sm:grid-cols-4">
      {figures.map(([name, value, isBad]) => (
        <div key={name} className="border-t border-rule py-1.5">
          <dt className="text-[13px] text-ink-2">
            <Termed>{name}</Termed>
          </dt>
          <dd className={`font-plate text-[16px] leading-tight font-semibold ${isBad ? "text-stop" : ""}`}>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
