import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import {
  celsiusAtViscosity,
  cloudPointCelsius,
  flashPointCelsius,
  leastThinnerShare,
  mixCetane,
  mixLhvMJPerL,
  mixLitres,
  mixRho15KgPerL,
  mixViscosityMm2PerS,
  pourPointCelsius,
  topUp,
} from "../blending";
import { minutesToResidual, purgeResidual } from "../driving";
import {
  densityKgPerL,
  dynamicViscosityPaS,
  type FluidId,
  type FluidPart,
  hydrometerRho15KgPerL,
  kinematicViscosityMm2PerS,
} from "../fluids";
import { hoursToFall, oilOf, type TemperaturePoint } from "../settling";
import { litresAtHeight, type Shape } from "../vessels";

/** Cases computed by an independent implementation; README.md beside this file says what each means. */
type Answer = Record<string, number | null>;
type Run = (input: never) => Answer;
const fresh = <T extends object>(p: T): T & { usedFactor: number } => ({ ...p, usedFactor: 1 });

const RUNS: Record<string, Run> = {
  viscosity: ({ fluid, celsius }: { fluid: FluidId; celsius: number }) => ({
    nuMm2PerS: kinematicViscosityMm2PerS(fluid, celsius, 1),
    densityKgPerL: densityKgPerL(fluid, celsius),
    muPaS: dynamicViscosityPaS(fluid, celsius, 1),
  }),
  blend: ({ parts, celsius }: { parts: FluidPart[]; celsius: number }) => ({
    litres: mixLitres(parts),
    nuMm2PerS: mixViscosityMm2PerS(parts.map(fresh), celsius),
    rho15KgPerL: mixRho15KgPerL(parts),
    cloudC: cloudPointCelsius(parts),
    pourC: pourPointCelsius(parts),
    flashC: flashPointCelsius(parts),
    lhvMJPerL: mixLhvMJPerL(parts),
    cetane: mixCetane(parts),
  }),
  thinner: (i: { oil: FluidId; thinner: FluidId; celsius: number; limitMm2PerS: number }) => ({
    share: leastThinnerShare(fresh({ fluid: i.oil }), fresh({ fluid: i.thinner }), i.celsius, i.limitMm2PerS),
  }),
  heat: (i: { fluid: FluidId; limitMm2PerS: number }) => ({
    celsius: celsiusAtViscosity([fresh({ fluid: i.fluid, litres: 1 })], i.limitMm2PerS),
  }),
  "top-up": (i: {
    contents: FluidPart[];
    capacityLitres: number;
    oil: FluidId;
    thinner: FluidId;
    celsius: number;
    limitMm2PerS: number;
  }) => {
    const answer = topUp(
      i.contents.map(fresh),
      i.capacityLitres,
      fresh({ fluid: i.oil }),
      fresh({ fluid: i.thinner }),
      i.celsius,
      i.limitMm2PerS,
    );
    return "code" in answer ? { oilLitres: null, thinnerLitres: null } : { ...answer };
  },
  "settle-clear": (i: {
    diameterUm: number;
    particleKgPerM3: number;
    fluid: FluidId;
    fallMm: number;
    temperatures: TemperaturePoint[];
  }) => ({
    hours: hoursToFall(
      { name: "case", diameterUm: i.diameterUm, density: { kind: "fixed", kgPerM3: i.particleKgPerM3 } },
      oilOf(i.fluid, 1),
      i.temperatures,
      i.fallMm,
    ),
  }),
  "vessel-litres": (i: { shape: Shape; heightMm: number }) => ({ litres: litresAtHeight(i.shape, i.heightMm) }),
  hydrometer: (i: { kgPerL: number; celsius: number; fluid: FluidId }) => ({
    rho15KgPerL: hydrometerRho15KgPerL(i.kgPerL, i.celsius, i.fluid),
  }),
  purge: (i: { litresPerMinute: number; lineLitres: number; tanksInSeries: number; minutes: number }) => ({
    residual: purgeResidual(i, i.minutes),
    minutesTo2Pct: minutesToResidual(i, 0.02),
  }),
};

/** The ledger's cases are run beside the ledger. */
const ELSEWHERE = ["ledger"];

const names = readdirSync(import.meta.dirname)
  .filter((f) => f.endsWith(".json"))
  .map((f) => f.replace(/\.json$/, ""));

it("runs every reference file that is here", () => {
  expect([...Object.keys(RUNS), ...ELSEWHERE].sort()).toEqual(names.sort());
});

describe.each(Object.keys(RUNS))("%s", (name) => {
  const file = JSON.parse(readFileSync(join(import.meta.dirname, `${name}.json`), "utf8")) as {
    cases: { in: never; out: Answer }[];
  };
  it.each(file.cases.map((c, i) => [i, c] as const))("case %i", (_, c) => {
    const got = RUNS[name]?.(c.in) ?? {};
    expect(Object.keys(got).sort()).toEqual(Object.keys(c.out).sort());
    for (const [field, want] of Object.entries(c.out)) {
      const value = got[field] ?? null;
      if (want === null || value === null) expect(value, field).toBe(want);
      else expect(Math.abs(value - want), `${field} ${value} for ${want}`).toBeLessThanOrEqual(1e-6 * Math.abs(want));
    }
  });
});
