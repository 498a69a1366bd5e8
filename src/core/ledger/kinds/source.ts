import { DIRT_KIND_IDS, DIRT_KINDS } from "../../fluids";
import * as z from "../../zod";
import { SourceId } from "../ids";
import { Fluid, Litres, Minutes, Money, Name, Words } from "../schema/quantities";
import { AccessSchema, SpotSchema } from "../schema/where";
import { freshSource } from "../state";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Nobody gives less at a time, and no container holds less. */
const Cupful = Litres.min(0.1).meta({ is: "litres" });

/** Who gives oil. Fresh, it has a name and a container; the rest is asked when it matters. */
const SourceSchema = z.object({
  id: SourceId,
  name: Name,
  container: Name,
  fluid: Fluid.optional(),
  dirt: z.enum(DIRT_KIND_IDS).optional(),
  usualLitres: Cupful.optional(),
  fries: Words.optional(),
  containerLitres: Cupful.optional(),
  containerCount: z.number().int().min(1).max(1000).optional(),
  /** What they want for a litre; below nothing, what they pay to have it taken. */
  pricePerLitre: Money.min(-100).max(100).meta({ is: "money" }).optional(),
  access: z.array(AccessSchema).max(21).optional(),
  spot: SpotSchema.optional(),
  minutesThere: Minutes.min(1).max(600).meta({ is: "minutes" }).optional(),
  contact: Words.optional(),
  notes: z.string().trim().min(1).max(500).meta({ is: "text" }).optional(),
});
export type Source = z.infer<typeof SourceSchema>;

export const source = defineKind({
  kind: "source",
  title: "Source",
  version: 1,
  upcast: {},
  data: SourceSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data, happenedAt }) {
    const known = yard.sources.get(data.id);
    yard.sources.set(data.id, known ? { ...known, source: data } : freshSource(data, happenedAt));
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    container: "What the oil comes in",
    fluid: "Oil",
    dirt: ["From", Object.fromEntries(DIRT_KIND_IDS.map((d) => [d, DIRT_KINDS[d].name]))],
    usualLitres: "Usually",
    fries: "What is fried in it",
    containerLitres: "One container holds",
    containerCount: "Containers",
    pricePerLitre: "They want for a litre",
    access: null,
    spot: null,
    minutesThere: "Minutes there",
    contact: "Whom to ask",
    notes: "Notes",
  },
});
