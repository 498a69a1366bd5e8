"use client";
import { memo } from "react";
import type { PlanGoal } from "@/core/blending";
import { fluidName } from "@/core/fluids";
import type { Source } from "@/core/readings/blend/plan";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Choice } from "@/ui";
import { nameOf } from "@/ui/words";
import { priceEach } from "@/ui/words/blend";
import { keyOf } from "./useMix";

interface Props {
  readonly sources: readonly Source[];
  readonly keys: readonly string[];
  readonly onKeys: (keys: readonly string[]) => void;
  readonly goal: PlanGoal;
  readonly onGoal: (goal: PlanGoal) => void;
  readonly staysClear: boolean;
  readonly onStaysClear: (on: boolean) => void;
}

/** What may be poured from, any number of them, and what is looked for. Not drawn anew as a divider moves. */
export const PourFrom = memo(function PourFrom(p: Props) {
  const { sources, keys, onKeys, goal, onGoal, staysClear, onStaysClear } = p;
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const unpriced =
    goal === "least-cost" ? sources.filter((s) => keys.includes(keyOf(s)) && !s.isOil && s.pricePerLitre === null) : [];
  const toggle = (key: string): void => onKeys(keys.includes(key) ? keys.filter((k) => k !== key) : [...keys, key]);
  return (
    <section aria-label="Pour from" className="mt-4 grid gap-x-6 gap-y-3 lg:grid-cols-2">
      <fieldset>
        <legend className="text-[14px] text-ink-2">Pour from, as many as you like</legend>
        <div className="mt-1 grid gap-2 sm:grid-cols-2">
          {sources.map((s) => (
            <label
              key={keyOf(s)}
              className="flex min-h-[var(--target)] cursor-pointer items-center gap-3 rounded-md border border-quiet bg-card px-3 py-1 leading-tight has-checked:border-go has-checked:shadow-[inset_0_0_0_2px_var(--go)]"
            >
              <input
                type="checkbox"
                className="h-5 w-5 accent-go"
                checked={keys.includes(keyOf(s))}
                onChange={() => toggle(keyOf(s))}
              />
              <span>
                <span className="block font-plate text-[17px] font-semibold">
                  {s.vessel === null ? "The pump" : nameOf(view, s.vessel)}
                </span>
                <span className="block text-[13px] text-ink-2">
                  {Number.isFinite(s.litres) ? `${units.litres(s.litres)} ` : ""}
                  {fluidName(s.fluid).toLowerCase()}
                  {view.vessels.some((v) => v.vessel.id === s.vessel && v.quality.dyed) ? ", dyed" : ""}
                  {s.pricePerLitre !== null
                    ? `, ${priceEach(s.pricePerLitre, units)}`
                    : s.isOil
                      ? ""
                      : ", price not known"}
                </span>
              </span>
            </label>
          ))}
        </div>
        <Button look="quiet" onClick={() => log.open("price")}>
          Say what a litre costs
        </Button>
      </fieldset>
      <div>
        <Choice
          label="Look for"
          narrow
          options={[
            { value: "most-oil", name: "Most oil" },
            { value: "least-cost", name: "Least cost" },
            { value: "use-up", name: "Use up what stands", detail: "to the mark at most" },
          ]}
          value={goal}
          onChange={(g) => onGoal(g as PlanGoal)}
        />
        {unpriced.length > 0 ? (
          <p role="status" className="mt-2 text-[14px] text-warn">
            Nobody has said what {unpriced.map((s) => fluidName(s.fluid).toLowerCase()).join(" and ")} costs: it counts
            as nothing here.
          </p>
        ) : null}
        <label className="mt-2 flex min-h-[var(--target)] cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="h-5 w-5 accent-go"
            checked={staysClear}
            onChange={(e) => onStaysClear(e.target.checked)}
          />
          Nothing may fall out of it tonight: no wax, no fat
        </label>
      </div>
    </section>
  );
});
