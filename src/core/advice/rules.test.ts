import { readdirSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { RULES } from "./advise";

const folder = join(import.meta.dirname, "rules");
const files = readdirSync(folder);

describe("every rule of the house is asked", () => {
  it.each(files)("%s", async (file) => {
    const exported = Object.values((await import(/* @vite-ignore */ join(folder, file))) as Record<string, unknown>);
    expect(exported).toHaveLength(1);
    const [list] = exported;
    if (!Array.isArray(list) || list.length === 0) throw new Error(`${file} exports no list of rules`);
    for (const rule of list) expect(RULES).toContain(rule);
  });
  it("in an order that nothing shares", () => {
    const ranks = RULES.map((r) => r.rank);
    expect(new Set(ranks).size).toBe(ranks.length);
    expect([...ranks].sort((a, b) => a - b)).toEqual(ranks);
  });
});
