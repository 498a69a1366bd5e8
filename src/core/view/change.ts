import { dequal } from "dequal";
import type { YardView } from "./view";

/**
 * What is different between two views: all that crosses to the page after an entry. Things of a list go by their ids,
 * whole where anything of them is new.
 */
export interface ViewChange {
  /** The view it starts from, by its number; null: from nothing, then all is in it. */
  readonly from: number | null;
  readonly to: number;
  readonly rest: Omit<Partial<YardView>, ListName>;
  readonly lists: { readonly [L in ListName]?: ListChange<YardView[L][number]> };
}

interface ListChange<T> {
  /** The ids in their order, where that is new. */
  readonly order?: readonly string[];
  readonly changed: readonly T[];
}

type ListName = "vessels" | "sources" | "bags" | "vehicles" | "places" | "cups" | "ownFluids" | "batches" | "advice";

/** What each thing of the view's lists goes by. */
const ID_OF: { readonly [L in ListName]: (thing: YardView[L][number]) => string } = {
  vessels: (v) => v.vessel.id,
  sources: (s) => s.source.id,
  bags: (b) => b.bag.id,
  vehicles: (v) => v.vehicle.id,
  places: (p) => p.place.id,
  cups: (c) => c.id,
  ownFluids: (f) => f.id,
  batches: (b) => b.batch.id,
  advice: (a) => a.id,
};
const LISTS = Object.keys(ID_OF) as ListName[];

export function changeOf(before: YardView | null, after: YardView, from: number | null, to: number): ViewChange {
  const rest = Object.fromEntries(
    Object.entries(after).filter(
      ([key, value]) => !(key in ID_OF) && !(before && dequal(before[key as keyof YardView], value)),
    ),
  );
  const lists = Object.fromEntries(
    LISTS.flatMap((name) => {
      const listed = listChange(before?.[name] ?? null, after[name], ID_OF[name] as (thing: unknown) => string);
      return listed ? [[name, listed]] : [];
    }),
  );
  return { from, to, rest, lists } as ViewChange;
}

function listChange<T>(
  before: readonly T[] | null,
  after: readonly T[],
  idOf: (thing: T) => string,
): ListChange<T> | null {
  const known = new Map(before?.map((thing) => [idOf(thing), thing]));
  const changed = after.filter((thing) => {
    const old = known.get(idOf(thing));
    return old === undefined || !dequal(old, thing);
  });
  const moved = before?.length !== after.length || before.some((thing, i) => idOf(thing) !== idOf(after[i] as T));
  if (!moved && changed.length === 0) return null;
  return { changed, ...(moved && { order: after.map(idOf) }) };
}

/** The view that a change leads to; null where it starts from another view than this one. */
export function applyChange(before: YardView | null, seq: number | null, change: ViewChange): YardView | null {
  if (change.from !== null && change.from !== seq) return null;
  const base = change.from === null ? null : before;
  const lists = Object.fromEntries(
    LISTS.map((name) => {
      const listed = change.lists[name] as ListChange<unknown> | undefined;
      const old: readonly unknown[] = base?.[name] ?? [];
      return [name, listed ? withChange(old, listed, ID_OF[name] as (thing: unknown) => string) : old];
    }),
  );
  return { ...base, ...change.rest, ...lists } as YardView;
}

function withChange<T>(before: readonly T[], { order, changed }: ListChange<T>, idOf: (thing: T) => string): T[] {
  const things = new Map(before.map((thing) => [idOf(thing), thing]));
  for (const thing of changed) things.set(idOf(thing), thing);
  const ids = order ?? before.map(idOf);
  return ids.flatMap((id) => things.get(id) ?? []);
}
