import * as z from "../../zod";
import { BagId, LineId, PlaceId } from "../ids";
import { Millimetres, Name } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const MOST_ELEMENTS = 12;

/** Strainers, bags and cartridges in the order that oil meets them, and how high they hang. */
const LineSchema = z
  .object({
    id: LineId,
    name: Name,
    /** Absent: at home. */
    place: PlaceId.optional(),
    elements: z.array(BagId).max(MOST_ELEMENTS),
    /** The bottom of what feeds it, and of what it runs into, above the floor. */
    feedMm: Millimetres.max(10_000).meta({ is: "mm" }).optional(),
    receiverMm: Millimetres.max(10_000).meta({ is: "mm" }).optional(),
    /** The last of it hangs in what it runs into, and not above it. */
    isInReceiver: z.boolean().optional(),
  })
  .refine(({ elements }) => new Set(elements).size === elements.length, "one thing hangs in one place");
export type Line = z.infer<typeof LineSchema>;

/** A filter line as it hangs. What is hung into it hangs nowhere else from then on. */
export const line = defineKind({
  kind: "line",
  title: "Filter line",
  version: 1,
  upcast: {},
  data: LineSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    const missing = data.elements.find((id) => !yard.bags.has(id));
    if (missing) return { code: "unknown-bag", bag: missing };
    if (data.place && !yard.places.has(data.place)) return { code: "unknown-place", place: data.place };
    for (const [id, other] of yard.lines)
      if (id !== data.id && other.elements.some((e) => data.elements.includes(e)))
        yard.lines.set(id, { ...other, elements: other.elements.filter((e) => !data.elements.includes(e)) });
    yard.lines.set(data.id, data);
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    place: "Where it is",
    elements: "Hangs in it",
    feedMm: "Feed stands above the floor",
    receiverMm: "Receiver stands above the floor",
    isInReceiver: "The last hangs inside its receiver",
  },
});
