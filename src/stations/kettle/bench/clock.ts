import { type FluidId, type FluidTable, fluidIn } from "@/core/fluids";
import { oilGPerMol, type Stage } from "@/core/kettle";
import { METHANOL_G_PER_MOL } from "@/core/kettle/masses";
import type { BatchState } from "@/core/ledger";
import { stageState } from "@/core/readings/kettle/stages";
import { MS_PER_MINUTE } from "@/core/units";

/** What the reaction clock is asked. */
export interface ClockAsked {
  readonly oil: FluidId;
  readonly celsius: number;
  readonly molarRatio: number;
  readonly minutes: readonly number[];
  readonly logged?: [number, number][];
}

const POINTS = 12;

/** Methanol a mole of oil: as it was weighed in, or as the recipe has it. */
export function molarRatioOf(b: BatchState, oil: FluidId, fluids: FluidTable): number {
  const fluid = fluidIn(fluids, oil);
  const mol = (b.batch.recipe.oilLitres * fluid.rho15KgPerL * 1000) / oilGPerMol(fluid);
  const weighed = b.charged.methanol ?? 0;
  const planned = b.batch.recipe.oilLitres * b.batch.recipe.methanolShare * 0.7915;
  return ((weighed > 0 ? weighed : planned) * 1000) / METHANOL_G_PER_MOL / mol;
}

/** The thermometer of a stage, in minutes since it began; a model's range is kept to. */
export function loggedOf(b: BatchState, stage: Stage): [number, number][] {
  const { begunAt } = stageState(b, stage);
  if (begunAt === null) return [];
  const points: [number, number][] = [];
  for (const r of b.readings) {
    if (r.stage !== stage) continue;
    const minute = Math.max(0, (Date.parse(r.at) - Date.parse(begunAt)) / MS_PER_MINUTE);
    if (minute > (points.at(-1)?.[0] ?? -1)) points.push([minute, Math.min(90, Math.max(0, r.celsius))]);
  }
  return points;
}

/** A clock's question: from nothing to half as long again as the recipe. */
export function clockAsked(b: BatchState, stage: Stage, oil: FluidId, fluids: FluidTable): ClockAsked {
  const { mixMinutes, holdCelsius } = b.batch.recipe;
  const logged = loggedOf(b, stage);
  return {
    oil,
    celsius: Math.min(75, Math.max(20, holdCelsius)),
    molarRatio: Math.min(30, Math.max(0.1, molarRatioOf(b, oil, fluids))),
    minutes: Array.from({ length: POINTS + 1 }, (_, i) => Math.round((mixMinutes * 1.5 * i) / POINTS)),
    ...(logged.length > 0 && { logged }),
  };
}
