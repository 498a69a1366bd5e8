import type { Liquid } from "../fluids";
import { GRAVITY_M_PER_S2 } from "../units";

/** A suction hose without fittings, and how far the pump stands above the oil. */
export interface SuctionHose {
  readonly boreMm: number;
  readonly lengthM: number;
  readonly liftM: number;
}

export interface Suction {
  /** Metres of the liquid that the pump must pull: friction and lift. */
  readonly headM: number;
  readonly kPa: number;
  readonly reynolds: number;
}

const LAMINAR_BELOW = 2300;
const LITRES_PER_M3 = 1000;
const SECONDS_PER_MINUTE = 60;
const PA_PER_KPA = 1000;

/** Darcy's factor: 64/Re while it flows in layers, else Blasius for a smooth hose. */
const frictionFactor = (reynolds: number): number =>
  reynolds < LAMINAR_BELOW ? 64 / reynolds : 0.316 / reynolds ** 0.25;

/**
 * What a pump must pull through its hose: f·(L/d)·v²/2g + lift, f = 64/Re below Re 2300, else 0.316/Re^0.25 (Darcy and
 * Weisbach, Blasius). Litres a minute as it passes, at its own temperature; no fittings, no strainer. Flow above 0.
 */
export function suction(liquid: Liquid, celsius: number, hose: SuctionHose, litresPerMinute: number): Suction {
  const boreM = hose.boreMm / 1000;
  const rho = liquid.kgPerM3(celsius);
  const velocity = litresPerMinute / LITRES_PER_M3 / SECONDS_PER_MINUTE / ((Math.PI / 4) * boreM ** 2);
  const reynolds = (velocity * boreM * rho) / liquid.viscosityPaS(celsius);
  const frictionM = (frictionFactor(reynolds) * (hose.lengthM / boreM) * velocity ** 2) / (2 * GRAVITY_M_PER_S2);
  const headM = frictionM + hose.liftM;
  return { headM, kPa: (rho * GRAVITY_M_PER_S2 * headM) / PA_PER_KPA, reynolds };
}

/**
 * Most litres a minute that a pump draws which can pull so many kPa, by laminar friction alone (Hagen and Poiseuille):
 * above Re 2300 the true flow is less. 0 where the lift alone is more than it can pull.
 */
export function mostLitresPerMinute(liquid: Liquid, celsius: number, hose: SuctionHose, limitKPa: number): number {
  const left = limitKPa * PA_PER_KPA - liquid.kgPerM3(celsius) * GRAVITY_M_PER_S2 * hose.liftM;
  if (left <= 0) return 0;
  const boreM = hose.boreMm / 1000;
  const m3PerS = (Math.PI * boreM ** 4 * left) / (128 * liquid.viscosityPaS(celsius) * hose.lengthM);
  return m3PerS * LITRES_PER_M3 * SECONDS_PER_MINUTE;
}
