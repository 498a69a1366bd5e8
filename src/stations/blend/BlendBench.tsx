"use client";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import { type MixPart, mixViscosityMm2PerS } from "@/core/blending";
import { componentName, type FluidTable, isLike } from "@/core/fluids";
import { mixOf, type VesselView } from "@/core/readings";
import { type BlendPlan, planBlend } from "@/core/readings/blend/plan";
import { formatNumber } from "@/core/units";
import { useAmount, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Choice, TextField } from "@/ui";
import { ColdOfMix } from "./ColdOfMix";
import { MixBar } from "./MixBar";
import { wordNoPlan } from "./noPlan";
import { PourList } from "./PourList";
import type { Curve } from "./ViscosityChart";

const ViscosityChart = dynamic(() => import("./ViscosityChart"), {
  ssr: false,
  loading: () => <div className="h-[300px]" />,
});

/** About as cool as heated oil may be at the pump when it is switched to. */
const HOT_AT_PUMP_CELSIUS = 70;

interface Props {
  readonly tank: VesselView;
  readonly targets: readonly VesselView[];
  readonly oils: readonly VesselView[];
  readonly thinners: readonly VesselView[];
  readonly onTank: (id: string) => void;
}

const curve = (mix: readonly MixPart[]): { x: number; y: number }[] =>
  Array.from({ length: 51 }, (_, i) => ({ x: -10 + i * 2, y: mixViscosityMm2PerS(mix, -10 + i * 2) }));

export function BlendBench({ tank, targets, oils, thinners, onTank }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const isHeated = view.vehicles.some(({ vehicle }) => vehicle.kind === "dual" && vehicle.oilTank === tank.vessel.id);
  // A heated tank is switched to when its oil is hot: there it must be thin enough; it starts on the other one.
  const judgedAt = isHeated ? HOT_AT_PUMP_CELSIUS : view.settings.tonightLowCelsius;
  const settings = useMemo(() => ({ ...view.settings, tonightLowCelsius: judgedAt }), [view.settings, judgedAt]);
  const night = settings.theme === "night";
  const [oilId, setOil] = useState<string>(oils[0]?.vessel.id ?? "");
  const kerosene =
    thinners.find((t) => t.components[0] && isLike(t.components[0].component, "kerosene") && t.litres > 0.5) ??
    thinners[0];
  const [thinnerId, setThinner] = useState<string>(kerosene?.vessel.id ?? "");
  const [byHand, setByHand] = useState<number | null>(null);
  const oil = oils.find((v) => v.vessel.id === oilId) ?? oils[0];
  const thinner = thinners.find((v) => v.vessel.id === thinnerId) ?? thinners[0];
  const brim = Math.floor(tank.capacityLitres * 0.97);
  const fill = useAmount(units.volume, brim);
  const fillTo = Math.min(fill.value ?? brim, tank.capacityLitres);
  const limit = `${formatNumber(settings.pumpLimitMm2PerS, 0)} mm²/s`;
  const plan = useMemo(
    () => (oil && thinner ? planBlend(tank, oil, thinner, fillTo, { settings, fluids: view.fluids }, byHand) : null),
    [tank, oil, thinner, fillTo, settings, view.fluids, byHand],
  );
  const found: BlendPlan | null = plan && !("code" in plan) ? plan : null;
  const curves = useMemo(
    () => (oil && thinner ? curvesOf(oil, thinner, found, { night, fluids: view.fluids }) : []),
    [oil, thinner, found, night, view.fluids],
  );
  if (!oil || !thinner) return null;
  const low = units.celsius(settings.tonightLowCelsius);
  return (
    <Bench
      title={isHeated ? `${tank.vessel.name}, heated` : `${tank.vessel.name}, before tonight`}
      subtitle={
        isHeated
          ? `Heated: thin enough means ${limit} or less at the pump, at ${low}. It starts on the diesel tank.`
          : `Thin enough at the pump means ${limit} or less, at ${low}.`
      }
      asideLabel="What to pour"
      aside={
        <>
          <Choice
            label="Thin with"
            options={thinners.map((t) => ({
              value: t.vessel.id,
              name: t.vessel.name,
              detail: `${units.litres(t.litres)} ${t.components[0] ? componentName(t.components[0].component).toLowerCase() : ""}`,
            }))}
            value={thinnerId}
            onChange={setThinner}
          />
          {oils.length > 1 ? (
            <Choice
              label="Oil from"
              options={oils.map((o) => ({ value: o.vessel.id, name: o.vessel.name }))}
              value={oilId}
              onChange={setOil}
            />
          ) : null}
          <div className="mt-3">
            <TextField
              label="Fill the tank to"
              value={fill.text}
              onChange={(text) => {
                fill.set(text);
                setByHand(null);
              }}
              error={
                fill.value !== null && fill.value > tank.capacityLitres
                  ? `It holds ${units.litres(tank.capacityLitres)}.`
                  : fill.error
              }
              decimal
              hint={fill.echo}
              suffix={fill.unit}
            />
          </div>
          {found ? <ColdOfMix plan={found} heated={isHeated} /> : null}
          {found ? (
            <PourList tank={tank} oil={oil} thinner={thinner} plan={found} judgedAtCelsius={judgedAt} />
          ) : (
            <p role="status" className="mt-3 rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
              {plan && "code" in plan ? wordNoPlan(plan, limit) : ""}
            </p>
          )}
        </>
      }
    >
      <div className="my-2 max-w-[560px]">
        <Choice
          label="Which tank"
          options={targets.map((t) => ({
            value: t.vessel.id,
            name: t.vessel.name,
            detail: `${units.litres(t.litres)} in it`,
          }))}
          value={tank.vessel.id}
          onChange={onTank}
        />
      </div>
      <ViscosityChart
        curves={curves}
        limitMm2PerS={settings.pumpLimitMm2PerS}
        lowCelsius={settings.tonightLowCelsius}
        night={night}
        celsius={units.celsius}
        label={`Viscosity from ${units.celsius(-10)} to ${units.celsius(90)}. ${found ? `This mix: ${formatNumber(found.nuMm2PerS, 1)} mm²/s at ${low}.` : ""} Limit ${limit}.`}
      />
      <ul className="flex flex-wrap gap-x-5 text-[14px]">
        {curves.map((c) => (
          <li key={c.name} className="flex items-center gap-2">
            <svg width="26" height="6" aria-hidden="true">
              <path d="M0 3H26" stroke={c.colour} strokeWidth={c.width} strokeDasharray={c.dash?.join(" ")} />
            </svg>
            {c.name}
          </li>
        ))}
        <li>level line: your limit, {limit}</li>
        <li>
          upright dashes: {isHeated ? "hot at the pump" : "tonight"}, {low}
        </li>
      </ul>
      {found ? (
        <MixBar plan={found} fillTo={fillTo} oilName={oil.vessel.name} onOil={setByHand} byHand={byHand !== null} />
      ) : null}
    </Bench>
  );
}

function curvesOf(
  oil: VesselView,
  thinner: VesselView,
  plan: BlendPlan | null,
  { night, fluids }: { night: boolean; fluids: FluidTable },
): Curve[] {
  const straight = mixOf(oil.components, oil.thickness, fluids);
  const thin = mixOf(thinner.components, thinner.thickness, fluids);
  const main = thin[0];
  return [
    ...(straight.length > 0 ? [{ name: "straight oil", colour: "#b5650f", width: 2.5, points: curve(straight) }] : []),
    ...(main
      ? [
          {
            name: main.fluid.name.toLowerCase(),
            colour: isLike(main.fluid.id, "diesel") ? "#7c8634" : "#5b8aa0",
            width: 2,
            dash: [6, 4],
            points: curve(thin),
          },
        ]
      : []),
    ...(plan ? [{ name: "this mix", colour: night ? "#eef5f3" : "#10211f", width: 4, points: curve(plan.after) }] : []),
  ];
}
