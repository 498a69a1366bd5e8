import { describe, expect, it } from "vitest";
import { capacityLitres } from "@/core/vessels";
import { acrossMm, PRESETS, sized } from "./presets";

describe("containers as they come", () => {
  it.each(PRESETS.map((p) => [p.name, p] as const))("%s holds about what its name says", (name, p) => {
    const said = Number(/(\d+) L/.exec(name)?.[1]);
    expect(capacityLitres(p) / said).toBeGreaterThan(0.9);
    expect(capacityLitres(p) / said).toBeLessThan(1.15);
  });
  it.each(PRESETS.map((p) => [p.name, p] as const))("%s measured as it is stays as it is", (_, p) => {
    expect(sized(p.shape, p.rimMm, acrossMm(p.shape), p.rimMm)).toEqual(p.shape);
  });
  it.each(PRESETS.map((p) => [p.name, p] as const))("%s twice as big each way holds eight times as much", (_, p) => {
    const shape = sized(p.shape, p.rimMm, 2 * acrossMm(p.shape), 2 * p.rimMm);
    const ratio = capacityLitres({ shape, rimMm: 2 * p.rimMm }) / capacityLitres(p);
    expect(ratio).toBeGreaterThan(7.3);
    expect(ratio).toBeLessThan(8.01);
  });
});
