import { PACES, PATHS, WASH_WAYS } from "../../kettle";
import * as z from "../../zod";
import { Celsius, Litres, Minutes, Name, Share } from "./quantities";

export const Purity = Share.min(0.2).meta({ is: "share" });
export const AcidMolPerL = z.number().min(0).max(4);
export const BaseWord = z.enum(["NaOH", "KOH"]);

/** A recipe as `core/kettle/recipe.ts` reckons with it. */
export const BatchRecipeSchema = z.object({
  path: z.enum(PATHS),
  pace: z.enum(PACES),
  oilLitres: Litres,
  acidMolPerL: AcidMolPerL,
  demandMolPerL: AcidMolPerL.optional(),
  untitratedKit: Name.optional(),
  sulfuricMl: z.number().positive().max(10_000).optional(),
  acidMethanolLitres: Litres.optional(),
  base: BaseWord,
  basePurity: Purity,
  doseGPerL: z.number().min(1).max(20),
  methanolShare: Share.min(0.05).max(0.6).meta({ is: "share" }),
  methanolPurity: Purity,
  sulfuricPurity: Share.min(0.9).meta({ is: "share" }),
  secondShare: Share.min(0.05).max(0.6).meta({ is: "share" }),
  conversion: Share,
  holdCelsius: Celsius.min(20).max(75).meta({ is: "celsius" }),
  mixMinutes: Minutes.min(1).max(1440).meta({ is: "minutes" }),
  settleHours: z.number().min(0.5).max(500),
  wash: z.object({
    how: z.enum(WASH_WAYS),
    times: z.int().min(0).max(12),
    waterShare: Share,
    vinegarMlPerL: z.number().min(0).max(100),
  }),
});

/** Names of the recipe's fields where an entry holds one under `recipe`. */
export const RECIPE_CALLED = {
  "recipe.path": ["Way", { base: "Straight to base", "acid-base": "Acid stage first", "two-step": "In two steps" }],
  "recipe.pace": ["Pace", { quick: "Quick", patient: "Patient", own: "My own" }],
  "recipe.oilLitres": "Oil",
  "recipe.acidMolPerL": "Free acid, mol/L",
  "recipe.demandMolPerL": "Titrated after the acid stage, mol/L",
  "recipe.untitratedKit": "Not titrated, by the marks of",
  "recipe.sulfuricMl": "Sulfuric acid by the kit, mL",
  "recipe.acidMethanolLitres": "Methanol with the acid, by the kit",
  "recipe.base": ["Lye", { NaOH: "NaOH", KOH: "KOH" }],
  "recipe.basePurity": "Purity of the lye",
  "recipe.doseGPerL": "Lye for the oil, g/L",
  "recipe.methanolShare": "Methanol, of the oil",
  "recipe.methanolPurity": "Purity of the methanol",
  "recipe.sulfuricPurity": "Purity of the sulfuric acid",
  "recipe.secondShare": "Kept for the second step",
  "recipe.conversion": "Expected to turn",
  "recipe.holdCelsius": "Held at",
  "recipe.mixMinutes": "Mixed for",
  "recipe.settleHours": "Settles, hours",
  "recipe.wash.how": ["Washed by", { mist: "Mist", stir: "Stirring", bubble: "Bubbles", dry: "Dry wash" }],
  "recipe.wash.times": "Washes",
  "recipe.wash.waterShare": "Water each time, of the fuel",
  "recipe.wash.vinegarMlPerL": "Vinegar in the first, mL a litre",
} as const;
