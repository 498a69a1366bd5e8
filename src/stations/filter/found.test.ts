import { expect, it } from "vitest";
import { dropFault } from "./Found";

it("a drop is told against what it bears, and gauges read the wrong way round are said so", () => {
  expect(dropFault({}, 70)).toBeNull();
  expect(dropFault({ beforeKPa: 60, afterKPa: 10 }, 70)).toBeNull();
  expect(dropFault({ beforeKPa: 90, afterKPa: 10 }, 70)).toBe("too-much");
  expect(dropFault({ beforeKPa: 90, afterKPa: 10 }, undefined)).toBeNull();
  expect(dropFault({ beforeKPa: 10, afterKPa: 60 }, 70)).toBe("backwards");
});
