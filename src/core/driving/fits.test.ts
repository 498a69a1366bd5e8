import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  coolantCelsius,
  exchangerOutCelsius,
  fitTanks,
  fitTau,
  heaterRiseK,
  lineVolumesToResidual,
  minutesToCoolant,
  purgeResidual,
  type ReturnSwitch,
  returnedLitres,
  switchVerdict,
  type WarmUpReading,
} from ".";

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const engine = { ambientCelsius: 4, startCelsius: 4, riseK: 130, thermostatCelsius: 88, tauMinutes: 7 };

/** From the usual τ the first step of a fit to these lands on a flat of the curve. */
const FAR_OFF: [number, number, number][] = [
  6.945611262354284, 5.907174573214789, 2.4622176273564684, 7.693082406998242, 7.957209244362779, 1.826038076848347,
  6.474633156193655,
].map((minutes) => [0, minutes, 0]);

describe("warming up", () => {
  it("reaches what it is asked for when it says so, and never passes the thermostat", () => {
    fc.assert(
      fc.property(positive(1, 15), positive(5, 87), (tauMinutes, t) => {
        const w = { ...engine, tauMinutes };
        expect(coolantCelsius(w, minutesToCoolant(w, t) ?? 0)).toBeCloseTo(t, 9);
        expect(coolantCelsius(w, 1e4)).toBe(88);
      }),
    );
    expect(minutesToCoolant(engine, 89)).toBeNull();
    expect(minutesToCoolant({ ...engine, ambientCelsius: -60, startCelsius: -60 }, 80)).toBeNull();
    expect(minutesToCoolant({ ...engine, startCelsius: 60 }, 50)).toBe(0);
  });
  it("learns τ from looks at the gauge, and how far to trust it", () => {
    const looks = fc.array(fc.tuple(positive(-10, 20), positive(1, 8), positive(-1.5, 1.5)), {
      minLength: 6,
      maxLength: 12,
    });
    fc.assert(
      fc.property(positive(4, 12), looks, (tauMinutes, drawn) => {
        const readings = drawn.map(([ambientCelsius, minutes, off]): WarmUpReading => {
          const w = { ...engine, ambientCelsius, startCelsius: ambientCelsius, tauMinutes, thermostatCelsius: 200 };
          return { ...w, minutes, coolantCelsius: coolantCelsius(w, minutes) + off };
        });
        const tau = fitTau(readings, 130, 200);
        expect(Math.abs(tau.value / tauMinutes - 1)).toBeLessThan(0.1);
        expect(tau.readings).toBe(readings.length);
      }),
      { numRuns: 30, examples: [[4, FAR_OFF]] },
    );
  });
  it("leaves out a gauge held by the thermostat, and refuses where it was always held", () => {
    const held = { ambientCelsius: 4, startCelsius: 4, minutes: 30, coolantCelsius: 88 };
    const early = { ...held, minutes: 4, coolantCelsius: coolantCelsius(engine, 4) };
    expect(fitTau([early, held], 130, 88)).toMatchObject({ readings: 1, trust: "rough" });
    expect(fitTau([early, held], 130, 88).value).toBeCloseTo(7, 3);
    expect(() => fitTau([held], 130, 88)).toThrow("note one earlier");
  });
});

describe("heating the fuel", () => {
  it("an exchanger brings it towards the coolant and never past", () => {
    fc.assert(
      fc.property(
        positive(-20, 60),
        positive(60, 95),
        positive(1, 200),
        positive(1, 200),
        (from, coolant, ua, flow) => {
          const out = exchangerOutCelsius(from, coolant, ua, flow, 0.92);
          expect(out).toBeGreaterThanOrEqual(from);
          expect(out).toBeLessThanOrEqual(coolant + 1e-9);
          expect(exchangerOutCelsius(from, coolant, ua, flow * 2, 0.92)).toBeLessThanOrEqual(out + 1e-9);
        },
      ),
    );
  });
  it("a heater adds the more the slower the flow", () =>
    expect(heaterRiseK(150, 6, 0.92) / heaterRiseK(150, 12, 0.92)).toBeCloseTo(2, 12));
  it("lets oil in only hot enough and thin enough", () => {
    expect(switchVerdict(60, 70, 12, 15)).toEqual({ code: "too-cool", missingK: 10 });
    expect(switchVerdict(75, 70, 18, 15)).toMatchObject({ code: "too-thick" });
    expect(switchVerdict(75, 70, 14, 15)).toEqual({ code: "on-oil" });
  });
});

describe("the return", () => {
  const turned: ReturnSwitch = {
    beforeLitresPerMinute: 0.12,
    pumpLitresPerMinute: 1.4,
    burnLitresPerMinute: 0.12,
    lineLitres: 0.5,
    tanksInSeries: 3,
    fromMinute: 2,
    toMinute: 6,
  };
  it("equals the sum of small steps of what comes round", () => {
    for (const tanksInSeries of [1, 2, 5]) {
      const r = { ...turned, tanksInSeries };
      const step = 1e-4;
      let litres = 0;
      for (let t = r.fromMinute + step / 2; t < r.toMinute; t += step) {
        const through = r.beforeLitresPerMinute * r.fromMinute + r.pumpLitresPerMinute * (t - r.fromMinute);
        const share = purgeResidual({ ...r, litresPerMinute: through }, 1);
        litres += (r.pumpLitresPerMinute - r.burnLitresPerMinute) * share * step;
      }
      expect(returnedLitres(r) / litres).toBeCloseTo(1, 5);
    }
  });
  it("brings less oil the later it is turned, and the line's worth at the most", () => {
    fc.assert(
      fc.property(positive(0, 20), fc.integer({ min: 1, max: 8 }), (minute, tanksInSeries) => {
        const at = (fromMinute: number) =>
          returnedLitres({ ...turned, tanksInSeries, fromMinute, toMinute: fromMinute + 30 });
        expect(at(minute + 1)).toBeLessThanOrEqual(at(minute));
        expect(at(0)).toBeLessThanOrEqual(turned.lineLitres);
      }),
    );
  });
  it("refuses an end before its start, and an engine that burns all of it", () => {
    expect(() => returnedLitres({ ...turned, toMinute: 1 })).toThrow("before");
    expect(() => returnedLitres({ ...turned, burnLitresPerMinute: 2 })).toThrow("nothing would return");
  });
});

describe("how the line mixes", () => {
  it("is found again from purges that took so long", () => {
    for (const n of [1, 2, 3, 6]) {
      const minutes = (lineVolumesToResidual(n, 0.02) * 0.4) / 1.4;
      const readings = [0.99, 1, 1.01].map((off) => ({ litresPerMinute: 1.4, minutes: minutes * off }));
      expect(fitTanks(readings, 0.4)).toMatchObject({ value: n, readings: 3 });
    }
  });
  it("refuses a line that took longer than one stirred tank would", () => {
    expect(() => fitTanks([{ litresPerMinute: 1.4, minutes: 5 }], 0.4)).toThrow("holds more");
    expect(() => fitTanks([], 0.4)).toThrow("at least 1");
  });
});
