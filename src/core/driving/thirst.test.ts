import { describe, expect, it } from "vitest";
import { inProportion, litresDriven } from "./thirst";

describe("what a drive burned", () => {
  const car = { burnLitresPerHour: 7, litresPer100Km: 6 };
  it("goes by its way where both are known, else by the hours", () => {
    expect(litresDriven({ km: 50, minutes: 60 }, car)).toBe(3);
    expect(litresDriven({ km: null, minutes: 60 }, car)).toBe(7);
    expect(litresDriven({ km: 50, minutes: 30 }, { burnLitresPerHour: 7 })).toBe(3.5);
    expect(litresDriven({ km: 0, minutes: 30 }, car)).toBe(0);
  });
  it("is shared by its tanks as the minutes shared it", () => {
    const shared = inProportion(
      [
        { tank: "a", litres: 1 },
        { tank: "b", litres: 3 },
      ],
      8,
    );
    expect(shared).toEqual([
      { tank: "a", litres: 2 },
      { tank: "b", litres: 6 },
    ]);
    expect(inProportion([], 5)).toEqual([]);
  });
});
