import { type ComponentId, componentOf, litres15PerLitre } from "../fluids";
import { fail, MS_PER_HOUR, ok, type Result } from "../units";
import type { AccountName } from "./accounts";
import {
  add,
  type Contents,
  contentsOf,
  EMPTY,
  type Hanging,
  litres15OfMeasured,
  litresOfOil,
  takeComponents,
  takeLayer,
  takeMixed,
} from "./contents";
import type { Flaw } from "./errors";
import { noteGumDrain } from "./gums";
import type { EntryId, VesselId } from "./ids";
import {
  AS_FETCHED,
  cleared,
  drawnOff,
  gumsDrained,
  mixQuality,
  offTheBottom,
  offTheTop,
  type Quality,
  UNKNOWN_QUALITY,
} from "./quality";
import type { VesselRole } from "./roles";
import type { Layer, MeasuredOrAll } from "./schema/quantities";
import { keepStanding } from "./standings";
import { type HungByKind, partsOf, type VesselState, type YardState } from "./state";

const NO_DIPS: VesselState["dips"] = [];
const NO_JARS: VesselState["jars"] = [];
const NO_POURS: VesselState["pours"] = [];
const NO_WORDS: VesselState["overridden"] = [];

/** A millionth of a litre: what typing and rounding may be out by without being an overdraw. */
export const SLACK_LITRES = 1e-6;

/** A vessel that an entry names; that it is there was asked before the entry was applied. */
export function vesselAt(yard: YardState, id: VesselId): VesselState {
  const found = yard.vessels.get(id);
  if (!found) throw new Error(`vessel ${id} was not asked for`);
  return found;
}

/** What hangs, by depth as contents lie: sludge, water, fat. */
export const hangsByDepth = ({ sludge, water, fat }: HungByKind): readonly [number, number, number] => [
  sludge,
  water,
  fat,
];

/** Takes litres (as measured) out of a vessel and gives what was in them. */
export function takeOut(
  yard: YardState,
  from: VesselId,
  amount: MeasuredOrAll,
  at: string,
  layer: Layer = "mixed",
  hanging: Hanging = 0,
): Result<Contents, Flaw> {
  const state = vesselAt(yard, from);
  if (state.contents.total === 0) return fail({ code: "empty", vessel: from });
  const litres15 =
    "all" in amount
      ? state.contents.total
      : amount.litres *
        (amount.celsius === undefined ? 1 : litres15OfMeasured(state.contents, yard.parts, amount.celsius));
  const short = litres15 - state.contents.total;
  if (short > SLACK_LITRES) return fail({ code: "overdrawn", vessel: from, shortLitres: short });
  const { taken, left } =
    layer === "mixed"
      ? takeMixed(state.contents, litres15)
      : takeLayer(state.contents, yard.parts, litres15, layer, hanging);
  if (layer === "bottom") noteGumDrain(yard, state, taken.total, at);
  const emptied = left.total < SLACK_LITRES;
  // Lines counted from the bottom no longer hold once the bottom is gone. Pumped from anywhere else, a fat line that was
  // read stays the one to keep clear of: the book's own guess may lie lower.
  const linesMoved = emptied || layer === "bottom";
  if (linesMoved) keepStanding(yard, state);
  yard.undo.push(state);
  // Spelled out: hundreds of thousands of these are made, and a spread is several times slower.
  yard.vessels.set(from, {
    vessel: state.vessel,
    contents: left,
    // A clean draw-off leaves the rest standing; an emptied vessel starts over.
    stirredAt: emptied ? null : state.stirredAt,
    dips: linesMoved ? NO_DIPS : state.dips,
    jars: linesMoved ? NO_JARS : state.jars,
    celsius: state.celsius,
    warmCelsius: emptied ? null : state.warmCelsius,
    hung: emptied ? null : state.hung,
    changedAt: at,
    drawnAt: emptied ? null : layer === "top" ? (state.drawnAt ?? at) : state.drawnAt,
    suctionAboveMuckMm: emptied ? null : state.suctionAboveMuckMm,
    pours: emptied ? NO_POURS : state.pours,
    drawnLitres: emptied ? 0 : layer === "top" ? state.drawnLitres + litres15 : state.drawnLitres,
    quality: emptied ? UNKNOWN_QUALITY : layer === "bottom" ? gumsDrained(state.quality, at) : state.quality,
    cleanedAt: state.cleanedAt,
    fedLitres: state.fedLitres,
    walkDown: state.walkDown,
    photo: state.photo,
    overridden: emptied ? NO_WORDS : state.overridden,
  });
  return ok(taken);
}

/**
 * Takes litres (as measured) of what lies below by its share of each component; what is more than that layer is of what
 * stands above it.
 */
export function takeParts(
  yard: YardState,
  from: VesselId,
  amount: MeasuredOrAll,
  shareBelow: (component: ComponentId) => number,
  at: string,
): Result<Contents, Flaw> {
  const { contents } = vesselAt(yard, from);
  if (contents.total === 0) return fail({ code: "empty", vessel: from });
  if ("all" in amount) return takeOut(yard, from, amount, at);
  const litres =
    amount.litres * (amount.celsius === undefined ? 1 : litres15OfMeasured(contents, yard.parts, amount.celsius));
  const short = litres - contents.total;
  if (short > SLACK_LITRES) return fail({ code: "overdrawn", vessel: from, shortLitres: short });
  const there = litresByComponent(yard, contents);
  const layer = [...there].reduce((sum, [c, l]) => sum + l * shareBelow(c), 0);
  const ofLayer = layer > 0 ? Math.min(1, litres / layer) : 0;
  const rest = contents.total - layer;
  const ofRest = litres > layer && rest > 0 ? Math.min(1, (litres - layer) / rest) : 0;
  const wanted = [...there].map(([c, l]): [ComponentId, number] => {
    const below = l * shareBelow(c);
    return [c, below * ofLayer + (l - below) * ofRest];
  });
  return leaveWithout(yard, from, new Map(wanted), at);
}

/** Takes litres at 15 °C of the components named. Refuses more of one than there is. */
export function takeGone(
  yard: YardState,
  from: VesselId,
  wanted: ReadonlyMap<ComponentId, number>,
  at: string,
): Result<Contents, Flaw> {
  const there = litresByComponent(yard, vesselAt(yard, from).contents);
  const short = [...wanted].reduce((sum, [c, l]) => sum + Math.max(0, l - (there.get(c) ?? 0)), 0);
  if (short > SLACK_LITRES) return fail({ code: "overdrawn", vessel: from, shortLitres: short });
  return leaveWithout(yard, from, wanted, at);
}

function leaveWithout(
  yard: YardState,
  from: VesselId,
  wanted: ReadonlyMap<ComponentId, number>,
  at: string,
): Result<Contents, Flaw> {
  const state = vesselAt(yard, from);
  const { taken, left } = takeComponents(state.contents, yard.parts, wanted);
  const emptied = left.total < SLACK_LITRES;
  keepStanding(yard, state);
  changeVessel(yard, from, {
    contents: left,
    changedAt: at,
    dips: NO_DIPS,
    jars: NO_JARS,
    ...(emptied && { stirredAt: null, quality: UNKNOWN_QUALITY, overridden: NO_WORDS }),
  });
  return ok(taken);
}

function litresByComponent(yard: YardState, contents: Contents): Map<ComponentId, number> {
  const there = new Map<ComponentId, number>();
  for (const { component, litres } of partsOf(contents, yard.parts))
    there.set(component, (there.get(component) ?? 0) + litres);
  return there;
}

/** What is poured besides litres: what it is like, and how warm it was read. */
export interface Poured {
  readonly celsius?: number | undefined;
  readonly quality: Quality;
  /** Fed in below without stirring what stands above it. */
  readonly quietly?: boolean;
}

/** What oil out of a vessel is like. */
export const qualityFrom = (yard: YardState, from: VesselId, layer: Layer = "mixed"): Quality => {
  const { quality } = vesselAt(yard, from);
  return layer === "bottom" ? offTheBottom(quality) : layer === "top" ? offTheTop(quality) : quality;
};

/** Sooner than this after it was stirred, no oil has cleared, whatever is taken off its top. Ours, without a source. */
const CLEARS_NOT_BEFORE_MS = 24 * MS_PER_HOUR;

/** Whether something drawn from a vessel now leaves behind what it was put to settle for. */
export function hasStood({ stirredAt }: Pick<VesselState, "stirredAt">, at: string): boolean {
  return stirredAt !== null && Date.parse(at) - Date.parse(stirredAt) >= CLEARS_NOT_BEFORE_MS;
}

/**
 * What is taken off the top of a vessel that has stood is cleared, as far as the oil above what settled goes; of what
 * still hung in it as much stays uncleared, and past that oil everything does.
 */
export function takenQuality(
  yard: YardState,
  from: VesselId,
  amount: MeasuredOrAll,
  at: string,
  layer: Layer = "mixed",
  hung?: HungByKind,
): Quality {
  const state = vesselAt(yard, from);
  const quality = qualityFrom(yard, from, layer);
  if (layer !== "top" || "all" in amount || !hasStood(state, at)) return quality;
  const hangs = hung ? hangsByDepth(hung) : 0;
  if (amount.litres > litresOfOil(state.contents, yard.parts, hangs) + SLACK_LITRES) return quality;
  return drawnOff(quality, hung ? Math.max(hung.sludge, hung.water) : 0);
}

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
    hung: stands ? state.hung : null,
    changedAt: at,
    drawnAt: stands ? state.drawnAt : null,
    suctionAboveMuckMm: null,
    // What is fed in below lifts what stands above it.
    drawnLitres: stands ? Math.max(0, state.drawnLitres - poured.total) : 0,
    pours: empty || state.vessel.role !== "tank" ? NO_POURS : poursOn(state, poured),
    quality: mixQuality(empty ? null : state.quality, asIn(state.vessel, along.quality), at, {
      there: state.contents.total,
      poured: poured.total,
    }),
    cleanedAt: state.cleanedAt,
    fedLitres: state.vessel.role === "settler" ? state.fedLitres + poured.total : state.fedLitres,
    walkDown: state.walkDown,
    photo: state.photo,
    overridden: state.overridden,
  });
}

/** Whatever was tipped in with the slops is slops. */
const asIn = ({ role }: VesselState["vessel"], quality: Quality): Quality =>
  role === "waste" ? { ...quality, unclearedShare: 1, unfilteredShare: 1 } : quality;

/** What is found in a vessel is what its owner keeps there: only ready oil, fuel and chemicals count as finished. */
export function asFound(yard: YardState, id: VesselId, component: ComponentId): Quality {
  const { role } = vesselAt(yard, id).vessel;
  const { family } = componentOf(component);
  if (family === "ester") return { ...UNKNOWN_QUALITY, unpassedShare: MADE_IN.has(role) ? 1 : 0 };
  if (!WASTE_FAMILIES.has(family)) return UNKNOWN_QUALITY;
  if (role === "feed") return cleared(AS_FETCHED);
  return UNFINISHED.has(role) ? AS_FETCHED : UNKNOWN_QUALITY;
}

const WASTE_FAMILIES: ReadonlySet<string> = new Set(["vegetable", "fat", "engine"]);
const MADE_IN: ReadonlySet<VesselRole> = new Set(["kettle", "wash", "still"]);
const UNFINISHED: ReadonlySet<VesselRole> = new Set([...MADE_IN, "raw", "settling", "settler", "heel", "waste"]);

/** What lies in a tank that is not driven: what stood there, and every pour since. */
const poursOn = ({ pours, contents }: VesselState, poured: Contents): readonly Contents[] => [
  ...(pours.length > 0 ? pours : [contents]).slice(0, MOST_POURS),
  poured,
];
const MOST_POURS = 12;

/** Out of one vessel and into another, with what it is like; the bottom of it, the top, or a share of all. */
export function moveOil(
  yard: YardState,
  { from, to, amount }: { readonly from: VesselId; readonly to: VesselId; readonly amount: MeasuredOrAll },
  at: string,
  layer: Layer = "mixed",
  hanging: Hanging = 0,
  quality: Quality = qualityFrom(yard, from, layer),
): Flaw | undefined {
  const moved = takeOut(yard, from, amount, at, layer, hanging);
  if (!moved.ok) return moved.error;
  pourIn(yard, to, moved.value, at, { quality, celsius: amount.celsius });
  return undefined;
}

/** Changes what is known of a vessel, so that it can be put back. */
export function changeVessel(yard: YardState, id: VesselId, more: Partial<VesselState>): void {
  const state = vesselAt(yard, id);
  yard.undo.push(state);
  yard.vessels.set(id, { ...state, ...more });
}

/** An account's litres, to write in: copied first if another yard shares them. */
function ownAccount(yard: YardState, account: AccountName): number[] {
  if (!yard.ownAccounts.has(account)) {
    yard.accounts[account] = yard.accounts[account].slice();
    yard.ownAccounts.add(account);
  }
  return yard.accounts[account] as number[];
}

/** Books litres to an account outside the vessels; `sign` −1 takes them back out of it. */
export function book(yard: YardState, account: AccountName, moved: Contents, sign: 1 | -1 = 1): void {
  const litres = ownAccount(yard, account);
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
