import type { ComponentId } from "../../fluids";
import * as z from "../../zod";
import { BagId, RoundId, SourceId, VesselId } from "../ids";
import { AS_FETCHED, cleanedTo, type Quality } from "../quality";
import { throughUm } from "../rated";
import { CHECK_CALLED, CheckSchema } from "../schema/check";
import { Fluid, LitresOrNone, Measured, Money, Share } from "../schema/quantities";
import type { Visit, YardState } from "../state";
import { book, bringIn, pourIn } from "../transfer";
import { callAt, roundFlaw, withVisit } from "../visits";
import { LOOKS, PAN_WORDS } from "../words";
import { SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Muck brought in with the oil, as shares of the litres picked up. */
const MuckShares = z
  .object({ water: Share.optional(), sludge: Share.optional(), "fryer-fat": Share.optional() })
  .refine((s) => (s.water ?? 0) + (s.sludge ?? 0) + (s["fryer-fat"] ?? 0) <= 1, "shares above one");

const PickupSchema = z.object({
  source: SourceId,
  to: VesselId,
  fluid: Fluid,
  amount: Measured,
  muck: MuckShares,
  look: CheckSchema.shape.look.optional(),
  /** What was paid for it; below nothing, what they paid us. */
  paid: Money.optional(),
  check: CheckSchema.optional(),
  /** What stayed behind there, where it was seen. */
  leftLitres: LitresOrNone.optional(),
  /** How the litres were counted. */
  counted: z
    .object({ by: z.enum(["scoops", "jerrycans", "pump"]), count: z.number().positive().max(100_000) })
    .optional(),
  round: RoundId.optional(),
  /** Through the filter of a hand pump, or a strainer, there at the source. */
  through: z.array(BagId).max(4).optional(),
  /** A spoonful of it in a hot pan, there. */
  pan: z.enum(["quiet", "crackles", "foams"]).optional(),
  /** How long it had stood there untouched, as they say. */
  stoodThereDays: z.number().min(0).max(3650).optional(),
});

/** What was measured of each component of a pickup. */
function partsOf({ fluid, amount, muck }: z.infer<typeof PickupSchema>): [ComponentId, number][] {
  const dirt = (["water", "sludge", "fryer-fat"] as const).map((c): [ComponentId, number] => [
    c,
    (muck[c] ?? 0) * amount.litres,
  ]);
  return [[fluid, dirt.reduce((left, [, litres]) => left - litres, amount.litres)], ...dirt];
}

/** As it came, with what the pan said of it. */
const fetchedAs = (pan: z.infer<typeof PickupSchema>["pan"], at: string): Quality =>
  pan === undefined ? AS_FETCHED : { ...AS_FETCHED, water: { at, wet: pan !== "quiet", because: "test", share: null } };

/** What the filters there make of it; each has had so many litres more. */
function strained(yard: YardState, through: readonly BagId[], litres: number, fetched: Quality): Quality {
  for (const id of through) {
    const state = yard.bags.get(id);
    if (state) yard.bags.set(id, { ...state, litres: state.litres + litres, litresOfAge: state.litresOfAge + litres });
  }
  const filteredUm = throughUm(yard, through);
  return filteredUm === null ? fetched : cleanedTo(fetched, filteredUm);
}

export const pickup = defineKind({
  kind: "pickup",
  title: "Pickup",
  version: 1,
  upcast: {},
  data: PickupSchema,
  moves: ({ to, amount, ...d }) => [
    {
      how: "pour",
      from: null,
      fresh: [{ component: d.fluid, litres: amount.litres }],
      to,
      amount,
      layer: "mixed",
    },
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data }) {
    const { source, to, amount, look, check, leftLitres, paid, round, through = [] } = data;
    const from = yard.sources.get(source);
    if (!from) return { code: "unknown-source", source };
    const flaw = roundFlaw(yard, round);
    if (flaw) return flaw;
    const missing = through.find((b) => !yard.bags.has(b));
    if (missing) return { code: "unknown-bag", bag: missing };
    const parts = partsOf(data);
    const muckLitres = amount.litres - (parts[0]?.[1] ?? 0);
    const poured = bringIn(yard, parts, amount.celsius, id);
    const quality = strained(yard, through, poured.total, fetchedAs(data.pan, happenedAt));
    pourIn(yard, to, poured, happenedAt, { celsius: amount.celsius, quality });
    book(yard, "collected", poured);
    yard.origins.set(id, { kind: "pickup", at: happenedAt, source, muckShare: muckLitres / amount.litres });
    const visit: Visit = {
      at: happenedAt,
      outcome: "taken",
      litres: poured.total,
      muckLitres,
      leftLitres: leftLitres ?? 0,
      look: check?.look ?? look ?? null,
      reason: "",
      round: round ?? null,
      entries: [id],
    };
    // Spelled out: thousands of these are made, and a spread is several times slower.
    yard.sources.set(source, {
      source: from.source,
      knownSince: from.knownSince,
      pickups: from.pickups + 1,
      litres: from.litres + poured.total,
      lastAt: happenedAt,
      lastLitres: poured.total,
      visits: withVisit(from.visits, visit),
      paid: from.paid + (paid ?? 0),
      roundKm: from.roundKm,
      bagsChanged: from.bagsChanged,
      bagsWashed: from.bagsWashed,
      bagMoney: from.bagMoney,
      photo: from.photo,
    });
    callAt(yard, round, source, poured.total);
    return undefined;
  },
  called: {
    source: "From",
    to: "Into",
    fluid: "Which oil",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    "muck.water": "Water in it",
    "muck.sludge": "Sludge in it",
    "muck.fryer-fat": "Fat in it",
    look: ["Held to the light", LOOKS],
    paid: "Paid for it",
    ...CHECK_CALLED,
    leftLitres: "Left behind there",
    counted: null,
    through: "Through a filter there",
    pan: ["In the pan it", PAN_WORDS],
    stoodThereDays: "Had stood there, days",
    round: null,
  },
});
