import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  byComponent,
  componentName,
  densityKgPerL,
  dynamicViscosityPaS,
  FLUID_IDS,
  FLUIDS,
  fromWalther,
  fuelParts,
  isMuck,
  kinematicViscosityMm2PerS,
  litres15PerLitre,
  measuredLitres,
  walther,
  waterDensityKgPerM3,
} from ".";

const fluid = fc.constantFrom(...FLUID_IDS);
const celsius = fc.double({ min: -40, max: 149, noNaN: true });

describe("viscosity", () => {
  it.each(FLUID_IDS)("%s goes through its two table values", (id) => {
    expect(kinematicViscosityMm2PerS(FLUIDS[id], 40, 1) / FLUIDS[id].nu40Mm2PerS).toBeCloseTo(1, 2);
    expect(kinematicViscosityMm2PerS(FLUIDS[id], 100, 1) / FLUIDS[id].nu100Mm2PerS).toBeCloseTo(1, 2);
  });
  it("falls as it warms, is never NaN, and rises with the used factor", () => {
    fc.assert(
      fc.property(fluid, celsius, fc.double({ min: 0.1, max: 1, noNaN: true }), (id, t, step) => {
        const cold = kinematicViscosityMm2PerS(FLUIDS[id], t, 1);
        expect(kinematicViscosityMm2PerS(FLUIDS[id], t + step, 1)).toBeLessThan(cold);
        expect(kinematicViscosityMm2PerS(FLUIDS[id], t, 1.15)).toBeCloseTo(cold * 1.15, 9);
        expect(dynamicViscosityPaS(FLUIDS[id], t, 1)).toBeGreaterThan(0);
      }),
    );
  });
  it("its transform and the inverse undo each other within the standard's own precision", () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 5000, noNaN: true }), (nu) => {
        expect(fromWalther(walther(nu)) / nu).toBeCloseTo(1, 2);
      }),
    );
  });
  it("refuses temperatures outside its source", () => {
    for (const t of [-41, 151, Number.NaN])
      expect(() => kinematicViscosityMm2PerS(FLUIDS.canola, t, 1)).toThrow("celsius");
  });
  it("says what the fry-house says: canola meets 15 mm²/s at about 70 °C, used oil later", () => {
    expect(kinematicViscosityMm2PerS(FLUIDS.canola, 70, 1)).toBeCloseTo(15, 0);
    expect(kinematicViscosityMm2PerS(FLUIDS.canola, 78, 1.2)).toBeCloseTo(15, 0);
  });
});

describe("density", () => {
  it("falls as it warms and gives back the litres at 15 °C", () => {
    fc.assert(
      fc.property(fluid, celsius, (id, t) => {
        expect(densityKgPerL(FLUIDS[id], t + 0.5)).toBeLessThan(densityKgPerL(FLUIDS[id], t));
        expect(litres15PerLitre(id, t)).toBeCloseTo(densityKgPerL(FLUIDS[id], t) / FLUIDS[id].rho15KgPerL, 12);
      }),
    );
  });
  it("knows water", () => {
    expect(waterDensityKgPerM3(20)).toBeCloseTo(998.2, 0);
    expect(() => waterDensityKgPerM3(120)).toThrow("celsius");
  });
});

describe("composition", () => {
  it("measured litres and litres at 15 °C undo each other", () => {
    fc.assert(
      fc.property(fluid, celsius, (id, t) => {
        const measured = measuredLitres([{ component: id, litres: 10 }], t);
        expect(measured * litres15PerLitre(id, t)).toBeCloseTo(10, 9);
      }),
    );
  });

  it("adds like to like, largest first, and leaves muck out of the fuel", () => {
    const parts = [
      { component: "canola", litres: 3 },
      { component: "water", litres: 9 },
      { component: "canola", litres: 4 },
    ] as const;
    expect(byComponent(parts)).toEqual([
      { component: "water", litres: 9 },
      { component: "canola", litres: 7 },
    ]);
    expect(fuelParts(parts)).toEqual([{ fluid: "canola", litres: 7 }]);
    expect(isMuck("water")).toBe(true);
    expect(componentName("sludge")).toBe("Sludge");
  });
});
