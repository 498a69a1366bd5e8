import { describe, expect, it } from "vitest";
import { rigFromShelf, type ShelfId, shelfFor } from "@/core/driving/rig";
import { layLoop } from "./layout";

const ids = [...shelfFor(1), ...shelfFor(2)].map((s) => s.id as ShelfId);

describe.each(ids)("the drawing of %s", (id) => {
  const rig = rigFromShelf(id);
  it.each([true, false])(
    "has every part apart from the others, and every hose from part to part (upright: %s)",
    (isNarrow) => {
      const laid = layLoop(rig, isNarrow);
      expect(laid.parts.map((p) => p.part.id)).toEqual(rig.parts.map((p) => p.id));
      for (const [i, a] of laid.parts.entries())
        for (const b of laid.parts.slice(i + 1)) {
          const apart =
            Math.abs(a.x - b.x) >= (a.width + b.width) / 2 - 1 || Math.abs(a.y - b.y) >= (a.height + b.height) / 2 - 1;
          expect(apart, `${a.part.id} on ${b.part.id}`).toBe(true);
        }
      expect(laid.pipes).toHaveLength(rig.hoses.length);
      for (const { d, hose } of laid.pipes) {
        expect(d).toMatch(/^M[\d.]+ [\d.]+(L[\d.]+ [\d.]+)+$/);
        const [start] = d.slice(1).split("L");
        const arm = laid.arms.get(hose.from);
        expect(start).toBe(`${arm?.x.toFixed(1)} ${arm?.y.toFixed(1)}`);
      }
      for (const p of laid.parts) {
        expect(p.x + p.width / 2).toBeLessThanOrEqual(laid.width + 1);
        expect(p.y + p.height / 2).toBeLessThanOrEqual(laid.height + 1);
      }
    },
  );
});
