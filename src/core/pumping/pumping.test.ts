import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { batteryDay, mostLitresPerMinute, suction } from ".";

const oil = oilOf(FLUIDS.canola, 1.15);
const hoses = fc.record({
  boreMm: fc.double({ min: 4, max: 20, noNaN: true }),
  lengthM: fc.double({ min: 0.5, max: 10, noNaN: true }),
  liftM: fc.double({ min: 0, max: 1.5, noNaN: true }),
});

describe("a suction hose", () => {
  it("pulls just what the pump can at the most that it lets through, where it flows in layers", () => {
    fc.assert(
      fc.property(hoses, fc.double({ min: -10, max: 40, noNaN: true }), (hose, celsius) => {
        const most = mostLitresPerMinute(oil, celsius, hose, 30);
        const pulled = suction(oil, celsius, hose, most);
        if (pulled.reynolds < 2300) expect(pulled.kPa).toBeCloseTo(30, 6);
        // Where it whirls, the laminar answer is too good: the same flow asks for more.
        else expect(pulled.kPa).toBeGreaterThan(30);
      }),
    );
  });
  it("lets through less the colder, the longer and the narrower it is", () => {
    fc.assert(
      fc.property(hoses, (hose) => {
        const at = (celsius: number, more: Partial<typeof hose> = {}) =>
          mostLitresPerMinute(oil, celsius, { ...hose, ...more }, 30);
        expect(at(-5)).toBeLessThan(at(20));
        expect(at(10, { lengthM: hose.lengthM * 2 })).toBeCloseTo(at(10) / 2, 9);
        expect(at(10, { boreMm: hose.boreMm / 2 })).toBeCloseTo(at(10) / 16, 9);
      }),
    );
  });
  it("lets nothing through where the lift alone is too much", () =>
    expect(mostLitresPerMinute(oil, 10, { boreMm: 8, lengthM: 2, liftM: 4 }, 30)).toBe(0));
});

describe("a battery", () => {
  const battery = { volts: 12, ampereHours: 80, usableShare: 0.5 };
  it("is as full as before once the panel has given back what the pump took", () => {
    const day = batteryDay([{ watts: 60, minutes: 120 }], battery, 40, 3);
    expect(day).toMatchObject({ needWh: 120, usableWh: 480, panelWh: 120, shareLeft: 1, minutesUntilFlat: 480 });
  });
  it("is never fuller than full nor emptier than empty", () => {
    expect(batteryDay([], battery, 100, 12)).toMatchObject({ shareLeft: 1, minutesUntilFlat: null });
    expect(batteryDay([{ watts: 500, minutes: 600 }], battery, 0, 0).shareLeft).toBe(0);
  });
});
