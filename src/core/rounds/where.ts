import type { Spot } from "./round";

/** Degrees north and east. */
export interface OnEarth {
  readonly latitude: number;
  readonly longitude: number;
}

const EARTH_RADIUS_KM = 6371.0088;
const KM_PER_DEGREE = (Math.PI / 180) * EARTH_RADIUS_KM;
const eastKmPerDegree = (latitude: number): number => KM_PER_DEGREE * Math.cos((latitude * Math.PI) / 180);

/** The short way round the date line. */
const wrapped = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180;

/**
 * Kilometres east and north of home on a flat map whose scale is right halfway between. Within 1 % of the great circle
 * to 300 km below 65° of latitude. Source: equirectangular projection, mean radius of the earth (IUGG).
 */
export function spotOf(home: OnEarth, there: OnEarth): Spot {
  const middle = (home.latitude + there.latitude) / 2;
  return {
    eastKm: wrapped(there.longitude - home.longitude) * eastKmPerDegree(middle),
    northKm: (there.latitude - home.latitude) * KM_PER_DEGREE,
  };
}

/** The place so many kilometres from home: `spotOf` the other way round. */
export function onEarth(home: OnEarth, { eastKm, northKm }: Spot): OnEarth {
  const latitude = Math.min(89.9, Math.max(-89.9, home.latitude + northKm / KM_PER_DEGREE));
  const middle = (home.latitude + latitude) / 2;
  return { latitude, longitude: wrapped(home.longitude + eastKm / eastKmPerDegree(middle)) };
}
