import { render, screen } from "@testing-library/react";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUID_IDS } from "@/core/fluids";
import { project } from "@/core/ledger";
import type { VesselForm } from "@/core/vessels";
import { viewYard } from "@/core/view";
import { demoYard } from "@/demo/demoYard";
import { unitsOf } from "../words";
import { fillOf } from "./fills";
import { Hatches } from "./Hatches";
import { slicePath, widestMm } from "./outline";
import { VesselDrawing } from "./VesselDrawing";
import { vesselWords } from "./vesselWords";

const NOW = Date.parse("2026-11-24T13:32:00Z");
const view = viewYard(project(demoYard(NOW)), new Date(NOW).toISOString());
const units = unitsOf(view.settings);

const numbers = (path: string): number[] => [...path.matchAll(/-?\d+\.\d+/g)].map((m) => Number(m[0]));

describe("outlines", () => {
  const cone: VesselForm = {
    shape: { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 },
    rimMm: 1020,
  };
  it("stay inside the vessel, mirror left and right, and bend where the cone does", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (a, b) => {
        const [from, to] = [Math.min(a, b) * cone.rimMm, Math.max(a, b) * cone.rimMm];
        const xy = numbers(slicePath(cone, from, to, { pxPerMm: 0.2 }));
        const xs = xy.filter((_, i) => i % 2 === 0);
        const ys = xy.filter((_, i) => i % 2 === 1);
        expect(Math.max(...xs)).toBeLessThanOrEqual((460 * 0.2) / 2 + 0.01);
        expect(xs.reduce((sum, x) => sum + x, 0)).toBeCloseTo(0, 6);
        expect(Math.min(...ys)).toBeGreaterThanOrEqual(-0.01);
        expect(Math.max(...ys)).toBeLessThanOrEqual(1020 * 0.2 + 0.01);
        if (from < 420 && to > 420) expect(xy).toHaveLength(12);
      }),
    );
  });
  it("know how wide a vessel is drawn", () => {
    expect(widestMm(cone)).toBe(460);
    expect(widestMm({ shape: { kind: "lying-cylinder", diameterMm: 400, lengthMm: 620 }, rimMm: 400 })).toBe(620);
    expect(
      widestMm({
        shape: {
          kind: "table",
          points: [
            [100, 10],
            [200, 30],
          ],
        },
        rimMm: 200,
      }),
    ).toBeCloseTo(447, 0);
  });
});

describe("a vessel's drawing", () => {
  it.each(view.vessels.map((v) => [v.vessel.name, v] as const))(
    "%s has its words and nothing impossible in it",
    (_, v) => {
      const { container } = render(<VesselDrawing view={v} pxPerMm={0.2} label={vesselWords(v, units)} />);
      expect(screen.getByRole("img", { name: vesselWords(v, units) })).toBeDefined();
      expect(container.innerHTML).not.toMatch(/NaN|undefined|Infinity/);
    },
  );
  it("shows a draw-off line only where one draws off", () => {
    const dashed = (name: string): number => {
      const v = view.vessels.find((x) => x.vessel.name === name);
      if (!v) throw new Error(name);
      const { container, unmount } = render(<VesselDrawing view={v} pxPerMm={0.2} label="x" />);
      const count = container.querySelectorAll("[stroke-dasharray]").length;
      unmount();
      return count;
    };
    expect(["Drum 3", "Drum 5", "Pail 7", "Ready", "Tractor"].map(dashed)).toEqual([1, 1, 0, 0, 0]);
  });
  it("says in words what it shows", () => {
    const drum = view.vessels.find((v) => v.vessel.id === "drum-3");
    expect(drum && vesselWords(drum, units)).toBe(
      "Drum 3: 171 L of 218 L, canola, sludge up to 7 mm, water up to 9 mm, fat up to 41 mm, draw-off line at 66 mm.",
    );
  });
});

it("every fluid has a fill, every hatch a pattern, and what is told apart looks apart", () => {
  const { container } = render(<Hatches />);
  const patterns = new Set([...container.querySelectorAll("pattern")].map((p) => p.id));
  for (const id of [...FLUID_IDS, "water", "sludge"] as const) {
    const { hatch } = fillOf(id);
    if (hatch !== "none") expect(patterns).toContain(`hatch-${hatch}`);
  }
  const apart = ["canola", "fryer-fat", "diesel", "kerosene", "petrol", "water", "sludge"] as const;
  expect(new Set(apart.map((id) => fillOf(id).hatch)).size).toBe(apart.length);
});
