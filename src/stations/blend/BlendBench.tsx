"use client";
import dynamic from "next/dynamic";
import { useCallback, useDeferredValue, useMemo, useState } from "react";
import type { PlanGoal } from "@/core/blending";
import type { VesselView } from "@/core/readings";
import type { Source } from "@/core/readings/blend/plan";
import { formatNumber } from "@/core/units";
import { useAmount, useUnits, useWhen } from "@/desk";
import { useYard } from "@/store";
import { Bench } from "@/ui";
import { BlendPages } from "./BlendPages";
import { ColdOfMix } from "./ColdOfMix";
import { EMPTY_LITRES, isEmptyCan, tanksFor, titleOf, usualSources } from "./choices";
import { curveOfMix, heatPoint, stillCurves } from "./curves";
import { Into } from "./Into";
import { Legend } from "./Legend";
import { MixBar } from "./MixBar";
import { MixFigures } from "./MixFigures";
import { NoMixBox } from "./NoMixBox";
import { PourFrom } from "./PourFrom";
import { PourList } from "./PourList";
import { TankNow } from "./TankNow";
import { useColdOfMix } from "./useColdOfMix";
import { keyOf, useMix } from "./useMix";

const ViscosityChart = dynamic(() => import("./ViscosityChart"), {
  ssr: false,
  loading: () => <div className="h-[270px]" />,
});

const RecipeBox = dynamic(() => import("./RecipeBox"), { ssr: false });

/** Room for what swells, and for the last drop of a hose. */
const BRIM_SHARE = 0.97;

const NO_TANKS: readonly VesselView[] = [];

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
  const tanks = useMemo(() => tanksFor(view), [view]);
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
  const others = useMemo(
    () => (isTank || target.litres > EMPTY_LITRES ? [] : targets.filter((t) => isEmptyCan(t) && t !== target)),
    [isTank, target, targets],
  );
  const [more, setMore] = useState<readonly string[]>([]);
  const alike = others.filter((o) => more.includes(o.vessel.id));
  const cans = [
    { vessel: target, litres: fillTo },
    ...alike.map((vessel) => ({ vessel, litres: Math.floor(vessel.capacityLitres * BRIM_SHARE) })),
  ];
  const allLitres = cans.reduce((sum, c) => sum + c.litres, 0);
  const mix = useMix({ target, tank, chosen, fillToLitres: allLitres, goal, staysClear });
  const when = useWhen();
  const { mixed, terms, isHeated } = mix;
  const { cold } = useColdOfMix(mixed, terms.limitMm2PerS);
  // What is beside the picture may lag a frame behind a thumb; the picture may not.
  const settled = useDeferredValue(mixed);
  const beside = useColdOfMix(settled, terms.limitMm2PerS);
  const still = useMemo(() => stillCurves(chosen), [chosen]);
  const curves = useMemo(() => [...still, ...(mixed ? [curveOfMix(mixed, night)] : [])], [still, mixed, night]);
  const heat = useMemo(() => heatPoint(chosen, terms.limitMm2PerS), [chosen, terms.limitMm2PerS]);
  const { findAgain } = mix;
  // What was set by hand was set for what was chosen then.
  const anew = useCallback(
    <T,>(set: (next: T) => void) =>
      (next: T) => {
        set(next);
        findAgain();
      },
    [findAgain],
  );
  const onKeys = useMemo(() => anew(setKeys), [anew]);
  const onGoal = useMemo(() => anew(setGoal), [anew]);
  const onStaysClear = useMemo(() => anew(setStaysClear), [anew]);
  const onMore = useMemo(() => anew(setMore), [anew]);
  const onFill = useMemo(() => anew(fill.set), [anew, fill.set]);
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
          {mixed && settled && beside.cold ? (
            <>
              <PourList target={target} tank={tank} mix={mix} mixed={settled} when={when} cans={cans} />
              <ColdOfMix
                mixed={settled}
                {...beside}
                cold={beside.cold}
                heated={isHeated}
                limitMm2PerS={terms.limitMm2PerS}
              />
            </>
          ) : (
            <NoMixBox mix={mix} />
          )}
          <RecipeBox
            mix={mix}
            mixed={mixed && settled}
            recipe={beside.recipe}
            tank={tank}
            sources={sources}
            onKeys={setKeys}
          />
        </>
      }
    >
      <BlendPages here="bench" />
      <Into
        target={target}
        targets={targets}
        onTarget={onTarget}
        tank={tank}
        tanks={isTank ? NO_TANKS : tanks}
        onTank={setForTank}
        fillText={fill.text}
        fillWrong={
          fill.value !== null && fill.value > target.capacityLitres
            ? `It holds ${units.litres(target.capacityLitres)}.`
            : fill.error
        }
        fillEcho={fill.echo}
        onFill={onFill}
        others={others}
        more={more}
        onMore={onMore}
      />
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
        onKeys={onKeys}
        goal={goal}
        onGoal={onGoal}
        staysClear={staysClear}
        onStaysClear={onStaysClear}
      />
      {isTank ? <TankNow tank={target} /> : null}
    </Bench>
  );
}
