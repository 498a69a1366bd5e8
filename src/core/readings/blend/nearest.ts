import { celsiusAtViscosity, type MixPart, mixLitres, mixViscosityMm2PerS, scaledMix, topUp } from "../../blending";
import { type FluidId, type FluidTable, fluidIn } from "../../fluids";
import { bisect } from "../../numerics";
import { covered } from "../covered";
import type { Source } from "./plan";

/** Where no mix does: the nearest thing that would. */
export type Nearest =
  /** Let so much out of it first. */
  | { readonly code: "drain-first"; readonly litres: number }
  /** This would do, with so much oil beside it. */
  | { readonly code: "thin-with"; readonly fluid: FluidId; readonly oilLitres: number }
  /** What was chosen is good down to there. */
  | { readonly code: "good-down-to"; readonly celsius: number }
  | { readonly code: "fill-to"; readonly litres: number }
  /** With room for more thinner it goes: up to there at least. */
  | { readonly code: "fill-at-least"; readonly litres: number }
  /** So much of the oil, and no more: what stands there carries it. */
  | { readonly code: "pour-at-most"; readonly litres: number }
  | { readonly code: "buy"; readonly fluid: FluidId; readonly litres: number }
  /** Thin enough it can be, and clear not: what falls out is filtered, or the oil goes to the kettle. */
  | { readonly code: "let-it-fall-out" }
  /** Nothing here stays liquid so cold; this does, down to there. */
  | { readonly code: "nothing-stays-liquid"; readonly fluid: FluidId; readonly celsius: number };

interface Asked {
  readonly contents: readonly MixPart[];
  readonly fillToLitres: number;
  readonly capacityLitres: number;
  readonly sources: readonly Source[];
  readonly lowCelsius: number;
  readonly limitMm2PerS: number;
  readonly staysClear: boolean;
  readonly fluids: FluidTable;
  /** What else may go in: petrol never into a vehicle. */
  readonly mayThinWith: readonly FluidId[];
}

const WORTH_LITRES = 0.1;

/** The thinnest of what was chosen, at the low. */
function thinnest({ sources, lowCelsius }: Asked): Source | undefined {
  const nu = (s: Source): number => covered(() => mixViscosityMm2PerS(s.mix, lowCelsius)) ?? Number.POSITIVE_INFINITY;
  return [...sources].sort((a, b) => nu(a) - nu(b))[0];
}

/** What would give an answer where there is none, the least trouble first. */
export function nearestFor(asked: Asked): Nearest[] {
  const { contents, fillToLitres, sources, lowCelsius, fluids } = asked;
  const room = fillToLitres - mixLitres(contents);
  if (room <= 0 || sources.length === 0) return [];
  const have = sources.reduce((sum, s) => sum + s.litres, 0);
  if (have < room) return short(asked, have, room);
  const setAll = sources.every((s) => s.mix.every((p) => p.fluid.pourCelsius > lowCelsius));
  const liquid = asked.mayThinWith
    .map((id) => fluidIn(fluids, id))
    .filter((f) => f.pourCelsius <= lowCelsius)
    .sort((a, b) => b.pourCelsius - a.pourCelsius)[0];
  const cold: Nearest[] =
    setAll && liquid ? [{ code: "nothing-stays-liquid", fluid: liquid.id, celsius: liquid.pourCelsius }] : [];
  const thin = thinnest(asked);
  if (!thin) return cold;
  return [
    ...cold,
    ...(asked.staysClear ? clearIsTooMuch(asked, room, thin) : []),
    ...pourAtMost(asked),
    ...fillFurther(asked, thin),
    ...drainFirst(asked, thin),
    ...otherThinner(asked),
    ...goodDownTo(asked, room, thin),
  ];
}

function short({ contents, sources }: Asked, have: number, room: number): Nearest[] {
  const thinner = sources.find((s) => !s.isOil);
  const fillTo = mixLitres(contents) + have;
  return [
    ...(have > WORTH_LITRES ? [{ code: "fill-to" as const, litres: fillTo }] : []),
    ...(thinner ? [{ code: "buy" as const, fluid: thinner.fluid, litres: room - have }] : []),
  ];
}

const withThin = (contents: readonly MixPart[], thin: Source, litres: number): MixPart[] => [
  ...contents,
  ...scaledMix(thin.mix, litres),
];

/** Thin enough by thinner alone, but something of it falls out. */
const clearIsTooMuch = ({ contents, lowCelsius, limitMm2PerS }: Asked, room: number, thin: Source): Nearest[] =>
  isThin(withThin(contents, thin, room), lowCelsius, limitMm2PerS) ? [{ code: "let-it-fall-out" }] : [];

const isThin = (mix: readonly MixPart[], celsius: number, limit: number): boolean =>
  mix.length > 0 && (covered(() => mixViscosityMm2PerS(mix, celsius)) ?? Number.POSITIVE_INFINITY) <= limit;

/** The least fill at which the thinnest alone brings what stands there under the limit, where there is enough of it. */
function fillFurther(
  { contents, fillToLitres, capacityLitres, lowCelsius, limitMm2PerS }: Asked,
  thin: Source,
): Nearest[] {
  const there = mixLitres(contents);
  const filled = (litres: number): MixPart[] => withThin(contents, thin, litres - there);
  if (there <= 0 || isThin(filled(fillToLitres), lowCelsius, limitMm2PerS)) return [];
  const most = Math.min(capacityLitres, there + thin.litres);
  if (most <= fillToLitres || !isThin(filled(most), lowCelsius, limitMm2PerS)) return [];
  const excess = (litres: number): number => mixViscosityMm2PerS(filled(litres), lowCelsius) - limitMm2PerS;
  return [{ code: "fill-at-least", litres: bisect(excess, fillToLitres, most) }];
}

/** The least to let out so that the thinnest alone brings the rest under the limit. */
function drainFirst({ contents, fillToLitres, lowCelsius, limitMm2PerS }: Asked, thin: Source): Nearest[] {
  const there = mixLitres(contents);
  const left = (drained: number): MixPart[] =>
    withThin(drained < there ? scaledMix(contents, there - drained) : [], thin, fillToLitres - there + drained);
  if (there <= 0 || isThin(left(0), lowCelsius, limitMm2PerS) || !isThin(left(there), lowCelsius, limitMm2PerS))
    return [];
  const litres = bisect((d) => mixViscosityMm2PerS(left(d), lowCelsius) - limitMm2PerS, 0, there);
  return litres >= WORTH_LITRES ? [{ code: "drain-first", litres }] : [];
}

/** Where only oil was chosen: how much of it what stands there can carry. */
function pourAtMost({ contents, sources, fillToLitres, lowCelsius, limitMm2PerS }: Asked): Nearest[] {
  const [oil] = sources;
  if (!oil?.isOil || sources.length > 1 || !isThin(contents, lowCelsius, limitMm2PerS)) return [];
  const room = fillToLitres - mixLitres(contents);
  const excess = (litres: number): number =>
    mixViscosityMm2PerS(withThin(contents, oil, litres), lowCelsius) - limitMm2PerS;
  if (excess(room) <= 0) return [];
  const litres = bisect(excess, 1e-6, room);
  return litres >= WORTH_LITRES ? [{ code: "pour-at-most", litres }] : [];
}

/** Another thinner that would do, and how much oil it would carry. */
function otherThinner(asked: Asked): Nearest[] {
  const { contents, fillToLitres, sources, lowCelsius, limitMm2PerS, fluids, mayThinWith } = asked;
  const oil = sources.find((s) => s.isOil);
  if (!oil) return [];
  const others = mayThinWith.filter((id) => !sources.some((s) => s.fluid === id));
  const found = others.flatMap((id): { code: "thin-with"; fluid: FluidId; oilLitres: number }[] => {
    const thinner = [{ fluid: fluidIn(fluids, id), litres: 1, usedFactor: 1 }];
    const plan = covered(() => topUp(contents, fillToLitres, oil.mix, thinner, lowCelsius, limitMm2PerS));
    return plan && !("code" in plan) ? [{ code: "thin-with", fluid: id, oilLitres: plan.oilLitres }] : [];
  });
  return found.sort((a, b) => b.oilLitres - a.oilLitres).slice(0, 1);
}

function goodDownTo({ contents, limitMm2PerS }: Asked, room: number, thin: Source): Nearest[] {
  const celsius = covered(() => celsiusAtViscosity(withThin(contents, thin, room), limitMm2PerS) ?? undefined);
  return celsius === undefined || celsius === null ? [] : [{ code: "good-down-to", celsius }];
}
