import { describe, expect, it } from "vitest";
import { begun, upTo, withEvent, withoutLast, withReading } from "./keptTrip";

const T0 = Date.UTC(2026, 10, 24, 8);
const at = (minutes: number): string => new Date(T0 + minutes * 60_000).toISOString();

describe("a trip under way", () => {
  it("counts by the device's clock, and faster where one practises", () => {
    expect(upTo(begun(at(0), 4, 1), at(12)).minute).toBeCloseTo(12, 9);
    expect(upTo(begun(at(0), 4, 60), at(0.5)).minute).toBeCloseTo(30, 9);
    expect(upTo({ ...begun(at(0), 4, 1), isOver: true }, at(12)).minute).toBe(0);
  });
  it("keeps what it had when the clock is set back, says so, and goes on from there", () => {
    const driven = upTo(begun(at(0), 4, 1), at(20));
    const back = upTo(driven, at(-30_000));
    expect(back).toMatchObject({ odd: "set-back", minute: 20 });
    expect(upTo(back, at(-29_990)).minute).toBeCloseTo(30, 9);
  });
  it("counts no hours that nobody drove", () =>
    expect(upTo(upTo(begun(at(0), 4, 1), at(20)), at(900))).toMatchObject({ odd: "long-gap", minute: 20 }));
  it("keeps one look at the gauges every half minute", () => {
    let trip = begun(at(0), 4, 1);
    for (let s = 0; s < 120; s++) trip = withReading(upTo(trip, at(s / 60)), { coolantCelsius: 20 + s / 4 });
    expect(trip.events.filter((e) => e.what === "read").length).toBeLessThanOrEqual(4);
  });
  it("takes back the last thing that was done, never the start", () => {
    const turned = withEvent(begun(at(0), 4, 1), { what: "turn", control: "supply", position: "oil" });
    const looked = withReading(upTo(turned, at(2)), { coolantCelsius: 30 });
    expect(withoutLast(looked).events.map((e) => e.what)).toEqual(["start", "read"]);
    expect(withoutLast(begun(at(0), 4, 1)).events).toHaveLength(1);
  });
});
