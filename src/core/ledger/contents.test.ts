import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ComponentId } from "../fluids";
import {
  add,
  type Contents,
  contentsOf,
  EMPTY,
  litres15OfMeasured,
  PartTable,
  TRACES,
  takeLayer,
  takeMixed,
} from "./contents";
import { partsOf } from "./state";

const component = fc.constantFrom<ComponentId>("canola", "diesel", "fryer-fat", "water", "sludge");
const lot = fc.record({
  component,
  origin: fc.integer({ min: 0, max: 9 }),
  litres: fc.double({ min: 0.001, max: 50, noNaN: true }),
});

/** Contents poured together lot by lot, and the table that numbers their parts. */
const poured = fc.array(lot, { minLength: 1, maxLength: 30 }).map((lots) => {
  const table = new PartTable();
  const contents = lots.reduce<Contents>(
    (sum, l) => add(sum, contentsOf([table.key(l.component, `b${l.origin}`)], [l.litres]), table),
    EMPTY,
  );
  return { table, contents, lots };
});
const share = fc.double({ min: 0, max: 1, noNaN: true });

const litresBy = (c: Contents, table: PartTable, of: "component" | "origin"): Map<string, number> => {
  const sums = new Map<string, number>();
  for (const p of partsOf(c, table)) sums.set(p[of], (sums.get(p[of]) ?? 0) + p.litres);
  return sums;
};

describe("pouring together", () => {
  it("keeps every litre of every component, and sorted parts", () => {
    fc.assert(
      fc.property(poured, ({ table, contents, lots }) => {
        expect(contents.total).toBeCloseTo(
          lots.reduce((sum, l) => sum + l.litres, 0),
          9,
        );
        for (const [name, litres] of litresBy(contents, table, "component"))
          expect(litres).toBeCloseTo(
            lots.reduce((sum, l) => (l.component === name ? sum + l.litres : sum), 0),
            9,
          );
        expect([...contents.keys]).toEqual([...contents.keys].sort((a, b) => a - b));
        expect(new Set(contents.keys).size).toBe(contents.keys.length);
      }),
    );
  });
  it("puts traces together once there are many parts, dropping nothing", () => {
    const table = new PartTable();
    let contents = EMPTY;
    for (let i = 0; i < 400; i++) {
      const litres = i % 3 === 0 ? 5 : 0.004;
      contents = add(contents, contentsOf([table.key("canola", `b${i}`)], [litres]), table);
    }
    const origins = litresBy(contents, table, "origin");
    expect(contents.total).toBeCloseTo(134 * 5 + 266 * 0.004, 9);
    expect(origins.get("b0")).toBe(5);
    expect(origins.get(TRACES) ?? 0).toBeGreaterThan(0.5);
    expect(contents.keys.length).toBeLessThan(300);
  });
});

describe("taking out", () => {
  it("both sides together hold what there was, whichever layer is named", () => {
    fc.assert(
      fc.property(
        poured,
        share,
        share,
        fc.constantFrom("mixed", "top", "bottom"),
        ({ table, contents }, s, hanging, layer) => {
          const litres = contents.total * s;
          const { taken, left } =
            layer === "mixed"
              ? takeMixed(contents, litres)
              : takeLayer(contents, table, litres, layer as "top" | "bottom", hanging);
          expect(taken.total).toBeCloseTo(litres, 8);
          expect(left.total).toBeCloseTo(contents.total - litres, 8);
          const both = add(taken, left, table);
          for (const [name, l] of litresBy(contents, table, "component"))
            expect(litresBy(both, table, "component").get(name) ?? 0).toBeCloseTo(l, 8);
          for (const part of [...partsOf(taken, table), ...partsOf(left, table)])
            expect(part.litres).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
  it("nothing taken off a vessel of muck leaves all of it", () => {
    const table = new PartTable();
    const muck = contentsOf([table.key("water", "b0")], [0.001]);
    const { taken, left } = takeLayer(muck, table, 0, "top", 0);
    expect([taken.total, left.total]).toEqual([0, 0.001]);
  });
  it("a proportional share has the same composition as the rest", () => {
    fc.assert(
      fc.property(poured, fc.double({ min: 0.01, max: 0.99, noNaN: true }), ({ table, contents }, s) => {
        const { taken, left } = takeMixed(contents, contents.total * s);
        for (const [name, litres] of litresBy(taken, table, "origin"))
          expect(litres / taken.total).toBeCloseTo((litresBy(left, table, "origin").get(name) ?? 0) / left.total, 8);
      }),
    );
  });
  it("from the bottom the sludge goes first, from a still top none of it", () => {
    const table = new PartTable();
    const parts: [ComponentId, number][] = [
      ["canola", 90],
      ["fryer-fat", 4],
      ["water", 3],
      ["sludge", 3],
    ];
    const drum = parts.reduce<Contents>((c, [id, l]) => add(c, contentsOf([table.key(id, "b")], [l]), table), EMPTY);
    const bottom = takeLayer(drum, table, 5, "bottom", 0).taken;
    expect([...litresBy(bottom, table, "component")]).toEqual([
      ["water", 2],
      ["sludge", 3],
    ]);
    const top = takeLayer(drum, table, 50, "top", 0).taken;
    expect([...litresBy(top, table, "component")]).toEqual([["canola", 50]]);
  });
  it("taking it all leaves nothing", () => {
    fc.assert(
      fc.property(poured, ({ table, contents }) => {
        expect(takeMixed(contents, contents.total).left).toBe(EMPTY);
        expect(takeLayer(contents, table, contents.total + 1, "top", 0).taken).toBe(contents);
      }),
    );
  });
});

it("measured warm, a litre is less than a litre at 15 °C; measured cold, more", () => {
  fc.assert(
    fc.property(poured, fc.double({ min: 16, max: 90, noNaN: true }), ({ table, contents }, warm) => {
      expect(litres15OfMeasured(contents, table, warm)).toBeLessThan(1);
      expect(litres15OfMeasured(contents, table, 30 - warm)).toBeGreaterThan(1);
      expect(litres15OfMeasured(contents, table, 15)).toBeCloseTo(1, 12);
    }),
  );
});
