import { describe, expect, it } from "vitest";
import { type Ride, rideMinutes, stepOf } from "./useRide";

const at = (minute: number): string => new Date(Date.UTC(2026, 10, 24, 8, 0) + minute * 60_000).toISOString();
const ride: Ride = { startedAt: at(0), switchedAt: at(9), purgedAt: at(52.5), stoppedAt: at(58) };

describe("a ride", () => {
  it("goes from diesel to oil to purge to done", () => {
    expect(stepOf(null)).toBe("idle");
    expect(stepOf({ startedAt: at(0) })).toBe("diesel");
    expect(stepOf({ startedAt: at(0), switchedAt: at(9) })).toBe("oil");
    expect(stepOf({ startedAt: at(0), switchedAt: at(9), purgedAt: at(50) })).toBe("purge");
    expect(stepOf(ride)).toBe("done");
  });
  it("counts each phase's minutes, to now while it runs", () => {
    expect(rideMinutes(ride, at(90))).toEqual({ startOnDiesel: 9, onOil: 43.5, purge: 5.5 });
    expect(rideMinutes({ startedAt: at(0), switchedAt: at(9) }, at(20))).toEqual({
      startOnDiesel: 9,
      onOil: 11,
      purge: 0,
    });
    expect(rideMinutes({ startedAt: at(0) }, at(4))).toEqual({ startOnDiesel: 4, onOil: 0, purge: 0 });
  });
  it("never counts less than nothing when a clock is set back", () => {
    expect(rideMinutes({ startedAt: at(10) }, at(4)).startOnDiesel).toBe(0);
  });
});
