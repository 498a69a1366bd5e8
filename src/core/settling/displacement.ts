import { Refused } from "../numerics";
import { areaAtHeightM2, litresAtHeight, type VesselForm } from "../vessels";
import { stokesDiameterUm, stokesVelocityMPerS } from "./stokes";

const M3_PER_S_PER_LITRE_PER_HOUR = 1e-3 / 3600;

/** What rises through what: densities in kg/m³, dynamic viscosity in Pa·s. */
export interface Upflow {
  readonly particleKgPerM3: number;
  readonly fluidKgPerM3: number;
  readonly viscosityPaS: number;
}

function heavier(u: Upflow): number {
  const excess = u.particleKgPerM3 - u.fluidKgPerM3;
  if (!(excess > 0)) throw new Refused("particleKgPerM3", "is lighter than the oil and goes over the top with it");
  return excess;
}

/**
 * Displacement settler: a particle is held when it falls faster than the oil rises, v ≥ Q/A. The smallest held, in µm.
 * Source: Hazen 1904 with Stokes' velocity.
 */
export const cutSizeUm = (litresPerHour: number, areaM2: number, u: Upflow): number =>
  stokesDiameterUm((litresPerHour * M3_PER_S_PER_LITRE_PER_HOUR) / areaM2, heavier(u), u.viscosityPaS);

/** Litres per hour that still hold everything of `cutUm` and more: Q = v(d)·A. */
export function litresPerHourForCut(cutUm: number, areaM2: number, u: Upflow): number {
  heavier(u);
  const velocity = stokesVelocityMPerS(cutUm, u.particleKgPerM3, u.fluidKgPerM3, u.viscosityPaS);
  return (velocity * areaM2) / M3_PER_S_PER_LITRE_PER_HOUR;
}

const SLICES = 60;

/** The smallest plan area in m² between the sludge and the overflow, where the oil rises fastest. */
export function narrowestM2(form: VesselForm, sludgeTopMm: number, overflowMm: number): number {
  if (!(overflowMm > sludgeTopMm))
    throw new Refused("sludgeTopMm", "the sludge stands up to the overflow: clean it out");
  const step = (overflowMm - sludgeTopMm) / SLICES;
  return Math.min(...Array.from({ length: SLICES + 1 }, (_, i) => areaAtHeightM2(form, sludgeTopMm + i * step)));
}

/** A settler that keeps less than a litre in a million keeps nothing. */
const KEEPS_NOTHING = 1e-6;

/**
 * Litres of raw oil until the sludge room is full: room/(share brought − share that still passes). Null where as much
 * passes as comes, since then it never fills.
 */
export function litresUntilFull(sludgeRoom: number, dirtShare: number, passingShare: number): number | null {
  const kept = dirtShare - passingShare;
  return kept > KEEPS_NOTHING ? sludgeRoom / kept : null;
}

/** Room for sludge below the feed's mouth, less what lies there. */
export const sludgeRoomLitres = (form: VesselForm, sludgeTopMm: number, mostMm: number): number =>
  Math.max(0, litresAtHeight(form.shape, mostMm) - litresAtHeight(form.shape, sludgeTopMm));

/** A warmer feed is lighter: it floats up through the body and takes its dirt over the top with it. */
export type FeedWarmth = "steady" | "may-short-circuit" | "short-circuits";

export function feedWarmth(feedCelsius: number, bodyCelsius: number): FeedWarmth {
  const warmerK = feedCelsius - bodyCelsius;
  if (warmerK > 2) return "short-circuits";
  return warmerK > 1 ? "may-short-circuit" : "steady";
}
