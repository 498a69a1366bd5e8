import { Refused } from "../numerics";

/** A return that is opened to a tank while old fuel is still coming round. */
export interface ReturnSwitch {
  /** Through the line until then: the burn rate if it looped, the pump's flow if it went to the oil tank. */
  readonly beforeLitresPerMinute: number;
  readonly pumpLitresPerMinute: number;
  readonly burnLitresPerMinute: number;
  readonly lineLitres: number;
  readonly tanksInSeries: number;
  readonly fromMinute: number;
  readonly toMinute: number;
}

/**
 * ∫_θ^∞ of the old fuel's share over line volumes: with x = nθ it is Σ_{k<n} of the share of k + 1 tanks at x, over n.
 * Taken as a tail, so that the last thousandths do not drown in the difference of two large sums.
 */
function tailVolumes(theta: number, n: number): number {
  const x = n * theta;
  if (x > 700) return 0;
  let term = 1;
  let tanks = 0;
  let sum = 0;
  for (let k = 0; k < n; k++) {
    if (k > 0) term *= x / k;
    tanks += term;
    sum += tanks;
  }
  return (Math.exp(-x) * sum) / n;
}

/**
 * Litres of old fuel that go into the tank the return is opened to, from minute s to e: ∫(pump − burn)·residual(θ(t)) dt,
 * θ(t) = (q_before·min(t, s) + pump·max(0, t − s))/line. θ is linear there, so the integral closes. Refuses an end
 * before the start and an engine that burns more than its pump brings. Source: physics §6.
 */
export function returnedLitres(r: ReturnSwitch): number {
  if (r.toMinute < r.fromMinute) throw new Refused("toMinute", "lies before fromMinute");
  if (r.burnLitresPerMinute > r.pumpLitresPerMinute)
    throw new Refused("burnLitresPerMinute", "is more than the pump brings: nothing would return");
  const thetaFrom = (r.beforeLitresPerMinute * r.fromMinute) / r.lineLitres;
  const thetaTo = thetaFrom + (r.pumpLitresPerMinute * (r.toMinute - r.fromMinute)) / r.lineLitres;
  // Of a moment so short that both tails are alike, rounding must not say less than nothing.
  const volumes = Math.max(0, tailVolumes(thetaFrom, r.tanksInSeries) - tailVolumes(thetaTo, r.tanksInSeries));
  const minutesPerVolume = r.lineLitres / r.pumpLitresPerMinute;
  return (r.pumpLitresPerMinute - r.burnLitresPerMinute) * volumes * minutesPerVolume;
}
