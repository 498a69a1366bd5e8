import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { balance, project } from "../ledger";
import { viewYard } from "../view/view";
import { readYardFile } from ".";

/** A yard file of every release that wrote entries otherwise, with the litres it had then, vessel by vessel. */
const folder = join(import.meta.dirname, "fixtures");
const released = readdirSync(folder)
  .filter((f) => /^yard-[\d-]+\.json$/.test(f))
  .map((f) => f.replace(/\.json$/, ""));

describe.each(released)("%s", (name) => {
  const text = readFileSync(join(folder, `${name}.json`), "utf8");
  const then = JSON.parse(readFileSync(join(folder, `${name}.litres.json`), "utf8")) as {
    vessels: Record<string, number>;
    in: Record<string, number>;
    out: Record<string, number>;
  };
  const read = readYardFile(text);
  if (!read.ok) throw new Error(read.error.code);
  const yard = project(read.value.entries);
  it("is read to the last entry, under the ids it had", () => {
    expect(read.value.lines).toHaveLength(read.value.entries.length);
    expect(read.value.lines.map((l) => JSON.parse(l.text))).toEqual(JSON.parse(text).entries);
    expect(yard.faults).toEqual([]);
  });
  it("holds the litres it held, and closes", () => {
    for (const [id, litres] of Object.entries(then.vessels))
      expect([...yard.vessels].find(([v]) => v === id)?.[1].contents.total).toBeCloseTo(litres, 9);
    expect(balance(yard)).toMatchObject({ closes: true });
    for (const [account, litres] of Object.entries({ ...then.in, ...then.out }))
      expect({ ...balance(yard).in, ...balance(yard).out }).toHaveProperty(account, expect.closeTo(litres, 9));
  });
  it("can be looked at", () => expect(viewYard(yard, "2026-11-24T12:00:00.000Z").vessels.length).toBeGreaterThan(10));
});
