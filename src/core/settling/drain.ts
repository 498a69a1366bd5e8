import { GRAVITY_M_PER_S2 } from "../units";

/** A hole or hose at the bottom: inside diameter and length in mm, the level above it, the vessel's plan area. */
export interface Outlet {
  readonly diameterMm: number;
  readonly lengthMm: number;
  readonly headMm: number;
  readonly areaM2: number;
}

/** Head lost per m/s, and per (m/s)²: h = a·v + b·v². */
function losses(o: Outlet, nuMm2PerS: number): { a: number; b: number } {
  const d = o.diameterMm / 1000;
  // A hole drags like a short pipe: Dagan, Weinbaum & Pfeffer 1982.
  const length = o.lengthMm / 1000 + (3 * Math.PI * d) / 16;
  return { a: (32 * nuMm2PerS * 1e-6 * length) / (GRAVITY_M_PER_S2 * d ** 2), b: 1.5 / (2 * GRAVITY_M_PER_S2) };
}

/** m/s through the outlet under a head in m. The rationalised root: exact for thick oil too, where b hardly counts. */
function velocityMPerS(headM: number, { a, b }: { a: number; b: number }): number {
  return (2 * headM) / (a + Math.sqrt(a ** 2 + 4 * b * headM));
}

const boreM2 = (o: Outlet): number => (Math.PI / 4) * (o.diameterMm / 1000) ** 2;

/** Litres per minute while the level stands at the outlet's head. */
export const outflowLitresPerMinute = (o: Outlet, nuMm2PerS: number): number =>
  velocityMPerS(o.headMm / 1000, losses(o, nuMm2PerS)) * boreM2(o) * 60_000;

/** Reynolds number at the start: the law is for laminar flow, below about 2000. */
export const outletReynolds = (o: Outlet, nuMm2PerS: number): number =>
  (velocityMPerS(o.headMm / 1000, losses(o, nuMm2PerS)) * o.diameterMm * 1e-3) / (nuMm2PerS * 1e-6);

/**
 * Seconds to drain so many litres while the level falls: h = 32νL'v/(g d²) + 1.5 v²/(2g), L' = L + 3πd/16. With
 * dh = (a + 2b·v)dv the integral closes: t = A/bore·(a·ln(v₀/v₁) + 2b·(v₀ − v₁)). Null where the level does not hold
 * so much above the outlet. Source: physics §3.
 */
export function drainSeconds(o: Outlet, litres: number, nuMm2PerS: number): number | null {
  const endM = o.headMm / 1000 - litres / 1000 / o.areaM2;
  if (!(endM > 0)) return null;
  const loss = losses(o, nuMm2PerS);
  const v0 = velocityMPerS(o.headMm / 1000, loss);
  const v1 = velocityMPerS(endM, loss);
  return (o.areaM2 / boreM2(o)) * (loss.a * Math.log(v0 / v1) + 2 * loss.b * (v0 - v1));
}
