import { FLUID_IDS, FLUIDS, type Fluid, type FluidId, type FluidTable, fluidIn, fluidTable } from "../fluids";
import { OwnFluidId, ShapeSchema } from "../ledger";
import * as z from "../zod";

/** Fields as every calculation declares them: a number always has a name, a unit and a range. `1` is no unit, `share` a part of a whole. */
export const input = (title: string, unit: string, min: number, max: number) =>
  z.number().min(min).max(max).meta({ title, "x-unit": unit });

export const whole = (title: string, unit: string, min: number, max: number) =>
  z.number().int().min(min).max(max).meta({ title, "x-unit": unit });

/** A figure in an answer: finite, by Zod's own rule. */
export const figure = (title: string, unit: string) => z.number().meta({ title, "x-unit": unit });
/** A figure that may have no answer. */
export const maybe = (title: string, unit: string) => z.number().nullable().meta({ title, "x-unit": unit });
export const word = <const W extends readonly [string, ...string[]]>(title: string, words: W) =>
  z.enum(words).meta({ title });

/** A fluid of the table, or one of the yard's own whose figures are in `own`. */
export const fluid = (title: string) => z.union([z.enum(FLUID_IDS), OwnFluidId]).meta({ title });
export const celsius = (title: string) => input(title, "°C", -40, 150);
export const litres = (title: string) => input(title, "L", 1e-6, 1e6);
/** A part of a whole, 0 to 1; shown in %. */
export const share = (title: string) => input(title, "share", 0, 1);
export const limitMm2PerS = input("Pump limit", "mm²/s", 1, 1000);
export const usedFactor = input("Fried oil, times as thick as fresh", "1", 0.5, 5).default(1);
export const shape = ShapeSchema.meta({ title: "Shape of the inside" });

const Figures = z
  .strictObject({
    rho15KgPerL: input("Density at 15 °C", "kg/L", 0.6, 1.1),
    alphaPerK: input("Expansion", "1/K", 1e-4, 2e-3),
    nu40Mm2PerS: input("Viscosity at 40 °C", "mm²/s", 0.3, 2000),
    nu100Mm2PerS: input("Viscosity at 100 °C", "mm²/s", 0.2, 300),
    cloudCelsius: input("Cloud point", "°C", -90, 90),
    pourCelsius: input("Pour point", "°C", -90, 90),
    flashCelsius: input("Flash point", "°C", -60, 400),
    lhvMJPerKg: input("Heating value", "MJ/kg", 20, 50),
    cetane: input("Cetane number", "1", 1, 100),
    molarMassGPerMol: input("Molar mass", "g/mol", 50, 2000).nullable(),
  })
  .partial();

/** The owner's own figures in the place of the table's typical ones. */
export const own = z
  .partialRecord(z.union([z.enum(FLUID_IDS), OwnFluidId]), Figures)
  .optional()
  .meta({ title: "Your own figures for fluids" });

export const fluidsOf = (i: { readonly own?: z.output<typeof own> }): FluidTable =>
  i.own === undefined ? FLUIDS : fluidTable(i.own);

export const fluidFrom = (i: { readonly own?: z.output<typeof own> }, id: FluidId): Fluid => fluidIn(fluidsOf(i), id);

const Point = z.tuple([input("Hour", "h", -100_000, 100_000), celsius("Temperature")]);

/** [hour, °C] points, linear between, the first and last held outside them. */
export const temperatures = z
  .array(Point)
  .min(1)
  .max(20_000)
  .refine((points) => points.every(([hour], i) => i === 0 || hour > (points[i - 1]?.[0] ?? 0)), "hours must rise")
  .meta({ title: "Temperatures, hour and °C" });

/** How far to trust what was fitted. */
export const trust = word("Trust", ["assumed", "rough", "fair", "good"]);
export const readings = whole("Readings it rests on", "1", 0, 100_000);
