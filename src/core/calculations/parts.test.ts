import { describe, expect, it } from "vitest";
import * as z from "../zod";
import { input, maybe, share, temperatures, whole } from "./fields";
import { issuesOf } from "./issues";
import { leavesOf, moved } from "./leaves";

const shelf = z.strictObject({
  litres: input("Litres", "L", 1, 500),
  shelf: share("Of the shelf"),
  pails: whole("Pails", "1", 0, 9),
  name: z.string().max(4).meta({ title: "Name" }).optional(),
  kind: z.enum(["raw", "ready"]).meta({ title: "Kind" }),
  temperatures,
  lots: z
    .array(z.strictObject({ litres: input("A lot", "L", 1, 50) }))
    .min(1)
    .max(3),
  of: z.union([
    z.strictObject({ oil: input("Oil", "L", 0, 9) }),
    z.strictObject({ water: input("Water", "L", 0, 9), salt: input("Salt", "g", 0, 9) }),
  ]),
});
const good = {
  litres: 20,
  shelf: 0.5,
  pails: 2,
  kind: "raw" as const,
  temperatures: [
    [0, 10],
    [5, 0],
  ] as [number, number][],
  lots: [{ litres: 5 }, { litres: 7 }],
  of: { oil: 3 },
};

describe("what is wrong, in words", () => {
  const said = (change: Record<string, unknown>): Record<string, string> => {
    const read = shelf.safeParse({ ...good, ...change }, { reportInput: true });
    if (read.success) return {};
    return Object.fromEntries(issuesOf(read.error).map((i) => [i.field, i.reason]));
  };
  it("is nothing where all is right", () => expect(said({})).toEqual({}));
  it.each([
    [{ litres: undefined }, { litres: "is missing" }],
    [{ litres: "20" }, { litres: "must be a number" }],
    [{ litres: 0 }, { litres: "must be at least 1" }],
    [{ litres: 501 }, { litres: "must be at most 500" }],
    [{ pails: 1.5 }, { pails: "must be int" }],
    [{ name: "too long" }, { name: "must be at most 4 letters long" }],
    [{ kind: "stale" }, { kind: "must be one of raw, ready" }],
    [{ lots: [] }, { lots: "must have at least 1 in it" }],
    [{ lots: [{ litres: 5 }, { litres: 99 }] }, { "lots.1.litres": "must be at most 50" }],
    [{ lots: "many" }, { lots: "must be a list" }],
    [
      {
        temperatures: [
          [3, 10],
          [1, 9],
        ],
      },
      { temperatures: "hours must rise" },
    ],
    [{ temperatures: [[3]] }, { "temperatures.0": "must have at least 2 in it" }],
    [{ of: { water: 1, salt: 99 } }, { "of.salt": "must be at most 9" }],
    [{ colour: "red" }, { colour: "is not a field here" }],
  ])("%j", (change, want) => {
    const got = said(change as Record<string, unknown>);
    for (const [field, reason] of Object.entries(want))
      if (reason === "must be int") expect(got[field]).toMatch(/^must be /);
      else expect(got).toMatchObject({ [field]: reason });
  });
});

describe("the leaves of an input", () => {
  const leaves = leavesOf(shelf, good);
  const leaf = (path: string) => {
    const found = leaves.find((l) => l.path === path);
    if (!found) throw new Error(path);
    return found;
  };
  it("carry name, unit and every number of a list together", () => {
    expect(leaf("litres")).toMatchObject({ title: "Litres", unit: "L", values: [20], words: [], whole: false });
    expect(leaf("temperatures.*.1")).toMatchObject({ title: "Temperature", unit: "°C", values: [10, 0] });
    expect(leaf("lots.*.litres").values).toEqual([5, 7]);
    expect(leaf("of.oil")).toMatchObject({ title: "Oil", values: [3] });
    expect(leaf("kind")).toMatchObject({ words: ["raw"], values: [] });
    expect(leaf("pails").whole).toBe(true);
  });
  it("move a tenth, a degree or one whole at the least, and nothing else with them", () => {
    expect(moved(good, leaf("litres"), 1)).toEqual({ ...good, litres: 22 });
    expect(moved(good, leaf("pails"), -1)).toEqual({ ...good, pails: 1 });
    expect(moved(good, leaf("lots.*.litres"), 1)).toMatchObject({ lots: [{ litres: 5.5 }, { litres: 7.7 }] });
    expect(moved(good, leaf("temperatures.*.1"), 1)).toMatchObject({
      temperatures: [
        [0, 11],
        [5, 1],
      ],
    });
    expect(moved(good, leaf("kind"), 1)).toEqual(good);
  });
  it("leave the owner's fluid figures to the fluids", () => {
    const own = { ...good, own: { canola: { cetane: 40 } } };
    expect(leavesOf(shelf, own).map((l) => l.path)).toEqual(leaves.map((l) => l.path));
  });
});

it("a figure that may be missing is a number or none, never NaN", () => {
  const figure = maybe("Hours", "h");
  expect([1, null].every((v) => figure.safeParse(v).success)).toBe(true);
  expect([Number.NaN, Infinity, undefined].some((v) => figure.safeParse(v).success)).toBe(false);
});
