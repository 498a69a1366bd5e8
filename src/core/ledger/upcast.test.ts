import { expect, it } from "vitest";
import { KIND_LIST } from "./kinds";
import { entry, move } from "./testing";
import { type Lineage, lift } from "./upcast";

/** A release that wrote `amount` as a bare number, then one that wrote it in gallons, as this build's steps would lift it. */
const MOVE: Lineage = {
  version: 3,
  upcast: {
    1: (data) => ({ ...(data as object), gallons: (data as { amount: number }).amount, amount: undefined }),
    2: (data) => {
      const { gallons, ...rest } = data as { gallons: number };
      return { ...rest, amount: { litres: gallons * 4 } };
    },
  },
};
const of =
  (lineage: Lineage) =>
  (kind: string): Lineage | undefined =>
    kind === "move" ? lineage : undefined;
const old = { ...entry("1", 0, move("A", "B", 5)), v: 1, data: { from: "A", to: "B", amount: 5, layer: "mixed" } };

it("lifts an old payload step by step and leaves the original alone", () => {
  const frozen = structuredClone(old);
  expect(lift(old, of(MOVE))).toMatchObject({ ok: true, value: { v: 3, data: { amount: { litres: 20 } } } });
  expect(old).toEqual(frozen);
});

it("refuses a version from a newer release and a gap in the steps", () => {
  expect(lift({ ...old, v: 4 }, of(MOVE))).toMatchObject({ ok: false, error: { code: "newer-entry", v: 4 } });
  const { 1: _, ...gap } = MOVE.upcast;
  expect(lift(old, of({ ...MOVE, upcast: gap }))).toMatchObject({ ok: false, error: { code: "invalid" } });
});

it.each(KIND_LIST.map((k) => [k.kind, k] as const))("%s has a step from every version it ever had", (_, kind) => {
  expect(Object.keys(kind.upcast).map(Number)).toEqual(Array.from({ length: kind.version - 1 }, (__, i) => i + 1));
});
