/** Kilometres east and north of anywhere. */
export interface Spot {
  readonly eastKm: number;
  readonly northKm: number;
}

/** When somebody opens the door, in hours after setting off. */
export interface Opening {
  readonly fromHours: number;
  readonly toHours: number;
}

/** A place to stop at, and what waits there. */
export interface Stop extends Spot {
  readonly litres: number;
  /** Usable share × price saved, less what they ask: what one collected litre is worth in the end. */
  readonly valuePerLitre: number;
  readonly minutesThere: number;
  /** Absent: always open. None: not today. */
  readonly open?: readonly Opening[] | undefined;
  /** Engine and gearbox oil, which is kept apart in containers of its own. */
  readonly apart?: boolean | undefined;
}

/** What a round may take, all resolved. */
export interface RoundLimits {
  readonly hours: number;
  readonly payloadKg: number;
  readonly containerLitres: number;
  /** Free litres in containers kept for oil that stays apart. */
  readonly apartLitres?: number | undefined;
  /** Never collect more than can settle at home. */
  readonly settlingRoomLitres: number;
  readonly kgPerLitre: number;
  readonly kmPerHour: number;
  readonly costPerKm: number;
  /** Roads wind: their length over the crow's. */
  readonly windingFactor: number;
}

export interface RoundQuestion {
  readonly home: Spot;
  /** Where it ends; absent: where it began. */
  readonly end?: Spot | undefined;
  /** A traveller stays at the last stop. */
  readonly oneWay?: boolean | undefined;
  readonly stops: readonly Stop[];
  readonly limits: RoundLimits;
}

export interface RoundStop {
  /** Index among the stops offered. */
  readonly stop: number;
  readonly litres: number;
  /** Hours after setting off at which one is there, and at which one is let in. */
  readonly arrivesHours: number;
  readonly startsHours: number;
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

/** Staying where one is: worth nothing, costs nothing. */
export const STAY: RoundPlan = { order: [], litres: 0, km: 0, hours: 0, value: 0, exact: true };

/** Kilometres by road between the stops, the start (index n) and the end (n + 1). */
export function distancesKm(q: RoundQuestion): number[][] {
  const places = [...q.stops, q.home, q.end ?? q.home];
  const end = places.length - 1;
  return places.map((a) =>
    places.map((b, to) =>
      q.oneWay && to === end ? 0 : q.limits.windingFactor * Math.hypot(a.eastKm - b.eastKm, a.northKm - b.northKm),
    ),
  );
}

/** When one who arrives is let in and done before the door closes; null where they are not any more. */
export function startAt(stop: Stop, arriveHours: number): number | null {
  if (stop.open === undefined) return arriveHours;
  let soonest: number | null = null;
  for (const { fromHours, toHours } of stop.open) {
    const starts = Math.max(arriveHours, fromHours);
    if (starts + stop.minutesThere / 60 <= toHours + SLACK_HOURS && (soonest === null || starts < soonest))
      soonest = starts;
  }
  return soonest;
}

/** Rounding is not being late. */
const SLACK_HOURS = 1e-9;

/**
 * Litres taken at each of some stops: the best first, while their kind of container, the settling room and the payload
 * have room. Greedy is best here, because the limits nest: each kind's own within one payload.
 */
export function loadsAt(stops: readonly Stop[], chosen: readonly number[], limits: RoundLimits): number[] {
  const taken = new Map<number, number>();
  let payload = limits.payloadKg / limits.kgPerLitre;
  const room = {
    kitchen: Math.min(limits.containerLitres, limits.settlingRoomLitres),
    apart: limits.apartLitres ?? 0,
  };
  for (const i of [...chosen].sort((a, b) => (stops[b]?.valuePerLitre ?? 0) - (stops[a]?.valuePerLitre ?? 0))) {
    const kind = stops[i]?.apart ? "apart" : "kitchen";
    const litres = Math.min(payload, room[kind], stops[i]?.litres ?? 0);
    taken.set(i, litres);
    payload -= litres;
    room[kind] -= litres;
  }
  return chosen.map((i) => taken.get(i) ?? 0);
}

export const worthOf = (stops: readonly Stop[], chosen: readonly number[], loads: readonly number[]): number =>
  chosen.reduce((sum, i, k) => sum + (loads[k] ?? 0) * (stops[i]?.valuePerLitre ?? 0), 0);

const NO_TIME = { arrivesHours: 0, startsHours: 0 };

/** Why a round cannot be driven as it stands. */
export type RoundFault =
  | { readonly code: "closed"; readonly stop: number }
  | { readonly code: "too-long"; readonly hours: number };

/** A round in this order, as it comes out; where it cannot be driven, why. */
export function driveRound(
  q: RoundQuestion,
  km: readonly (readonly number[])[],
  order: readonly number[],
): { plan: RoundPlan; fault: RoundFault | null } {
  const { limits, stops } = q;
  const [start, end] = [stops.length, stops.length + 1];
  const times: { arrivesHours: number; startsHours: number }[] = [];
  let fault: RoundFault | null = null;
  let hours = 0;
  let driven = 0;
  let here = start;
  for (const i of order) {
    const leg = km[here]?.[i] ?? 0;
    const stop = stops[i] as Stop;
    const arrive = hours + leg / limits.kmPerHour;
    const begins = startAt(stop, arrive);
    if (begins === null) fault ??= { code: "closed", stop: i };
    times.push({ arrivesHours: arrive, startsHours: begins ?? arrive });
    hours = (begins ?? arrive) + stop.minutesThere / 60;
    driven += leg;
    here = i;
  }
  const last = order.length === 0 ? 0 : (km[here]?.[end] ?? 0);
  driven += last;
  hours += last / limits.kmPerHour;
  if (hours > limits.hours + SLACK_HOURS) fault ??= { code: "too-long", hours };
  const loads = loadsAt(stops, order, limits);
  const plan: RoundPlan = {
    order: order.map((stop, k) => ({ stop, litres: loads[k] ?? 0, ...(times[k] ?? NO_TIME) })),
    litres: loads.reduce((sum, l) => sum + l, 0),
    km: driven,
    hours,
    value: worthOf(stops, order, loads) - driven * limits.costPerKm,
    exact: false,
  };
  return { plan, fault };
}
