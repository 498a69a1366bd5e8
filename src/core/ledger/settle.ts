import { capacityLitres } from "../vessels";
import { EMPTY, takeLayer } from "./contents";
import { doubtsOfDip, doubtsOfJar } from "./doubts";
import type { Fault } from "./errors";
import type { VesselId } from "./ids";
import type { EntryOf } from "./schema/entry";
import { keepStanding } from "./standings";
import type { VesselState, WaterWord, YardState } from "./state";
import { alongWith, book, bringIn, pourIn, requireDifferent, takeOut, vesselAt } from "./transfer";

/** Entries of the settling bench: what was read of a standing vessel, and what was done to make it clear. */

const change = (yard: YardState, state: VesselState, more: Partial<VesselState>): void => {
  yard.undo.push(state);
  yard.vessels.set(state.vessel.id, { ...state, ...more });
};

export function setDip(yard: YardState, entry: EntryOf<"dip">): undefined {
  const { vessel, oilMm, fatMm, waterMm, clearMm, scumMm, celsius } = entry.data;
  const state = vesselAt(yard, vessel);
  const dip = { oilMm, fatMm, waterMm, clearMm, scumMm, celsius };
  const read = {
    at: entry.happenedAt,
    ...dip,
    litres: state.contents.total,
    doubts: doubtsOfDip(state, dip),
  };
  change(yard, state, { dips: [...state.dips, read], celsius: celsius ?? state.celsius });
}

export function setJar(yard: YardState, entry: EntryOf<"jar">): undefined {
  const { vessel, step, atMm, celsius } = entry.data;
  const state = vesselAt(yard, vessel);
  const read = {
    at: entry.happenedAt,
    step,
    atMm,
    celsius,
    litres: state.contents.total,
    doubts: doubtsOfJar(state, atMm),
  };
  change(yard, state, { jars: [...state.jars, read], celsius: celsius ?? state.celsius });
}

export function setDisturbed(yard: YardState, entry: EntryOf<"disturbed">): undefined {
  const { vessel, also, celsius } = entry.data;
  for (const id of [vessel, ...(also ?? [])]) stir(yard, id, entry.happenedAt, celsius);
}

function stir(yard: YardState, id: VesselId, at: string, celsius: number | undefined): void {
  const state = vesselAt(yard, id);
  if (state.contents.total === 0) return;
  keepStanding(yard, state);
  change(yard, state, {
    stirredAt: at,
    dips: [],
    jars: [],
    drawnAt: null,
    celsius: celsius ?? state.celsius,
    warmCelsius: celsius ?? null,
  });
}

export function waterTest(yard: YardState, entry: EntryOf<"water-test">): undefined {
  const { data } = entry;
  const state = vesselAt(yard, data.vessel);
  const share = data.how === "weigh" ? (data.wetG - data.dryG) / data.wetG : null;
  const wet = data.how === "hot-pan" ? data.saw !== "quiet" : (share ?? 0) > yard.settings.waterLimitShare;
  change(yard, state, { water: { at: entry.happenedAt, wet, because: "test", share } });
}

/** Water and gelatine into a lot: it is stirred, and wet until a test says otherwise. */
export function fining(yard: YardState, entry: EntryOf<"fining">): Fault | undefined {
  const { vessel, waterLitres, celsius } = entry.data;
  const state = vesselAt(yard, vessel);
  if (state.contents.total === 0) return { code: "empty", vessel, entry: entry.id };
  const water = bringIn(yard, [["water", waterLitres]], celsius, entry.id);
  const word: WaterWord = { at: entry.happenedAt, wet: true, because: "fining", share: null };
  pourIn(yard, vessel, water, entry.happenedAt, { ...alongWith(state), celsius, water: word });
  const fined = vesselAt(yard, vessel);
  change(yard, fined, { water: word, cupTime: state.cupTime, warmCelsius: celsius ?? null });
  book(yard, "bought", water);
  yard.origins.set(entry.id, { kind: "fining", at: entry.happenedAt, source: null, muckShare: 1 });
  return undefined;
}

export function spin(yard: YardState, entry: EntryOf<"spin">): Fault | undefined {
  const { from, to, amount, pasteLitres, cutUm } = entry.data;
  requireDifferent(from, to);
  vesselAt(yard, to);
  if (pasteLitres > amount.litres) return { code: "loss-above-litres", entry: entry.id };
  const along = alongWith(vesselAt(yard, from));
  const through = takeOut(yard, from, amount, entry.happenedAt);
  const paste = (pasteLitres * through.total) / amount.litres;
  const { taken, left } =
    paste > 0 ? takeLayer(through, yard.parts, paste, "bottom", 0) : { taken: EMPTY, left: through };
  const filteredUm = Math.min(along.filteredUm ?? cutUm, cutUm);
  pourIn(yard, to, left, entry.happenedAt, { ...along, celsius: amount.celsius, filteredUm });
  book(yard, "lost", taken);
  return undefined;
}

/** Raw oil in below, clean oil over the top once the body is full; the body stands on undisturbed. */
export function displace(yard: YardState, entry: EntryOf<"displace">): undefined {
  const { header, body, overflow, amount, passingShare } = entry.data;
  requireDifferent(header, body);
  requireDifferent(body, overflow);
  const settler = vesselAt(yard, body);
  vesselAt(yard, overflow);
  const along = alongWith(vesselAt(yard, header));
  const fed = takeOut(yard, header, amount, entry.happenedAt);
  const room = Math.max(0, capacityLitres(settler.vessel) - settler.contents.total);
  const overLitres = fed.total - room;
  if (overLitres > 0) {
    const over = takeOut(yard, body, { litres: overLitres }, entry.happenedAt, "top", passingShare);
    pourIn(yard, overflow, over, entry.happenedAt, { ...alongWith(settler), celsius: amount.celsius });
  }
  pourIn(yard, body, fed, entry.happenedAt, { ...along, celsius: amount.celsius, quietly: true });
}

export function cleanOut(yard: YardState, entry: EntryOf<"clean-out">): undefined {
  const { vessel, to, amount } = entry.data;
  requireDifferent(vessel, to);
  const along = alongWith(vesselAt(yard, vessel), "bottom");
  const muck = takeOut(yard, vessel, amount, entry.happenedAt, "bottom");
  pourIn(yard, to, muck, entry.happenedAt, { ...along, celsius: amount.celsius });
  change(yard, vesselAt(yard, vessel), { cleanedAt: entry.happenedAt, fedLitres: 0, dips: [] });
}

export function setCup(yard: YardState, entry: EntryOf<"cup">): undefined {
  yard.cups.set(entry.data.id, entry.data);
}

export function cupTest(yard: YardState, entry: EntryOf<"cup-test">): Fault | undefined {
  const { cup, vessel, seconds, celsius } = entry.data;
  if (!yard.cups.has(cup)) return { code: "unknown-cup", cup, entry: entry.id };
  change(yard, vesselAt(yard, vessel), { cupTime: { at: entry.happenedAt, cup, seconds, celsius } });
  return undefined;
}
