import { describe, expect, it } from "vitest";
import { type Draft, project } from "../../ledger";
import { drum, entry, iso, kitchen, vid } from "../../ledger/testing";
import { celsiusAt } from "../../settling";
import { viewYard } from "../../view";
import { shedBetween } from "./course";

const DAY = 1440;
const start: Draft[] = [
  { kind: "vessel", data: drum("A") },
  { kind: "source", data: { ...kitchen, dirt: "light-fryer" } },
  {
    kind: "pickup",
    data: { source: kitchen.id, to: vid("A"), fluid: "canola", amount: { litres: 150 }, muck: { sludge: 0.01 } },
  },
];
const yardOf = (...more: [number, Draft][]) =>
  project([...start.map((d, i) => entry(`s${i}`, i, d)), ...more.map(([at, d], i) => entry(`m${i}`, at, d))]);
const cold: [number, Draft] = [14 * DAY, { kind: "weather", data: { shedCelsius: 2 } }];

describe("the shed's past", () => {
  it("is not rewritten by the first look at a thermometer", () => {
    const days = [1, 7, 13];
    const before = shedBetween(yardOf(), iso(3), iso(20 * DAY));
    const after = shedBetween(yardOf(cold), iso(3), iso(20 * DAY));
    for (const day of days) expect(celsiusAt(after, 24 * day)).toBe(celsiusAt(before, 24 * day));
    expect(celsiusAt(after, 24 * 15)).toBe(2);
  });
  it("so what has settled by then stays settled", () => {
    const fallen = (yard: ReturnType<typeof yardOf>) =>
      viewYard(yard, iso(14 * DAY + 1)).vessels[0]?.settling?.fronts.map((f) => Math.round(f.clearedAboveMm));
    expect(fallen(yardOf())).not.toEqual(undefined);
    expect(fallen(yardOf(cold))).toEqual(fallen(yardOf()));
  });
  it("nor by a mark that is changed later", () => {
    const year: [number, Draft] = [14 * DAY, { kind: "settings", data: { shedCelsius: 2, shedAheadCelsius: 30 } }];
    expect(celsiusAt(shedBetween(yardOf(year), iso(3), iso(20 * DAY)), 24)).toBe(15);
  });
});
