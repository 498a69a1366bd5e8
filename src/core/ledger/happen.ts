import { add, type Contents, EMPTY, takeLayer } from "./contents";
import type { Fault } from "./errors";
import type { EntryId, SourceId } from "./ids";
import type { EntryOf } from "./schema/entry";
import { type BagState, partsOf, type YardState } from "./state";
import { alongWith, book, bringIn, coarser, pourIn, requireDifferent, takeOut, vesselAt } from "./transfer";

/** Entries that move litres. Each takes everything out first and books outside accounts last, so a fault moves nothing. */

/** Bought fuel and oil come clean. */
const AS_BOUGHT_UM = 0;

export function purchase(yard: YardState, entry: EntryOf<"purchase">): undefined {
  const { to, fluid, amount } = entry.data;
  const poured = bringIn(yard, [[fluid, amount.litres]], amount.celsius, entry.id);
  pourIn(yard, to, poured, entry.happenedAt, { celsius: amount.celsius, filteredUm: AS_BOUGHT_UM });
  book(yard, "bought", poured);
  yard.origins.set(entry.id, { kind: "purchase", at: entry.happenedAt, source: null, muckShare: 0 });
}

export function move(yard: YardState, entry: EntryOf<"move">): undefined {
  const { from, to, amount, layer } = entry.data;
  requireDifferent(from, to);
  const along = alongWith(vesselAt(yard, from), layer);
  const moved = takeOut(yard, from, amount, entry.happenedAt, layer);
  pourIn(yard, to, moved, entry.happenedAt, { ...along, celsius: amount.celsius });
}

export function drawOff(yard: YardState, entry: EntryOf<"draw-off">): undefined {
  const { from, to, amount, suspendedShare, came } = entry.data;
  requireDifferent(from, to);
  const { stirredAt, drawnAt, vessel } = vesselAt(yard, from);
  const along = alongWith(vesselAt(yard, from));
  const drawn = takeOut(yard, from, amount, entry.happenedAt, "top", suspendedShare);
  pourIn(yard, to, drawn, entry.happenedAt, { ...along, celsius: amount.celsius });
  // What runs over from a settler was never waited for.
  if (stirredAt === null || drawnAt !== null || vessel.role === "settler") return;
  const first = { vessel: from, since: stirredAt, at: entry.happenedAt, came: came ?? null };
  yard.draws = [...yard.draws.slice(1 - MOST_DRAWS), first];
}

/** Forecasts are judged by the latest. */
const MOST_DRAWS = 60;

export function filterRun(yard: YardState, entry: EntryOf<"filter-run">): Fault | undefined {
  const { from, to, bags, amount, minutes, lossLitres } = entry.data;
  requireDifferent(from, to);
  const missing = bags.find((id) => !yard.bags.has(id));
  if (missing) return { code: "unknown-bag", bag: missing, entry: entry.id };
  vesselAt(yard, to);
  const along = alongWith(vesselAt(yard, from));
  const before = along.filteredUm ?? Number.POSITIVE_INFINITY;
  const filteredUm = bags.reduce((um, id) => Math.min(um, yard.bags.get(id)?.bag.ratingUm ?? um), before);
  const through = takeOut(yard, from, amount, entry.happenedAt);
  const scale = through.total / amount.litres;
  if (lossLitres > amount.litres) return { code: "loss-above-litres", entry: entry.id };
  // What a bag keeps is the muck first; only then oil that clings to it.
  const { taken: kept, left: clean } =
    lossLitres > 0 ? takeLayer(through, yard.parts, lossLitres * scale, "bottom", 0) : { taken: EMPTY, left: through };
  pourIn(yard, to, clean, entry.happenedAt, { ...along, celsius: amount.celsius, filteredUm });
  book(yard, "lost", kept);
  const muck = muckBySource(yard, through);
  for (const id of bags) {
    const state = yard.bags.get(id);
    if (!state) continue;
    const run = { at: entry.happenedAt, litres: through.total, minutes, celsius: amount.celsius ?? null };
    yard.bags.set(id, {
      ...state,
      litres: state.litres + through.total,
      runs: [...state.runs, run].slice(-24),
      muck: addedUp(state.muck, muck),
    });
  }
  return undefined;
}

/** A bag meets only traces of the muck; what the lots came with says better whose oil wore it. */
function muckBySource(yard: YardState, { keys, unscaled, scale }: Contents): Map<SourceId, number> {
  const litres = new Map<SourceId, number>();
  for (let i = 0; i < keys.length; i++) {
    const origin = yard.origins.get(yard.parts.origins[keys[i] as number] as EntryId);
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

export function bagService(yard: YardState, entry: EntryOf<"bag-service">): Fault | undefined {
  const state = yard.bags.get(entry.data.bag);
  if (!state) return { code: "unknown-bag", bag: entry.data.bag, entry: entry.id };
  yard.bags.set(entry.data.bag, { ...state, litres: 0, runs: [], servicedAt: entry.happenedAt, muck: new Map() });
  chargeSources(yard, state, entry.data.what);
  return undefined;
}

/** A bag's life is paid by the sources whose oil wore it, each by the muck it had come with. */
function chargeSources(yard: YardState, { bag, muck }: BagState, what: "washed" | "changed"): void {
  const all = [...muck.values()].reduce((sum, litres) => sum + litres, 0);
  for (const [id, litres] of muck) {
    const source = yard.sources.get(id);
    if (!source || litres === 0) continue;
    const share = litres / all;
    yard.sources.set(
      id,
      what === "washed"
        ? { ...source, bagsWashed: source.bagsWashed + share }
        : {
            ...source,
            bagsChanged: source.bagsChanged + share,
            bagMoney: source.bagMoney + share * (bag.price ?? 0),
          },
    );
  }
}

export function blend(yard: YardState, entry: EntryOf<"blend">): undefined {
  const { to, parts } = entry.data;
  let poured = EMPTY;
  let filteredUm: number | null = AS_BOUGHT_UM;
  let wet = false;
  for (const part of parts) {
    requireDifferent(part.from, to);
    const from = vesselAt(yard, part.from);
    filteredUm = coarser(filteredUm, from.filteredUm);
    wet ||= from.water?.wet === true;
    poured = add(poured, takeOut(yard, part.from, part.amount, entry.happenedAt), yard.parts);
  }
  const water = wet ? ({ at: entry.happenedAt, wet, because: "poured", share: null } as const) : null;
  pourIn(yard, to, poured, entry.happenedAt, { filteredUm, water });
}

export function fill(yard: YardState, entry: EntryOf<"fill">): Fault | undefined {
  const { vehicle, from, to, amount } = entry.data;
  if (!yard.vehicles.has(vehicle)) return { code: "unknown-vehicle", vehicle, entry: entry.id };
  requireDifferent(from, to);
  const along = alongWith(vesselAt(yard, from));
  const filled = takeOut(yard, from, amount, entry.happenedAt);
  pourIn(yard, to, filled, entry.happenedAt, { ...along, celsius: amount.celsius });
  return undefined;
}

export function trip(yard: YardState, entry: EntryOf<"trip">): Fault | undefined {
  const { vehicle, burned, returned, km, forecast } = entry.data;
  const state = yard.vehicles.get(vehicle);
  if (!state) return { code: "unknown-vehicle", vehicle, entry: entry.id };
  const used = burned.map((b) => takeOut(yard, b.from, b, entry.happenedAt));
  if (returned) {
    requireDifferent(returned.from, returned.to);
    const along = alongWith(vesselAt(yard, returned.from));
    const pushed = takeOut(yard, returned.from, returned, entry.happenedAt);
    pourIn(yard, returned.to, pushed, entry.happenedAt, along);
  }
  const litres = used.reduce((sum, contents) => sum + contents.total, 0);
  for (const contents of used) book(yard, "burned", contents);
  yard.vehicles.set(vehicle, {
    ...state,
    km: state.km + (km ?? 0),
    trips: state.trips + 1,
    lastTripAt: entry.happenedAt,
    residualOilShare: forecast?.residualShare ?? null,
    ...(km !== undefined && {
      measuredKm: state.measuredKm + km,
      measuredLitres: state.measuredLitres + litres,
    }),
  });
  return undefined;
}

export function dispose(yard: YardState, entry: EntryOf<"dispose">): undefined {
  book(yard, "disposed", takeOut(yard, entry.data.from, entry.data.amount, entry.happenedAt, entry.data.layer));
}

/** The stick against the book: the difference is booked as unaccounted, in the open. */
export function stockTake(yard: YardState, entry: EntryOf<"stock-take">): Fault | undefined {
  const { vessel, found, gainOf } = entry.data;
  const state = vesselAt(yard, vessel);
  const there = state.contents;
  const measured = bringIn(yard, [[gainOf ?? "canola", found.litres]], found.celsius, entry.id).total;
  if (measured < there.total) {
    const missing = takeOut(yard, vessel, { litres: there.total - measured }, entry.happenedAt);
    book(yard, "unaccounted", missing);
    return undefined;
  }
  if (measured === there.total) return undefined;
  const gain = measured - there.total;
  const shares = partsOf(there, yard.parts).map((p) => [p.component, (gain * p.litres) / there.total] as const);
  if (shares.length === 0 && gainOf === undefined) return { code: "nothing-to-gain-of", vessel, entry: entry.id };
  const extra = bringIn(yard, gainOf === undefined ? shares : [[gainOf, gain]], undefined, entry.id);
  yard.vessels.set(vessel, { ...state, contents: add(there, extra, yard.parts), changedAt: entry.happenedAt });
  book(yard, "unaccounted", extra, -1);
  yard.origins.set(entry.id, { kind: "stock-take", at: entry.happenedAt, source: null, muckShare: 0 });
  return undefined;
}
