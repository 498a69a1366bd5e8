"use client";
import dynamic from "next/dynamic";
import { useMemo, useState } from "react";
import { mixLitres, type PlanGoal } from "@/core/blending";
import { sharesOfLitres } from "@/core/ledger/ranOn";
import { recipeLike } from "@/core/ledger/recipes";
import type { VesselView } from "@/core/readings";
import type { Source } from "@/core/readings/blend/plan";
import { coldOf } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { useAmount, useUnits } from "@/desk";
import { isDieselTank } from "@/desk/form";
import { useYard } from "@/store";
import { Bench, Button, Choice, TextField } from "@/ui";
import { NO_PLAN_WORDS, wordNearest } from "@/ui/words/blend";
import { BlendPages } from "./BlendPages";
import { ColdOfMix } from "./ColdOfMix";
import { curvesOf, heatPoint } from "./curves";
import { MixBar } from "./MixBar";
import { MixFigures } from "./MixFigures";
import { PourFrom } from "./PourFrom";
import { PourList } from "./PourList";
import { RecipeOfMix } from "./RecipeOfMix";
import { TankNow } from "./TankNow";
import { engineOf, keyOf, PUMP, useMix } from "./useMix";

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
  const mix = useMix({ target, tank, chosen, fillToLitres: fillTo, goal, staysClear });
  const { mixed, terms, isHeated } = mix;
  const recipe = useMemo(
    () =>
      mixed
        ? recipeLike(view.recipes, sharesOfLitres(mixed.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres }))))
        : undefined,
    [mixed, view.recipes],
  );
  const cold = useMemo(
    () => (mixed ? coldOf(mixed.after, recipe?.coldJars ?? [], settings) : null),
    [mixed, recipe, settings],
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
          {mixed && cold ? <PourList target={target} tank={tank} mix={mix} mixed={mixed} /> : <NoMixBox mix={mix} />}
          {mixed && cold ? <ColdOfMix mixed={mixed} cold={cold} recipe={recipe} heated={isHeated} /> : null}
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
      <MixBar mix={mix} fillTo={fillTo} goal={goal} />
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

/** Tanks that a can may be mixed for; those that start cold on it first. */
const tanksFor = (view: YardView): VesselView[] =>
  view.vessels
    .filter((v) => v.vessel.role === "tank" && engineOf(v, view.vehicles).vehicle !== null)
    .sort((a, b) => rankOf(a, view) - rankOf(b, view));

const rankOf = (v: VesselView, view: YardView): number =>
  engineOf(v, view.vehicles).isHeated ? 1 : isDieselTank(view, v.vessel.id) ? 2 : 0;

const titleOf = (target: VesselView, tank: VesselView | null, isHeated: boolean): string => {
  const what = target === tank || tank === null ? target.vessel.name : `${target.vessel.name}, for ${tank.vessel.name}`;
  return isHeated ? `${what}, heated` : `${what}, before tonight`;
};

/** The most oil, and of the thinners kerosene where there is some; else what there is, else the pump. */
function usualSources(sources: readonly Source[]): string[] {
  const oil = sources.find((s) => s.isOil);
  const thinners = sources.filter((s) => !s.isOil && s.vessel !== null && mixLitres(s.mix) > 0.5);
  const thinner = thinners.find((s) => s.fluid === "kerosene") ?? thinners[0] ?? sources.find((s) => keyOf(s) === PUMP);
  return [oil, thinner].flatMap((s) => (s ? [keyOf(s)] : []));
}

/** No mix: why, and the nearest thing that works. */
function NoMixBox({ mix }: { mix: ReturnType<typeof useMix> }) {
  const units = useUnits();
  if (mix.isBusy) return <p role="status">Working it out.</p>;
  return (
    <div role="status" className="mt-1 rounded-md border-2 border-warn bg-warn-floor px-3 py-2">
      <p className="font-semibold">
        {mix.no ? NO_PLAN_WORDS[mix.no] : "This is colder or stranger than the models cover."}
      </p>
      {mix.nearest.length > 0 ? (
        <>
          <p className="mt-1 text-[14px]">What would give one:</p>
          <ul className="list-disc pl-5 text-[15px]">
            {mix.nearest.map((n) => (
              <li key={n.code}>{wordNearest(n, units)}</li>
            ))}
          </ul>
        </>
      ) : null}
      {mix.isByHand ? (
        <Button className="mt-2" onClick={mix.findAgain}>
          Find it again
        </Button>
      ) : null}
    </div>
  );
}

interface LegendProps {
  readonly curves: ReturnType<typeof curvesOf>;
  readonly mix: ReturnType<typeof useMix>;
  readonly clear: number | null;
  readonly heat: number | null;
  readonly isJar: boolean;
}

/** What the lines are, in words. */
function Legend({ curves, mix, clear, heat, isJar }: LegendProps) {
  const units = useUnits();
  const { terms, isHeated } = mix;
  return (
    <ul className="flex flex-wrap gap-x-4 text-[14px]">
      {curves.map((c) => (
        <li key={c.name} className="flex items-center gap-2">
          <svg width="26" height="6" aria-hidden="true">
            <path d="M0 3H26" stroke={c.colour} strokeWidth={c.width} strokeDasharray={c.dash?.join(" ")} />
          </svg>
          {c.name}
        </li>
      ))}
      <li>shaded: under {formatNumber(terms.limitMm2PerS, 0)} mm²/s</li>
      <li>
        {isHeated ? "hot at the pump" : "tonight"} {units.celsius(terms.lowCelsius)}
      </li>
      {terms.atPumpCelsius === null ? null : <li>at the pump {units.celsius(terms.atPumpCelsius)}</li>}
      {heat === null ? null : <li>heat alone: {units.celsius(heat)}</li>}
      {clear === null ? null : (
        <li>
          cloudy below {units.celsius(clear)}
          {isJar ? ", by your jar" : ""}
        </li>
      )}
    </ul>
  );
}
