import { describe, expect, it } from "vitest";
import type { Draft } from "./entry";
import { project } from "./project";
import { drum, entry, kitchen, move, pickup, vid } from "./testing";

const yardAfter = (...drafts: Draft[]) => {
  const yard = project([
    entry("1", 0, { kind: "vessel", data: drum("A") }),
    entry("2", 0, { kind: "vessel", data: drum("B") }),
    entry("3", 0, { kind: "source", data: kitchen }),
    ...drafts.map((d, i) => entry(`4${i}`, 10 + i, d)),
  ]);
  expect(yard.faults).toEqual([]);
  return { a: yard.vessels.get(vid("A")), b: yard.vessels.get(vid("B")) };
};
const warm = (to: string, litres: number, celsius: number): Draft => {
  const draft = pickup(to, litres);
  return { ...draft, data: { ...draft.data, amount: { litres, celsius } } } as Draft;
};

describe("how warm a vessel was last read", () => {
  it("is what was poured in, where that was read", () => {
    expect(yardAfter(warm("A", 50, 38)).a?.celsius).toBe(38);
    expect(yardAfter(pickup("A", 50)).a?.celsius).toBeNull();
    const poured = { ...move("A", "B", 20), data: { ...move("A", "B", 20).data, amount: { litres: 20, celsius: 31 } } };
    expect(yardAfter(warm("A", 50, 38), poured as Draft).b?.celsius).toBe(31);
  });
  it("stays, when what is poured in was not read", () => {
    const moved = yardAfter(warm("A", 50, 38), pickup("A", 10));
    expect(moved.a?.celsius).toBe(38);
  });
  it("makes fewer litres of it: it is booked at 15 °C", () => {
    expect(yardAfter(warm("A", 50, 65)).a?.contents.total).toBeCloseTo(50 * (1 - 7.4e-4 * 50), 9);
  });
});
