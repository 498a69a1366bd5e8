import { type ComponentId, litres15PerLitre } from "../fluids";
import { add, type Contents, contentsOf, EMPTY, litres15OfMeasured, takeLayer, takeMixed } from "./contents";
import type { EntryId, VesselId } from "./ids";
import type { MeasuredOrAll } from "./schema/quantities";
import { keepStanding } from "./standings";
import type { AccountName, CupTime, VesselState, WaterWord, YardState } from "./state";

/** A fault raised while an entry is applied: caught by `applyEntry`, never seen outside. */
export type TransferFault =
  | { readonly code: "overdrawn"; readonly vessel: VesselId; readonly shortLitres: number }
  | { readonly code: "empty"; readonly vessel: VesselId }
  | { readonly code: "same-vessel"; readonly vessel: VesselId }
  | { readonly code: "unknown-vessel"; readonly vessel: VesselId };

export class TransferStopped extends Error {
  constructor(readonly fault: TransferFault) {
    super(fault.code);
  }
}

const NO_DIPS: VesselState["dips"] = [];
const NO_JARS: VesselState["jars"] = [];

export type Layer = "mixed" | "top" | "bottom";

/** A millionth of a litre: what typing and rounding may be out by without being an overdraw. */
const SLACK_LITRES = 1e-6;

export function vesselAt(yard: YardState, id: VesselId): VesselState {
  const found = yard.vessels.get(id);
  if (!found) throw new TransferStopped({ code: "unknown-vessel", vessel: id });
  return found;
}

/** Takes litres (as measured) out of a vessel and gives what was in them. */
export function takeOut(
  yard: YardState,
  from: VesselId,
  amount: MeasuredOrAll,
  at: string,
  layer: Layer = "mixed",
  suspendedShare = 0,
): Contents {
  const state = vesselAt(yard, from);
  if (state.contents.total === 0) throw new TransferStopped({ code: "empty", vessel: from });
  const litres15 =
    "all" in amount
      ? state.contents.total
      : amount.litres *
        (amount.celsius === undefined ? 1 : litres15OfMeasured(state.contents, yard.parts, amount.celsius));
  const short = litres15 - state.contents.total;
  if (short > SLACK_LITRES) throw new TransferStopped({ code: "overdrawn", vessel: from, shortLitres: short });
  const { taken, left } =
    layer === "mixed"
      ? takeMixed(state.contents, litres15)
      : takeLayer(state.contents, yard.parts, litres15, layer, suspendedShare);
  const emptied = left.total < SLACK_LITRES;
  // Lines counted from the bottom no longer hold once the bottom is gone. Pumped from anywhere else, a fat line that was
  // read stays the one to keep clear of: the book's own guess may lie lower.
  const linesMoved = emptied || layer === "bottom";
  if (linesMoved) keepStanding(yard, state);
  yard.undo.push(state);
  yard.vessels.set(from, {
    vessel: state.vessel,
    contents: left,
    // A clean draw-off leaves the rest standing; an emptied vessel starts over.
    stirredAt: emptied ? null : state.stirredAt,
    dips: linesMoved ? NO_DIPS : state.dips,
    jars: linesMoved ? NO_JARS : state.jars,
    celsius: state.celsius,
    warmCelsius: emptied ? null : state.warmCelsius,
    changedAt: at,
    drawnAt: emptied ? null : layer === "top" ? (state.drawnAt ?? at) : state.drawnAt,
    filteredUm: state.filteredUm,
    water: emptied ? null : state.water,
    cupTime: emptied ? null : state.cupTime,
    cleanedAt: state.cleanedAt,
    fedLitres: state.fedLitres,
    photo: state.photo,
  });
  return taken;
}

/** Of two oils the worse filtered; an empty vessel has no say. */
export const coarser = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? null : Math.max(a, b);

/** What is poured besides litres: how warm it was read, and the coarsest bag it has been through (null: none). */
export interface Poured {
  readonly celsius?: number | undefined;
  readonly filteredUm: number | null;
  readonly water?: WaterWord | null;
  readonly cupTime?: CupTime | null;
  /** Fed in below without stirring what stands above it. */
  readonly quietly?: boolean;
}

/** What goes along with oil out of a vessel; its bottom runs otherwise through a cup than the rest did. */
export const alongWith = (from: VesselState, layer: Layer = "mixed"): Poured => ({
  filteredUm: from.filteredUm,
  water: from.water,
  cupTime: layer === "bottom" ? null : from.cupTime,
});

/** Pours contents into a vessel: what stood there is stirred up, and its settling clock starts again. */
export function pourIn(yard: YardState, to: VesselId, poured: Contents, at: string, along: Poured): void {
  const state = vesselAt(yard, to);
  const empty = state.contents.total < SLACK_LITRES;
  const stands = along.quietly === true && state.stirredAt !== null;
  if (!stands) keepStanding(yard, state);
  yard.undo.push(state);
  yard.vessels.set(to, {
    vessel: state.vessel,
    contents: add(state.contents, poured, yard.parts),
    stirredAt: stands ? state.stirredAt : at,
    dips: stands ? state.dips : NO_DIPS,
    jars: stands ? state.jars : NO_JARS,
    celsius: along.celsius ?? state.celsius,
    warmCelsius: stands ? state.warmCelsius : null,
    changedAt: at,
    drawnAt: stands ? state.drawnAt : null,
    filteredUm: empty ? along.filteredUm : coarser(state.filteredUm, along.filteredUm),
    water: waterOf(empty ? null : state, along.water ?? null, at),
    // A measured lot that is mixed with another is a new lot.
    cupTime: empty ? (along.cupTime ?? null) : null,
    cleanedAt: state.cleanedAt,
    fedLitres: state.vessel.role === "settler" ? state.fedLitres + poured.total : state.fedLitres,
    photo: state.photo,
  });
}

/** Wet oil makes wet what it is poured into; a dry lot with an untested one is untested. */
function waterOf(there: VesselState | null, poured: WaterWord | null, at: string): WaterWord | null {
  if (there === null) return poured === null ? null : { ...poured, because: "poured" };
  if (there.water?.wet) return there.water;
  if (poured?.wet) return { at, wet: true, because: "poured", share: null };
  return poured === null ? null : there.water;
}

/** Books litres to an account outside the vessels; `sign` −1 takes them back out of it. */
export function book(yard: YardState, account: AccountName, moved: Contents, sign: 1 | -1 = 1): void {
  const litres = yard.accounts[account];
  const { keys, unscaled } = moved;
  const factor = sign * moved.scale;
  const last = keys.at(-1) ?? -1;
  while (litres.length <= last) litres.push(0);
  for (let i = 0; i < keys.length; i++) {
    const key = keys[i] as number;
    litres[key] = (litres[key] as number) + factor * (unscaled[i] as number);
  }
}

/** Fresh litres from outside, by component as measured, brought to 15 °C. */
export function bringIn(
  yard: YardState,
  measured: readonly (readonly [ComponentId, number])[],
  celsius: number | undefined,
  origin: EntryId,
): Contents {
  const keys: number[] = [];
  const litres15: number[] = [];
  for (const [component, litres] of measured) {
    if (litres === 0) continue;
    keys.push(yard.parts.key(component, origin));
    litres15.push(litres * (celsius === undefined ? 1 : litres15PerLitre(component, celsius)));
  }
  const inOrder = keys.every((key, i) => i === 0 || key > (keys[i - 1] as number));
  if (inOrder) return keys.length === 0 ? EMPTY : contentsOf(keys, litres15);
  return keys.reduce(
    (sum, key, i) => add(sum, contentsOf([key], [litres15[i] as number]), yard.parts),
    EMPTY as Contents,
  );
}

export function requireDifferent(from: VesselId, to: VesselId): void {
  if (from === to) throw new TransferStopped({ code: "same-vessel", vessel: from });
}
