import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { wordPastLine } from "./taken";
import { unitsOf } from "./units";

describe("what comes from below the draw-off line", () => {
  const units = unitsOf(DEFAULT_SETTINGS);
  it("is named, the highest first, in its owner's units", () => {
    expect(wordPastLine({ litres: 12, kinds: ["fat", "water", "sludge"] }, units)).toBe(
      "12 L of it from below the draw-off line: fat, water and sludge with it.",
    );
    expect(wordPastLine({ litres: 12, kinds: ["water"] }, units)).toMatch(/: water with it\.$/);
    expect(wordPastLine({ litres: 12, kinds: [] }, units)).toMatch(/: what still hangs low comes along\.$/);
    expect(wordPastLine({ litres: 12, kinds: [] }, unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal" }))).toMatch(
      /^3\.2 gal/,
    );
  });
});
