import { celsiusAtViscosity, type MixPart, mixViscosityMm2PerS } from "@/core/blending";
import { fluidName, isLike } from "@/core/fluids";
import type { Mixed, Source } from "@/core/readings/blend/plan";
import { covered } from "@/core/readings/covered";
import { COLDEST_SHOWN, HOTTEST_SHOWN } from "./scale";

export interface Curve {
  readonly name: string;
  readonly colour: string;
  readonly width: number;
  readonly dash?: number[];
  readonly points: readonly { x: number; y: number }[];
}

const STEP_K = 2.5;

/** As far as the models cover it. */
const curve = (mix: readonly MixPart[]): { x: number; y: number }[] =>
  Array.from({ length: (HOTTEST_SHOWN - COLDEST_SHOWN) / STEP_K + 1 }, (_, i) => COLDEST_SHOWN + i * STEP_K).flatMap(
    (x) => {
      const y = covered(() => mixViscosityMm2PerS(mix, x));
      return y === null ? [] : [{ x, y }];
    },
  );

/** What stays as it is while a divider moves: straight oil, and each thinner. */
export function stillCurves(chosen: readonly Source[]): Curve[] {
  const oil = chosen.find((s) => s.isOil);
  const thinners = chosen.filter((s) => !s.isOil);
  return [
    ...(oil
      ? [
          {
            name: `straight ${fluidName(oil.fluid).toLowerCase()}`,
            colour: "#b5650f",
            width: 2.5,
            points: curve(oil.mix),
          },
        ]
      : []),
    ...thinners.map((s) => ({
      name: fluidName(s.fluid).toLowerCase(),
      colour: colourOf(s),
      width: 2,
      dash: [6, 4],
      points: curve(s.mix),
    })),
  ];
}

export const curveOfMix = (mixed: Mixed, night: boolean): Curve => ({
  name: "this mix",
  colour: night ? "#eef5f3" : "#10211f",
  width: 4,
  points: curve(mixed.after),
});

const colourOf = (s: Source): string =>
  isLike(s.fluid, "diesel") ? "#7c8634" : isLike(s.fluid, "petrol") ? "#b0573a" : "#5b8aa0";

/** Where straight oil meets the limit by heat alone; null where it never does. */
export function heatPoint(chosen: readonly Source[], limitMm2PerS: number): number | null {
  const oil = chosen.find((s) => s.isOil);
  return oil ? (covered(() => celsiusAtViscosity(oil.mix, limitMm2PerS)) ?? null) : null;
}
