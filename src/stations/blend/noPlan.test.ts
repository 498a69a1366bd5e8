import { expect, it } from "vitest";
import { wordNoPlan } from "./noPlan";

it.each([
  [{ code: "tank-full" }, "full"],
  [{ code: "too-thick-even-with-thinner-only" }, "over 15 mm²/s"],
  [{ code: "no-fuel-in", what: "oil" }, "no oil"],
  [{ code: "no-fuel-in", what: "thinner" }, "no thinner"],
] as const)("says why there is no blend: %o", (no, words) => {
  expect(wordNoPlan(no, "15 mm²/s")).toContain(words);
  expect(wordNoPlan(no, "15 mm²/s")).toMatch(/\.$/);
});
