import type { Filter } from "./cake";

/**
 * Litres more until the flow at a pressure drop is down to `litresPerHour`: V = A/αc·(A·ΔP/(μ·q) − Rm) − V₀. Read the
 * other way it is the litres until a pump of that flow has built up the pressure drop. 0 where it is there already.
 */
export function litresLeft(f: Filter, litresPerHour: number): number {
  const flowM3PerS = litresPerHour / 1000 / 3600;
  const most = (f.areaM2 * f.pressurePa) / (f.viscosityPaS * flowM3PerS);
  return Math.max(0, ((f.areaM2 / f.cakePerM2) * (most - f.mediumPerM)) / 1e-3 - f.carriedLitres);
}
