import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { calculateAny } from "../calculations";

interface Case {
  readonly in: unknown;
  readonly out: Readonly<Record<string, number>>;
}

const here = import.meta.dirname;
const doc = readFileSync(join(here, "../../../docs/batch.md"), "utf8");
/** Rows of the table: step, how, calculation, case, field, value. */
const rows = doc
  .split("\n")
  .filter((line) => line.startsWith("| "))
  .map((line) => line.split("|").map((cell) => cell.trim()))
  .filter((cells) => /^\d+$/.test(cells[4] ?? ""));

const caseOf = (name: string, number: number): Case => {
  const file = JSON.parse(readFileSync(join(here, `${name}.json`), "utf8")) as { readonly cases: readonly Case[] };
  const found = file.cases[number - 1];
  if (!found) throw new Error(`${name} has no case ${number}`);
  return found;
};

/** As printed: to a half of its last digit. */
const half = (printed: string): number => 0.5 * 10 ** -(printed.split(".")[1]?.length ?? 0);

describe("the worked batch", () => {
  it("has a line for every step", () => expect(rows.length).toBeGreaterThanOrEqual(19));
  it.each(rows.map((r) => [r[1] ?? "", r] as const))(
    "%s",
    (_, [, , , name = "", number = "", field = "", value = ""]) => {
      const known = caseOf(name, Number(number));
      const want = known.out[field] ?? Number.NaN;
      expect(Math.abs(Number(value) - want), `${value} for ${want}`).toBeLessThanOrEqual(half(value) * 1.0001);
      const ours = calculateAny(name, known.in);
      expect(ours.ok).toBe(true);
      if (ours.ok) expect((ours.value as Record<string, number>)[field]).toBeCloseTo(want, 6);
    },
  );
});
