import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  daysToFull,
  distancesKm,
  driveRound,
  goodRound,
  litresPerDay,
  planRound,
  priorRate,
  type RoundLimits,
  type RoundQuestion,
  type Spot,
  type Stop,
  updateRate,
  waitingLitres,
} from ".";

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const quiet = (): void => undefined;

const opening = fc.record({ from: positive(-1, 5), length: positive(0.5, 4) });

const stop: fc.Arbitrary<Stop> = fc.record({
  eastKm: positive(-25, 25),
  northKm: positive(-25, 25),
  litres: positive(5, 150),
  valuePerLitre: positive(-0.2, 1.5),
  minutesThere: positive(5, 40),
  apart: fc.boolean(),
  open: fc.option(
    fc.array(
      opening.map(({ from, length }) => ({ fromHours: from, toHours: from + length })),
      { maxLength: 2 },
    ),
    { nil: undefined, freq: 2 },
  ),
});

/** As many stops as not, up to so many: none is as likely as all. */
const question = (stops: number): fc.Arbitrary<RoundQuestion> =>
  fc.record({
    home: fc.record({ eastKm: positive(-5, 5), northKm: positive(-5, 5) }),
    end: fc.option(fc.record({ eastKm: positive(-9, 9), northKm: positive(-9, 9) }), { nil: undefined }),
    oneWay: fc.boolean(),
    stops: fc.nat(stops).chain((n) => fc.array(stop, { minLength: n, maxLength: n })),
    limits: fc.record({
      hours: positive(0.5, 10),
      payloadKg: positive(50, 600),
      containerLitres: positive(50, 500),
      apartLitres: positive(0, 100),
      settlingRoomLitres: positive(50, 500),
      kgPerLitre: fc.constantFrom(0.92, 1, 1.1),
      kmPerHour: fc.constant(40),
      costPerKm: positive(0, 1),
      windingFactor: fc.constant(1.3),
    }),
  });

const LIMITS: RoundLimits = {
  hours: 6,
  payloadKg: 400,
  containerLitres: 400,
  settlingRoomLitres: 900,
  kgPerLitre: 1,
  kmPerHour: 40,
  costPerKm: 0.3,
  windingFactor: 1.3,
};

/** Every order of every choice of stops, driven one leg at a time: slow, and knows nothing of the planner. */
function bruteForce({ home, end = home, oneWay = false, stops, limits }: RoundQuestion): number {
  const road = (a: Spot, b: Spot): number =>
    limits.windingFactor * Math.hypot(a.eastKm - b.eastKm, a.northKm - b.northKm);
  const legs = stops.map((a) => stops.map((b) => road(a, b)));
  const ends = stops.map((s) => (oneWay ? 0 : road(s, end)));
  const worths = new Map<number, number>();
  const worth = (subset: number): number => {
    const known = worths.get(subset);
    if (known !== undefined) return known;
    let [kitchen, apart] = [Math.min(limits.containerLitres, limits.settlingRoomLitres), limits.apartLitres ?? 0];
    let aboard = limits.payloadKg / limits.kgPerLitre;
    let sum = 0;
    const members = stops.filter((_, i) => subset & (1 << i)).sort((a, b) => b.valuePerLitre - a.valuePerLitre);
    for (const s of members) {
      const litres = Math.min(aboard, s.apart ? apart : kitchen, s.litres);
      aboard -= litres;
      if (s.apart) apart -= litres;
      else kitchen -= litres;
      sum += litres * s.valuePerLitre;
    }
    worths.set(subset, sum);
    return sum;
  };
  let best = 0;
  const drive = (subset: number, here: number, km: number, hours: number): void => {
    if (subset && hours + (ends[here] ?? 0) / limits.kmPerHour <= limits.hours)
      best = Math.max(best, worth(subset) - (km + (ends[here] ?? 0)) * limits.costPerKm);
    for (const [i, stop] of stops.entries()) {
      if (subset & (1 << i)) continue;
      const leg = subset ? (legs[here]?.[i] ?? 0) : road(home, stop);
      const there = hours + leg / limits.kmPerHour;
      const doors = stop.open ?? [{ fromHours: 0, toHours: Infinity }];
      const done = doors
        .map((o) => ({ done: Math.max(there, o.fromHours) + stop.minutesThere / 60, by: o.toHours }))
        .filter((o) => o.done <= o.by)
        .map((o) => o.done);
      if (done.length > 0) drive(subset | (1 << i), i, km + leg, Math.min(...done));
    }
  };
  drive(0, -1, 0, 0);
  return best;
}

describe("planning a round", () => {
  it("equals brute force, with doors that close and oil kept apart", () => {
    fc.assert(
      fc.property(question(8), (q) => {
        expect(planRound(q, quiet).value).toBeCloseTo(bruteForce(q), 6);
      }),
      { numRuns: 200 },
    );
  });
  it("drives as it was planned", () => {
    fc.assert(
      fc.property(question(8), (q) => {
        const plan = planRound(q, quiet);
        const again = driveRound(
          q,
          distancesKm(q),
          plan.order.map((s) => s.stop),
        );
        expect(again.fault).toBeNull();
        expect(again.plan).toEqual({ ...plan, exact: false });
      }),
    );
  });
  it("says why an order cannot be driven: a door that has closed, a day that is over", () => {
    const inn = { eastKm: 20, northKm: 0, litres: 60, valuePerLitre: 1, minutesThere: 10 };
    const limits = { ...LIMITS, hours: 2 };
    const ask = (more: Partial<Stop>, order: number[]) => {
      const q = {
        home: { eastKm: 0, northKm: 0 },
        stops: [
          { ...inn, ...more },
          { ...inn, northKm: 30 },
        ],
        limits,
      };
      return driveRound(q, distancesKm(q), order).fault;
    };
    expect(ask({}, [0])).toBeNull();
    expect(ask({ open: [{ fromHours: 0, toHours: 0.7 }] }, [0])).toEqual({ code: "closed", stop: 0 });
    expect(ask({ open: [] }, [0])).toEqual({ code: "closed", stop: 0 });
    expect(ask({}, [1, 0])).toMatchObject({ code: "too-long" });
    expect(planRound({ home: inn, stops: [{ ...inn, open: [] }], limits }, quiet).order).toEqual([]);
  });
  it("keeps every limit, visits nobody twice, and leaves with something", () => {
    fc.assert(
      fc.property(question(9), (q) => {
        const plan = planRound(q, quiet);
        const { limits } = q;
        expect(plan.hours).toBeLessThanOrEqual(limits.hours + 1e-9);
        const of = (apart: boolean): number =>
          plan.order.reduce((sum, s) => (q.stops[s.stop]?.apart === apart ? sum + s.litres : sum), 0);
        expect(of(false)).toBeLessThanOrEqual(Math.min(limits.containerLitres, limits.settlingRoomLitres) + 1e-9);
        expect(of(true)).toBeLessThanOrEqual((limits.apartLitres ?? 0) + 1e-9);
        expect(plan.litres * limits.kgPerLitre).toBeLessThanOrEqual(limits.payloadKg + 1e-9);
        expect(new Set(plan.order.map((s) => s.stop)).size).toBe(plan.order.length);
        for (const s of plan.order) {
          expect(s.litres).toBeGreaterThan(0);
          expect(s.litres).toBeLessThanOrEqual((q.stops[s.stop]?.litres ?? 0) + 1e-9);
        }
        expect(plan.value).toBeGreaterThanOrEqual(0);
      }),
    );
  });
  it("of more stops is good, if not proved best, and says so; progress ends at one", () => {
    fc.assert(
      fc.property(question(8), (q) => {
        const good = goodRound(q, quiet);
        const best = planRound(q, quiet).value;
        expect(good.value).toBeLessThanOrEqual(best + 1e-9);
        expect(good.value).toBeGreaterThanOrEqual(0.6 * best - 1e-9);
        expect(good.exact).toBe(false);
      }),
      { numRuns: 60, seed: 7 },
    );
    const many: number[] = [];
    const stops = Array.from({ length: 30 }, (_, i) => ({
      eastKm: (i * 7) % 23,
      northKm: (i * 11) % 17,
      litres: 20 + i,
      valuePerLitre: 0.5 + (i % 5) / 10,
      minutesThere: 10,
    }));
    const q = { home: { eastKm: 0, northKm: 0 }, stops, limits: LIMITS };
    const plan = planRound(q, (share) => many.push(share));
    expect(plan).toMatchObject({ exact: false });
    expect(plan.order.length).toBeGreaterThan(5);
    expect(many.at(-1)).toBe(1);
  });
});

describe("a filling source", () => {
  const prior = priorRate(3, 14, 20);
  it("is what was assumed before any pickup, and what was seen after many", () => {
    expect(litresPerDay(prior)).toBeCloseTo(3, 12);
    const seen = updateRate(
      prior,
      Array.from({ length: 40 }, () => ({ litres: 70, days: 14 })),
    );
    expect(litresPerDay(seen)).toBeCloseTo(5, 1);
    expect(seen.pickups).toBe(40);
  });
  it("does not mind the order of its pickups", () => {
    fc.assert(
      fc.property(fc.array(fc.record({ litres: positive(0, 200), days: positive(1, 60) })), (pickups) => {
        const [a, b] = [updateRate(prior, pickups), updateRate(prior, [...pickups].reverse())];
        expect(litresPerDay(a)).toBeCloseTo(litresPerDay(b), 9);
      }),
    );
  });
  it("waits for more the longer, within a band, and never more than its containers hold", () => {
    fc.assert(
      fc.property(positive(1, 200), positive(10, 300), (days, containers) => {
        const rate = updateRate(prior, [{ litres: 60, days: 20 }]);
        const [now, later] = [waitingLitres(rate, days, containers), waitingLitres(rate, days + 1, containers)];
        expect(later.mean).toBeGreaterThanOrEqual(now.mean);
        expect(now.low).toBeLessThanOrEqual(now.mean);
        expect(now.mean).toBeLessThanOrEqual(now.high + 1e-9);
        expect(now.high).toBeLessThanOrEqual(containers);
      }),
    );
    expect(waitingLitres(prior, 0, 100)).toEqual({ mean: 0, low: 0, high: 0 });
  });
  it("narrows its band as it is seen more often", () => {
    const width = (pickups: number): number => {
      const rate = updateRate(
        prior,
        Array.from({ length: pickups }, () => ({ litres: 60, days: 20 })),
      );
      const { low, high } = daysToFull(rate, 100);
      return (high ?? Infinity) - (low ?? 0);
    };
    expect(width(20)).toBeLessThan(width(2));
    expect(daysToFull(priorRate(0.01, 1, 900), 200).high).toBeNull();
  });
});
