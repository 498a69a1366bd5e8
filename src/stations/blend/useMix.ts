"use client";
import { useCallback, useMemo, useState } from "react";
import { type MixPart, mixLitres, type PlanGoal } from "@/core/blending";
import { type FluidId, isPetrol } from "@/core/fluids";
import type { VesselView } from "@/core/readings";
import { type Nearest, nearestFor } from "@/core/readings/blend/nearest";
import {
  contentsOf,
  dividerMoved,
  type Mixed,
  mixPours,
  mostOil,
  type PlanTerms,
  pumpOf,
  refilled,
  type Source,
  sourceOf,
} from "@/core/readings/blend/plan";
import { covered } from "@/core/readings/covered";
import { engineOf } from "@/core/readings/drive/engineOf";
import { marksOf } from "@/core/readings/drive/vehicleCold";
import type { YardView } from "@/core/view";
import { useAsked } from "@/desk";
import { useYard } from "@/store";
import { ownIn } from "@/ui/words";

/** About as warm as heated oil may be at the pump when it is switched to. */
const HOT_AT_PUMP_CELSIUS = 70;
export const PUMP = "pump";
export const keyOf = (s: Source): string => s.vessel ?? PUMP;

export type NoMix =
  | "tank-full"
  | "too-thick-even-with-thinner-only"
  | "no-mix-meets-it"
  | "not-enough-in-stock"
  | "no-fuel-in";

export interface Mix {
  readonly contents: readonly MixPart[];
  readonly chosen: readonly Source[];
  readonly roomLitres: number;
  readonly mixed: Mixed | null;
  readonly no: NoMix | null;
  readonly nearest: readonly Nearest[];
  readonly terms: PlanTerms;
  readonly isHeated: boolean;
  readonly isByHand: boolean;
  readonly isBusy: boolean;
  move(divider: number, byLitres: number): void;
  set(litres: readonly number[]): void;
  findAgain(): void;
}

export interface MixAsked {
  readonly target: VesselView;
  /** The tank whose engine is to burn it: the target itself, or where a can will be emptied into. */
  readonly tank: VesselView | null;
  readonly chosen: readonly Source[];
  readonly fillToLitres: number;
  readonly goal: PlanGoal;
  readonly staysClear: boolean;
}

type Found = { readonly litres: readonly number[] | null; readonly no: NoMix | null };

/** What is poured together: found by the goal, or set by hand; worked out live, several cans at once off the page. */
export function useMix({ target, tank, chosen, fillToLitres, goal, staysClear }: MixAsked): Mix {
  const { view } = useYard();
  const { settings, fluids } = view;
  const { vehicle, isHeated } = engineOf(tank?.vessel.id, view.vehicles);
  const terms = useMemo((): PlanTerms => {
    const warm = vehicle?.atPumpCelsius ?? (isHeated ? HOT_AT_PUMP_CELSIUS : null);
    // A heated tank is switched to when its oil is hot: there it must be thin enough; it starts on the other one.
    return {
      lowCelsius: isHeated ? (warm ?? HOT_AT_PUMP_CELSIUS) : settings.tonightLowCelsius,
      limitMm2PerS: marksOf(settings, vehicle).pumpLimitMm2PerS,
      atPumpCelsius: isHeated ? null : warm,
      fluids,
    };
  }, [vehicle, isHeated, settings, fluids]);
  const contents = useMemo(() => contentsOf(target, fluids), [target, fluids]);
  const roomLitres = fillToLitres - mixLitres(contents);
  const [byHand, setByHand] = useState<readonly number[] | null>(null);
  const findAgain = useCallback(() => setByHand(null), []);
  const hand = byHand?.length === chosen.length ? byHand : null;

  const simple = useMemo((): Found | null => {
    const [first, second] = chosen;
    if (chosen.length === 0) return { litres: null, no: "no-fuel-in" };
    if (roomLitres <= 0) return { litres: null, no: "tank-full" };
    if (goal !== "most-oil" || staysClear || chosen.length !== 2 || !first?.isOil || !second || second.isOil)
      return null;
    const found = covered(() => mostOil(contents, [first, second], fillToLitres, terms));
    if (found === null) return { litres: null, no: "no-mix-meets-it" };
    return "code" in found ? { litres: null, no: found.code } : { litres: found, no: null };
  }, [chosen, roomLitres, goal, staysClear, contents, fillToLitres, terms]);
  const many = useMany(simple === null && hand === null, {
    goal,
    contents,
    fillToLitres,
    sources: chosen,
    staysClear,
    terms,
  });
  const found = simple ?? many;
  const litres = hand ?? found?.litres ?? null;
  const mixed = useMemo(
    () => (litres === null ? null : covered(() => mixPours(contents, chosen, litres, terms))),
    [litres, contents, chosen, terms],
  );
  const no = litres === null ? (found?.no ?? null) : null;
  const nearest = useMemo(
    () =>
      no === null || no === "tank-full"
        ? []
        : nearestFor({
            contents,
            fillToLitres,
            capacityLitres: Math.max(fillToLitres, target.capacityLitres),
            sources: chosen,
            staysClear,
            ...terms,
            mayThinWith: thinners(tank === target),
          }),
    [no, contents, fillToLitres, chosen, staysClear, terms, tank, target],
  );
  return {
    contents,
    chosen,
    roomLitres,
    mixed,
    no,
    nearest,
    terms,
    isHeated,
    isByHand: hand !== null,
    isBusy: simple === null && many === null && hand === null,
    move: (divider, by) => litres && setByHand(dividerMoved(litres, divider, by)),
    set: (next) => setByHand(refilled(next, roomLitres)),
    findAgain,
  };
}

/** Petrol is mixed outside the vehicle only. */
const thinners = (inTank: boolean): readonly FluidId[] =>
  inTank ? ["kerosene", "diesel"] : ["kerosene", "diesel", "petrol"];

interface Many {
  readonly goal: PlanGoal;
  readonly contents: readonly MixPart[];
  readonly fillToLitres: number;
  readonly sources: readonly Source[];
  readonly staysClear: boolean;
  readonly terms: PlanTerms;
}

/** A pump has no end, but a book has. */
const MOST_LITRES = 1e5;

/** Several drums and cans at once are a linear programme: off the page. Null while it is asked. */
function useMany(isAsked: boolean, { goal, contents, fillToLitres, sources, staysClear, terms }: Many): Found | null {
  const { view } = useYard();
  const parts = (mix: readonly MixPart[]) =>
    mix.map((p) => ({ fluid: p.fluid.id, litres: Math.max(1e-6, p.litres), usedFactor: p.usedFactor }));
  const input = {
    goal,
    contents: parts(contents),
    fillToLitres,
    stocks: sources.map((s) => ({
      parts: parts(s.mix),
      litres: Math.min(MOST_LITRES, Math.max(1e-6, s.litres)),
      pricePerLitre: s.pricePerLitre ?? 0,
      isOil: s.isOil,
    })),
    celsius: terms.lowCelsius,
    limitMm2PerS: terms.limitMm2PerS,
    staysClear,
    ...ownIn(view),
  };
  const asked = useAsked("blend-stocks", isAsked ? input : null);
  return useMemo((): Found | null => {
    if (asked === null) return null;
    return asked.ok ? { litres: asked.value.litres, no: asked.value.why } : { litres: null, no: "no-mix-meets-it" };
  }, [asked]);
}

/** All that may be poured from into it: ready oil, what is mixed already, thinners; at a tank the pump, and no petrol. */
export function sourcesFor(target: VesselView, view: YardView): Source[] {
  const may = view.vessels.filter(
    (v) =>
      v.vessel.id !== target.vessel.id &&
      (v.vessel.role === "ready" || v.vessel.role === "thinner" || v.vessel.role === "blend") &&
      // Wet oil is never offered to an engine.
      v.quality.water?.wet !== true &&
      v.litres > LEAST_LITRES,
  );
  const isTank = target.vessel.role === "tank";
  const there = may
    .flatMap((v) => sourceOf(v, view.fluids, view) ?? [])
    .filter((s) => !(isTank && isPetrol(s.fluid)))
    .sort((a, b) => Number(b.isOil) - Number(a.isOil) || b.litres - a.litres);
  return isTank ? [...there, pumpOf("diesel", view.fluids, view)] : there;
}

const LEAST_LITRES = 0.05;
