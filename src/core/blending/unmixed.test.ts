import { describe, expect, it } from "vitest";
import { FLUIDS, type TableFluidId } from "../fluids";
import { type MixPart, mixViscosityMm2PerS, unmixedLayers } from ".";

const part = (id: TableFluidId, litres: number): MixPart => ({ fluid: FLUIDS[id], litres, usedFactor: 1 });

describe("a tank that nobody has driven since it was topped up", () => {
  it("holds the oil that was poured last below the diesel that stood there", () => {
    const layers = unmixedLayers([part("diesel", 30)], [[part("canola", 12)]], 15);
    expect(layers.map((l) => [l.mix[0]?.fluid.id, l.litres])).toEqual([
      ["canola", 12],
      ["diesel", 30],
    ]);
    expect(layers[0]?.nuMm2PerS).toBeCloseTo(mixViscosityMm2PerS([part("canola", 1)], 15), 9);
  });
  it("has by hand, after two top-ups and then a drive, the shares of all that was poured", () => {
    // 20 L diesel; 10 L canola and 10 L kerosene on top: 40 L. Driven, and 8 L of it burned: a fifth of each.
    const first = unmixedLayers([part("diesel", 20)], [[part("canola", 10)], [part("kerosene", 10)]], 10);
    expect(first.map((l) => l.mix[0]?.fluid.id)).toEqual(["canola", "diesel", "kerosene"]);
    const driven = [part("diesel", 16), part("canola", 8), part("kerosene", 8)];
    // 8 L canola more: below the mix, until it is driven again: 40 L, of it 16 L canola.
    const second = unmixedLayers(driven, [[part("canola", 8)]], 10);
    expect(second.map((l) => l.litres)).toEqual([8, 32]);
    const canola = second.flatMap((l) => l.mix).filter((p) => p.fluid.id === "canola");
    expect(canola.reduce((sum, p) => sum + p.litres, 0)).toBe(16);
  });
  it("runs together what weighs the same", () => {
    expect(unmixedLayers([part("canola", 5)], [[part("soybean", 5)], [part("canola", 3)]], 15)).toHaveLength(1);
    expect(unmixedLayers([], [[part("diesel", 9)]], 15)).toHaveLength(1);
  });
});
