import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";

const here = import.meta.dirname;
const screens = readdirSync(here, { recursive: true })
  .map(String)
  .filter((f) => f.endsWith(".tsx") && !f.includes(".test."))
  .map((f) => readFileSync(join(here, f), "utf8"))
  .join("\n");

/** What a screen writes: the object after `data:`, `set(` or `onSet(`, or a named unit, with one nested object at most. */
const written = [...screens.matchAll(/(?:data: |[sS]et\(|[\w"°] *: )(\{(?:[^{}]|\{[^{}]*\})*\})/g)].map(
  ([, object]) => object,
);

describe("settings", () => {
  it.each(Object.keys(DEFAULT_SETTINGS))("%s can be set on a screen", (key) => {
    const sets = new RegExp(`[{,]\\s*${key}\\s*[,:}]`);
    expect(written.some((object) => sets.test(object ?? ""))).toBe(true);
  });
});
