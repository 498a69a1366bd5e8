import { DEFAULT_SETTINGS, type DipReading, type JarReading, type YardState } from "../../ledger";
import { type Ahead, celsiusAt, coolingTo, type TemperaturePoint, withAhead } from "../../settling";
import { MS_PER_HOUR } from "../../units";

/** What a vessel's own temperature is reckoned from. */
export interface Warmth {
  readonly since: string;
  readonly warmCelsius: number | null;
  readonly dips: readonly DipReading[];
  readonly jars: readonly JarReading[];
}

/** Oil fresh from a warm kitchen or a heater says nothing of where it stands. */
const SETTLED_HOURS = 24;

/**
 * The temperatures a vessel has had since it was stirred and will have: the shed's, logged and as expected, with what a
 * heater left in it, shifted by how much warmer or colder its own readings were.
 */
export function courseSince(yard: YardState, w: Warmth, now: string): TemperaturePoint[] {
  const shed = withAhead(loggedSince(yard, w.since, now), aheadOf(yard), Date.parse(w.since), Date.parse(now));
  const course = w.warmCelsius === null ? shed : coolingTo(shed, w.warmCelsius, yard.settings.coolingHours);
  const shift = shiftOf(course, w);
  return shift === 0 ? course : course.map(([hour, celsius]): TemperaturePoint => [hour, celsius + shift]);
}

/** The shed as it was logged between two moments, first and last held: what a lot in store was kept at. */
export function shedBetween(yard: YardState, since: string, until: string): TemperaturePoint[] {
  const points = loggedSince(yard, since, until);
  const end = (Date.parse(until) - Date.parse(since)) / MS_PER_HOUR;
  const inside = points.filter(([hour]) => hour > 0 && hour < end);
  return [[0, celsiusAt(points, 0)], ...inside, [end, celsiusAt(points, end)]];
}

/** The shed alone, from a moment on: what a lot meets that is heated or fined then. */
export const shedFrom = (yard: YardState, from: string): TemperaturePoint[] =>
  withAhead(loggedSince(yard, from, from), aheadOf(yard), Date.parse(from), Date.parse(from));

export function aheadOf({ settings: s }: YardState): Ahead {
  if (s.shedAhead === "typed") return { kind: "typed", celsius: s.shedAheadCelsius };
  return s.shedAhead === "year" ? { kind: "year", months: s.shedMonthsCelsius } : { kind: "held" };
}

function shiftOf(course: readonly TemperaturePoint[], { since, dips, jars }: Warmth): number {
  const start = Date.parse(since);
  const off = [...dips, ...jars].flatMap((r) => {
    const hour = (Date.parse(r.at) - start) / MS_PER_HOUR;
    return r.celsius === undefined || hour < SETTLED_HOURS ? [] : [r.celsius - celsiusAt(course, hour)];
  });
  return off.length === 0 ? 0 : off.reduce((sum, k) => sum + k, 0) / off.length;
}

/** The shed's logged temperatures of a time, as hours since its start; the last before it counts from there. */
function loggedSince(yard: YardState, since: string, until: string): TemperaturePoint[] {
  const start = Date.parse(since);
  const points: TemperaturePoint[] = [];
  for (let i = lastBy(yard.shedTemperatures, until); i >= 0; i--) {
    const reading = yard.shedTemperatures[i];
    if (!reading) break;
    const hour = (reading.atMs - start) / MS_PER_HOUR;
    // Two logged in one minute: the later one stands.
    if (points.at(-1)?.[0] !== hour) points.push([hour, reading.celsius]);
    if (reading.at <= since) break;
  }
  const first = points.at(-1);
  if (first && first[0] <= 0) return points.reverse();
  // A reading says nothing of the days before it: until then the shed was what it is taken for where nobody has looked.
  const { shedCelsius: untold } = DEFAULT_SETTINGS;
  if (!first) return [[0, untold]];
  return [[0, untold], [Math.max(0, first[0] - A_MINUTE), untold], ...points.reverse()];
}

const A_MINUTE = 1 / 60;

/** Index of the last reading by a time; −1 where there is none. They stand in the order they were taken. */
function lastBy(readings: readonly { readonly at: string }[], until: string): number {
  let [low, high] = [0, readings.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((readings[middle]?.at ?? "") <= until) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
