import { ESTER_ROLES, SOME_SHARE } from "../facts";
import type { ComponentId } from "../fluids";
import { FOAM_ROOM_SHARE, METHANOL_BOILS_CELSIUS, STIRRED, type Stage } from "../kettle";
import {
  type BatchState,
  type Draft,
  type Flow,
  flowsOf,
  partsOf,
  type VesselId,
  type VesselState,
  type YardState,
} from "../ledger";
import { undoneBefore } from "../readings/kettle/stages";
import { holdsLitres } from "../vessels";
import type { FitnessCode, FitnessRefusal } from "./fitness";

/** What speaks against a step of the kettle without forbidding it. */
export type KettleWarning =
  | { readonly code: "kettle-above-boil"; readonly celsius: number; readonly boilsCelsius: number }
  | {
      readonly code: "kettle-foam-room";
      readonly vessel: VesselId;
      readonly roomLitres: number;
      readonly wantsLitres: number;
    }
  | { readonly code: "kettle-methanol-limit"; readonly litres: number; readonly limitLitres: number };

/**
 * Ester is fuel when its batch has passed; lye and methanol go only into a kettle that was looked over and is as it should
 * be, from packs that are in date; stages follow each other.
 */
export function unfitKettle(yard: YardState, draft: Draft, at: string): FitnessRefusal[] {
  return [
    ...flowsOf(draft).flatMap((f) => untestedEster(yard, f)),
    ...unsafeKettle(yard, draft),
    ...flowsOf(draft).flatMap((f) => [...ontoUnsafe(yard, f), ...outOfDate(yard, f, at)]),
    ...outOfOrder(yard, draft),
  ];
}

function untestedEster(yard: YardState, { from, to, how }: Flow): FitnessRefusal[] {
  const source = from === null ? undefined : yard.vessels.get(from);
  const into = to === null ? undefined : yard.vessels.get(to);
  if (!source || !into || how === "count" || from === to) return [];
  if (!ESTER_ROLES.has(into.vessel.role) || source.quality.unpassedShare <= SOME_SHARE) return [];
  const verdict = source.quality.fuel?.verdict ?? "open";
  return [{ code: verdict === "failed" ? "ester-failed" : "ester-not-tested", from, into: into.vessel.id }];
}

function unsafeKettle(yard: YardState, draft: Draft): FitnessRefusal[] {
  if (draft.kind !== "charge") return [];
  const batch = yard.batches.get(draft.data.batch)?.batch;
  const state = batch === undefined ? undefined : yard.vessels.get(batch.kettle);
  if (!batch || !state) return [];
  // A litre in a jar has neither relief valve nor thermostat.
  return batch.is === "trial" ? [] : notLookedOver(state);
}

/** A kettle that nobody has walked down, or that was found wanting. */
function notLookedOver({ vessel, walkDown }: VesselState): FitnessRefusal[] {
  const refused = (code: FitnessCode): FitnessRefusal[] => [{ code, from: null, into: vessel.id }];
  if (!walkDown) return refused("kettle-not-walked");
  return Object.values(walkDown.checks).includes("no") ? refused("kettle-not-safe") : [];
}

/** Methanol, lye and acid go into no such kettle, by whatever door: weighed in, poured, bought straight into it. */
function ontoUnsafe(yard: YardState, { from, to, how, fresh }: Flow): FitnessRefusal[] {
  const into = to === null ? undefined : yard.vessels.get(to);
  if (into?.vessel.role !== "kettle" || from === to || how === "count" || isTrial(yard, into)) return [];
  const source = from === null ? undefined : yard.vessels.get(from);
  const brings = source
    ? HAZARDS.some((c) => shareOf(yard, source, c) > SOME_SHARE)
    : (fresh ?? []).some((f) => HAZARDS.includes(f.component));
  return brings ? notLookedOver(into) : [];
}

const HAZARDS: readonly ComponentId[] = ["methanol", "sodium-hydroxide", "potassium-hydroxide", "sulfuric-acid"];

const isTrial = (yard: YardState, { vessel }: VesselState): boolean =>
  [...yard.batches.values()].some((b) => b.ended === null && b.batch.kettle === vessel.id && b.batch.is === "trial");

/** What is past the date on its pack goes into no batch. */
function outOfDate(yard: YardState, { from, to, how }: Flow, at: string): FitnessRefusal[] {
  const into = to === null ? undefined : yard.vessels.get(to)?.vessel;
  const expiresAt = from === null ? undefined : yard.vessels.get(from)?.vessel.pack?.expiresAt;
  if (!into || expiresAt === undefined || expiresAt >= at || (how !== "dose" && into.role !== "kettle")) return [];
  return [{ code: "out-of-date", from, into: into.id }];
}

function outOfOrder(yard: YardState, draft: Draft): FitnessRefusal[] {
  const asked = stageOf(draft);
  const batch = asked && yard.batches.get(asked.batch as BatchState["batch"]["id"]);
  if (!asked || !batch || undoneBefore(batch, asked.stage).length === 0) return [];
  return [{ code: "stage-out-of-order", from: null, into: batch.batch.kettle }];
}

/** The stage that an entry begins or does; a thermometer may be read at any time, and a power cut comes when it will. */
function stageOf(draft: Draft): { readonly batch: string; readonly stage: Stage } | null {
  if (draft.kind === "charge") return draft.data;
  if (draft.kind === "stage" && (draft.data.did === "begin" || draft.data.did === "done")) return draft.data;
  return draft.kind === "wash" ? { batch: draft.data.batch, stage: "wash" } : null;
}

/** What the thermometer of a batch that is being made in it was last read at; null where none was. */
export function kettleCelsius(yard: YardState, vessel: VesselId): number | null {
  const batch = [...yard.batches.values()].findLast((b) => b.ended === null && b.vessel === vessel);
  return batch?.readings.at(-1)?.celsius ?? null;
}

export function kettleWarnings(yard: YardState, draft: Draft): KettleWarning[] {
  return [...aboveBoil(draft), ...noFoamRoom(yard, draft)];
}

function aboveBoil(draft: Draft): KettleWarning[] {
  if (draft.kind !== "stage" || !STIRRED.has(draft.data.stage)) return [];
  const { celsius } = draft.data;
  return celsius !== undefined && celsius > METHANOL_BOILS_CELSIUS
    ? [{ code: "kettle-above-boil", celsius, boilsCelsius: METHANOL_BOILS_CELSIUS }]
    : [];
}

function noFoamRoom(yard: YardState, draft: Draft): KettleWarning[] {
  if (draft.kind !== "charge") return [];
  const state = yard.vessels.get(draft.data.into);
  if (state?.vessel.role !== "kettle") return [];
  const holds = holdsLitres(state.vessel);
  const poured = draft.data.parts.reduce((sum, p) => sum + ("kg" in p.amount ? p.amount.kg : p.amount.litres), 0);
  const roomLitres = holds - state.contents.total - poured;
  const wantsLitres = holds * FOAM_ROOM_SHARE;
  return roomLitres < wantsLitres
    ? [{ code: "kettle-foam-room", vessel: state.vessel.id, roomLitres, wantsLitres }]
    : [];
}

/** Methanol in the whole yard, litres. */
export function methanolLitres(yard: YardState): number {
  let litres = 0;
  for (const state of yard.vessels.values()) litres += shareOf(yard, state, "methanol") * state.contents.total;
  return litres;
}

/** Under this much more is a rounding of what was there. */
const MORE_LITRES = 0.01;

/** More than one keeps, however it came: bought, found, recovered, or written down late. */
export function overMethanolLimit(beforeLitres: number, after: YardState): KettleWarning[] {
  const limitLitres = after.settings.methanolLimitLitres;
  const litres = methanolLitres(after);
  return litres > limitLitres && litres > beforeLitres + MORE_LITRES
    ? [{ code: "kettle-methanol-limit", litres, limitLitres }]
    : [];
}

/** By weight near enough by litres: a share of what stands there. */
function shareOf(yard: YardState, { contents }: VesselState, component: ComponentId): number {
  if (contents.total <= 0) return 0;
  let there = 0;
  for (const p of partsOf(contents, yard.parts)) if (p.component === component) there += p.litres;
  return there / contents.total;
}
