import type { VesselId } from "./ids";
import type { Recipe } from "./kinds/recipe";
import type { Trial } from "./kinds/trial";
import type { ColdJar } from "./quality";

/** What a litre costs, as its owner said or paid; cheaper by the drum, where steps say so. */
export interface PriceState {
  readonly at: string;
  readonly pricePerLitre: number;
  readonly steps: readonly { readonly fromLitres: number; readonly pricePerLitre: number }[];
}

/** A recipe, with the jars and engines it was tried in, oldest first. */
export interface RecipeState {
  readonly recipe: Recipe;
  readonly at: string;
  readonly trials: readonly TrialState[];
  readonly coldJars: readonly ColdJar[];
}

export interface TrialState extends Trial {
  readonly at: string;
}

/** What was drained of one petrol blend, and how long it had stood. */
export interface GumBatch {
  readonly vessel: VesselId;
  readonly since: string;
  /** As it was mixed. */
  readonly litres: number;
  readonly drainedLitres: number;
  readonly hours: number;
}
