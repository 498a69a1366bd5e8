import { FLUIDS, type FluidId, isFluidId, isPetrol, likeOf } from "../fluids";
import type { Contents, PartTable } from "./contents";

/**
 * What a fluid is to an engine: one vegetable oil is as another, and so are fats and engine oils; of what is bought each
 * counts by itself.
 */
export type FluidClass = "vegetable" | "fat" | "engine" | FluidId;

export function classOf(id: FluidId): FluidClass {
  const { family } = FLUIDS[likeOf(id)];
  return family === "petroleum" || family === "ester" ? id : family;
}

/** Waste oil and petrol: what an engine is tried for. Diesel and kerosene it knows. */
export const isRisky = (c: string): boolean =>
  c === "vegetable" || c === "fat" || c === "engine" || (isFluidId(c) && isPetrol(c));

/** A mix by shares of its classes. */
export type Shares = { readonly [C in FluidClass]?: number };

/** What an engine has burned of one mix. */
export interface RanOn {
  readonly shares: Shares;
  readonly litres: number;
}

const MOST_MIXES = 24;
/** Closer than this in every part, two mixes are one. */
const ALIKE_SHARE = 0.05;

/** Litres of fluids as shares of all of them; the same fluid may be named twice. Empty for nothing. */
export function sharesOfLitres(parts: Iterable<{ readonly fluid: FluidId; readonly litres: number }>): Shares {
  const litres: { [C in FluidClass]?: number } = {};
  let all = 0;
  for (const p of parts) {
    const c = classOf(p.fluid);
    litres[c] = (litres[c] ?? 0) + p.litres;
    all += p.litres;
  }
  if (!(all > 0)) return {};
  return Object.fromEntries(Object.entries(litres).map(([c, l]) => [c, (l ?? 0) / all]));
}

/** Fluids of what is in a vessel, muck left out. */
export function* fluidsIn({ keys, unscaled, scale }: Contents, table: PartTable) {
  for (let i = 0; i < keys.length; i++) {
    const id = table.component(keys[i] as number);
    if (isFluidId(id)) yield { fluid: id, litres: (unscaled[i] as number) * scale };
  }
}

export const sharesOf = (contents: Contents, table: PartTable): Shares => sharesOfLitres(fluidsIn(contents, table));

/** Whether two mixes differ by less than a twentieth in every part. */
export const isAlike = (a: Shares, b: Shares): boolean =>
  (Object.keys({ ...a, ...b }) as FluidClass[]).every((c) => Math.abs((a[c] ?? 0) - (b[c] ?? 0)) <= ALIKE_SHARE);

/** What an engine has run on, with a burn more. */
export function ranOnToo(known: readonly RanOn[], burned: Contents, table: PartTable): readonly RanOn[] {
  if (burned.total <= 0) return known;
  const shares = sharesOf(burned, table);
  const like = known.find((k) => isAlike(k.shares, shares));
  if (like) return [...known.filter((k) => k !== like), { shares: like.shares, litres: like.litres + burned.total }];
  return [...known, { shares, litres: burned.total }].slice(-MOST_MIXES);
}
