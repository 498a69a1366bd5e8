import { type Fluid, type FluidId, likeOf } from "./table";

/** So many litres at 15 °C of a fluid. */
export interface FluidLitres {
  readonly fluid: Fluid;
  readonly litres: number;
}

const COUNTS_FROM_SHARE = 0.005;

/** Petrol, and whatever its owner calls like it. */
export const isPetrol = (id: FluidId): boolean => likeOf(id) === "petrol";
export const holdsPetrol = (parts: readonly FluidLitres[]): boolean =>
  parts.some((p) => p.litres > 0 && isPetrol(p.fluid.id));

/**
 * Flash point in °C of a mix: that of the most volatile part of at least 0.5 %. Any petrol at all is petrol. No
 * averaging: with heavy oils the usual index blending reads dangerously high. Infinity for an empty mix.
 */
export function flashPointCelsius(parts: readonly FluidLitres[]): number {
  let litres = 0;
  for (const p of parts) litres += p.litres;
  let lowest = Number.POSITIVE_INFINITY;
  for (const p of parts)
    if (p.litres > 0 && (isPetrol(p.fluid.id) || p.litres / litres >= COUNTS_FROM_SHARE))
      lowest = Math.min(lowest, p.fluid.flashCelsius);
  return lowest;
}

/** How a liquid must be handled, by its flash point: the bounds of the usual flammable-liquid classes. */
export type FireHazard = "like-petrol" | "like-kerosene" | "like-diesel" | "like-oil";

export function fireHazard(flashCelsius: number): FireHazard {
  if (flashCelsius < 23) return "like-petrol";
  if (flashCelsius <= 60) return "like-kerosene";
  return flashCelsius <= 93 ? "like-diesel" : "like-oil";
}
