import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, flashPointCelsius } from "../fluids";
import {
  celsiusAtViscosity,
  cloudPointCelsius,
  leastThinnerShare,
  mergedMix,
  mixCetane,
  mixRho15KgPerL,
  mixViscosityMm2PerS,
  pourPointCelsius,
  scaledMix,
  topUp,
  withUsedFactor,
} from ".";

const part = fc.record({
  fluid: fc.constantFrom(...Object.values(FLUIDS)),
  litres: fc.double({ min: 0.1, max: 200, noNaN: true }),
  usedFactor: fc.double({ min: 1, max: 1.5, noNaN: true }),
});
const mix = fc.array(part, { minLength: 1, maxLength: 5 });
const celsius = fc.double({ min: -20, max: 100, noNaN: true });
const fresh = (fluid: "canola" | "diesel" | "kerosene" | "petrol" | "motor-oil") => ({
  fluid: FLUIDS[fluid],
  usedFactor: 1,
});

describe("a blend", () => {
  it("lies between its parts in everything that is a mean", () => {
    fc.assert(
      fc.property(mix, celsius, (parts, t) => {
        const between = (blend: number, each: number[]): void => {
          expect(blend).toBeGreaterThanOrEqual(Math.min(...each) * (1 - 1e-3) - 1e-6);
          expect(blend).toBeLessThanOrEqual(Math.max(...each) * (1 + 1e-3) + 1e-6);
        };
        between(
          mixViscosityMm2PerS(parts, t),
          parts.map((p) => mixViscosityMm2PerS([p], t)),
        );
        between(
          mixRho15KgPerL(parts),
          parts.map((p) => p.fluid.rho15KgPerL),
        );
        between(
          mixCetane(parts),
          parts.map((p) => p.fluid.cetane),
        );
        expect(cloudPointCelsius(parts)).toBeLessThanOrEqual(
          Math.max(...parts.map((p) => p.fluid.cloudCelsius)) + 1e-6,
        );
        expect(pourPointCelsius(parts)).toBeGreaterThanOrEqual(
          Math.min(...parts.map((p) => p.fluid.pourCelsius)) - 1e-6,
        );
      }),
    );
  });
  it("flashes like its most volatile part, and any petrol at all is petrol", () => {
    const parts = (petrol: number) => [
      { fluid: FLUIDS.canola, litres: 100 - petrol },
      { fluid: FLUIDS.petrol, litres: petrol },
    ];
    expect(flashPointCelsius(parts(0.01))).toBe(-40);
    expect(flashPointCelsius(parts(0))).toBe(246);
    expect(
      flashPointCelsius([
        { fluid: FLUIDS.canola, litres: 99.8 },
        { fluid: FLUIDS.kerosene, litres: 0.2 },
      ]),
    ).toBe(246);
  });
  it("carries the used factor on waste oils only", () => {
    const parts = withUsedFactor(
      [
        { fluid: "canola", litres: 1 },
        { fluid: "diesel", litres: 1 },
      ],
      FLUIDS,
      1.15,
    );
    expect(parts.map((p) => p.usedFactor)).toEqual([1.15, 1]);
  });
});

describe("how much thinner", () => {
  it("meets the limit exactly, and less does not", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 30, noNaN: true }),
        fc.double({ min: 8, max: 25, noNaN: true }),
        (t, limit) => {
          const share = leastThinnerShare(fresh("canola"), fresh("kerosene"), t, limit);
          if (share === null || share === 0) return;
          const at = (s: number) =>
            mixViscosityMm2PerS(
              [
                { ...fresh("canola"), litres: 1 - s },
                { ...fresh("kerosene"), litres: s },
              ],
              t,
            );
          expect(at(share)).toBeCloseTo(limit, 6);
          expect(at(Math.max(0, share - 0.01))).toBeGreaterThan(limit);
        },
      ),
    );
  });
  it("is nothing where the oil alone will do, and no answer where the thinner alone will not", () => {
    expect(leastThinnerShare(fresh("canola"), fresh("diesel"), 90, 15)).toBe(0);
    expect(leastThinnerShare(fresh("canola"), fresh("motor-oil"), 0, 15)).toBeNull();
  });
  it("gives the four ways of the craft at 20 °C: about 44 % diesel, 29 % kerosene, 18 % petrol, or 70 °C", () => {
    expect(leastThinnerShare(fresh("canola"), fresh("diesel"), 20, 15)).toBeCloseTo(0.445, 2);
    expect(leastThinnerShare(fresh("canola"), fresh("kerosene"), 20, 15)).toBeCloseTo(0.295, 2);
    expect(leastThinnerShare(fresh("canola"), fresh("petrol"), 20, 15)).toBeCloseTo(0.18, 2);
    expect(celsiusAtViscosity([{ ...fresh("canola"), litres: 1 }], 15)).toBeCloseTo(70, 0);
    expect(celsiusAtViscosity([{ ...fresh("canola"), litres: 1 }], 1e6)).toBeNull();
  });
});

describe("topping up a tank", () => {
  const one = (fluid: Parameters<typeof fresh>[0]) => [{ ...fresh(fluid), litres: 1 }];
  const contents = [{ ...fresh("canola"), litres: 20 }];
  it("fills it, meets the limit, and uses the most oil that does", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -8, max: 15, noNaN: true }),
        fc.double({ min: 45, max: 100, noNaN: true }),
        (t, capacity) => {
          const plan = topUp(contents, capacity, one("canola"), one("kerosene"), t, 15);
          if ("code" in plan) return;
          expect(plan.oilLitres + plan.thinnerLitres + 20).toBeCloseTo(capacity, 9);
          const nu = mixViscosityMm2PerS(
            [
              ...contents,
              { ...fresh("canola"), litres: plan.oilLitres },
              { ...fresh("kerosene"), litres: plan.thinnerLitres },
            ],
            t,
          );
          expect(nu).toBeLessThanOrEqual(15 + 1e-6);
          if (plan.oilLitres > 0 && plan.thinnerLitres > 0) expect(nu).toBeCloseTo(15, 6);
        },
      ),
    );
  });
  it("reckons with all that is in a can, not with what is most of it", () => {
    const can = [...one("kerosene"), { ...fresh("petrol"), litres: 0.25 }];
    const [pure, mixed] = [one("kerosene"), can].map((thinner) => topUp(contents, 60, one("canola"), thinner, -2, 15));
    if (!pure || !mixed || "code" in pure || "code" in mixed) throw new Error("no plan");
    expect(mixed.thinnerLitres).toBeLessThan(pure.thinnerLitres);
    const after = mergedMix([
      ...contents,
      ...scaledMix(one("canola"), mixed.oilLitres),
      ...scaledMix(can, mixed.thinnerLitres),
    ]);
    expect(after.map((p) => p.fluid.id)).toEqual(["canola", "kerosene", "petrol"]);
    expect(after.reduce((sum, p) => sum + p.litres, 0)).toBeCloseTo(60, 9);
    expect(mixViscosityMm2PerS(after, -2)).toBeCloseTo(15, 6);
  });
  it("says why it cannot", () => {
    expect(topUp(contents, 20, one("canola"), one("kerosene"), 5, 15)).toEqual({ code: "tank-full" });
    expect(topUp(contents, 22, one("canola"), one("kerosene"), -5, 15)).toEqual({
      code: "too-thick-even-with-thinner-only",
    });
  });
});
