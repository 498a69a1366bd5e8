import { mixLitres, type UnmixedLayer, unmixedLayers } from "../../blending";
import { partsOf, type VesselState, type YardState } from "../../ledger";
import { mixOf, thicknessOf } from "../vessel/mixture";

/** What lies in a tank since it was last driven; null where nothing was poured since, or where it all weighs the same. */
export function unmixedIn(yard: YardState, state: VesselState): readonly UnmixedLayer[] | null {
  const [there, ...poured] = state.pours;
  if (!there || poured.length === 0) return null;
  const mixes = state.pours.map((contents) => {
    const parts = partsOf(contents, yard.parts);
    return mixOf(parts, thicknessOf(yard, state, parts), yard.fluids);
  });
  const [first = [], ...rest] = mixes;
  const layers = unmixedLayers(first, rest, yard.settings.tonightLowCelsius);
  if (layers.length < 2) return null;
  // A stick that found less, or a hose that drew some, took of all of it alike.
  const times = state.contents.total / layers.reduce((sum, l) => sum + mixLitres(l.mix), 0);
  return layers.map((l) => ({
    ...l,
    mix: l.mix.map((p) => ({ ...p, litres: p.litres * times })),
    litres: l.litres * times,
  }));
}
