import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import { type Entry, fieldsOf, project } from ".";
import { drum, entry, vid } from "./testing";

const van = { id: "van" as never, name: "Van", kind: "dual" as const, dieselTank: vid("D"), oilTank: vid("O") };
const setup: Entry[] = [
  entry("01", 0, { kind: "vessel", data: { ...drum("D"), role: "tank" } }),
  entry("02", 0, { kind: "vessel", data: { ...drum("O"), role: "tank" } }),
  entry("03", 0, { kind: "vehicle", data: { ...van, burnLitresPerHour: 7, rig: rigFromShelf("loop") } }),
  entry("04", 1, { kind: "opening", data: { to: vid("D"), fluid: "diesel", amount: { litres: 50 }, muck: {} } }),
  entry("05", 1, { kind: "opening", data: { to: vid("O"), fluid: "canola", amount: { litres: 50 }, muck: {} } }),
];
const trip = (id: string, minute: number, km: number | undefined, diesel: number, oil: number): Entry =>
  entry(id, minute, {
    kind: "trip",
    data: {
      vehicle: van.id,
      ...(km !== undefined && { km }),
      minutes: { startOnDiesel: 5, onOil: 30, purge: 2 },
      burned: [
        { from: vid("D"), litres: diesel },
        { from: vid("O"), litres: oil },
      ],
      noticed: ["black-smoke", "weak"],
    },
  });
const kmOn = (...trips: Entry[]) => project([...setup, ...trips]).vehicles.get(van.id)?.kmOn;

describe("kilometres on each fuel", () => {
  it("go by its share of each trip's litres, and add up to the way that was driven", () => {
    const on = kmOn(trip("10", 10, 40, 1, 3), trip("11", 20, 60, 3, 3));
    expect(on?.diesel).toBeCloseTo(10 + 30, 9);
    expect(on?.vegetable).toBeCloseTo(30 + 30, 9);
  });
  it("a trip of unknown length adds none", () => {
    expect(kmOn(trip("10", 10, undefined, 1, 3))).toEqual({});
  });
  it("what was noticed is corrected in words, one by one", () => {
    const noticed = fieldsOf(trip("10", 10, 40, 1, 3)).filter((f) => f.path.startsWith("noticed"));
    expect(noticed.map((f) => f.choices?.[String(f.value)])).toEqual(["Black smoke", "Weak"]);
  });
});
