import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, type FluidId } from "../fluids";
import {
  type BatchRecipe,
  both,
  courseOf,
  DEFAULT_PHASE_MARKS,
  ELEMENTS,
  elementsIn,
  kgIn,
  kgOfPot,
  litresOfPot,
  PATHS,
  type Pot,
  potOf,
  soapPpmIn,
  WASH_WAYS,
  weighingOf,
} from ".";
import { usualRecipe } from "./recipe.testing";

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const OILS: readonly FluidId[] = ["canola", "soybean", "palm", "fryer-fat"];

const recipe: fc.Arbitrary<BatchRecipe> = fc.record({
  path: fc.constantFrom(...PATHS),
  pace: fc.constant("own" as const),
  oilLitres: num(0.5, 200),
  acidMolPerL: num(0, 0.6),
  base: fc.constantFrom("NaOH", "KOH"),
  basePurity: num(0.5, 1),
  doseGPerL: num(2, 12),
  methanolShare: num(0.05, 0.5),
  methanolPurity: num(0.6, 1),
  sulfuricPurity: num(0.9, 1),
  secondShare: num(0.05, 0.5),
  conversion: num(0, 1),
  holdCelsius: fc.constant(55),
  mixMinutes: fc.constant(60),
  settleHours: fc.constant(8),
  wash: fc.record({
    how: fc.constantFrom(...WASH_WAYS),
    times: fc.integer({ min: 0, max: 6 }),
    waterShare: num(0.02, 1),
    vinegarMlPerL: num(0, 30),
  }),
});
const lot: fc.Arbitrary<Pot> = fc
  .array(fc.record({ component: fc.constantFrom(...OILS), kg: num(0.5, 90) }), { minLength: 1, maxLength: 4 })
  .map(potOf);

const usual = usualRecipe;
const sixty = potOf([{ component: "canola", kg: 60 * FLUIDS.canola.rho15KgPerL }]);

describe("a batch from lot to fuel", () => {
  it("keeps every gram and every element of every recipe", () => {
    fc.assert(
      fc.property(lot, recipe, (oil, r) => {
        const c = courseOf(oil, r, FLUIDS, DEFAULT_PHASE_MARKS);
        const entered = both(c.lot, c.brought);
        const out = [c.acidWater, c.glycerol, c.secondGlycerol, c.washWater, c.vapour, c.fuel].reduce(both);
        expect(kgOfPot(out) / kgOfPot(entered)).toBeCloseTo(1, 11);
        expect(kgOfPot(c.lot) / kgOfPot(oil)).toBeCloseTo(1, 12);
        const [before, after] = [elementsIn(entered, FLUIDS), elementsIn(out, FLUIDS)];
        for (const e of ELEMENTS)
          expect(Math.abs((after?.[e] ?? Number.NaN) - (before?.[e] ?? 0))).toBeLessThan(1e-9 * kgOfPot(entered));
        for (const [component, kg] of out) expect(kg, component).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 300 },
    );
  });
  it("keeps ratios when a trial is scaled up", () => {
    fc.assert(
      fc.property(recipe, num(2, 120), (r, times) => {
        const one = { ...r, oilLitres: 1 };
        const small = courseOf(potOf([{ component: "canola", kg: 0.92 }]), one, FLUIDS, DEFAULT_PHASE_MARKS);
        const large = courseOf(
          potOf([{ component: "canola", kg: 0.92 * times }]),
          { ...one, oilLitres: times },
          FLUIDS,
          DEFAULT_PHASE_MARKS,
        );
        for (const step of ["charged", "glycerol", "crude", "washWater", "fuel"] as const)
          for (const [component, kg] of small[step])
            expect(kgIn(large[step], component), `${step} ${component}`).toBeCloseTo(kg * times, 8);
      }),
      { numRuns: 100 },
    );
  });
  it("makes of sixty litres about sixty litres, a sixth of glycerol phase, and washes its soap out", () => {
    const c = courseOf(sixty, usual, FLUIDS, DEFAULT_PHASE_MARKS);
    expect(litresOfPot(c.fuel)).toBeGreaterThan(57);
    expect(litresOfPot(c.fuel)).toBeLessThan(63);
    expect(litresOfPot(c.glycerol)).toBeGreaterThan(7);
    expect(litresOfPot(c.glycerol)).toBeLessThan(13);
    const ppm = [c.crude, ...c.washes].map(soapPpmIn);
    expect(ppm[0]).toBeGreaterThan(500);
    for (let i = 1; i < ppm.length; i++) expect(ppm[i]).toBeLessThan((ppm[i - 1] ?? 0) / 2);
    // Left where the soap was split: free acid in the fuel.
    expect(kgIn(c.fuel, "fatty-acid")).toBeGreaterThan(0);
    expect(kgIn(c.fuel, "methanol")).toBe(0);
  });
  it("takes the acid down before the base, and asks for less lye then", () => {
    const acid = { ...usual, acidMolPerL: 0.2 };
    const straight = weighingOf(acid, 0.92);
    const first = weighingOf({ ...acid, path: "acid-base" }, 0.92);
    expect(first.acid?.sulfuricKg).toBeGreaterThan(0);
    expect(first.first.lyeG).toBeLessThan(straight.first.lyeG);
    const [a, b] = [
      courseOf(sixty, { ...acid, path: "acid-base" }, FLUIDS, DEFAULT_PHASE_MARKS),
      courseOf(sixty, acid, FLUIDS, DEFAULT_PHASE_MARKS),
    ];
    expect(litresOfPot(a.fuel)).toBeGreaterThan(litresOfPot(b.fuel));
    // Titrated again, what that says is what is weighed for.
    const again = weighingOf({ ...acid, path: "acid-base", demandMolPerL: 0.05 }, 0.92);
    expect(again.first.lyeG).toBeCloseTo((60 * (7 + 0.05 * 56.106)) / 0.9, 6);
  });
  it("splits methanol and lye in two where there are two steps, and more is turned", () => {
    const two = weighingOf({ ...usual, path: "two-step" }, 0.92);
    const one = weighingOf(usual, 0.92);
    expect(two.first.lyeG + (two.second?.lyeG ?? 0)).toBeCloseTo(one.first.lyeG, 9);
    expect(two.second?.methanolLitres).toBeCloseTo(0.2 * one.first.methanolLitres, 9);
    const left = (r: BatchRecipe) => kgIn(courseOf(sixty, r, FLUIDS, DEFAULT_PHASE_MARKS).fuel, "canola");
    expect(left({ ...usual, path: "two-step" })).toBeLessThan(left(usual));
  });
  it("pours more of a methanol that came back with water in it", () => {
    const wet = weighingOf({ ...usual, methanolPurity: 0.9 }, 0.92).first;
    const dry = weighingOf(usual, 0.92).first;
    expect(wet.methanolKg - wet.waterKg).toBeCloseTo(dry.methanolKg, 9);
    expect(wet.waterKg / wet.methanolKg).toBeCloseTo(0.1, 9);
  });
});
