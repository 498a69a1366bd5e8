import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { gaugeText } from "../units";
import { type DriveReading, doubtOfReading, driveLine, readDriveLine } from "./gaugeLine";

const tenth = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10);
const on = { hasHeater: false, thermostatCelsius: 88 };
const at = (seconds: number, coolantCelsius: number, fuelCelsius: number | null = null): DriveReading => ({
  seconds,
  coolantCelsius,
  fuelCelsius,
  dropKPa: null,
  pressureKPa: null,
});

describe("a vehicle's gauges", () => {
  it("are read as they were sent, whichever sensors there are", () =>
    fc.assert(
      fc.property(
        fc.nat(1e5),
        tenth(-40, 120),
        fc.option(tenth(-40, 120)),
        fc.option(tenth(0, 90)),
        (seconds, coolantCelsius, fuelCelsius, dropKPa) => {
          const r = { seconds, coolantCelsius, fuelCelsius, dropKPa, pressureKPa: null };
          expect(readDriveLine(driveLine(r))).toEqual(r);
        },
      ),
    ));
  it("that send nothing, or half of it, are not believed", () => {
    expect(readDriveLine(gaugeText([["s", 3, 0]]))).toBe("incomplete");
    expect(readDriveLine(driveLine(at(3, 20)).replace("20.0", "28.0"))).toBe("garbled");
    expect(readDriveLine("hello")).toBe("not-a-gauge");
  });
  it("are doubted where they jump, stick, boil, or read fuel hotter than what warms it", () => {
    expect(doubtOfReading([at(0, 20)], at(1, 21), on)).toBeNull();
    expect(doubtOfReading([at(0, 20)], at(1, 60), on)).toBe("jumps");
    expect(doubtOfReading([at(9, 20)], at(3, 20), on)).toBe("runs-back");
    expect(doubtOfReading([], at(0, 140), on)).toBe("too-hot");
    expect(doubtOfReading([], at(0, 60, 80), on)).toBe("fuel-over-coolant");
    expect(doubtOfReading([], at(0, 60, 80), { ...on, hasHeater: true })).toBeNull();
    const still = Array.from({ length: 30 }, (_, i) => at(10 * i, 54.2));
    expect(doubtOfReading(still, at(300, 54.2), on)).toBe("stands-still");
    expect(doubtOfReading(still, at(300, 54.3), on)).toBeNull();
    const warm = still.map((r) => ({ ...r, coolantCelsius: 87 }));
    expect(doubtOfReading(warm, at(300, 87), on)).toBeNull();
  });
});
