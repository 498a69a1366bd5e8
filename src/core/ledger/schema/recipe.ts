import * as z from "../../zod";
import { Fluid, Share } from "./quantities";

/** So much of a fluid in a mix. */
export const RecipePart = z.object({ fluid: Fluid, share: Share.positive().meta({ is: "share" }) });
export type RecipePart = z.infer<typeof RecipePart>;
