import { expect, it } from "vitest";
import { CURRENT_VERSION } from "./schema/entry";
import { entry, move } from "./testing";
import { readEntry } from "./upcast";

/** A release that wrote `amount` as a bare number, then one that wrote it in gallons, as this build's steps would lift it. */
const STEPS = {
  move: {
    1: (data: unknown) => ({ ...(data as object), gallons: (data as { amount: number }).amount, amount: undefined }),
    2: (data: unknown) => {
      const { gallons, ...rest } = data as { gallons: number };
      return { ...rest, amount: { litres: gallons * 4 } };
    },
  },
};
const current = { ...CURRENT_VERSION, move: 3 };
const old = { ...entry("1", 0, move("A", "B", 5)), v: 1, data: { from: "A", to: "B", amount: 5, layer: "mixed" } };

it("lifts an old payload step by step and leaves the original alone", () => {
  const frozen = structuredClone(old);
  const read = readEntry(old, STEPS, current);
  expect(read).toMatchObject({ ok: true, value: { v: 3, data: { amount: { litres: 20 } } } });
  expect(old).toEqual(frozen);
});

it("refuses a version from a newer release and a gap in the steps", () => {
  expect(readEntry({ ...old, v: 4 }, STEPS, current)).toMatchObject({
    ok: false,
    error: { code: "newer-entry", v: 4 },
  });
  expect(readEntry(old, { move: { 2: STEPS.move[2] } }, current)).toMatchObject({
    ok: false,
    error: { code: "invalid" },
  });
});
