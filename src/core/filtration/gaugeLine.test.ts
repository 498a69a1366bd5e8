import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { gaugeLine, readGaugeLine } from "./gaugeLine";

const reading = fc.record({
  seconds: fc.integer({ min: 0, max: 1_000_000 }),
  litres: fc.integer({ min: 0, max: 1_000_000 }).map((n) => n / 100),
  kPa: fc.option(fc.integer({ min: 0, max: 20_000 }).map((n) => n / 10)),
  celsius: fc.option(fc.integer({ min: -300, max: 900 }).map((n) => n / 10)),
});

describe("a gauge's line", () => {
  it("says what was read, there and back", () => {
    fc.assert(
      fc.property(reading, (r) => {
        expect(readGaugeLine(gaugeLine(r))).toEqual(r);
      }),
    );
  });
  it("with any one character changed is never taken for another reading", () => {
    fc.assert(
      fc.property(reading, fc.nat(), fc.integer({ min: 32, max: 126 }), (r, at, code) => {
        const line = gaugeLine(r);
        const i = at % line.length;
        const bad = line.slice(0, i) + String.fromCharCode(code) + line.slice(i + 1);
        if (bad === line || bad.toUpperCase() === line.toUpperCase()) return;
        expect(typeof readGaugeLine(bad)).toBe("string");
      }),
    );
  });
  it("that is no gauge's, garbled or half said is told apart", () => {
    expect(readGaugeLine("hello")).toBe("not-a-gauge");
    expect(readGaugeLine("BB1 s=1 l=2*00")).toBe("garbled");
    expect(readGaugeLine("BB1 s=1 l=2")).toBe("garbled");
    const half = "s=12";
    const sum = [...half]
      .reduce((x, c) => x ^ c.charCodeAt(0), 0)
      .toString(16)
      .padStart(2, "0");
    expect(readGaugeLine(`BB1 ${half}*${sum}`)).toBe("incomplete");
  });
});
