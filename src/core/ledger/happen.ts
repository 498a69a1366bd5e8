import type { ComponentId } from "../fluids";
import { add, EMPTY, takeLayer } from "./contents";
import type { Fault } from "./errors";
import type { EntryOf } from "./schema/entry";
import { partsOf, type YardState } from "./state";
import { book, bringIn, pourIn, requireDifferent, takeOut, vesselAt } from "./transfer";

/** Entries that move litres. Each takes everything out first and books outside accounts last, so a fault moves nothing. */

export function pickup(yard: YardState, entry: EntryOf<"pickup">): Fault | undefined {
  const { source, to, fluid, amount, muck } = entry.data;
  const from = yard.sources.get(source);
  if (!from) return { code: "unknown-source", source, entry: entry.id };
  const water = (muck.water ?? 0) * amount.litres;
  const sludge = (muck.sludge ?? 0) * amount.litres;
  const fat = (muck["fryer-fat"] ?? 0) * amount.litres;
  const parts: [ComponentId, number][] = [
    [fluid, amount.litres - water - sludge - fat],
    ["water", water],
    ["sludge", sludge],
    ["fryer-fat", fat],
  ];
  const poured = bringIn(yard, parts, amount.celsius, entry.id);
  pourIn(yard, to, poured, entry.happenedAt, amount.celsius);
  book(yard, "collected", poured);
  yard.origins.set(entry.id, { kind: "pickup", at: entry.happenedAt, source });
  yard.sources.set(source, {
    ...from,
    pickups: from.pickups + 1,
    litres: from.litres + poured.total,
    lastAt: entry.happenedAt,
    lastLitres: poured.total,
  });
  return undefined;
}

export function purchase(yard: YardState, entry: EntryOf<"purchase">): undefined {
  const { to, fluid, amount } = entry.data;
  const poured = bringIn(yard, [[fluid, amount.litres]], amount.celsius, entry.id);
  pourIn(yard, to, poured, entry.happenedAt, amount.celsius);
  book(yard, "bought", poured);
  yard.origins.set(entry.id, { kind: "purchase", at: entry.happenedAt, source: null });
}

export function move(yard: YardState, entry: EntryOf<"move">): undefined {
  const { from, to, amount, layer } = entry.data;
  requireDifferent(from, to);
  pourIn(yard, to, takeOut(yard, from, amount, entry.happenedAt, layer), entry.happenedAt, amount.celsius);
}

export function drawOff(yard: YardState, entry: EntryOf<"draw-off">): undefined {
  const { from, to, amount, suspendedShare } = entry.data;
  requireDifferent(from, to);
  const drawn = takeOut(yard, from, amount, entry.happenedAt, "top", suspendedShare);
  pourIn(yard, to, drawn, entry.happenedAt, amount.celsius);
}

export function filterRun(yard: YardState, entry: EntryOf<"filter-run">): Fault | undefined {
  const { from, to, bags, amount, minutes, lossLitres } = entry.data;
  requireDifferent(from, to);
  const missing = bags.find((id) => !yard.bags.has(id));
  if (missing) return { code: "unknown-bag", bag: missing, entry: entry.id };
  vesselAt(yard, to);
  const through = takeOut(yard, from, amount, entry.happenedAt);
  const scale = through.total / amount.litres;
  if (lossLitres > amount.litres) return { code: "loss-above-litres", entry: entry.id };
  // What a bag keeps is the muck first; only then oil that clings to it.
  const { taken: kept, left: clean } =
    lossLitres > 0 ? takeLayer(through, yard.parts, lossLitres * scale, "bottom", 0) : { taken: EMPTY, left: through };
  pourIn(yard, to, clean, entry.happenedAt, amount.celsius);
  book(yard, "lost", kept);
  for (const id of bags) {
    const state = yard.bags.get(id);
    if (!state) continue;
    const run = { at: entry.happenedAt, litres: through.total, minutes, celsius: amount.celsius ?? null };
    yard.bags.set(id, { ...state, litres: state.litres + through.total, runs: [...state.runs, run].slice(-24) });
  }
  return undefined;
}

export function bagService(yard: YardState, entry: EntryOf<"bag-service">): Fault | undefined {
  const state = yard.bags.get(entry.data.bag);
  if (!state) return { code: "unknown-bag", bag: entry.data.bag, entry: entry.id };
  yard.bags.set(entry.data.bag, { ...state, litres: 0, runs: [], servicedAt: entry.happenedAt });
  return undefined;
}

export function blend(yard: YardState, entry: EntryOf<"blend">): undefined {
  const { to, parts } = entry.data;
  let poured = EMPTY;
  for (const part of parts) {
    requireDifferent(part.from, to);
    poured = add(poured, takeOut(yard, part.from, part.amount, entry.happenedAt), yard.parts);
  }
  pourIn(yard, to, poured, entry.happenedAt);
}

export function fill(yard: YardState, entry: EntryOf<"fill">): Fault | undefined {
  const { vehicle, from, to, amount } = entry.data;
  if (!yard.vehicles.has(vehicle)) return { code: "unknown-vehicle", vehicle, entry: entry.id };
  requireDifferent(from, to);
  pourIn(yard, to, takeOut(yard, from, amount, entry.happenedAt), entry.happenedAt, amount.celsius);
  return undefined;
}

export function trip(yard: YardState, entry: EntryOf<"trip">): Fault | undefined {
  const { vehicle, burned, returned, km, forecast } = entry.data;
  const state = yard.vehicles.get(vehicle);
  if (!state) return { code: "unknown-vehicle", vehicle, entry: entry.id };
  const used = burned.map((b) => takeOut(yard, b.from, b, entry.happenedAt));
  if (returned) {
    requireDifferent(returned.from, returned.to);
    const pushed = takeOut(yard, returned.from, returned, entry.happenedAt);
    pourIn(yard, returned.to, pushed, entry.happenedAt);
  }
  for (const contents of used) book(yard, "burned", contents);
  yard.vehicles.set(vehicle, {
    ...state,
    km: state.km + (km ?? 0),
    trips: state.trips + 1,
    lastTripAt: entry.happenedAt,
    residualOilShare: forecast?.residualShare ?? null,
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
  yard.origins.set(entry.id, { kind: "stock-take", at: entry.happenedAt, source: null });
  return undefined;
}
