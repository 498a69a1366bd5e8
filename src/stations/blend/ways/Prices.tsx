"use client";
import type { WaysTask } from "@/core/costs";
import { priceOf } from "@/core/readings/blend/prices";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { fullDay } from "@/ui/words";
import { priceEach } from "@/ui/words/blend";

/** What is bought, what it costs and since when that is so; what nobody has said is called a guess. */
export function Prices({ task, boughtLitres }: { task: WaysTask; boughtLitres: number }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { prices: p } = task;
  const rows = [
    { what: "diesel", name: "Pump diesel", perLitre: p.dieselPerLitre },
    { what: "kerosene", name: "Kerosene", perLitre: p.kerosenePerLitre },
    { what: "petrol", name: "Petrol", perLitre: p.petrolPerLitre },
    { what: task.oil.fluid.id, name: "The oil", perLitre: p.oilPerLitre },
  ] as const;
  return (
    <section aria-labelledby="prices-title">
      <h2 id="prices-title" className="text-xl">
        Your prices
      </h2>
      <ul>
        {rows.map((r) => {
          const said = priceOf(view, r.what, boughtLitres);
          return (
            <li key={r.name} className="flex items-center justify-between gap-2 border-t border-rule">
              <span>
                <span className="block font-plate text-[17px] font-semibold">{r.name}</span>
                <span className="block text-[13px] text-ink-2">
                  {priceEach(r.perLitre, units)},{" "}
                  {said === null
                    ? r.name === "The oil"
                      ? "as nobody has said"
                      : "a guess"
                    : said.at
                      ? `since ${fullDay(said.at)}`
                      : "your mark"}
                </span>
              </span>
              <Button look="quiet" onClick={() => log.open("price", { what: r.what })}>
                Change<span className="sr-only"> the price of {r.name.toLowerCase()}</span>
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
