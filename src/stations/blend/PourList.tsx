"use client";
import { componentName } from "@/core/fluids";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import type { BlendPlan } from "@/core/readings/blend/plan";
import { formatNumber } from "@/core/units";
import { LogStep, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Caution } from "@/ui";
import { ownIn, thicknessWords } from "@/ui/words";

interface Props {
  readonly tank: VesselView;
  readonly oil: VesselView;
  readonly thinner: VesselView;
  readonly plan: BlendPlan;
  /** Tonight, or hot at the pump. */
  readonly judgedAtCelsius: number;
}

/** A pour is measured to a tenth; the thinner's up and the oil's down, so that rounding never makes it too thick. */
const HAIR = 1e-6;
const tenthUp = (litres: number): number => Math.ceil(litres * 10 - HAIR) / 10;
const tenthDown = (litres: number): number => Math.floor(litres * 10 + HAIR) / 10;

/** What to pour, in order, and the button that writes it. */
export function PourList({ tank, oil, thinner, plan, judgedAtCelsius }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const pours = [
    {
      from: thinner,
      litres: tenthUp(plan.thinnerLitres),
      what: thinner.components[0] ? componentName(thinner.components[0].component).toLowerCase() : "thinner",
    },
    { from: oil, litres: tenthDown(plan.oilLitres), what: "oil" },
  ].filter((p) => p.litres > 0);
  const short = pours.filter((p) => p.litres > p.from.litres + 1e-6);
  const over = plan.nuMm2PerS > view.settings.pumpLimitMm2PerS * 1.0005;

  const draft: Draft = {
    kind: "blend",
    data: {
      to: tank.vessel.id,
      parts: pours.map((p) => ({ from: p.from.vessel.id, amount: { litres: p.litres } })),
      forecast: { nuMm2PerS: plan.nuMm2PerS },
    },
  };
  const said = `Poured ${pours.map((p) => `${units.litres(p.litres)} ${p.what}`).join(" and ")} into ${tank.vessel.name}.`;

  return (
    <>
      <h2 className="mt-3 text-xl">Pour</h2>
      <ol>
        {pours.map((p, i) => (
          <li
            key={p.from.vessel.id}
            className="grid grid-cols-[20px_76px_1fr] items-baseline gap-2 border-t border-rule py-2"
          >
            <span className="font-plate text-ink-2">{i + 1}</span>
            <b className="font-plate text-[20px]">
              {units.volume.text(p.litres)} {units.volume.unit}
            </b>
            <span>
              {p.what} from {p.from.vessel.name}
            </span>
          </li>
        ))}
        <li className="grid grid-cols-[20px_76px_1fr] items-baseline gap-2 border-y border-rule py-2">
          <span className="font-plate text-ink-2">{pours.length + 1}</span>
          <b className="font-plate text-[20px]">Look</b>
          <span>at a jar of it tomorrow: clear means nothing falls out</span>
        </li>
      </ol>
      {over ? (
        <p role="status" className="mt-2 rounded-md border-2 border-stop px-3 py-2 text-stop">
          {formatNumber(plan.nuMm2PerS, 1)} mm²/s is over your limit at {units.celsius(judgedAtCelsius)}.
        </p>
      ) : null}
      {short.map((p) => (
        <p key={p.from.vessel.id} className="mt-2 text-stop">
          {p.from.vessel.name} has only {units.litres(p.from.litres)}. Buy more, or fill to less.
        </p>
      ))}
      <LogStep
        draft={pours.length > 0 ? draft : null}
        said={said}
        action="Pour and log"
        disabled={short.length > 0 || pours.length === 0}
      />
      <Why
        name="blend"
        input={{
          parts: plan.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres, usedFactor: p.usedFactor })),
          celsius: judgedAtCelsius,
          fatLimitShare: view.settings.fatLimitShare,
          ...ownIn(view),
        }}
        readings={thicknessWords(oil.thickness)}
      />
      <div className="mt-3">
        <Caution>
          Thinners burn. Outdoors, no sparks, cans earthed. Test a new blend on a cheap engine first. Fuel duty and
          warranty are your local law's.
        </Caution>
      </div>
    </>
  );
}
