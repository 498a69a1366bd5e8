import type { DipDoubt, VesselState } from "./state";

/** A stick reads to a few millimetres. */
const STICK_MM = 3;

interface Lines {
  readonly oilMm?: number | undefined;
  readonly fatMm?: number | undefined;
  readonly waterMm?: number | undefined;
  readonly clearMm?: number | undefined;
}

/**
 * What cannot be in a dip: lines above the rim, in an order that layers do not lie in, or in a vessel that was empty
 * then. Such a reading may be kept, and is then neither drawn nor reckoned with.
 */
export function doubtsOfDip(state: VesselState, d: Lines): DipDoubt[] {
  const over = (a: number | undefined, b: number | undefined): boolean =>
    a !== undefined && b !== undefined && a > b + STICK_MM;
  const highest = Math.max(0, d.oilMm ?? 0, d.fatMm ?? 0, d.waterMm ?? 0, d.clearMm ?? 0);
  const doubts: DipDoubt[] = [];
  if (highest > state.vessel.rimMm) doubts.push("above-rim");
  if (over(d.fatMm, d.oilMm)) doubts.push("fat-above-oil");
  if (over(d.waterMm, d.fatMm ?? d.oilMm)) doubts.push("water-above-fat");
  if (over(d.clearMm, d.oilMm)) doubts.push("clear-above-oil");
  if (state.contents.total === 0) doubts.push("nothing-there");
  return doubts;
}

export function doubtsOfJar(state: VesselState, atMm: number): DipDoubt[] {
  const doubts: DipDoubt[] = [];
  if (atMm > state.vessel.rimMm) doubts.push("above-rim");
  if (state.contents.total === 0) doubts.push("nothing-there");
  return doubts;
}
