import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { GaugeReading } from "@/core/filtration/gaugeLine";
import type { Gauge } from "@/desk";
import { type GaugeFault, practiceGauge } from "./simulated";
import { useGauge } from "./useGauge";

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

const practice = (fault: GaugeFault): Gauge =>
  practiceGauge({ minutesAt: (litres) => litres * 2, litres: 20, kPa: 9, celsius: 12, fault, speed: 120 });

/** Twenty litres at two minutes each, two minutes to a second: twenty seconds, if nothing is wrong. */
async function listened(gauge: Gauge, seconds: number) {
  const readings: GaugeReading[] = [];
  const hook = renderHook(() => useGauge((r) => readings.push(r)));
  await act(async () => {
    hook.result.current.start(gauge);
    await Promise.resolve();
  });
  for (let s = 0; s < seconds; s++) await act(() => vi.advanceTimersByTimeAsync(1000));
  return { readings, state: () => hook.result.current, stop: hook.unmount };
}

describe("the practice gauge", () => {
  it("runs as the run does and says when the feed is through", async () => {
    const { readings, state } = await listened(practice("none"), 22);
    expect(readings.at(-1)?.litres).toBeCloseTo(20, 0);
    for (const r of readings) expect(r.litres).toBeCloseTo(r.seconds / 120, 1);
    expect(state()).toMatchObject({ name: null, trouble: "The feed has run through." });
  });
  it("that sticks is said to stand still", async () => {
    const { readings, state, stop } = await listened(practice("stuck"), 16);
    expect(readings.at(-1)?.litres).toBe(10);
    expect(state().trouble).toMatch(/stands still while there is pressure/);
    stop();
  });
  it("that jumps hands on no litres that fall, and is said to jump", async () => {
    const { readings, state, stop } = await listened(practice("noisy"), 10);
    expect(state().trouble).toMatch(/jumps about/);
    for (const [i, r] of readings.entries()) expect(r.litres).toBeGreaterThan(readings[i - 1]?.litres ?? -1);
    stop();
  });
  it("that falls silent is missed after ten seconds", async () => {
    const { state, stop } = await listened(practice("dropped"), 16);
    expect(state().trouble).toBe("");
    await act(() => vi.advanceTimersByTimeAsync(6000));
    expect(state().trouble).toMatch(/No word from the gauge/);
    stop();
  });
  it("whose bag chokes runs slower and slower", async () => {
    const { readings, stop } = await listened(practice("clogging"), 40);
    const at = (litres: number): number => readings.find((r) => r.litres >= litres)?.seconds ?? Number.NaN;
    expect(at(10) - at(5)).toBeGreaterThan(1.5 * at(5));
    stop();
  });
});

describe("any gauge", () => {
  it("may send garbage: it is left out and counted", async () => {
    let line: (text: string) => void = () => undefined;
    const wild: Gauge = {
      name: "Wild",
      open: (onLine) => {
        line = onLine;
        return Promise.resolve(() => undefined);
      },
    };
    const { readings, state, stop } = await listened(wild, 0);
    act(() => {
      line("BB1 s=1 l=2*00");
      line("\u0000\u0007");
    });
    expect(readings).toEqual([]);
    expect(state()).toMatchObject({ garbled: 2, name: "Wild" });
    stop();
  });
  it("that cannot be opened says why", async () => {
    const none: Gauge = { name: "None", open: () => Promise.reject(new Error("No port was chosen.")) };
    const { state } = await listened(none, 0);
    expect(state()).toMatchObject({ name: null, trouble: "No port was chosen." });
  });
});
