import { describe, expect, it } from "vitest";
import { type EconomyUnit, economyIn, formatEconomy, parseEconomy } from ".";

const read = (text: string, unit?: EconomyUnit): number | undefined => {
  const r = parseEconomy(text, unit);
  return r.ok ? r.value : undefined;
};

describe("what an engine burns on its way", () => {
  it.each<[string, EconomyUnit | undefined, number]>([
    ["6.2", undefined, 6.2],
    ["6,2 L/100 km", "mpg", 6.2],
    ["16 km/l", undefined, 6.25],
    ["38", "mpg", 6.18984],
    ["38 mpg", "l/100km", 6.18984],
    ["45", "imp mpg", 6.2774],
    ["10 mi/l", undefined, 6.21371],
  ])("%s is so many litres on 100 km", (text, unit, litres) => expect(read(text, unit)).toBeCloseTo(litres, 4));
  it("is the owner's again when it is shown, in every unit", () => {
    for (const unit of ["l/100km", "mi/l", "mpg", "imp mpg", "km/gal", "km/imp gal"] as const)
      for (const litres of [3.1, 8, 27.5]) expect(read(String(economyIn(litres, unit)), unit)).toBeCloseTo(litres, 9);
    expect(formatEconomy(6.19, "mpg")).toBe("38 mpg");
  });
  it("nothing that could not be driven is read", () => {
    for (const text of ["0 mpg", "fast", "6 stone"]) expect(read(text)).toBeUndefined();
  });
});
