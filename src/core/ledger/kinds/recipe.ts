import * as z from "../../zod";
import { RecipeId } from "../ids";
import { Name, Text } from "../schema/quantities";
import { RecipePart } from "../schema/recipe";
import { SEASONS } from "../words";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Shares are told to a thousandth; a dozen of them may be out by a little more. */
const ADDS_UP_TO = 0.006;

const RecipeSchema = z
  .object({
    id: RecipeId,
    name: Name,
    parts: z.array(RecipePart).min(1).max(12),
    season: z.enum(["any", "summer", "winter"]),
    note: Text.optional(),
  })
  .superRefine(({ parts }, context) => {
    const all = parts.reduce((sum, p) => sum + p.share, 0);
    if (Math.abs(all - 1) > ADDS_UP_TO)
      context.addIssue({
        code: "custom",
        path: ["parts"],
        message: `the shares come to ${(all * 100).toFixed(1)} %: ${((1 - all) * 100).toFixed(1)} % are ${all < 1 ? "missing" : "too much"}`,
      });
  });
export type Recipe = z.infer<typeof RecipeSchema>;

/** A mix that is made again and again: what is in it, for when, and what became of it. */
export const recipe = defineKind({
  kind: "recipe",
  title: "Recipe",
  version: 1,
  upcast: {},
  data: RecipeSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    yard.recipes.set(data.id, { at: happenedAt, trials: [], coldJars: [], ...yard.recipes.get(data.id), recipe: data });
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    "parts.fluid": "Part",
    "parts.share": "Share",
    season: ["For", SEASONS],
    note: "Note",
  },
});
