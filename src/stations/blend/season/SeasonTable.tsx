"use client";
import { type FluidId, fluidName } from "@/core/fluids";
import { useAsked, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { ownIn, percentWords, wordCalculationError } from "@/ui/words";
import { MONTHS } from "@/ui/words/months";

interface Props {
  readonly oil: FluidId;
  readonly oilWords: string;
  readonly usedFactor: number;
  readonly thinner: string;
}

/** The most oil of each month as a bar, with the two seasons over it, and what they come to. */
export function SeasonTable({ oil, oilWords, usedFactor, thinner }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { nightMonthsCelsius: lows, pumpLimitMm2PerS } = view.settings;
  const input = {
    oil,
    thinner: thinner as FluidId,
    lowsCelsius: [...lows],
    limitMm2PerS: pumpLimitMm2PerS,
    usedFactor,
    ...ownIn(view),
  };
  const asked = useAsked("seasons", input);
  if (!asked?.ok) return <p role="status">{asked ? wordCalculationError(asked.error) : "Working it out."}</p>;
  const plan = asked.value;
  const name = fluidName(thinner as FluidId).toLowerCase();
  const { summerFromMonth: from, summerToMonth: to, summerShare } = plan;
  const isSummer = (m: number): boolean =>
    from !== null && to !== null && (m + 1 - from + 12) % 12 <= (to - from + 12) % 12;
  return (
    <>
      <p className="mt-2 text-[17px]">
        {from === null || to === null || summerShare === null
          ? `One mix serves all year: ${percentWords(plan.winterShare)} ${oilWords} in ${name}. A second would gain hardly anything.`
          : `From ${MONTHS[from - 1]} to ${MONTHS[to - 1]} ${percentWords(summerShare)} ${oilWords}, the rest of the year ${percentWords(plan.winterShare)}: ${percentWords(plan.meanShare)} oil over the year, against ${percentWords(plan.allYearShare)} with one mix all year.`}
      </p>
      {plan.cloudByMonth.some((cloud, m) => cloud > (lows[m] ?? 0)) ? (
        <p className="mt-1 text-[15px]">
          Thin enough is not clear: in the months marked, wax falls out of the mix on the coldest night. Kerosene or
          winter diesel stays clear longer; a jar in the cold tells for yours.
        </p>
      ) : null}
      <table className="mt-2 w-full border-collapse text-[15px]">
        <caption className="sr-only">The most oil of each month, at its coldest night</caption>
        <thead>
          <tr className="text-left text-[13px] text-ink-2">
            <th className="py-1 font-normal">Month</th>
            <th className="py-1 text-right font-normal">Coldest night</th>
            <th className="w-1/2 py-1 pl-3 font-normal">Most oil</th>
            <th className="py-1 text-right font-normal">Mix</th>
          </tr>
        </thead>
        <tbody>
          {plan.shareByMonth.map((share, m) => (
            <tr key={MONTHS[m]} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-plate text-[16px] font-semibold">
                {MONTHS[m]}
              </th>
              <td className="py-1 text-right">{units.celsius(lows[m] ?? 0)}</td>
              <td className="py-1 pl-3">
                <span className="flex items-center gap-2">
                  <span aria-hidden="true" className="relative h-4 flex-1 rounded-sm bg-rule">
                    <span
                      className="absolute inset-y-0 left-0 rounded-sm bg-clear"
                      style={{ width: `${Math.min(100, share * 100)}%` }}
                    />
                  </span>
                  <span className="w-12 text-right">{percentWords(share)}</span>
                </span>
              </td>
              <td className="py-1 text-right">
                {isSummer(m) ? "summer" : "winter"}
                {(plan.cloudByMonth[m] ?? -99) > (lows[m] ?? 0) ? (
                  <span className="block text-[13px] text-stop">wax falls out</span>
                ) : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Why name="seasons" input={input} readings="your own coldest nights, and a pump limit of your own." />
    </>
  );
}
