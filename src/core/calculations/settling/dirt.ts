import type { DirtClass } from "../../settling";
import * as z from "../../zod";
import { input } from "../fields";

export const diameterUm = input("Grain size", "µm", 0.5, 2000);
export const particleKgPerM3 = input("Density of the dirt", "kg/m³", 500, 8000);

const density = z
  .discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("fixed"), kgPerM3: particleKgPerM3 }),
    z.strictObject({ kind: z.literal("water") }),
    z.strictObject({ kind: z.literal("over-oil"), kgPerM3: input("Heavier than the oil by", "kg/m³", 0.1, 2000) }),
  ])
  .meta({ title: "How heavy" });

const fields = { name: z.string().min(1).max(60).meta({ title: "Dirt" }), diameterUm, density };

export const dirtClass = z.strictObject(fields) satisfies z.ZodType<DirtClass>;
export const dirtClasses = z.array(dirtClass).min(1).max(12).meta({ title: "Dirt" });
