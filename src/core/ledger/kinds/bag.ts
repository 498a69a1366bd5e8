import * as z from "../../zod";
import { BagId } from "../ids";
import { Litres, Name, Price, Text } from "../schema/quantities";
import type { BagState } from "../state";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** What hangs in a line, from a kitchen strainer to a cartridge in its housing. */
export const ELEMENT_FORMS = {
  bag: "Bag",
  "double-bag": "Two bags, one in the other",
  strainer: "Strainer",
  cloth: "Cloth",
  "y-strainer": "Y-strainer with a drain",
  trap: "Trap or bowl with a drain",
  cartridge: "Cartridge in a housing",
  "in-line": "In-line filter",
  "hand-pump": "Filter on a hand pump",
} as const;
export type ElementForm = keyof typeof ELEMENT_FORMS;

const Count = z.number().int().min(0).max(1000);

const BagSchema = z.object({
  id: BagId,
  name: Name,
  /** Absent: a bag. */
  form: z.enum(Object.keys(ELEMENT_FORMS) as [ElementForm, ...ElementForm[]]).optional(),
  /** Absent where nobody knows: what went through it is not proven by it. */
  ratingUm: z.number().positive().max(20_000).optional(),
  areaM2: z.number().positive().max(50),
  price: Price.optional(),
  /** What it bears between its two sides. */
  mostDropKPa: z.number().positive().max(2000).meta({ is: "kpa" }).optional(),
  /** Oil that stays in it when a run is over. */
  holdsLitres: Litres.max(100).meta({ is: "litres" }).optional(),
  /** New ones in stock when this was said, and how few of them are too few. */
  spares: Count.optional(),
  spareLow: Count.optional(),
  /** How its owner washes it, a step a line. */
  washing: Text.optional(),
});
export type Bag = z.infer<typeof BagSchema>;

const UNUSED: Omit<BagState, "bag"> = {
  litres: 0,
  litresOfAge: 0,
  washes: 0,
  lives: [],
  runs: [],
  pastRuns: [],
  spares: null,
  photo: null,
  servicedAt: null,
  muck: new Map(),
};

export const bag = defineKind({
  kind: "bag",
  title: "Bag",
  version: 1,
  upcast: {},
  data: BagSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    const known = yard.bags.get(data.id) ?? UNUSED;
    yard.bags.set(data.id, { ...known, bag: data, spares: data.spares ?? known.spares });
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    form: ["What it is", ELEMENT_FORMS],
    ratingUm: "Rating, µm",
    areaM2: "Area, m²",
    price: "A new one costs",
    mostDropKPa: "Bears a pressure drop of",
    holdsLitres: "Holds back",
    spares: "New ones in stock",
    spareLow: "Say so when there are only",
    washing: "How it is washed",
  },
});
