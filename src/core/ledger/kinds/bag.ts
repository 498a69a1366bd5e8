import * as z from "../../zod";
import { BagId } from "../ids";
import { Name, Price } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const BagSchema = z.object({
  id: BagId,
  name: Name,
  ratingUm: z.number().positive().max(2000),
  areaM2: z.number().positive().max(50),
  price: Price.optional(),
});
export type Bag = z.infer<typeof BagSchema>;

export const bag = defineKind({
  kind: "bag",
  title: "Bag",
  version: 1,
  upcast: {},
  data: BagSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    const known = yard.bags.get(data.id);
    yard.bags.set(data.id, {
      ...(known ?? { litres: 0, runs: [], servicedAt: null, muck: new Map() }),
      bag: data,
    });
    return undefined;
  },
  called: { id: null, name: "Its name", ratingUm: "Rating, µm", areaM2: "Area, m²", price: "A new one costs" },
});
