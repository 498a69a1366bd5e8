import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  type CupReading,
  calibrateCup,
  cupViscosity,
  FLUID_IDS,
  FLUIDS,
  fireHazard,
  flashPointCelsius,
  fluidTable,
  holdsPetrol,
  kinematicViscosityMm2PerS,
  requireCovered,
} from ".";

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("a flow cup of one's own", () => {
  /** What a cup of these constants would take: the root of ν = C·t − B/t that is a time. */
  const seconds = (slope: number, offset: number, nu: number): number =>
    (nu + Math.sqrt(nu ** 2 + 4 * slope * offset)) / (2 * slope);
  it("is learnt from two fluids and then reads any other", () => {
    fc.assert(
      fc.property(positive(0.2, 1), positive(1, 80), positive(5, 80), (slope, offset, nu) => {
        const calibration = [4, 12, 60].map((known): CupReading => [known, seconds(slope, offset, known)]);
        const cup = calibrateCup(calibration);
        expect(cup.slope).toBeCloseTo(slope, 6);
        expect(cupViscosity(cup, seconds(slope, offset, nu)).value / nu).toBeCloseTo(1, 6);
      }),
    );
  });
  it("is the less sure the further it is asked from where it was calibrated", () => {
    const cup = calibrateCup([
      [4, 13.2],
      [8, 21.6],
      [13, 29],
      [30, 66],
    ]);
    const spread = (t: number): number => cupViscosity(cup, t).spread ?? Number.NaN;
    expect(spread(200)).toBeGreaterThan(spread(60));
    expect(cup).toMatchObject({ readings: 4, shortestSeconds: 13.2, longestSeconds: 66 });
    expect(cupViscosity(cup, 60).trust).not.toBe("assumed");
  });
  it("says nothing sure of two fluids, refuses one, and refuses what runs too quickly for it", () => {
    const two: CupReading[] = [
      [4.04, 14.4],
      [12.63, 29.2],
    ];
    expect(cupViscosity(calibrateCup(two), 40)).toMatchObject({ spread: null, trust: "rough" });
    expect(() => calibrateCup(two.slice(1))).toThrow("calibration");
    expect(() => calibrateCup([two[0] as CupReading, two[0] as CupReading])).toThrow("too alike");
    expect(() => cupViscosity(calibrateCup(two), 2)).toThrow("smaller hole");
  });
});

describe("flash", () => {
  it("is never averaged: a hundredth of kerosene makes it kerosene", () => {
    const mix = (kerosene: number) => [
      { fluid: FLUIDS.canola, litres: 100 - kerosene },
      { fluid: FLUIDS.kerosene, litres: kerosene },
    ];
    expect(flashPointCelsius(mix(1))).toBe(42);
    expect(flashPointCelsius(mix(0.4))).toBe(246);
    expect(flashPointCelsius([])).toBe(Number.POSITIVE_INFINITY);
  });
  it("of any petrol at all is petrol's, and none of it is none", () => {
    const drop = { fluid: FLUIDS.petrol, litres: 1e-6 };
    expect(holdsPetrol([drop])).toBe(true);
    expect(flashPointCelsius([{ fluid: FLUIDS.canola, litres: 1000 }, drop])).toBe(-40);
    expect(holdsPetrol([{ fluid: FLUIDS.petrol, litres: 0 }])).toBe(false);
  });
  it("puts every fluid in the class its flash asks for", () => {
    expect(fireHazard(FLUIDS.petrol.flashCelsius)).toBe("like-petrol");
    expect(fireHazard(FLUIDS.kerosene.flashCelsius)).toBe("like-kerosene");
    expect(fireHazard(FLUIDS.diesel.flashCelsius)).toBe("like-diesel");
    expect(fireHazard(FLUIDS.canola.flashCelsius)).toBe("like-oil");
  });
});

describe("the owner's own figures", () => {
  it("change what they name and nothing else", () => {
    const mine = fluidTable({ canola: { nu40Mm2PerS: 42, flashCelsius: 230 } });
    expect(mine.canola).toMatchObject({ nu40Mm2PerS: 42, flashCelsius: 230, rho15KgPerL: 0.92 });
    expect(kinematicViscosityMm2PerS(mine.canola, 40, 1)).toBeCloseTo(42, 0);
    for (const id of FLUID_IDS) if (id !== "canola") expect(mine[id]).toBe(FLUIDS[id]);
    expect(fluidTable({})).toBe(FLUIDS);
    expect(fluidTable({ diesel: { cetane: undefined } }).diesel.cetane).toBe(51);
  });
  it("are refused where no liquid is like that", () => {
    expect(() => fluidTable({ canola: { nu100Mm2PerS: 35 } })).toThrow("own.canola.nu100Mm2PerS");
    expect(() => fluidTable({ canola: { nu40Mm2PerS: 2000 } })).toThrow("own.canola.nu100Mm2PerS");
  });
  it("leave what the standard covers, warm or cold, only with a word", () => {
    expect(() => requireCovered(0.1)).toThrow("D341");
    expect(() => requireCovered(Number.NaN)).toThrow("D341");
    for (const id of FLUID_IDS)
      for (const t of [-40, 0, 150]) expect(kinematicViscosityMm2PerS(FLUIDS[id], t, 1)).toBeGreaterThan(0.2);
  });
});
