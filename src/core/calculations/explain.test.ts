import { describe, expect, it } from "vitest";
import { waitedFor } from "../settling";
import { calculationNamed, describeCalculation, EVERY_CALCULATION, explain } from ".";

const told = (name: string, input: unknown) => {
  const found = explain(name, input);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
};

describe("why", () => {
  it("says of settling that grain size counts twice, and depth once", () => {
    const why = told("settle-clear", {
      diameterUm: 20,
      particleKgPerM3: 1100,
      fluid: "canola",
      fallMm: 600,
      temperatures: [[0, 12]],
    });
    const effect = (title: string) => why.effects.find((e) => e.title === title);
    const hours = why.answer.value ?? 0;
    expect((effect("Grain size")?.low as number) / hours).toBeCloseTo(1 / 0.81, 9);
    expect((effect("Fall")?.high as number) / hours).toBeCloseTo(1.1, 9);
    expect(why.effects[0]?.title).toBe("Density of the dirt");
    expect(why.effects.map((e) => e.weight)).toEqual([...why.effects.map((e) => e.weight)].sort((a, b) => b - a));
  });
  it("moves a list as a whole, and a temperature by a degree at the least", () => {
    const cold = told("viscosity", { fluid: "canola", celsius: 0 });
    const warmer = told("viscosity", { fluid: "canola", celsius: 1 });
    expect(cold.effects.find((e) => e.title === "Temperature")?.high).toBe(warmer.answer.value);
    const mixed = told("blend", {
      parts: [
        { fluid: "canola", litres: 60 },
        { fluid: "diesel", litres: 30 },
      ],
      celsius: 5,
    });
    // All litres alike, the mix is the same: nothing to tell.
    expect(mixed.effects.map((e) => e.title)).not.toContain("Litres at 15 °C");
    expect(mixed.inputs.find((i) => i.path === "parts.*.litres")?.values).toEqual([60, 30]);
  });
  it("puts first what would leave no answer", () => {
    const brim = told("draw-off", {
      shape: { kind: "cylinder", diameterMm: 500 },
      rimMm: 800,
      litres: 20,
      layerTopMm: 74,
      marginMm: 25,
    });
    expect(brim.effects[0]?.weight).toBe(Number.POSITIVE_INFINITY);
  });
  it("does not count a move that the input cannot make, nor name which branch was taken", () => {
    const fit = told("purge", { litresPerMinute: 0.12, lineLitres: 0.4, tanksInSeries: 1, minutes: 8 });
    expect(fit.effects.find((e) => e.title === "Stirred tanks in series")).toMatchObject({ low: "impossible" });
    const forecast = told("settle-forecast", calculationNamed("settle-forecast").example);
    expect(forecast.inputs.map((i) => i.title)).not.toContain("");
    expect(forecast.inputs.find((i) => i.title === "Dirt")?.words).toHaveLength(waitedFor("meaty-fryer", 16).length);
    expect(forecast.inputs.map((i) => i.path)).not.toContain("classes.*.density.kind");
  });
  it("passes on why there is no answer at all", () => {
    expect(explain("heat", { fluid: "canola" })).toMatchObject({ ok: false, error: { code: "invalid-input" } });
    expect(explain("heaven", {})).toMatchObject({ ok: false, error: { code: "unknown-calculation" } });
  });
  it.each(EVERY_CALCULATION.map((c) => [c.name, c] as const))("explains %s", (name, c) => {
    const why = told(name, c.example);
    expect(why.answer.title).not.toBe(name);
    for (const input of why.inputs) expect(input.title, input.path).not.toBe("");
  });
});

describe("a description", () => {
  it("has every field with its kind, bounds and what is usual", () => {
    const { inputs, outputs } = describeCalculation(calculationNamed("thinner"));
    expect(inputs.find((f) => f.field === "usedFactor")).toMatchObject({
      kind: "number",
      optional: true,
      usual: 1,
      min: 0.5,
    });
    expect(inputs.find((f) => f.field === "oil")).toMatchObject({ kind: "word", optional: false });
    expect(inputs.find((f) => f.field === "oil")?.words).toContain("canola");
    expect(outputs).toMatchObject([{ field: "share", kind: "number", unit: "share", optional: true }]);
  });
});
