import fc from "fast-check";
import { expect, it } from "vitest";
import { oddTextIn } from "./oddText";

const HIDDEN = [
  "\u0000",
  "\u0007",
  "\n",
  "\u007f",
  "\u0085",
  "\u00ad",
  "\u200b",
  "\u200f",
  "\u202e",
  "\u2066",
  "\ufeff",
];

it("finds what is hidden, wherever in a value, and names it and its place", () => {
  fc.assert(
    fc.property(fc.constantFrom(...HIDDEN), fc.string({ unit: "grapheme", maxLength: 5 }), (odd, around) => {
      const found = oddTextIn({ name: "Drum", stops: [{ note: "x" }, { note: `${around}${odd}` }] });
      expect(found?.path).toBe("stops.1.note");
    }),
  );
  expect(oddTextIn({ name: "Drum \u202e3" })).toEqual({ path: "name", character: "U+202E" });
  expect(oddTextIn("\u0007")).toEqual({ path: "", character: "U+0007" });
});

it("leaves alone what people write", () => {
  const written = ["Räucherei Öl-Nr. 3", "می‌خواهم", "油桶", "שמן", "👩‍🔧 10 µm − 5 °C", "naïve"];
  expect(oddTextIn({ written, n: 3, none: null })).toBeUndefined();
});
