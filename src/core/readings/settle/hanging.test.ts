import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { hungByKind, hungInDrawn } from "./hanging";

const lines = fc.record({
  surfaceMm: fc.double({ min: 300, max: 900, noNaN: true }),
  drawOffMm: fc.double({ min: 20, max: 60, noNaN: true }),
  front: fc.double({ min: 0, max: 1, noNaN: true }),
  line: fc.double({ min: 0, max: 0.98, noNaN: true }),
  concentration: fc.double({ min: 0.01, max: 1, noNaN: true }),
});

describe("what hangs in what is drawn", () => {
  it("is nothing where the draw stops above the front, and all that is known where it goes to the draw-off line", () => {
    const fines = { hangingShare: 0.4, clearedAboveMm: 250 };
    expect(hungInDrawn(fines, { surfaceMm: 600, lineMm: 275, drawOffMm: 50 })).toBe(0);
    expect(hungInDrawn(fines, { surfaceMm: 600, lineMm: 50, drawOffMm: 50 })).toBeCloseTo(0.4, 12);
  });

  it("is alike at every depth where nothing has a front", () =>
    expect(
      hungInDrawn({ hangingShare: 0.3, clearedAboveMm: null }, { surfaceMm: 600, lineMm: 400, drawOffMm: 50 }),
    ).toBe(0.3));

  it("two draws, one after the other, take what one draw takes", () => {
    fc.assert(
      fc.property(lines, ({ surfaceMm, drawOffMm, front, line, concentration }) => {
        const clearedAboveMm = drawOffMm + front * (surfaceMm - drawOffMm);
        const lineMm = drawOffMm + line * (surfaceMm - drawOffMm);
        const whole = (concentration * (clearedAboveMm - drawOffMm)) / (surfaceMm - drawOffMm);
        const fines = { hangingShare: whole, clearedAboveMm };
        const first = hungInDrawn(fines, { surfaceMm, lineMm, drawOffMm }) * (surfaceMm - lineMm);
        const rest = concentration * Math.max(0, Math.min(clearedAboveMm, lineMm) - drawOffMm);
        expect(first + rest).toBeCloseTo(whole * (surfaceMm - drawOffMm), 6);
      }),
    );
  });

  it("of a kind with several sizes is the mean by how much of each came", () => {
    const of = (diameterUm: number, volumeShare: number, clearedAboveMm: number) => ({
      name: `${diameterUm}`,
      diameterUm,
      density: { kind: "fixed", kgPerM3: 1150 } as const,
      volumeShare,
      hangingShare: clearedAboveMm > 50 ? 0.5 : 0,
      clearedAboveMm,
    });
    const spectrum = [of(80, 0.01, 40), of(16, 0.003, 325)];
    expect(hungByKind({ spectrum })).toEqual({ sludge: 0.115, water: 0, fat: 0 });
    expect(hungByKind({ spectrum }, { surfaceMm: 600, lineMm: 350, drawOffMm: 50 }).sludge).toBe(0);
  });
});
