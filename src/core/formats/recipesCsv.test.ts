import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import type { RecipeState } from "../ledger";
import { writeRecipesCsv } from "./recipesCsv";

const state: RecipeState = {
  at: "2026-01-01T08:00:00.000Z",
  recipe: {
    id: "r" as never,
    name: '=Two to one, "thick"',
    season: "winter",
    parts: [
      { fluid: "canola", share: 0.66 },
      { fluid: "diesel~Frost, fine" as never, share: 0.34 },
    ],
  },
  trials: [{ recipe: "r" as never, rung: "jar", verdict: "good", at: "2026-01-02T08:00:00.000Z" }],
  coldJars: [
    { at: "2026-01-02T08:00:00.000Z", celsius: -3, hours: 12, saw: "clear" },
    { at: "2026-01-03T08:00:00.000Z", celsius: -8, hours: 12, saw: "set" },
  ],
};

describe("recipes as comma-separated values", () => {
  it("read back by any reader, commas and quotes in names and all", () => {
    const read = Papa.parse<Record<string, string>>(
      writeRecipesCsv([state], () => true),
      { header: true },
    );
    expect(read.errors).toEqual([]);
    expect(read.data).toHaveLength(2);
    expect(read.data[0]).toMatchObject({
      part: "Canola",
      share: "0.66",
      proven: "yes",
      last_verdict: "good",
      clear_down_to_celsius: "-3",
    });
    expect(read.data[1]?.part).toBe("Frost, fine");
  });
  it("hand no sheet a formula", () => {
    expect(writeRecipesCsv([state], () => false)).toContain(`"'=Two to one, ""thick"""`);
  });
});
