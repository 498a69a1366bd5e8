import { act, renderHook } from "@testing-library/react";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { unitsOf } from "@/ui/words";
import { useAmount } from ".";

const UNITS = (["l", "gal", "impgal"] as const).flatMap((volumeUnit) =>
  (["c", "f"] as const).map((temperatureUnit) => unitsOf({ ...DEFAULT_SETTINGS, volumeUnit, temperatureUnit })),
);
const units = fc.constantFrom(...UNITS);

describe("an amount in the owner's unit", () => {
  it("left as it was opened is what it was opened with, whatever the unit and however short its text", () => {
    fc.assert(
      fc.property(units, fc.double({ min: -60, max: 200, noNaN: true }), (u, opened) => {
        for (const of of [u.volume, u.temperature]) {
          const { result } = renderHook(() => useAmount(of, opened));
          expect(result.current.value).toBe(opened);
          act(() => result.current.set("1"));
          act(() => result.current.set(of.text(opened)));
          expect(result.current.value).toBe(opened);
        }
      }),
      { numRuns: 60 },
    );
  });
  it("opens with a text that reads back as nearly the same, and is short", () => {
    fc.assert(
      fc.property(units, fc.double({ min: 0.1, max: 1000, noNaN: true }), (u, litres) => {
        const text = u.volume.text(litres);
        const read = u.volume.parse(text);
        expect(read.ok && Math.abs(read.value - litres)).toBeLessThan(0.06);
        expect(text.length).toBeLessThan(9);
      }),
    );
  });
  it("typed in gallons says the litres that go into the book", () => {
    const { volume, temperature, asked } = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", temperatureUnit: "f" });
    const { result } = renderHook(() => useAmount(volume, 22));
    expect(result.current).toMatchObject({ text: "5.81", value: 22, unit: "gal", echo: "= 22 L" });
    act(() => result.current.set("5"));
    expect(result.current.echo).toBe("= 18.9 L");
    expect(result.current.value).toBeCloseTo(18.92705892, 8);
    act(() => result.current.set("5 L"));
    expect(result.current.value).toBe(5);
    act(() => result.current.set(""));
    expect(result.current).toMatchObject({ value: null, echo: undefined });
    expect(temperature.text(20)).toBe("68");
    expect(temperature.echo(20)).toBe("= 20.0 °C");
    expect(asked("Litres through")).toBe("Gallons through");
    expect(asked("Fill to")).toBe("Fill to");
  });
  it("in litres needs no echo", () => {
    const { result } = renderHook(() => useAmount(unitsOf(DEFAULT_SETTINGS).volume, null));
    expect(result.current).toMatchObject({ text: "", value: null, unit: "L", echo: undefined });
  });
});
