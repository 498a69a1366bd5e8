import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { calculateAny, EVERY_CALCULATION } from "../calculations";

/** Cases computed by an independent implementation; README.md beside this file says what each means. */
interface File {
  readonly calculation: string;
  readonly cases: readonly { readonly in: { readonly temperatures?: readonly unknown[] }; readonly out: unknown }[];
}

const files = readdirSync(import.meta.dirname)
  .filter((f) => f.endsWith(".json"))
  .map((f) => JSON.parse(readFileSync(join(import.meta.dirname, f), "utf8")) as File);

/** What the other implementation integrated in steps; ours is closed wherever the integral closes. */
const INTEGRATED = new Set(["reaction", "filter-gravity", "drain-time", "return-contamination"]);
const toleranceOf = (name: string, temperatures: readonly unknown[] = []): number =>
  INTEGRATED.has(name) || temperatures.length > 1 ? 1e-4 : 1e-6;

/** Sums of many litres leave a rounding of this size where there should be none. */
const DUST = 1e-9;

/** Every figure of `want` stands in `got`, within the tolerance; what `got` has besides is welcome. */
function expectWithin(got: unknown, want: unknown, tolerance: number, at: string): void {
  if (typeof want === "number") {
    expect(typeof got, at).toBe("number");
    const off = Math.abs((got as number) - want);
    const allowed = tolerance * Math.abs(want) + (at.includes("by") ? DUST : 0);
    expect(off <= allowed, `${at}: ${got} for ${want}`).toBe(true);
  } else if (want === null || typeof want !== "object") expect(got, at).toBe(want);
  else
    for (const [key, value] of Object.entries(want))
      expectWithin((got as never)?.[key], value, tolerance, `${at}.${key}`);
}

it("finds the files, and a calculation of that name for each", () => {
  expect(files).toHaveLength(46);
  const names: string[] = EVERY_CALCULATION.map((c) => c.name);
  expect(files.map((f) => f.calculation).filter((name) => !names.includes(name))).toEqual([]);
});

describe.each(files.map((f) => [f.calculation, f] as const))("%s", (name, file) => {
  it.each(file.cases.map((c, i) => [i, c] as const))("case %i", (_, c) => {
    const answer = calculateAny(name, c.in);
    if (!answer.ok) throw new Error(JSON.stringify(answer.error));
    expectWithin(answer.value, c.out, toleranceOf(name, c.in.temperatures), name);
  });
});

it("would catch a figure that is out, missing or invented", () => {
  expect(() => expectWithin({ a: 1.00001 }, { a: 1 }, 1e-6, "x")).toThrow();
  expect(() => expectWithin({}, { a: 1 }, 1e-6, "x")).toThrow();
  expect(() => expectWithin({ a: 1 }, { a: null }, 1e-6, "x")).toThrow();
  expect(() => expectWithin({ a: 1.00001, b: 2 }, { a: 1 }, 1e-4, "x")).not.toThrow();
});
