/** A filter at work: dynamic viscosity in Pa·s, pressure drop in Pa, bag area in m². */
export interface Filter {
  readonly viscosityPaS: number;
  readonly areaM2: number;
  readonly pressurePa: number;
  /** Rm in 1/m: the clean medium's own resistance. */
  readonly mediumPerM: number;
  /** α·c in 1/m²: what each metre of filtered oil adds as cake. */
  readonly cakePerM2: number;
  /** Litres whose cake is in the bag already, from runs since it was washed or changed. */
  readonly carriedLitres: number;
}

const M3 = 1e-3;

/**
 * Seconds to filter so many litres at constant pressure: t = μ/(A·ΔP)·(Rm·V + αc·(V² + 2·V·V₀)/(2A)), with V₀ the
 * litres whose cake is carried in. Source: Ruth 1935, the usual cake filtration law.
 */
export function filterSeconds(f: Filter, litres: number): number {
  const v = litres * M3;
  const cake = (f.cakePerM2 * (v ** 2 + 2 * v * f.carriedLitres * M3)) / (2 * f.areaM2);
  return (f.viscosityPaS / (f.areaM2 * f.pressurePa)) * (f.mediumPerM * v + cake);
}

/** Litres through in so many seconds: the same law's quadratic, in the form that does not lose a thin cake. */
export function filterLitres(f: Filter, seconds: number): number {
  const half = f.cakePerM2 / (2 * f.areaM2);
  const linear = f.mediumPerM + 2 * half * f.carriedLitres * M3;
  const target = (seconds * f.areaM2 * f.pressurePa) / f.viscosityPaS;
  return (2 * target) / (linear + Math.sqrt(linear ** 2 + 4 * half * target)) / M3;
}

/** Litres per hour at this moment, with the cake of the litres so far. */
export function flowLitresPerHour(f: Filter, litresSoFar: number): number {
  const resistance = f.mediumPerM + (f.cakePerM2 * (litresSoFar + f.carriedLitres) * M3) / f.areaM2;
  return ((f.areaM2 * f.pressurePa) / (f.viscosityPaS * resistance) / M3) * 3600;
}
