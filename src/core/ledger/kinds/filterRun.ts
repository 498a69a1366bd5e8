import { METRE_OF_OIL_KPA } from "../../units";
import * as z from "../../zod";
import { caughtIn } from "../caught";
import { type Contents, litresByDepth, splitBy } from "../contents";
import { BagId, LineId, type SourceId, VesselId } from "../ids";
import { AS_FETCHED, cleanedTo, type Quality, withItsMarks } from "../quality";
import { finestOf, ratingsOf } from "../rated";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { HungShares, Layer, LitresOrNone, Measured, Millimetres, Minutes } from "../schema/quantities";
import { settlerFullByBook } from "../settlerFull";
import type { BagRun, BagState, YardState } from "../state";
import { book, hangsByDepth, pourIn, takenQuality, takeOut } from "../transfer";
import { FEED_WAYS, type FeedWay, flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";
import { LAYER_CALLED } from "./move";

/** A bag's trend is told by its latest runs. */
const MOST_RUNS = 24;

const Feed = z.object({
  way: z.enum(Object.keys(FEED_WAYS) as [FeedWay, ...FeedWay[]]),
  /** Of gravity: the feed's surface above the first of the line, as it began. */
  headMm: Millimetres.max(20_000).meta({ is: "mm" }).optional(),
  /** Of air or a pump. */
  kPa: z.number().positive().max(2000).meta({ is: "kpa" }).optional(),
});

/** Pressure of a millimetre of oil, kPa. */
const KPA_PER_MM = METRE_OF_OIL_KPA / 1000;

/** How much somebody found in a bag, or what gauges beside it said. */
const Found = z.object({
  bag: BagId,
  caught: z.enum(["none", "some", "much"]).optional(),
  beforeKPa: z.number().min(0).max(2000).meta({ is: "kpa" }).optional(),
  afterKPa: z.number().min(0).max(2000).meta({ is: "kpa" }).optional(),
});

const MOST_READINGS = 240;

/** Through bags from a tub into another. */
export const filterRun = defineKind({
  kind: "filter-run",
  title: "Filtered",
  version: 1,
  upcast: {},
  data: z.object({
    from: VesselId,
    to: VesselId,
    bags: z.array(BagId).min(1).max(12),
    amount: Measured,
    /** Of a feed that stood: off its top, out of its bottom tap, or stirred up. Absent, as before it was asked: stirred. */
    layer: Layer.optional(),
    /** Of what came off the top. */
    hanging: HungShares.optional(),
    minutes: Minutes,
    lossLitres: LitresOrNone.max(10_000).meta({ is: "litres" }),
    /** Of what was lost, this ran out of traps and bowls, and into what; absent: it is lost with the rest. */
    drainedLitres: LitresOrNone.max(10_000).meta({ is: "litres" }).optional(),
    drainedTo: VesselId.optional(),
    line: LineId.optional(),
    feed: Feed.optional(),
    /** Litres through by then, as marks or scoops were timed or a gauge said, from its start. */
    readings: z
      .array(z.object({ litres: LitresOrNone, minutes: Minutes }))
      .max(MOST_READINGS)
      .optional(),
    found: z.array(Found).max(12).optional(),
    lockedOut: LockedOut,
  }),
  moves: ({ from, to, amount, layer, feed, bags, drainedLitres, drainedTo }) => [
    ...(drainedTo !== undefined && (drainedLitres ?? 0) > 0
      ? [flow("pour", from, drainedTo, { litres: drainedLitres ?? 0 }, "bottom")]
      : []),
    {
      ...flow("filter", from, to, amount, layer),
      ...(feed && { driven: { way: feed.way, kPa: feed.kPa ?? 0, through: bags } }),
    },
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const {
      from,
      to,
      bags,
      amount,
      layer,
      hanging,
      minutes,
      lossLitres,
      drainedLitres = 0,
      drainedTo,
      line,
      feed,
    } = data;
    const missing = bags.find((id) => !yard.bags.has(id));
    if (missing) return { code: "unknown-bag", bag: missing };
    if (line !== undefined && !yard.lines.has(line)) return { code: "unknown-line", line };
    if (lossLitres > amount.litres || drainedLitres > lossLitres) return { code: "loss-above-litres" };
    const quality = takenQuality(yard, from, amount, happenedAt, layer, hanging);
    const suctionAboveMuckMm = yard.vessels.get(from)?.suctionAboveMuckMm ?? null;
    const settlerFullShare = settlerFullByBook(yard);
    const ratings = ratingsOf(yard, bags);
    const through = takeOut(yard, from, amount, happenedAt, layer, hanging && hangsByDepth(hanging));
    if (!through.ok) return through.error;
    const lost = (lossLitres / amount.litres) * through.value.total;
    const { kept, clean } = caughtIn(yard, through.value, lost, ratings);
    const filteredUm = finestOf(quality.filteredUm, ratings);
    pourIn(yard, to, clean, happenedAt, { quality: cleanedTo(quality, filteredUm), celsius: amount.celsius });
    const { taken: drained, left: lostInBags } = drainedOf(
      yard,
      kept,
      drainedTo && lossLitres > 0 ? drainedLitres / lossLitres : 0,
    );
    if (drainedTo && drained.total > 0)
      pourIn(yard, drainedTo, drained, happenedAt, { quality: muckOf(quality), celsius: amount.celsius });
    book(yard, "lost", lostInBags);
    const muck = muckBySource(yard, through.value);
    const finest = Math.min(...ratings);
    for (const id of bags) {
      const state = yard.bags.get(id);
      if (!state) continue;
      const { bag } = state;
      const run: BagRun = {
        at: happenedAt,
        litres: through.value.total,
        minutes,
        celsius: amount.celsius ?? null,
        carriedLitres: state.litres,
        finest: bag.ratingUm === finest,
        kPa: feed?.kPa ?? (feed?.headMm === undefined ? null : feed.headMm * KPA_PER_MM),
        areaM2: bag.areaM2,
        ratingUm: bag.ratingUm ?? null,
        washes: state.washes,
        wet: quality.water?.wet === true,
        fatShare: fatShareOf(yard, through.value),
        source: mostOf(muck),
        suctionAboveMuckMm,
        settlerFullShare,
      };
      yard.bags.set(id, {
        ...state,
        litres: state.litres + through.value.total,
        litresOfAge: state.litresOfAge + through.value.total,
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
    layer: LAYER_CALLED,
    "hanging.sludge": "Crumbs and fines that still hung",
    "hanging.water": "Water that still hung",
    "hanging.fat": "Fat that still hung",
    minutes: "Minutes",
    lossLitres: "Stayed in the bags",
    drainedLitres: "Of it drained from traps",
    drainedTo: "Drained into",
    line: "On the line",
    "feed.way": ["Driven by", FEED_WAYS],
    "feed.headMm": "Head as it began",
    "feed.kPa": "Pressure",
    readings: null,
    found: null,
    lockedOut: LOCKED_OUT_CALLED,
  },
});

/** What the bags held back is as raw as oil gets, and keeps what was in the lot. */
const muckOf = (q: Quality): Quality => ({
  ...withItsMarks(q),
  filteredUm: null,
  unclearedShare: AS_FETCHED.unclearedShare,
  unfilteredShare: AS_FETCHED.unfilteredShare,
});

/** Out of the traps comes a share of all that was held back. */
const drainedOf = (yard: YardState, kept: Contents, share: number): ReturnType<typeof splitBy> =>
  splitBy(kept, yard.parts, [share, share, share, share]);

/** Of what settles, fat lies third: sludge, water, fat, oil. */
const FAT_DEPTH = 2;
const fatShareOf = (yard: YardState, c: Contents): number =>
  c.total > 0 ? (litresByDepth(c, yard.parts)[FAT_DEPTH] ?? 0) / c.total : 0;

/** Whose muck it was, where one source brought more than half. */
function mostOf(muck: ReadonlyMap<SourceId, number>): SourceId | null {
  const all = [...muck.values()].reduce((sum, litres) => sum + litres, 0);
  for (const [source, litres] of muck) if (litres > all / 2) return source;
  return null;
}

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
