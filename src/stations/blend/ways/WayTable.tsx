"use client";
import { isWay, type WayAnswer, type WayFigures, type WayId, type WaysTask } from "@/core/costs";
import { formatNumber } from "@/core/units";
import { useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { percentWords } from "@/ui/words";
import { KIT_NAMES, WAY_NAMES } from "@/ui/words/ways";

interface Props {
  readonly ways: readonly WayAnswer[];
  readonly best: WayId | null;
  readonly task: WaysTask;
}

/** One row a way; what needs kit says which. Each row may be mothballed: its kit stands idle until it pays again. */
export function WayTable({ ways, best, task }: Props) {
  const units = useUnits();
  const price = (perLitre: number): string => units.money(units.pricePerLitre.of(perLitre));
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: ten columns scroll on a phone, by key too
    <section aria-label="The ways" tabIndex={0} className="relative mt-3 overflow-x-auto">
      <table className="w-full min-w-[860px] border-collapse text-[15px] [&_td]:px-2 [&_td]:whitespace-nowrap [&_th]:px-2">
        <caption className="sr-only">Every way for this lot against pump diesel</caption>
        <thead>
          <tr className="text-right text-[13px] text-ink-2">
            <th className="py-1 text-left font-normal">Way</th>
            <th className="font-normal">A {units.oneLitre}</th>
            <th className="font-normal">100 MJ</th>
            <th className="font-normal">Hours, 100 {units.volume.unit}</th>
            <th className="font-normal">Usable in</th>
            <th className="font-normal">Waste</th>
            <th className="font-normal">Down to</th>
            <th className="font-normal">CO₂ saved a {units.oneLitre}</th>
            <th className="font-normal">Pays above</th>
            <th className="pl-3 text-left font-normal">Kit</th>
          </tr>
        </thead>
        <tbody>
          {ways.map((w) =>
            isWay(w) ? (
              <tr key={w.id} className={`border-t border-rule text-right ${w.id === best ? "bg-card" : ""}`}>
                <th scope="row" className="py-2 text-left font-plate text-[17px] font-semibold">
                  {WAY_NAMES[w.id]}
                  {share(w) ? <span className="block text-[13px] font-normal text-ink-2">{share(w)}</span> : null}
                  {w.id === best ? <span className="block text-[13px] font-normal text-go">cheapest</span> : null}
                </th>
                <td className="font-semibold">{price(w.perLitre)}</td>
                <td>{units.money(w.perMJ * 100)}</td>
                <td>{formatNumber(units.pricePerLitre.of(w.hoursPer100L), 1)}</td>
                <td>
                  {w.daysUntilUsable < 0.05
                    ? "now"
                    : `${formatNumber(w.daysUntilUsable, w.daysUntilUsable < 10 ? 1 : 0)} days`}
                </td>
                <td>{percentWords(w.wastePerLitre)}</td>
                <td className={w.downToCelsius > task.lowCelsius + 0.05 ? "text-stop" : ""}>
                  {units.celsius(w.downToCelsius)}
                </td>
                <td>{w.co2SavedKgPerLitre < 0.005 ? "–" : units.kg(units.pricePerLitre.of(w.co2SavedKgPerLitre))}</td>
                <td>{w.pumpPrice === null ? "–" : price(w.pumpPrice)}</td>
                <td className="pl-3 text-left text-[13px] whitespace-normal! text-ink-2">
                  {w.kit.map((k) => KIT_NAMES[k]).join(", ")}
                  {w.kit.length > 0 ? <Mothball id={w.id} /> : null}
                </td>
              </tr>
            ) : (
              <tr key={w.id} className="border-t border-rule text-right text-ink-2">
                <th scope="row" className="py-2 text-left font-plate text-[17px] font-semibold">
                  {WAY_NAMES[w.id]}
                </th>
                <td colSpan={9} className="text-left">
                  Even alone it is over {formatNumber(task.limitMm2PerS, 0)} mm²/s at {units.celsius(task.lowCelsius)}.
                </td>
              </tr>
            ),
          )}
        </tbody>
      </table>
    </section>
  );
}

const share = (w: WayFigures): string =>
  w.thinnerShare > 0.005 && w.thinnerShare < 0.995 ? `${formatNumber(w.thinnerShare * 100, 0)} % of it bought` : "";

/** A kit that stands idle: Next up says when the price makes it worth firing again. */
function Mothball({ id }: { id: WayId }) {
  const { view } = useYard();
  const note = useNote();
  const { mothballed: old } = view.settings;
  const on = old.includes(id);
  const mothballed = on ? old.filter((w) => w !== id) : [...old, id];
  return (
    <label className="flex min-h-[var(--target)] cursor-pointer items-center gap-2">
      <input
        type="checkbox"
        className="h-4 w-4 accent-go"
        checked={on}
        onChange={() =>
          note(
            { kind: "settings", data: { mothballed } },
            on ? "In use again." : "Mothballed. Next up says when it pays to fire it again.",
          )
        }
      />
      mothballed<span className="sr-only">: {WAY_NAMES[id]}</span>
    </label>
  );
}
