import * as z from "../../zod";
import { caughtIn } from "../caught";
import type { Contents } from "../contents";
import { BagId, type SourceId, VesselId } from "../ids";
import { LitresOrNone, Measured, Minutes } from "../schema/quantities";
import type { BagState, YardState } from "../state";
import { book, pourIn, qualityFrom, takeOut } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A bag's trend is told by its latest runs. */
const MOST_RUNS = 24;

/** Through bags from a tub into another. */
export const filterRun = defineKind({
  kind: "filter-run",
  title: "Filtered",
  version: 1,
  upcast: {},
  data: z.object({
    from: VesselId,
    to: VesselId,
    bags: z.array(BagId).min(1).max(10),
    amount: Measured,
    minutes: Minutes,
    lossLitres: LitresOrNone.max(10_000).meta({ is: "litres" }),
  }),
  moves: ({ from, to, amount }) => [flow("filter", from, to, amount)],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { from, to, bags, amount, minutes, lossLitres } }) {
    const missing = bags.find((id) => !yard.bags.has(id));
    if (missing) return { code: "unknown-bag", bag: missing };
    if (lossLitres > amount.litres) return { code: "loss-above-litres" };
    const quality = qualityFrom(yard, from);
    const before = quality.filteredUm ?? Number.POSITIVE_INFINITY;
    const filteredUm = bags.reduce((um, id) => Math.min(um, yard.bags.get(id)?.bag.ratingUm ?? um), before);
    const through = takeOut(yard, from, amount, happenedAt);
    if (!through.ok) return through.error;
    const ratings = bags.flatMap((id) => yard.bags.get(id)?.bag.ratingUm ?? []);
    const lost = (lossLitres / amount.litres) * through.value.total;
    const { kept, clean } = caughtIn(yard, through.value, lost, ratings);
    pourIn(yard, to, clean, happenedAt, { quality: { ...quality, filteredUm }, celsius: amount.celsius });
    book(yard, "lost", kept);
    const muck = muckBySource(yard, through.value);
    for (const id of bags) {
      const state = yard.bags.get(id);
      if (!state) continue;
      const run = {
        at: happenedAt,
        litres: through.value.total,
        minutes,
        celsius: amount.celsius ?? null,
        carriedLitres: state.litres,
      };
      yard.bags.set(id, {
        ...state,
        litres: state.litres + through.value.total,
        runs: [...state.runs, run].slice(-MOST_RUNS),
        muck: addedUp(state.muck, muck),
      });
    }
    return undefined;
  },
  called: {
    from: "From",
    to: "Into",
    bags: "Through",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    minutes: "Minutes",
    lossLitres: "Stayed in the bags",
  },
});

/** A bag meets only traces of the muck; what the lots came with says better whose oil wore it. */
function muckBySource(yard: YardState, { keys, unscaled, scale }: Contents): Map<SourceId, number> {
  const litres = new Map<SourceId, number>();
  for (let i = 0; i < keys.length; i++) {
    const origin = yard.origins.get(yard.parts.origins[keys[i] as number] ?? "");
    if (!origin?.source || origin.muckShare === 0) continue;
    const muck = (unscaled[i] as number) * scale * origin.muckShare;
    litres.set(origin.source, (litres.get(origin.source) ?? 0) + muck);
  }
  return litres;
}

function addedUp(a: BagState["muck"], b: BagState["muck"]): BagState["muck"] {
  const both = new Map(a);
  for (const [source, litres] of b) both.set(source, (both.get(source) ?? 0) + litres);
  return both;
}
