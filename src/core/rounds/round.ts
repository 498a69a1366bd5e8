/** A place to stop at: kilometres east and north of anywhere, and what waits there. */
export interface Stop {
  readonly eastKm: number;
  readonly northKm: number;
  readonly litres: number;
  /** Usable share × price saved: what one collected litre is worth in the end. */
  readonly valuePerLitre: number;
  readonly minutesThere: number;
}

/** What a round may take, all resolved. */
export interface RoundLimits {
  readonly hours: number;
  readonly payloadKg: number;
  readonly containerLitres: number;
  /** Never collect more than can settle at home. */
  readonly settlingRoomLitres: number;
  readonly kgPerLitre: number;
  readonly kmPerHour: number;
  readonly costPerKm: number;
  /** Roads wind: their length over the crow's. */
  readonly windingFactor: number;
}

export interface RoundQuestion {
  readonly home: { readonly eastKm: number; readonly northKm: number };
  readonly stops: readonly Stop[];
  readonly limits: RoundLimits;
}

export interface RoundStop {
  /** Index among the stops offered. */
  readonly stop: number;
  readonly litres: number;
}

export interface RoundPlan {
  readonly order: readonly RoundStop[];
  readonly litres: number;
  readonly km: number;
  readonly hours: number;
  /** Litres' worth less the distance's cost. */
  readonly value: number;
  readonly exact: boolean;
}

export type Progress = (share: number) => void;

/** Kilometres between any two of the stops and home, home last. */
export function distancesKm(q: RoundQuestion): number[][] {
  const places = [...q.stops, q.home];
  return places.map((a) =>
    places.map((b) => q.limits.windingFactor * Math.hypot(a.eastKm - b.eastKm, a.northKm - b.northKm)),
  );
}

/** Litres that the round can bring home at all: containers, payload and settling room together. */
export const roomLitres = (l: RoundLimits): number =>
  Math.min(l.containerLitres, l.settlingRoomLitres, l.payloadKg / l.kgPerLitre);

/** Litres taken at each of some stops: the best first until the room is full; stops keep the order given. */
export function loadsAt(stops: readonly Stop[], chosen: readonly number[], room: number): number[] {
  const taken = new Map<number, number>();
  let left = room;
  for (const i of [...chosen].sort((a, b) => (stops[b]?.valuePerLitre ?? 0) - (stops[a]?.valuePerLitre ?? 0))) {
    const litres = Math.min(left, stops[i]?.litres ?? 0);
    taken.set(i, litres);
    left -= litres;
  }
  return chosen.map((i) => taken.get(i) ?? 0);
}

/** A round in this order, as it comes out; null where it takes too long. */
export function roundOf(
  q: RoundQuestion,
  km: readonly (readonly number[])[],
  order: readonly number[],
  exact: boolean,
): RoundPlan | null {
  const { limits, stops } = q;
  const home = stops.length;
  const path = [home, ...order, home];
  const driven = path.reduce((sum, at, i) => (i === 0 ? 0 : sum + (km[path[i - 1] ?? home]?.[at] ?? 0)), 0);
  const hours = driven / limits.kmPerHour + order.reduce((sum, i) => sum + (stops[i]?.minutesThere ?? 0), 0) / 60;
  if (hours > limits.hours + 1e-9) return null;
  const loads = loadsAt(stops, order, roomLitres(limits));
  const worth = order.reduce((sum, i, k) => sum + (loads[k] ?? 0) * (stops[i]?.valuePerLitre ?? 0), 0);
  return {
    order: order.map((stop, k) => ({ stop, litres: loads[k] ?? 0 })),
    litres: loads.reduce((sum, l) => sum + l, 0),
    km: driven,
    hours,
    value: worth - driven * limits.costPerKm,
    exact,
  };
}

/** Staying at home: worth nothing, costs nothing. */
export const STAY_HOME: RoundPlan = { order: [], litres: 0, km: 0, hours: 0, value: 0, exact: true };
