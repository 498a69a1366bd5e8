import { fluidTable } from "../../fluids";
import { OutOfRange } from "../../numerics";
import * as z from "../../zod";
import { figuresOf } from "../figures";
import { CupId } from "../ids";
import { Celsius, Fluid, Price } from "../schema/quantities";
import { Seconds } from "./cup";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** What is not said stays as in the house's table; the shed says which those are. */
const FiguresSchema = z.object({
  rho15KgPerL: z.number().min(0.6).max(1.1).optional(),
  nu40Mm2PerS: z.number().min(0.3).max(2000).optional(),
  nu100Mm2PerS: z.number().min(0.2).max(300).optional(),
  cloudCelsius: Celsius.min(-90).max(90).meta({ is: "celsius" }).optional(),
  pourCelsius: Celsius.min(-90).max(90).meta({ is: "celsius" }).optional(),
  flashCelsius: Celsius.min(-60).max(400).meta({ is: "celsius" }).optional(),
  lhvMJPerKg: z.number().min(20).max(50).optional(),
  cetane: z.number().min(1).max(100).optional(),
});

const FluidSchema = z
  .object({
    id: Fluid,
    figures: FiguresSchema,
    pricePerLitre: Price.optional(),
    /** Its viscosities come from one time through a cup, along the row that it is like. */
    timed: z.object({ cup: CupId, seconds: Seconds, celsius: Celsius }).optional(),
  })
  .superRefine(({ id, figures }, context) => {
    try {
      fluidTable({ [id]: figures });
    } catch (e) {
      if (!(e instanceof OutOfRange)) throw e;
      context.addIssue({
        code: "custom",
        path: ["figures", "nu100Mm2PerS"],
        message: `between ${e.min.toFixed(2)} and ${e.max.toFixed(2)} mm²/s: warm oil is thinner, and never thirty times`,
      });
    }
  });
export type OwnFluid = z.infer<typeof FluidSchema>;

/** A fluid of the yard's own, or its own figures for one of the table. The last word on it holds, wherever it is reckoned with. */
export const fluid = defineKind({
  kind: "fluid",
  title: "Fluid",
  version: 1,
  upcast: {},
  data: FluidSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    yard.ownFluids.set(data.id, data);
    yard.fluids = fluidTable(figuresOf(yard.ownFluids.values()));
    return undefined;
  },
  called: {
    id: null,
    "figures.rho15KgPerL": "Density at 15 °C, kg/L",
    "figures.nu40Mm2PerS": "Viscosity at 40 °C, mm²/s",
    "figures.nu100Mm2PerS": "Viscosity at 100 °C, mm²/s",
    "figures.cloudCelsius": "Cloud point",
    "figures.pourCelsius": "Pour point",
    "figures.flashCelsius": "Flash point",
    "figures.lhvMJPerKg": "Heating value, MJ/kg",
    "figures.cetane": "Cetane number",
    pricePerLitre: "Price of a litre",
    timed: null,
  },
});
