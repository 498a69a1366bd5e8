import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import { type Draft, project } from "../ledger";
import { asVehicleId } from "../ledger/named";
import { drum, entry, iso, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const car = asVehicleId("car");
const vehicle = (more: object = {}): Draft => ({
  kind: "vehicle",
  data: {
    id: car,
    name: "Car",
    kind: "single",
    tank: vid("t"),
    burnLitresPerHour: 6,
    rig: rigFromShelf("plain"),
    ...more,
  },
});
const trip = (more: object = {}): Draft => ({
  kind: "trip",
  data: {
    vehicle: car,
    minutes: { startOnDiesel: 0, onOil: 60, purge: 0 },
    burned: [{ from: vid("t"), litres: 5 }],
    ...more,
  },
});
const yardOf = (...more: readonly Draft[]) =>
  project(
    [
      { kind: "vessel", data: drum("t", "tank") } as Draft,
      { kind: "vessel", data: drum("can", "thinner") } as Draft,
      { kind: "purchase", data: { to: vid("can"), fluid: "diesel", amount: { litres: 50 } } } as Draft,
      { kind: "purchase", data: { to: vid("t"), fluid: "diesel", amount: { litres: 50 } } } as Draft,
      ...more,
    ].map((d, i) => entry(String(i), i, d)),
  );
const warned = (yard: ReturnType<typeof yardOf>, draft: Draft, at: string) =>
  clearanceOf(yard, draft, at).warnings.map((w) => w.code);

describe("a trip that cannot be", () => {
  const driven = yardOf(vehicle(), trip({ odometerKm: 1000, km: 40 }));
  it("begins before the one before it was over", () => {
    expect(warned(driven, trip(), iso(30))).toEqual(["trip-overlaps"]);
    expect(warned(driven, trip(), iso(70))).toEqual([]);
    // One that is told of a day before is no overlap with what came after.
    expect(warned(driven, trip(), iso(-600))).toEqual([]);
  });
  it("runs the odometer backwards, or further than it was driven", () => {
    expect(warned(driven, trip({ odometerKm: 900 }), iso(500))).toEqual(["odometer-back"]);
    expect(warned(driven, trip({ odometerKm: 1400, km: 40 }), iso(500))).toEqual(["odometer-jumps"]);
    expect(warned(driven, trip({ odometerKm: 1042, km: 40 }), iso(500))).toEqual([]);
  });
  it("purges before there was anything to purge", () => {
    expect(warned(driven, trip({ minutes: { startOnDiesel: 9, onOil: 0, purge: 5 } }), iso(500))).toEqual([
      "purge-before-start",
    ]);
    const events = [
      { minute: 0, what: "heard" },
      { minute: 1, what: "start" },
    ];
    expect(warned(driven, trip({ events }), iso(500))).toEqual(["purge-before-start"]);
  });
});

describe("an engine that starts by itself", () => {
  const fill = (more: object = {}): Draft => ({
    kind: "fill",
    data: { vehicle: car, from: vid("can"), to: vid("t"), amount: { litres: 5 }, ...more },
  });
  const bought = (more: object = {}): Draft => ({
    kind: "purchase",
    data: { to: vid("t"), fluid: "diesel", amount: { litres: 5 }, ...more },
  });
  const refused = (yard: ReturnType<typeof yardOf>, draft: Draft) =>
    clearanceOf(yard, draft, iso(99)).refusals.map((r) => r.code);
  const standby = yardOf(vehicle({ isStationary: true, selfStarts: true }));
  it("is filled only once it is locked out, from a can and at a pump", () => {
    for (const way of [fill, bought]) {
      expect(refused(standby, way())).toEqual(["not-locked-out"]);
      expect(refused(standby, way({ lockedOut: true }))).toEqual([]);
    }
  });
  it("is the only one that is asked", () => expect(refused(yardOf(vehicle()), fill())).toEqual([]));
});
