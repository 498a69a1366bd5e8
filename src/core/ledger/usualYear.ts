/** Months from the first of February, the coldest time in the north, for January's and December's middle. */
const COLDEST_MONTH = 0.5;
const MONTHS = 12;

/**
 * A usual year by the latitude alone: `meanAt0` at the equator falling with its square, swinging with the latitude itself,
 * coldest about the first of February in the north and of August in the south. At 50° it is a mild maritime year; inland
 * the winters are harder. A start, until the owner says his own.
 */
function usualYear(latitude: number, meanAt0: number, perDegreeSquared: number, swingPerDegree: number): number[] {
  const mean = meanAt0 - perDegreeSquared * latitude ** 2;
  return Array.from({ length: MONTHS }, (_, month) =>
    Math.round(mean - swingPerDegree * latitude * Math.cos((2 * Math.PI * (month - COLDEST_MONTH)) / MONTHS)),
  );
}

/** January to December, the coldest night to expect, °C. `latitude` in degrees, south below nought. */
export const usualNights = (latitude: number): number[] => usualYear(latitude, 21, 0.0078, 0.15);

/** January to December, an unheated shed's means, °C. */
export const usualShed = (latitude: number): number[] => usualYear(latitude, 27, 0.006, 0.12);
