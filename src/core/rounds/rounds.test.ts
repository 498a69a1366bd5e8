import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  daysToFull,
  goodRound,
  litresPerDay,
  planRound,
  priorRate,
  type RoundQuestion,
  updateRate,
  waitingLitres,
} from ".";
import { distancesKm, roundOf, STAY_HOME } from "./round";

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const quiet = (): void => undefined;

const question = (stops: number): fc.Arbitrary<RoundQuestion> =>
  fc.record({
    home: fc.record({ eastKm: positive(-5, 5), northKm: positive(-5, 5) }),
    stops: fc.array(
      fc.record({
        eastKm: positive(-25, 25),
        northKm: positive(-25, 25),
        litres: positive(5, 150),
        valuePerLitre: positive(-0.2, 1.5),
        minutesThere: positive(5, 40),
      }),
      { maxLength: stops },
    ),
    limits: fc.record({
      hours: positive(0.5, 6),
      payloadKg: positive(50, 600),
      containerLitres: positive(50, 500),
      settlingRoomLitres: positive(50, 500),
      kgPerLitre: fc.constant(1),
      kmPerHour: fc.constant(40),
      costPerKm: positive(0, 1),
      windingFactor: fc.constant(1.3),
    }),
  });

/** Every order of every choice of stops. */
function bruteForce(q: RoundQuestion): number {
  const km = distancesKm(q);
  let best = STAY_HOME.value;
  const walk = (order: number[]): void => {
    best = Math.max(best, roundOf(q, km, order, true)?.value ?? best);
    for (let i = 0; i < q.stops.length; i++) if (!order.includes(i)) walk([...order, i]);
  };
  walk([]);
  return best;
}

describe("planning a round", () => {
  it("equals brute force", () => {
    fc.assert(
      fc.property(question(6), (q) => {
        expect(planRound(q, quiet).value).toBeCloseTo(bruteForce(q), 9);
      }),
      { numRuns: 200 },
    );
  });
  it("keeps every limit, visits nobody twice, and leaves with something", () => {
    fc.assert(
      fc.property(question(9), (q) => {
        const plan = planRound(q, quiet);
        const { limits } = q;
        expect(plan.hours).toBeLessThanOrEqual(limits.hours + 1e-9);
        expect(plan.litres).toBeLessThanOrEqual(
          Math.min(limits.containerLitres, limits.settlingRoomLitres, limits.payloadKg) + 1e-9,
        );
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
        expect(good.value).toBeLessThanOrEqual(planRound(q, quiet).value + 1e-9);
        expect(good.value).toBeGreaterThanOrEqual(0.6 * planRound(q, quiet).value - 1e-9);
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
    const limits = {
      hours: 6,
      payloadKg: 400,
      containerLitres: 400,
      settlingRoomLitres: 900,
      kgPerLitre: 1,
      kmPerHour: 40,
      costPerKm: 0.3,
      windingFactor: 1.3,
    };
    const plan = planRound({ home: { eastKm: 0, northKm: 0 }, stops, limits }, (share) => many.push(share));
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
