import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { DriveReading } from "@/core/driving/gaugeLine";
import type { Gauge } from "@/desk";
import { type DriveGaugeFault, practiceGauges } from "./practiceGauges";
import { useDriveGauges } from "./useDriveGauges";

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

/** An engine that warms half a kelvin a second of the trip. */
const practice = (fault: DriveGaugeFault, speed = 10): Gauge => {
  let seconds = 0;
  return practiceGauges({
    fault,
    speed,
    model: () => {
      seconds += speed / 2;
      const coolantCelsius = Math.min(88, 5 + seconds / 2);
      return { coolantCelsius, fuelCelsius: coolantCelsius - 3, dropKPa: 12, pressureKPa: 90 };
    },
  });
};

async function listened(gauge: Gauge, seconds: number, hasHeater = false) {
  const readings: DriveReading[] = [];
  const hook = renderHook(() =>
    useDriveGauges({ hasHeater, thermostatCelsius: 88, onReading: (r) => readings.push(r) }),
  );
  await act(async () => {
    hook.result.current.start(gauge);
    await Promise.resolve();
  });
  for (let s = 0; s < seconds; s++) await act(() => vi.advanceTimersByTimeAsync(1000));
  return { readings, state: () => hook.result.current, stop: hook.unmount };
}

describe("the practice gauges of a vehicle", () => {
  it("say what the model says", async () => {
    const { readings, state, stop } = await listened(practice("none"), 12);
    expect(readings.length).toBeGreaterThan(20);
    for (const [i, r] of readings.entries())
      expect(r.coolantCelsius ?? 0).toBeGreaterThanOrEqual(readings[i - 1]?.coolantCelsius ?? 0);
    expect(state()).toMatchObject({ name: "Practice gauges", trouble: "", garbled: 0 });
    stop();
  });
  it("that stick are said to, once minutes have gone by", async () => {
    const { readings, state, stop } = await listened(practice("stuck"), 45);
    expect(state().trouble).toMatch(/stood still to a tenth|Fuel hotter than the coolant/);
    expect(Math.max(...readings.map((r) => r.coolantCelsius ?? 0))).toBe(40);
    stop();
  });
  it("that jump hand on no look that cannot be", async () => {
    const { readings, state, stop } = await listened(practice("jumps", 1), 20);
    expect(readings.length).toBeGreaterThan(25);
    for (const r of readings) expect(Math.abs((r.fuelCelsius ?? 0) - (r.coolantCelsius ?? 0))).toBeLessThan(10);
    expect(state().trouble).toMatch(/jumps further|^$/);
    stop();
  });
  it("that fall silent are missed after ten seconds", async () => {
    const { state, stop } = await listened(practice("silent", 60), 6);
    expect(state().trouble).toBe("");
    await act(() => vi.advanceTimersByTimeAsync(10_500));
    expect(state().trouble).toMatch(/No word from the gauges/);
    stop();
  });
  it("of one's own may be garbled, and may not be there at all", async () => {
    let line: (text: string) => void = () => undefined;
    const wild: Gauge = {
      name: "Wild",
      open: (onLine) => {
        line = onLine;
        return Promise.resolve(() => undefined);
      },
    };
    const heard = await listened(wild, 0);
    act(() => {
      line("BB1 s=1 w=20*00");
      line("BB1 s=1*42");
    });
    expect(heard.readings).toEqual([]);
    expect(heard.state().garbled).toBe(2);
    heard.stop();
    const none = await listened({ name: "None", open: () => Promise.reject(new Error("No port was chosen.")) }, 0);
    expect(none.state()).toMatchObject({ name: null, trouble: "No port was chosen." });
  });
});
