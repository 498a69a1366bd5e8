import { describe, expect, it } from "vitest";
import { liquidOf } from "../../blending";
import { type Entry, project, type VesselState, type YardState } from "../../ledger";
import { partsOf } from "../../ledger/state";
import { drum, entry, iso, kitchen, pickup, vid } from "../../ledger/testing";
import { FallCourse, scaled, waitedFor } from "../../settling";
import { mixOf, thicknessOf } from "../vessel/mixture";
import { courseSince } from "./course";
import { GrainBook, type Grains } from "./grains";

const DAY = 1440;
const FILLED = 10;
const setup = (): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: drum("B") }),
  entry("03", 0, { kind: "source", data: { ...kitchen, dirt: "light-fryer" } }),
  entry("04", 0, { kind: "weather", data: { shedCelsius: 9 } }),
  entry("05", FILLED, pickup("A", 180)),
  entry("06", 6 * DAY, { kind: "weather", data: { shedCelsius: 14 } }),
];
const stateOf = (yard: YardState, id = "A"): VesselState => {
  const s = yard.vessels.get(vid(id));
  if (!s) throw new Error(`no ${id}`);
  return s;
};
const grains = (yard: YardState, minute: number, id = "A"): Grains => {
  const s = stateOf(yard, id);
  return new GrainBook(yard, iso(minute)).grainsOf(s);
};

/** What a stick would read of grains so many times as wide, some millimetres out. */
function clearMm(entries: Entry[], minute: number, size: number, offMm: number): number {
  const yard = project(entries);
  const s = stateOf(yard);
  const parts = partsOf(s.contents, yard.parts);
  const course = new FallCourse(
    liquidOf(mixOf(parts, thicknessOf(yard, s, parts), yard.fluids)),
    courseSince(yard, { ...s, since: iso(FILLED) }, iso(minute)),
    [],
  );
  const fines = waitedFor("light-fryer", 16).at(-1);
  if (!fines) throw new Error("no fines");
  const hours = (minute - FILLED) / 60;
  const surfaceMm = (180 / 218.04) * 850;
  return surfaceMm - course.fallMmAt(scaled(fines, size), hours, Infinity) + offMm;
}

const NOISE = [6, -5, 3, -7, 4, -2];
const MINUTES = [3, 5, 7, 9, 11, 13].map((d) => d * DAY);
const read = (size: number, count = NOISE.length): Entry[] => {
  const before = setup();
  return [
    ...before,
    ...MINUTES.slice(0, count).map((minute, i) =>
      entry(`2${i}`, minute, {
        kind: "dip",
        data: { vessel: vid("A"), clearMm: clearMm(before, minute, size, NOISE[i] ?? 0) },
      }),
    ),
  ];
};

describe("grain size, learnt from the yard's own readings", () => {
  it("is as assumed until something is read", () => {
    expect(grains(project(setup()), DAY)).toMatchObject({
      readings: 0,
      trust: "assumed",
      size: { value: 1, spread: null },
    });
  });
  it.each([0.75, 0.9, 1.1, 1.3])("is found within 5 % from noisy dips: %s", (size) => {
    const found = grains(project(read(size)), 14 * DAY);
    expect(Math.abs(found.size.value / size - 1)).toBeLessThan(0.05);
    expect(found).toMatchObject({ readings: 6, ofThis: 6 });
    expect(["fair", "good"]).toContain(found.trust);
  });
  it("grows surer with readings, never surer than their number allows", () => {
    const spread = (n: number): number => grains(project(read(1.1, n)), 14 * DAY).size.spread ?? 9;
    expect(spread(1)).toBeGreaterThan(spread(3));
    expect(spread(3)).toBeGreaterThan(spread(6));
    expect(spread(6)).toBeGreaterThanOrEqual((0.2 * 1.05) / Math.sqrt(7));
  });
  it("is remembered when the vessel is filled again with the same kitchen's oil", () => {
    const again = [...read(1.2), entry("30", 20 * DAY, pickup("A", 10))];
    const found = grains(project(again), 21 * DAY);
    expect(found.size.value).toBeCloseTo(1.2, 1);
    expect(found).toMatchObject({ readings: 6, ofThis: 0 });
  });
  it("is shared with another drum of the same source, now standing", () => {
    const two = [...read(1.2), entry("30", 2 * DAY, pickup("B", 90))];
    expect(grains(project(two), 14 * DAY, "B")).toMatchObject({ readings: 6, ofThis: 0 });
  });
  it("takes a jar as a reading, unless it is quite clear", () => {
    const jar = (step: number): Entry[] => [
      ...setup(),
      entry("20", 3 * DAY, { kind: "jar", data: { vessel: vid("A"), step, atMm: 50 } }),
    ];
    expect(grains(project(jar(3)), 4 * DAY).readings).toBe(1);
    expect(grains(project(jar(1)), 4 * DAY).readings).toBe(0);
  });
  it("leaves out what cannot be, and counts what only contradicts with a wider range", () => {
    const sound = read(1.1, 4);
    const impossible = [
      ...sound,
      entry("40", 12 * DAY, { kind: "dip", data: { vessel: vid("A"), clearMm: 200, oilMm: 990 } }),
    ];
    expect(grains(project(impossible), 14 * DAY)).toMatchObject({ readings: 4 });
    const contradicting = [...sound, entry("40", 10 * DAY, { kind: "dip", data: { vessel: vid("A"), clearMm: 640 } })];
    const wide = grains(project(contradicting), 14 * DAY);
    expect(wide.readings).toBe(5);
    expect(wide.size.spread ?? 0).toBeGreaterThan(grains(project(sound), 14 * DAY).size.spread ?? 9);
  });
  it("learns nothing from a drum that is clear down to its muck: that is long done", () => {
    const clear = [
      ...setup(),
      entry("20", 60 * DAY, { kind: "dip", data: { vessel: vid("A"), clearMm: 4 } }),
      entry("21", 60 * DAY + 1, { kind: "dip", data: { vessel: vid("A"), fatMm: 40, clearMm: 45 } }),
    ];
    expect(grains(project(clear), 61 * DAY)).toMatchObject({ readings: 0, size: { value: 1 } });
  });
  it("reads oil that stands warmer than the shed as warmer", () => {
    const warm = [...setup(), entry("20", 8 * DAY, { kind: "dip", data: { vessel: vid("A"), celsius: 19 } })];
    const yard = project(warm);
    const course = courseSince(yard, { ...stateOf(yard), since: iso(FILLED) }, iso(9 * DAY));
    expect(course.at(-1)?.[1]).toBeCloseTo(19, 6);
    expect(course[0]?.[1]).toBeCloseTo(14, 6);
  });
});
