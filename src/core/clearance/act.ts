import {
  applyEntry,
  copyYard,
  type Draft,
  type Entry,
  type EntryId,
  flowsOf,
  partsAt,
  type Timeline,
  tanksOf,
  type VesselId,
  vesselsOf,
  walkFrom,
  type YardState,
  yardAt,
} from "../ledger";
import { amissSince, clearedStep, type DraftClearance, type DraftRefusal, isSaid } from "./clearance";
import { methanolLitres, overMethanolLimit } from "./kettle";

/**
 * What the gates say of an act that would make `after` of `before`: of each of its entries at its own time, in the yard
 * as it would have been, with what it corrects or takes back gone; of what it brings back; and of every entry that is in
 * the book already, and would then be wrong and was not. An act that is last in time costs one entry; an older one what
 * comes after it.
 */
export function clearanceOfAct(before: Timeline, after: Timeline, act: readonly Entry[]): DraftClearance {
  const parted = partsAt(before, after);
  const isOfAct = freshIn(before, after, parted);
  const walk = walked(before, after, parted, act, isOfAct);
  const later = walk.later.length === 0 ? [] : notBefore(before, parted, walk.later);
  return {
    refusals: [...walk.refusals, ...later, ...standsThen(before, after, [...walk.refusals, ...later, ...walk.found])],
    needs: [...new Map(walk.needs.map((n) => [n.code, n])).values()],
    warnings: [...walk.warnings, ...overLimitNow(before, after, walk.warnings)],
  };
}

/**
 * What would stand wrong in the yard today by no step of its own: oil whose test was taken back, a vessel that is again what
 * it was before it was said to be another.
 */
function standsThen(before: Timeline, after: Timeline, said: readonly DraftRefusal[]): DraftRefusal[] {
  // Last in time, an act was asked of just this yard already.
  if (after.live.length > before.live.length && after.live[before.live.length - 1] === before.live.at(-1)) return [];
  const known = new Set(said.map((r) => `${r.code} ${"into" in r ? r.into : ""}`));
  const refused = new Set(said.map((r) => r.code));
  return amissSince(before.head, after.head).filter(
    (r) => !known.has(`${r.code} ${r.into}`) && !refused.has(r.code) && !isSaid(r, said),
  );
}

/** What of an act nobody has owned up to: its own entries carry what was overridden. */
export const refusalsOfAct = (before: Timeline, after: Timeline, act: readonly Entry[]): readonly DraftRefusal[] => {
  const words = new Set(act.flatMap((e) => e.despite ?? []));
  return clearanceOfAct(before, after, act).refusals.filter((r) => !words.has(r.code));
};

/** Entries that count now and did not: written with this act, or brought back by it. */
function freshIn(before: Timeline, after: Timeline, parted: number): (e: Entry) => boolean {
  const known = new Set(before.live.slice(parted).map((e) => e.id));
  const fresh = new Set(after.live.slice(parted).flatMap((e) => (known.has(e.id) ? [] : [e.id])));
  return (e) => fresh.has(e.id);
}

interface LaterSaid {
  readonly entry: Entry;
  readonly said: DraftRefusal;
}

interface Walk {
  readonly refusals: readonly DraftRefusal[];
  readonly later: readonly LaterSaid[];
  readonly needs: DraftClearance["needs"];
  readonly warnings: DraftClearance["warnings"];
  /** What the act found as it is. */
  readonly found: readonly DraftRefusal[];
}

function walked(
  before: Timeline,
  after: Timeline,
  parted: number,
  act: readonly Entry[],
  isOfAct: (e: Entry) => boolean,
): Walk {
  const { yard, rest } = walkFrom(asStarted(before, after, parted), parted);
  const written = new Set(act.map((e) => e.id));
  const touched = new Touched(before.live.slice(parted), rest, act);
  const found = {
    refusals: [] as DraftRefusal[],
    later: [] as LaterSaid[],
    needs: [] as DraftClearance["needs"][number][],
    warnings: [] as DraftClearance["warnings"][number][],
    found: [] as DraftRefusal[],
  };
  for (const entry of rest) {
    const ofAct = isOfAct(entry);
    if (!ofAct && !touched.concerns(entry)) {
      applyEntry(yard, entry, after.definitions);
      continue;
    }
    const { clearance: said, found: taken } = clearedStep(
      yard,
      asDraft(entry),
      entry.happenedAt,
      after.definitions,
      entry,
    );
    touched.follow(entry, yard);
    // What was owned up to when it was written is not asked again.
    const open = said.refusals.filter((r) => !entry.despite?.includes(r.code));
    if (ofAct) {
      found.found.push(...taken);
      found.refusals.push(...(written.has(entry.id) ? said.refusals : open));
      found.needs.push(...said.needs);
      found.warnings.push(...said.warnings);
    } else found.later.push(...open.map((r) => ({ entry, said: r })));
  }
  return found;
}

/** Where the act is last in time, the yard before it is at hand; no copy has to be replayed. */
const asStarted = (before: Timeline, after: Timeline, parted: number): Timeline =>
  parted === before.live.length
    ? {
        ...after,
        snapshots: [...after.snapshots.filter((s) => s.count < parted), { count: parted, yard: before.head }],
      }
    : after;

const asDraft = ({ kind, data }: Entry): Draft => ({ kind, data }) as Draft;

/** Of what would be wrong later, that which was not wrong already as the book stands. */
function notBefore(before: Timeline, parted: number, open: readonly LaterSaid[]): DraftRefusal[] {
  const wanted = new Set(open.map(({ entry }) => entry.id));
  const { yard, rest } = walkFrom(before, parted);
  const known = new Set<string>();
  for (const entry of rest) {
    if (!wanted.has(entry.id)) applyEntry(yard, entry, before.definitions);
    else
      for (const r of clearedStep(yard, asDraft(entry), entry.happenedAt, before.definitions, entry).clearance.refusals)
        known.add(keyOf(entry.id, r));
  }
  const fresh = open.filter(({ entry, said }) => !known.has(keyOf(entry.id, said)));
  // Of a code, the first that it would spoil says enough: what follows rests on it.
  const firsts = new Map(fresh.toReversed().map((l) => [l.said.code, l]));
  return [...firsts.values()]
    .toReversed()
    .map(({ entry, said }) => ({ ...said, later: { entry: entry.id, happenedAt: entry.happenedAt } }));
}

const keyOf = (id: EntryId, r: DraftRefusal): string => `${id} ${r.code} ${"into" in r ? r.into : ""}`;

/** Kinds that describe what any vessel's oil is judged by: after a change of one, all that follows is asked again. */
const FOR_ALL: ReadonlySet<Entry["kind"]> = new Set([
  "settings",
  "fluid",
  "recipe",
  "batch",
  "vehicle",
  "bag",
  "trial",
]);

/** The vessels that are, or may be, otherwise than they were before the act: what it names, and where their oil went on to. */
class Touched {
  private readonly vessels = new Set<VesselId>();
  private readonly isAll: boolean;

  constructor(was: readonly Entry[], is: readonly Entry[], act: readonly Entry[]) {
    const then = new Set(was);
    const now = new Set(is);
    const changed = [...was.filter((e) => !now.has(e)), ...is.filter((e) => !then.has(e)), ...act];
    this.isAll = changed.some((e) => FOR_ALL.has(e.kind));
    for (const entry of changed) for (const id of namedBy(entry)) this.vessels.add(id);
  }

  concerns(entry: Entry): boolean {
    return this.isAll || namedBy(entry).some((id) => this.vessels.has(id));
  }

  follow(entry: Entry, yard: YardState): void {
    for (const { from, to } of flowsOf(entry))
      if (from !== null && to !== null && this.vessels.has(from)) this.vessels.add(to);
    if (entry.kind !== "trip") return;
    const vehicle = yard.vehicles.get(entry.data.vehicle)?.vehicle;
    for (const id of vehicle ? tanksOf(vehicle) : []) this.vessels.add(id);
  }
}

const namedBy = (entry: Entry): readonly VesselId[] =>
  entry.kind === "vessel" ? [entry.data.id] : entry.kind === "void" ? [] : vesselsOf(entry);

/** What is bought for last month stands here today. */
function overLimitNow(before: Timeline, after: Timeline, said: DraftClearance["warnings"]): DraftClearance["warnings"] {
  if (said.some((w) => w.code === "kettle-methanol-limit")) return [];
  return overMethanolLimit(methanolLitres(before.head), after.head);
}

/** Of drafts that do not add up yet: each as the yard would stand at its own time, the ones before it done as far as they can be. */
export function clearanceByPiece(t: Timeline, drafts: readonly Draft[], present: string): DraftClearance {
  const said = {
    refusals: [] as DraftRefusal[],
    needs: [] as DraftClearance["needs"][number][],
    warnings: [] as DraftClearance["warnings"][number][],
  };
  let yard: YardState | null = null;
  let when = "";
  for (const draft of drafts) {
    const at = draft.happenedAt ?? present;
    if (yard === null || at !== when) yard = copyYard(yardAt(t, at));
    when = at;
    const one = clearedStep(yard, draft, at, t.definitions).clearance;
    said.refusals.push(...one.refusals);
    said.needs.push(...one.needs.filter((n) => !said.needs.some((s) => s.code === n.code)));
    said.warnings.push(...one.warnings);
  }
  return said;
}
