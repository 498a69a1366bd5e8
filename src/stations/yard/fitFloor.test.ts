import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { columnPx, DENSE, fitFloor, type Group, ROOMY, type Standing } from "./fitFloor";

const standing = (i: number): fc.Arbitrary<Standing> =>
  fc.record({
    id: fc.constant(`v${i}`),
    widthMm: fc.integer({ min: 150, max: 1150 }),
    rimMm: fc.integer({ min: 250, max: 1200 }),
  });
/** A yard's mix: one tote at the most, what else there is no wider than a drum. */
const yard = (count: number): fc.Arbitrary<Group<Standing>[]> =>
  fc
    .tuple(
      fc.tuple(...Array.from({ length: count }, (_, i) => standing(i))),
      fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 3, maxLength: 6 }),
    )
    .map(([all, sizes]) => {
      const groups: Group<Standing>[] = [];
      let from = 0;
      for (let g = 0; from < all.length; g++) {
        const to = Math.min(all.length, from + (sizes[g % sizes.length] ?? 1));
        groups.push({
          name: `g${g}`,
          standing: all.slice(from, to).map((v) => ({ ...v, widthMm: Math.min(v.widthMm, from === 0 ? 1150 : 600) })),
        });
        from = to;
      }
      return groups;
    });

describe("the yard's floor", () => {
  it("stands whole in a window of 1280 by 800, up to 20 vessels, whatever they are", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }).chain(yard), (groups) => {
        const room = { width: 900, height: 560 };
        const { rows, pxPerMm, isDense } = fitFloor(groups, room);
        const spacing = isDense ? DENSE : ROOMY;
        const placed = rows.flat().flatMap((g) => g.standing);
        expect(placed.map((v) => v.id)).toEqual(groups.flatMap((g) => g.standing.map((v) => v.id)));
        let height = 0;
        for (const row of rows) {
          const all = row.flatMap((g) => g.standing);
          const width = all.reduce((sum, v) => sum + columnPx(v, pxPerMm, spacing), 0);
          expect(all.length === 1 || width <= room.width).toBe(true);
          height += spacing.headPx + spacing.platePx + spacing.groupPx + Math.max(...all.map((v) => v.rimMm)) * pxPerMm;
        }
        expect(height).toBeLessThanOrEqual(room.height);
        expect(isDense ? 0.05 : 0.12).toBeLessThanOrEqual(pxPerMm);
      }),
    );
  });
  it("draws larger where there is more room, and scrolls rather than draw a pail as a dot", () => {
    const groups = [{ name: "Raw", standing: [{ id: "a", widthMm: 290, rimMm: 345 }] }];
    const small = fitFloor(groups, { width: 300, height: 200 });
    const large = fitFloor(groups, { width: 900, height: 600 });
    expect(large.pxPerMm).toBeGreaterThan(small.pxPerMm);
    expect(fitFloor(groups, { width: 100, height: 10 })).toMatchObject({ pxPerMm: 0.12, isDense: false });
  });
});
