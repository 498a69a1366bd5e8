"use client";
import { useId } from "react";
import { byComponent, componentName } from "@/core/fluids";
import type { BlendPlan } from "@/core/readings/blend/plan";
import { formatNumber } from "@/core/units";
import { useUnits } from "@/desk";
import { Button } from "@/ui";
import { fillOf } from "@/ui/drawing/fills";

interface Props {
  readonly plan: BlendPlan;
  readonly fillTo: number;
  readonly oilName: string;
  readonly byHand: boolean;
  readonly onOil: (litres: number | null) => void;
}

/** The tank after pouring as a bar by what is in it, with the oil to pour set by hand or found. */
export function MixBar({ plan, fillTo, oilName, byHand, onOil }: Props) {
  const units = useUnits();
  const id = useId();
  const parts = byComponent(plan.after.map((p) => ({ component: p.fluid.id, litres: p.litres }))).filter(
    (p) => p.litres > 0.05,
  );
  const room = plan.oilLitres + plan.thinnerLitres;
  return (
    <section aria-labelledby={`${id}-title`} className="mt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id={`${id}-title`} className="text-lg">
          The mix after topping up to {units.litres(fillTo)}
        </h2>
        <p className="text-[14px] text-ink-2">
          {formatNumber(plan.nuMm2PerS, 1)} mm²/s, cloud about {units.celsius(plan.cloudCelsius)}, flash{" "}
          {units.celsius(plan.flashCelsius)}, cetane about {formatNumber(plan.cetane, 0)}
        </p>
      </div>
      <ul className="mt-1 flex h-[64px] overflow-hidden rounded-md border-2 border-ink">
        {parts.map((p) => (
          <li
            key={p.component}
            className="min-w-0 overflow-hidden border-r border-[#10211f] px-2 last:border-r-0 py-1.5 leading-tight whitespace-nowrap text-[#10211f]"
            style={{ flexGrow: p.litres, flexBasis: 0, backgroundColor: fillOf(p.component).colour }}
          >
            <b className="font-plate text-[19px]">{units.litres(p.litres)}</b>
            <br />
            <span className="text-[14px]">{componentName(p.component).toLowerCase()}</span>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <label htmlFor={id} className="text-[14px] text-ink-2">
          Oil to pour from {oilName}
        </label>
        <input
          id={id}
          type="range"
          min={0}
          max={Math.round(room * 10) / 10}
          step={0.1}
          value={plan.oilLitres}
          onChange={(e) => onOil(Number(e.target.value))}
          className="h-[var(--target)] min-w-[180px] flex-1 accent-go"
          aria-valuetext={`${formatNumber(plan.oilLitres, 1)} litres oil, ${formatNumber(plan.nuMm2PerS, 1)} mm²/s`}
        />
        <Button disabled={!byHand} onClick={() => onOil(null)}>
          Find the most oil
        </Button>
      </div>
    </section>
  );
}
