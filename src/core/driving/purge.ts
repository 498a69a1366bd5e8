import { bisect } from "../numerics";

/** n stirred tanks in series: e^(−nθ)·Σ_{k<n}(nθ)^k/k!, θ = litres through over line litres. */
export function residualShare(throughLitres: number, lineLitres: number, tanksInSeries: number): number {
  const x = (tanksInSeries * throughLitres) / lineLitres;
  let term = 1;
  let sum = 1;
  for (let k = 1; k < tanksInSeries; k++) {
    term *= x / k;
    sum += term;
  }
  // Past this e^−x is nothing, while the sum may have no end.
  return x > 700 ? 0 : Math.exp(-x) * sum;
}

/** Line litres' worth of flow that bring the old fuel down to a share, by tanks in series. */
export function lineVolumesToResidual(tanksInSeries: number, share: number): number {
  let high = 1;
  while (residualShare(high, 1, tanksInSeries) > share) high *= 2;
  return bisect((theta) => residualShare(theta, 1, tanksInSeries) - share, 0, high);
}

export interface PurgeLine {
  /** What really flows through the line: the pump's flow, or only the burn where the return loops. */
  readonly litresPerMinute: number;
  readonly lineLitres: number;
  readonly tanksInSeries: number;
}

/** Old fuel's share at the pump after some minutes of purging. */
export const purgeResidual = (line: PurgeLine, minutes: number): number =>
  residualShare(line.litresPerMinute * minutes, line.lineLitres, line.tanksInSeries);

/** Minutes until the old fuel's share is down to `share` (default use 0.02). */
export const minutesToResidual = (line: PurgeLine, share: number): number =>
  (lineVolumesToResidual(line.tanksInSeries, share) * line.lineLitres) / line.litresPerMinute;
