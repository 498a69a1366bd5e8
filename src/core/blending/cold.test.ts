import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { densityKgPerL, FLUIDS, type TableFluidId } from "../fluids";
import { blendCautions, coldStop, liquidOf, type MixPart, mixCetane, mixViscosityMm2PerS } from ".";

const part = (fluid: TableFluidId, litres: number, usedFactor = 1): MixPart => ({
  fluid: FLUIDS[fluid],
  litres,
  usedFactor,
});

describe("a stop in the cold", () => {
  const line = (oil: number) => [part("canola", oil, 1.15), part("diesel", 1 - oil)];
  it("flows, is thick, waxes or gels, in the order of what hurts", () => {
    expect(coldStop(line(0.02), 0, 15).verdict).toBe("flows");
    expect(coldStop(line(0.9), 0, 15).verdict).toBe("thick");
    expect(coldStop([part("diesel", 1)], -8, 15).verdict).toBe("waxes");
    expect(coldStop([part("palm", 1)], 5, 15).verdict).toBe("gels");
  });
  it("only gets worse as it gets colder", () => {
    const order = ["flows", "waxes", "thick", "gels"];
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: -35, max: 20, noNaN: true }),
        (oil, t) => {
          const [warm, cold] = [coldStop(line(oil), t, 15), coldStop(line(oil), t - 3, 15)];
          expect(cold.nuMm2PerS).toBeGreaterThan(warm.nuMm2PerS);
          expect(order.indexOf(cold.verdict)).toBeGreaterThanOrEqual(order.indexOf(warm.verdict));
        },
      ),
    );
  });
});

describe("what a blend asks for", () => {
  const cautions = (parts: MixPart[], fatLimit = 0.05, low = 30) =>
    blendCautions(parts, mixCetane(parts), fatLimit, low);
  it("nothing of clear oil in diesel", () => expect(cautions([part("canola", 40), part("diesel", 60)])).toEqual([]));
  it("fat to the kettle, petrol outside, cetane, and engine oil's sludge to a recycler", () => {
    expect(cautions([part("canola", 80), part("fryer-fat", 10), part("diesel", 60)])).toEqual(["too-much-fat"]);
    expect(cautions([part("canola", 80), part("petrol", 20)])).toEqual(["petrol-must-stand-outside", "cetane-low"]);
    expect(cautions([part("motor-oil", 5), part("diesel", 95)])).toEqual(["engine-oil-sludge-to-recycler"]);
    expect(cautions([part("palm", 10), part("diesel", 90)], 0.2)).toEqual([]);
  });
});

describe("a mix as a liquid", () => {
  it("weighs what its parts weigh, and its μ is its ν times its density", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 99, noNaN: true }),
        fc.double({ min: -10, max: 90, noNaN: true }),
        (a, t) => {
          const mix = [part("canola", a, 1.15), part("kerosene", 100 - a)];
          const liquid = liquidOf(mix);
          const kg = a * densityKgPerL(FLUIDS.canola, t) + (100 - a) * densityKgPerL(FLUIDS.kerosene, t);
          expect(liquid.kgPerM3(t)).toBeCloseTo(kg * 10, 9);
          expect(liquid.viscosityPaS(t)).toBeCloseTo(mixViscosityMm2PerS(mix, t) * kg * 1e-5, 12);
        },
      ),
    );
  });
});
