import { act, renderHook } from "@testing-library/react";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { unitsOf } from "@/ui/words";
import { onTheRoad } from "@/ui/words/economy";
import { useAmount } from ".";

const UNITS = (["l", "gal", "impgal"] as const).flatMap((volumeUnit) =>
  (["c", "f"] as const).map((temperatureUnit) =>
    unitsOf({
      ...DEFAULT_SETTINGS,
      volumeUnit,
      temperatureUnit,
      ...(volumeUnit === "l" ? {} : { lengthUnit: "in", distanceUnit: "mi", massUnit: "lb" }),
    }),
  ),
);
const units = fc.constantFrom(...UNITS);

describe("an amount in the owner's unit", () => {
  it("left as it was opened is what it was opened with, whatever the unit and however short its text", () => {
    fc.assert(
      fc.property(units, fc.double({ min: -60, max: 200, noNaN: true }), (u, opened) => {
        for (const of of [
          u.volume,
          u.temperature,
          u.length,
          u.distance,
          u.mass,
          u.duration,
          u.hours,
          u.speed,
          u.share,
        ]) {
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
  it("reads heights, ways, loads, times and prices as they are said, and says what the book takes", () => {
    const u = unitsOf({ ...DEFAULT_SETTINGS, volumeUnit: "gal", lengthUnit: "in", distanceUnit: "mi", massUnit: "lb" });
    const read = (of: { parse(text: string): { ok: boolean; value?: number } }, text: string) => of.parse(text).value;
    expect(read(u.length, "2,5")).toBeCloseTo(63.5, 9);
    expect(u.length.echo(63.5)).toBe("= 64 mm");
    expect(read(u.distance, "10")).toBeCloseTo(16.09344, 9);
    expect(read(u.mass, "100")).toBeCloseTo(45.359237, 9);
    expect(read(u.mass, "12 kg")).toBe(12);
    const psi = unitsOf({ ...DEFAULT_SETTINGS, pressureUnit: "psi" }).pressure;
    expect(read(psi, "10")).toBeCloseTo(68.94757, 5);
    expect(read(psi, "0,5 bar")).toBe(50);
    expect([psi.unit, psi.text(68.94757), psi.echo(50)]).toEqual(["psi", "10", "= 0.5 bar"]);
    expect(read(u.duration, "1:20")).toBe(80);
    expect(u.duration.echo(130)).toBe("= 2 h 10");
    expect(u.duration.echo(40)).toBeNull();
    expect(read(u.hours, "1:30")).toBe(1.5);
    expect(read(u.hours, "2")).toBe(2);
    expect(read(u.speed, "20")).toBeCloseTo(32.18688, 9);
    expect(read(u.pricePerLitre, "3.785411784")).toBeCloseTo(1, 9);
    expect(u.pricePerKm.text(1)).toBe("1.609");
    expect(read(u.share, "7.5")).toBeCloseTo(0.075, 12);
    expect([u.mm(25.4), u.km(1.609344), u.kg(4.5359237), u.pascals(100_000)]).toEqual([
      "1.0 in",
      "1 mile",
      "10 lb",
      "1 bar",
    ]);
    expect(onTheRoad(10, u)).toBe("24 mpg");
  });
  it("in litres needs no echo", () => {
    const { result } = renderHook(() => useAmount(unitsOf(DEFAULT_SETTINGS).volume, null));
    expect(result.current).toMatchObject({ text: "", value: null, unit: "L", echo: undefined });
  });
});
