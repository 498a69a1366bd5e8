import type { RoundQuestion } from "./round";

const NONE = -1;
const FIRST_ROOM = 1 << 14;
const SLACK_HOURS = 1e-9;

/**
 * Ways from the start through some stops, by the stops (a bit each) and the last of them. With doors that close, the
 * shortest way may be late and the early way long, so every way that is better in either is kept. Numbers in typed
 * arrays, one way an index: a dozen stops make some hundred thousand of them.
 */
export class Ways {
  private km = new Float64Array(FIRST_ROOM);
  private hours = new Float64Array(FIRST_ROOM);
  private last = new Int8Array(FIRST_ROOM);
  private before = new Int32Array(FIRST_ROOM);
  /** The next way to the same place, or none. */
  private next = new Int32Array(FIRST_ROOM);
  private readonly first: Int32Array;
  private count = 0;
  private readonly opens: readonly Float64Array[];
  private readonly there: readonly number[];
  private readonly legs: readonly Float64Array[];
  private readonly n: number;

  constructor(
    private readonly q: RoundQuestion,
    km: readonly (readonly number[])[],
  ) {
    this.n = q.stops.length;
    this.first = new Int32Array((1 << this.n) * this.n).fill(NONE);
    this.legs = km.map((row) => Float64Array.from(row));
    this.there = q.stops.map((s) => s.minutesThere / 60);
    this.opens = q.stops.map((s) =>
      Float64Array.from((s.open ?? [{ fromHours: 0, toHours: Infinity }]).flatMap((o) => [o.fromHours, o.toHours])),
    );
  }

  /** Every undominated way through every subset, smallest subsets first. */
  explore(progress: (share: number) => void): void {
    const { n } = this;
    for (let i = 0; i < n; i++) this.extend(NONE, n, i, (1 << i) * n + i);
    const subsets = 1 << n;
    for (let subset = 1; subset < subsets; subset++) {
      if ((subset & 511) === 0) progress(subset / subsets);
      for (let last = 0; last < n; last++)
        for (let way = this.first[subset * n + last] as number; way !== NONE; way = this.next[way] as number)
          for (let to = 0; to < n; to++)
            if (!(subset & (1 << to))) this.extend(way, last, to, (subset | (1 << to)) * n + to);
    }
  }

  /** The way through a subset whose whole tour is shortest, of those that end in time. */
  shortest(subset: number): { km: number; way: number } | null {
    const { n, q } = this;
    let best: { km: number; way: number } | null = null;
    for (let last = 0; last < n; last++) {
      const home = this.legs[last]?.[n + 1] ?? 0;
      for (let way = this.first[subset * n + last] as number; way !== NONE; way = this.next[way] as number) {
        const km = (this.km[way] as number) + home;
        const hours = (this.hours[way] as number) + home / q.limits.kmPerHour;
        if (hours <= q.limits.hours + SLACK_HOURS && km < (best?.km ?? Infinity)) best = { km, way };
      }
    }
    return best;
  }

  /** The stops of a way, in order. */
  orderOf(way: number): number[] {
    const order: number[] = [];
    for (let at = way; at !== NONE; at = this.before[at] as number) order.unshift(this.last[at] as number);
    return order;
  }

  private extend(way: number, from: number, to: number, place: number): void {
    const { limits } = this.q;
    const leg = (this.legs[from] as Float64Array)[to] as number;
    const km = (way === NONE ? 0 : (this.km[way] as number)) + leg;
    const arrive = (way === NONE ? 0 : (this.hours[way] as number)) + leg / limits.kmPerHour;
    const hours = this.done(to, arrive);
    const home = (this.legs[to] as Float64Array)[this.n + 1] as number;
    // No way on gets home sooner than the straight one.
    if (hours + home / limits.kmPerHour > limits.hours + SLACK_HOURS) return;
    // Unless another is as short and as early; those that this one beats go.
    let previous = NONE;
    for (let w = this.first[place] as number; w !== NONE; w = this.next[w] as number) {
      if ((this.km[w] as number) <= km && (this.hours[w] as number) <= hours) return;
      if ((this.km[w] as number) >= km && (this.hours[w] as number) >= hours) {
        if (previous === NONE) this.first[place] = this.next[w] as number;
        else this.next[previous] = this.next[w] as number;
      } else previous = w;
    }
    if (this.count === this.km.length) this.grow();
    const made = this.count++;
    this.km[made] = km;
    this.hours[made] = hours;
    this.last[made] = to;
    this.before[made] = way;
    this.next[made] = this.first[place] as number;
    this.first[place] = made;
  }

  /** When one who arrives has been let in and is done; never, where the doors close before. */
  private done(stop: number, arrive: number): number {
    const open = this.opens[stop] as Float64Array;
    const there = this.there[stop] as number;
    let soonest = Infinity;
    for (let i = 0; i < open.length; i += 2) {
      const ends = Math.max(arrive, open[i] as number) + there;
      if (ends <= (open[i + 1] as number) + SLACK_HOURS && ends < soonest) soonest = ends;
    }
    return soonest;
  }

  private grow(): void {
    const room = 2 * this.km.length;
    const larger = <T extends { set(from: T): void }>(made: T, from: T): T => {
      made.set(from);
      return made;
    };
    this.km = larger(new Float64Array(room), this.km);
    this.hours = larger(new Float64Array(room), this.hours);
    this.last = larger(new Int8Array(room), this.last);
    this.before = larger(new Int32Array(room), this.before);
    this.next = larger(new Int32Array(room), this.next);
  }
}
