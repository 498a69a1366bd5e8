import type { ComponentId } from "../fluids";
import { fail, ok, type Result } from "../units";
import { add, type Contents, contentsOf, EMPTY, PartTable, takeMixed } from "./contents";
import { partsOf } from "./state";

/** A pour: from nowhere brings in, to nowhere takes out; litres at 15 °C. */
export interface Pour {
  readonly from: string | null;
  readonly to: string | null;
  readonly litres: number;
  readonly component: ComponentId;
  readonly origin: string;
}

export interface Held {
  readonly litres: number;
  readonly byFluid: Readonly<Record<string, number>>;
  readonly byOrigin: Readonly<Record<string, number>>;
}

/** A millionth of a litre: rounding, no overdraw. */
const SLACK_LITRES = 1e-6;

/**
 * What pours leave in each vessel and what has left, by component and by origin: the ledger's own proportional shares,
 * without its entries. Gives the index of the first pour that takes more than is there.
 */
export function carryPours(
  pours: readonly Pour[],
): Result<{ vessels: Record<string, Held>; left: Held }, { pour: number; shortLitres: number }> {
  const table = new PartTable();
  const vessels = new Map<string, Contents>();
  let left: Contents = EMPTY;
  for (const [i, pour] of pours.entries()) {
    let moved = contentsOf([table.key(pour.component, pour.origin)], [pour.litres]);
    if (pour.from !== null) {
      const there = vessels.get(pour.from) ?? EMPTY;
      if (pour.litres > there.total + SLACK_LITRES) return fail({ pour: i, shortLitres: pour.litres - there.total });
      const split = takeMixed(there, pour.litres);
      moved = split.taken;
      vessels.set(pour.from, split.left);
    }
    if (pour.to === null) left = add(left, moved, table);
    else vessels.set(pour.to, add(vessels.get(pour.to) ?? EMPTY, moved, table));
  }
  const held = [...vessels].map(([name, contents]) => [name, heldIn(contents, table)] as const);
  return ok({ vessels: Object.fromEntries(held), left: heldIn(left, table) });
}

function heldIn(contents: Contents, table: PartTable): Held {
  const byFluid = new Map<string, number>();
  const byOrigin = new Map<string, number>();
  for (const part of partsOf(contents, table)) {
    if (part.litres <= 0) continue;
    byFluid.set(part.component, (byFluid.get(part.component) ?? 0) + part.litres);
    byOrigin.set(part.origin, (byOrigin.get(part.origin) ?? 0) + part.litres);
  }
  return { litres: contents.total, byFluid: Object.fromEntries(byFluid), byOrigin: Object.fromEntries(byOrigin) };
}
