import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUID_IDS, FLUIDS, oilOf } from "../fluids";
import { type Thinness, ThinnessTable } from "./thinness";

const sums = (): Thinness => ({ thin: 0, oil: 0, water: 0 });

describe("an oil's thinness off its nodes", () => {
  it("is the oil's own within a millionth, whichever oil and temperature", () => {
    fc.assert(
      fc.property(fc.constantFrom(...FLUID_IDS), fc.double({ min: -40, max: 97.9, noNaN: true }), (id, t) => {
        const table = new ThinnessTable(oilOf(FLUIDS[id], 1));
        const [about, exactly] = [sums(), sums()];
        table.addAbout(about, t, 1);
        table.addExactly(exactly, t, 1);
        expect(about.thin / exactly.thin).toBeCloseTo(1, 5);
        expect(about.oil / exactly.oil).toBeCloseTo(1, 5);
        // Where water's own curve is held below −5 °C it has a corner, which a cubic rounds.
        expect(about.water / exactly.water).toBeCloseTo(1, t > -6.5 && t < -3.5 ? 3 : 5);
      }),
    );
  });
  it("asks the oil itself past its nodes, and adds hours up", () => {
    let asked = 0;
    const counting = {
      kgPerM3: () => 900,
      viscosityPaS: () => {
        asked++;
        return 0.05;
      },
    };
    const table = new ThinnessTable(counting);
    const total = sums();
    for (let i = 0; i < 50; i++) table.addAbout(total, 20 + i / 100, 2);
    expect(asked).toBeLessThan(8);
    expect(total.thin).toBeCloseTo(100 / (18 * 0.05), 9);
    expect(total.oil / total.thin).toBeCloseTo(900, 9);
    table.addAbout(total, 120, 1);
    expect(Number.isNaN(total.water)).toBe(true);
  });
});
