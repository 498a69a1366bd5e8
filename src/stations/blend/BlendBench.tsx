"use client";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import type { PlanGoal } from "@/core/blending";
import { sharesOfLitres } from "@/core/ledger/ranOn";
import { recipeLike } from "@/core/ledger/recipes";
import type { VesselView } from "@/core/readings";
import type { Source } from "@/core/readings/blend/plan";
import { coldOf } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useAmount, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Choice, TextField } from "@/ui";
import { AlsoInto } from "./AlsoInto";
import { BlendPages } from "./BlendPages";
import { ColdOfMix } from "./ColdOfMix";
import { EMPTY_LITRES, isEmptyCan, tanksFor, titleOf, usualSources } from "./choices";
import { curvesOf, heatPoint } from "./curves";
import { Legend } from "./Legend";
import { MixBar } from "./MixBar";
import { MixFigures } from "./MixFigures";
import { NoMixBox } from "./NoMixBox";
import { PourFrom } from "./PourFrom";
import { PourList } from "./PourList";
import { RecipeOfMix } from "./RecipeOfMix";
import { TankNow } from "./TankNow";
import { keyOf, useMix } from "./useMix";

const ViscosityChart = dynamic(() => import("./ViscosityChart"), {
  ssr: false,
  loading: () => <div className="h-[270px]" />,
});

/** Room for what swells, and for the last drop of a hose. */
const BRIM_SHARE = 0.97;

interface Props {
  readonly target: VesselView;
  readonly targets: readonly VesselView[];
  readonly sources: readonly Source[];
  readonly onTarget: (id: string) => void;
}

/** Any mix for this engine, this oil and this night on one scale, and what to pour for it. */
export function BlendBench({ target, targets, sources, onTarget }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { settings } = view;
  const night = settings.theme === "night";
  const isTank = target.vessel.role === "tank";
  const tanks = tanksFor(view);
  const [forTank, setForTank] = useState<string | null>(null);
  const tank = isTank ? target : (tanks.find((t) => t.vessel.id === forTank) ?? tanks[0] ?? null);
  const [keys, setKeys] = useState<readonly string[]>(() => usualSources(sources));
  const chosen = useMemo(() => sources.filter((s) => keys.includes(keyOf(s))), [sources, keys]);
  const [goal, setGoal] = useState<PlanGoal>("most-oil");
  const [staysClear, setStaysClear] = useState(false);
  const brim = Math.floor(target.capacityLitres * BRIM_SHARE);
  const fill = useAmount(units.volume, brim);
  const fillTo = Math.min(fill.value ?? brim, target.capacityLitres);
  // More than one can is filled alike only from empty: what stands in one is not in the others.
  const others = isTank || target.litres > EMPTY_LITRES ? [] : targets.filter((t) => isEmptyCan(t) && t !== target);
  const [more, setMore] = useState<readonly string[]>([]);
  const alike = others.filter((o) => more.includes(o.vessel.id));
  const cans = [
    { vessel: target, litres: fillTo },
    ...alike.map((vessel) => ({ vessel, litres: Math.floor(vessel.capacityLitres * BRIM_SHARE) })),
  ];
  const allLitres = cans.reduce((sum, c) => sum + c.litres, 0);
  const mix = useMix({ target, tank, chosen, fillToLitres: allLitres, goal, staysClear });
  const { mixed, terms, isHeated } = mix;
  const recipe = useMemo(
    () =>
      mixed
        ? recipeLike(view.recipes, sharesOfLitres(mixed.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres }))))
        : undefined,
    [mixed, view.recipes],
  );
  const cold = useMemo(
    () =>
      mixed ? coldOf(mixed.after, recipe?.coldJars ?? [], { ...settings, pumpLimitMm2PerS: terms.limitMm2PerS }) : null,
    [mixed, recipe, settings, terms.limitMm2PerS],
  );
  const curves = useMemo(() => curvesOf(chosen, mixed, { night }), [chosen, mixed, night]);
  const heat = useMemo(() => heatPoint(chosen, terms.limitMm2PerS), [chosen, terms.limitMm2PerS]);
  const limit = `${formatNumber(terms.limitMm2PerS, 0)} mm²/s`;
  const low = units.celsius(terms.lowCelsius);
  const after = mixed ? `This mix: ${formatNumber(mixed.nuMm2PerS, 1)} mm²/s at ${low}.` : "";
  const warm = mixed?.atPump
    ? `At the pump, ${units.celsius(mixed.atPump.celsius)}: ${formatNumber(mixed.atPump.nuMm2PerS, 1)} mm²/s.`
    : "";
  const clear = cold ? `Clear down to ${units.celsius(cold.clearDownToCelsius)}.` : "";
  return (
    <Bench
      title={titleOf(target, tank, isHeated)}
      subtitle={
        isHeated
          ? `Heated: thin enough means ${limit} or less at the pump, at ${low}. It starts on the diesel tank.`
          : `Thin enough at the pump means ${limit} or less, at ${low}.`
      }
      asideLabel="What to pour"
      aside={
        <>
          {mixed && cold ? (
            <PourList target={target} tank={tank} mix={mix} mixed={mixed} cans={cans} />
          ) : (
            <NoMixBox mix={mix} />
          )}
          {mixed && cold ? (
            <ColdOfMix mixed={mixed} cold={cold} recipe={recipe} heated={isHeated} limitMm2PerS={terms.limitMm2PerS} />
          ) : null}
          {mixed ? <RecipeOfMix mixed={mixed} recipe={recipe} mix={mix} tank={tank} /> : null}
        </>
      }
    >
      <BlendPages here="bench" />
      <div className="grid max-w-[860px] gap-x-5 gap-y-2 sm:grid-cols-2">
        <Choice
          label="Mix it in"
          options={targets.map((t) => ({
            value: t.vessel.id,
            name: t.vessel.name,
            detail: `${units.litres(t.litres)} in it`,
          }))}
          value={target.vessel.id}
          onChange={onTarget}
        />
        {isTank || tanks.length < 2 ? null : (
          <Choice
            label="For"
            options={tanks.map((t) => ({ value: t.vessel.id, name: t.vessel.name }))}
            value={tank?.vessel.id ?? ""}
            onChange={setForTank}
          />
        )}
        <TextField
          label="Fill it to"
          value={fill.text}
          onChange={fill.set}
          error={
            fill.value !== null && fill.value > target.capacityLitres
              ? `It holds ${units.litres(target.capacityLitres)}.`
              : fill.error
          }
          decimal
          hint={fill.echo}
          suffix={fill.unit}
        />
        {others.length > 0 ? <AlsoInto others={others} more={more} onMore={setMore} /> : null}
      </div>
      <ViscosityChart
        curves={curves}
        limitMm2PerS={terms.limitMm2PerS}
        lowCelsius={terms.lowCelsius}
        atPumpCelsius={terms.atPumpCelsius}
        clearDownToCelsius={cold?.clearDownToCelsius ?? null}
        heat={heat}
        night={night}
        celsius={units.celsius}
        label={`Viscosity from ${units.celsius(-20)} to ${units.celsius(90)}. ${after} ${warm} ${clear} Limit ${limit}.`}
      />
      <Legend
        curves={curves}
        mix={mix}
        clear={cold?.clearDownToCelsius ?? null}
        heat={heat}
        isJar={cold?.jar != null}
      />
      <MixBar mix={mix} fillTo={allLitres} goal={goal} />
      {mixed ? <MixFigures mixed={mixed} cold={cold} terms={terms} /> : null}
      <PourFrom
        sources={sources}
        keys={keys}
        onKeys={setKeys}
        goal={goal}
        onGoal={(g) => {
          setGoal(g);
          mix.findAgain();
        }}
        staysClear={staysClear}
        onStaysClear={(on) => {
          setStaysClear(on);
          mix.findAgain();
        }}
      />
      {isTank ? <TankNow tank={target} /> : null}
    </Bench>
  );
}
