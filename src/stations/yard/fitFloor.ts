/** What stands on the floor, as far as its room is concerned. */
export interface Standing {
  readonly id: string;
  readonly widthMm: number;
  readonly rimMm: number;
}

export interface Group<V extends Standing> {
  readonly name: string;
  readonly standing: readonly V[];
}

export interface FloorPlan<V extends Standing> {
  readonly pxPerMm: number;
  /** Plates of one line, where many stand. */
  readonly isDense: boolean;
  /** Rows from the top; a group that does not fit in one goes on in the next. */
  readonly rows: readonly (readonly Group<V>[])[];
}

interface Room {
  readonly width: number;
  readonly height: number;
}

/** Room above a rim for a handle or a gauge, below the floor line for plate and group's name, and a plate's least width. */
export const ROOMY = { headPx: 30, platePx: 122, groupPx: 27, columnPx: 100 } as const;
export const DENSE = { headPx: 28, platePx: 100, groupPx: 22, columnPx: 84 } as const;
type Spacing = typeof ROOMY | typeof DENSE;
const SIDES_PX = 18;

const MOST_PX_PER_MM = 0.26;
/** Smaller than this and a plate of one line is the lesser evil. */
const WELL_SEEN_PX_PER_MM = 0.12;
const LEAST_PX_PER_MM = 0.05;
const STEP = 0.94;

/**
 * The largest scale at which all of it stands in the room, in as many rows as that takes; the least one where nothing
 * does, and then it scrolls.
 */
export function fitFloor<V extends Standing>(groups: readonly Group<V>[], room: Room): FloorPlan<V> {
  const roomy = fitted(groups, room, ROOMY);
  if (roomy && roomy.pxPerMm >= WELL_SEEN_PX_PER_MM) return { ...roomy, isDense: false };
  const dense = fitted(groups, room, DENSE);
  if (dense) return { ...dense, isDense: true };
  const rows = inRows(groups, room.width, WELL_SEEN_PX_PER_MM, ROOMY);
  return { pxPerMm: WELL_SEEN_PX_PER_MM, rows, isDense: false };
}

function fitted<V extends Standing>(groups: readonly Group<V>[], room: Room, spacing: Spacing) {
  for (let pxPerMm = MOST_PX_PER_MM; pxPerMm > LEAST_PX_PER_MM; pxPerMm *= STEP) {
    const rows = inRows(groups, room.width, pxPerMm, spacing);
    if (heightOf(rows, pxPerMm, spacing) <= room.height) return { pxPerMm, rows };
  }
  return null;
}

export const columnPx = (v: Standing, pxPerMm: number, spacing: Spacing): number =>
  Math.max(spacing.columnPx, v.widthMm * pxPerMm + SIDES_PX);

function inRows<V extends Standing>(
  groups: readonly Group<V>[],
  width: number,
  pxPerMm: number,
  spacing: Spacing,
): Group<V>[][] {
  const rows: Group<V>[][] = [[]];
  let left = width;
  for (const group of groups) {
    let here: V[] = [];
    const close = (): void => {
      if (here.length > 0) rows.at(-1)?.push({ name: group.name, standing: here });
      here = [];
    };
    for (const v of group.standing) {
      const needs = columnPx(v, pxPerMm, spacing);
      if (needs > left && left < width) {
        close();
        rows.push([]);
        left = width;
      }
      here.push(v);
      left -= needs;
    }
    close();
  }
  return rows.filter((row) => row.length > 0);
}

function heightOf<V extends Standing>(
  rows: readonly (readonly Group<V>[])[],
  pxPerMm: number,
  { headPx, platePx, groupPx }: Spacing,
): number {
  return rows.reduce((sum, row) => {
    const tallest = Math.max(...row.flatMap((g) => g.standing.map((v) => v.rimMm)));
    return sum + headPx + tallest * pxPerMm + platePx + groupPx;
  }, 0);
}
