import * as z from "../../zod";
import { RecipeId, VehicleId } from "../ids";
import { addJar } from "../recipes";
import { Celsius, Text } from "../schema/quantities";
import { COLD_JAR_WORDS, RUNG_WORDS, RUNGS, TRIAL_MARK_WORDS } from "../words";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const Mark = z.enum(["good", "so-so", "bad"]);

const TrialSchema = z
  .object({
    recipe: RecipeId,
    rung: z.enum(RUNGS),
    vehicle: VehicleId.optional(),
    /** Of a jar: how long it stood, how cold, and how it came out. */
    jar: z
      .object({ hours: z.number().min(0.5).max(10_000), celsius: Celsius, saw: z.enum(["clear", "cloudy", "set"]) })
      .optional(),
    /** How it ran, or burned. */
    card: z
      .object({
        start: Mark.optional(),
        idleSmoke: Mark.optional(),
        town: Mark.optional(),
        longRun: Mark.optional(),
        sound: Mark.optional(),
        power: Mark.optional(),
        flame: Mark.optional(),
      })
      .optional(),
    verdict: z.enum(["good", "doubtful", "bad"]),
    note: Text.optional(),
  })
  .superRefine(({ rung, jar }, context) => {
    if (rung === "jar" && !jar)
      context.addIssue({ code: "custom", path: ["jar"], message: "how did the jar come out?" });
  });
export type Trial = z.infer<typeof TrialSchema>;

/** A recipe tried on one rung: what was seen stays with it. */
export const trial = defineKind({
  kind: "trial",
  title: "Tried",
  version: 1,
  upcast: {},
  data: TrialSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const state = yard.recipes.get(data.recipe);
    if (!state) return { code: "unknown-recipe", recipe: data.recipe };
    if (data.vehicle !== undefined && !yard.vehicles.has(data.vehicle))
      return { code: "unknown-vehicle", vehicle: data.vehicle };
    yard.recipes.set(data.recipe, { ...state, trials: [...state.trials, { ...data, at: happenedAt }] });
    if (data.jar) addJar(yard, data.recipe, { at: happenedAt, ...data.jar });
    return undefined;
  },
  called: {
    recipe: "Recipe",
    rung: ["Tried in", RUNG_WORDS],
    vehicle: "Vehicle",
    "jar.hours": "Hours it stood",
    "jar.celsius": "Where it stood it was",
    "jar.saw": ["It came out", COLD_JAR_WORDS],
    "card.start": ["Start", TRIAL_MARK_WORDS],
    "card.idleSmoke": ["Smoke at idle", TRIAL_MARK_WORDS],
    "card.town": ["In town", TRIAL_MARK_WORDS],
    "card.longRun": ["On a long run", TRIAL_MARK_WORDS],
    "card.sound": ["Sound", TRIAL_MARK_WORDS],
    "card.power": ["Power", TRIAL_MARK_WORDS],
    "card.flame": ["Colour of the flame", TRIAL_MARK_WORDS],
    verdict: ["All in all", { good: "Good", doubtful: "Doubtful", bad: "Bad" }],
    note: "Note",
  },
});
