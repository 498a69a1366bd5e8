import { formatFigure } from "./figure";

/** Pascals are the base; a pound-force on a square inch from the exact pound, inch and standard gravity. */
const PA: Record<PressureUnit, number> = { bar: 100_000, psi: (0.45359237 * 9.80665) / 0.0254 ** 2 };

export type PressureUnit = "bar" | "psi";

export const formatPascals = (pa: number, unit: PressureUnit = "bar"): string =>
  `${formatFigure(pa / PA[unit])} ${unit}`;
