import { densityKgPerL } from "../fluids";
import { type MixPart, mergedMix, mixLitres, mixViscosityMm2PerS } from "./mix";

/** What lies in a tank between two drives, the lowest first. */
export interface UnmixedLayer {
  readonly mix: readonly MixPart[];
  readonly litres: number;
  readonly nuMm2PerS: number;
}

/** Closer than this in density two fuels run into each other as they are poured. */
const RUNS_TOGETHER_KG_PER_L = 0.005;

const kgPerL = (mix: readonly MixPart[], celsius: number): number =>
  mix.reduce((sum, p) => sum + p.litres * densityKgPerL(p.fluid, celsius), 0) / mixLitres(mix);

/**
 * A tank that nothing has stirred since it was topped up: what stood in it and every pour lie by their weight, the heavy
 * below, where the pump draws. The worst that it can be until it is driven; a jet of fuel poured on top mixes some of it.
 */
export function unmixedLayers(
  there: readonly MixPart[],
  pours: readonly (readonly MixPart[])[],
  celsius: number,
): UnmixedLayer[] {
  const layers: MixPart[][] = [];
  const byWeight = [there, ...pours]
    .filter((mix) => mixLitres(mix) > 0)
    .sort((a, b) => kgPerL(b, celsius) - kgPerL(a, celsius));
  for (const mix of byWeight) {
    const below = layers.at(-1);
    if (below && kgPerL(below, celsius) - kgPerL(mix, celsius) < RUNS_TOGETHER_KG_PER_L) below.push(...mix);
    else layers.push([...mix]);
  }
  return layers.map((mix) => ({
    mix: mergedMix(mix),
    litres: mixLitres(mix),
    nuMm2PerS: mixViscosityMm2PerS(mix, celsius),
  }));
}
