import { describe, expect, it } from "vitest";
import { byComponent } from "../fluids";
import { balance } from "./balance";
import type { Draft, Entry } from "./entry";
import type { CupId } from "./ids";
import { project } from "./project";
import type { VesselState, YardState } from "./state";
import { partsOf } from "./state";
import { drum, entry, kitchen, move, pickup, vid } from "./testing";

const HOUR = 60;
const base = (): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: drum("B") }),
  entry("03", 0, { kind: "vessel", data: drum("C", "settler") }),
  entry("04", 0, { kind: "vessel", data: drum("W", "waste") }),
  entry("05", 0, { kind: "source", data: kitchen }),
  entry("06", 10, pickup("A", 150)),
];
const written = (...drafts: Draft[]): YardState =>
  project([...base(), ...drafts.map((d, i) => entry(`1${i}`, 20 + i * HOUR, d))]);
const state = (yard: YardState, id: string): VesselState => {
  const found = yard.vessels.get(vid(id));
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const litresOf = (yard: YardState, id: string): Record<string, number> =>
  Object.fromEntries(byComponent(partsOf(state(yard, id).contents, yard.parts)).map((c) => [c.component, c.litres]));
/** A lot as a kitchen gives it: with water and crumbs. */
const dirty = (to: string, litres: number): Draft => ({
  kind: "pickup",
  data: {
    source: kitchen.id,
    to: vid(to),
    fluid: "canola",
    amount: { litres },
    muck: { water: 0.01, sludge: 0.015 },
  },
});
const dip = (more: Partial<Extract<Draft, { kind: "dip" }>["data"]>): Draft => ({
  kind: "dip",
  data: { vessel: vid("A"), ...more },
});

describe("a dip", () => {
  it.each([
    ["above the rim", { oilMm: 900 }, ["above-rim"]],
    ["fat above the oil", { oilMm: 500, fatMm: 520 }, ["fat-above-oil"]],
    ["water above the fat", { fatMm: 40, waterMm: 60 }, ["water-above-fat"]],
    ["clear above the oil", { oilMm: 500, clearMm: 540 }, ["clear-above-oil"]],
    ["sound", { oilMm: 580, fatMm: 40, waterMm: 9, clearMm: 300 }, []],
    ["out by the stick's own width", { oilMm: 500, fatMm: 502 }, []],
  ] as const)("%s is kept with its doubts", (_, lines, doubts) => {
    const yard = written(dip(lines));
    expect(state(yard, "A").dips[0]?.doubts).toEqual(doubts);
    expect(yard.faults).toEqual([]);
  });
  it("before the vessel was filled is doubtful, and forgotten when it is", () => {
    const early = entry("0z", 5, dip({ fatMm: 40 }));
    const yard = project([...base().slice(0, 5), early]);
    expect(state(yard, "A").dips[0]?.doubts).toEqual(["nothing-there"]);
    expect(state(project([...base(), early]), "A").dips).toEqual([]);
  });
  it("outlives its standing: what was read is kept when the clock starts again", () => {
    const yard = written(dip({ clearMm: 300 }), { kind: "disturbed", data: { vessel: vid("A"), how: "carried" } });
    expect(state(yard, "A").dips).toEqual([]);
    expect(yard.standings).toHaveLength(1);
    expect(yard.standings[0]?.dips[0]?.clearMm).toBe(300);
  });
  it("no longer holds once the bottom is drained, but stays after a draw from above", () => {
    const drained = written(dip({ fatMm: 40 }), {
      kind: "move",
      data: { from: vid("A"), to: vid("W"), amount: { litres: 3 }, layer: "bottom" },
    });
    expect(state(drained, "A").dips).toEqual([]);
    const drawn = written(dip({ fatMm: 40 }), {
      kind: "draw-off",
      data: { from: vid("A"), to: vid("B"), amount: { litres: 60 }, suctionMm: 65, suspendedShare: 0 },
    });
    expect(state(drawn, "A").dips).toHaveLength(1);
    expect(state(drawn, "A").drawnAt).not.toBeNull();
    const pumped = written(dip({ fatMm: 40 }), move("A", "B", 60));
    expect(state(pumped, "A").dips).toHaveLength(1);
    expect(drawn.draws).toMatchObject([{ vessel: "A", came: null }]);
  });
  it("an entry that turns out to be a fault leaves no standing behind", () => {
    const yard = written(dip({ clearMm: 300 }), move("A", "nowhere", 150));
    expect(yard.faults).toHaveLength(1);
    expect(yard.standings).toEqual([]);
    expect(state(yard, "A").dips).toHaveLength(1);
  });
});

describe("a jar", () => {
  it("is kept with its height, and doubted above the rim", () => {
    const yard = written(
      { kind: "jar", data: { vessel: vid("A"), step: 3, atMm: 70 } },
      { kind: "jar", data: { vessel: vid("A"), step: 3, atMm: 990 } },
    );
    expect(state(yard, "A").jars.map((j) => j.doubts)).toEqual([[], ["above-rim"]]);
  });
});

describe("driven", () => {
  it("stirs all that is named, at once, and warm oil is remembered", () => {
    const yard = written(move("A", "B", 40), {
      kind: "disturbed",
      data: { vessel: vid("A"), how: "driven", also: [vid("B")], celsius: 45 },
    });
    expect(state(yard, "A").stirredAt).toBe(state(yard, "B").stirredAt);
    expect(state(yard, "B").warmCelsius).toBe(45);
  });
});

describe("water", () => {
  const pan = (saw: "quiet" | "crackles"): Draft => ({
    kind: "water-test",
    data: { how: "hot-pan", vessel: vid("A"), saw },
  });
  it("a pan says wet or dry, the scales say how much", () => {
    expect(state(written(pan("crackles")), "A").quality.water).toMatchObject({ wet: true, because: "test" });
    expect(state(written(pan("quiet")), "A").quality.water?.wet).toBe(false);
    const weighed = (dryG: number) =>
      state(written({ kind: "water-test", data: { how: "weigh", vessel: vid("A"), wetG: 200, dryG } }), "A").quality
        .water;
    expect(weighed(199.9)?.wet).toBe(false);
    expect(weighed(199.9)?.share).toBeCloseTo(0.0005, 9);
    expect(weighed(199)).toMatchObject({ wet: true });
  });
  it("goes where wet oil is poured, and a dry lot with an untested one is untested", () => {
    expect(state(written(pan("crackles"), move("A", "B", 40)), "B").quality.water).toMatchObject({
      wet: true,
      because: "poured",
    });
    expect(state(written(pan("quiet"), pickup("A", 5)), "A").quality.water).toBeNull();
    expect(state(written(pan("crackles"), pickup("A", 5)), "A").quality.water?.wet).toBe(true);
    expect(state(written(pan("crackles"), move("A", "B", 150)), "A").quality.water).toBeNull();
  });
});

describe("fining", () => {
  it("brings its water into the books, and leaves the oil wet until it is tested", () => {
    const yard = written({ kind: "fining", data: { vessel: vid("A"), waterLitres: 15, gelatineG: 600, celsius: 45 } });
    expect(state(yard, "A").quality.water).toMatchObject({ wet: true, because: "fining" });
    expect(state(yard, "A").warmCelsius).toBe(45);
    expect(litresOf(yard, "A").water).toBeGreaterThan(14);
    expect(balance(yard).closes).toBe(true);
    const tested = written(
      { kind: "fining", data: { vessel: vid("A"), waterLitres: 15, gelatineG: 600 } },
      { kind: "water-test", data: { how: "hot-pan", vessel: vid("A"), saw: "quiet" } },
    );
    expect(state(tested, "A").quality.water?.wet).toBe(false);
  });
  it("of nothing is a fault", () => {
    const yard = written({ kind: "fining", data: { vessel: vid("B"), waterLitres: 5, gelatineG: 200 } });
    expect(yard.faults).toMatchObject([{ code: "empty" }]);
  });
});

describe("a centrifuge", () => {
  it("keeps the muck in its bowl and marks what comes out", () => {
    const yard = written({
      kind: "spin",
      data: { from: vid("A"), to: vid("B"), amount: { litres: 100 }, pasteLitres: 3, cutUm: 5 },
    });
    expect(state(yard, "B").contents.total).toBeCloseTo(97, 6);
    expect(state(yard, "B").quality.filteredUm).toBe(5);
    expect(balance(yard).closes).toBe(true);
  });
  it("cannot keep more than went in", () => {
    const yard = written({
      kind: "spin",
      data: { from: vid("A"), to: vid("B"), amount: { litres: 1 }, pasteLitres: 3, cutUm: 5 },
    });
    expect(yard.faults).toMatchObject([{ code: "loss-above-litres" }]);
  });
});

describe("a displacement settler", () => {
  const feed = (litres: number): Draft => ({
    kind: "displace",
    data: { header: vid("A"), body: vid("C"), overflow: vid("B"), amount: { litres }, passingShare: 0 },
  });
  it("fills its body first, then runs over as much as it is fed, and stands on", () => {
    const filled = written(pickup("C", 210), feed(5));
    expect(state(filled, "B").contents.total).toBe(0);
    const over = written(pickup("C", 210), feed(30));
    const room = 218.04 - 210;
    expect(state(over, "B").contents.total).toBeCloseTo(30 - room, 1);
    expect(state(over, "C").stirredAt).toBe(state(filled, "C").stirredAt);
    expect(state(over, "C").fedLitres).toBeCloseTo(240, 6);
    expect(balance(over).closes).toBe(true);
  });
  it("counts from nought when it is cleaned out", () => {
    const yard = written(dirty("C", 210), {
      kind: "clean-out",
      data: { vessel: vid("C"), to: vid("W"), amount: { litres: 8 } },
    });
    expect(state(yard, "C")).toMatchObject({ fedLitres: 0 });
    expect(state(yard, "C").cleanedAt).not.toBeNull();
    expect(litresOf(yard, "W").sludge ?? 0).toBeGreaterThan(0);
  });
  it("does nothing where one of its vessels is not there", () => {
    const yard = written({
      kind: "displace",
      data: { header: vid("A"), body: vid("C"), overflow: vid("nowhere"), amount: { litres: 5 }, passingShare: 0 },
    });
    expect(yard.faults).toMatchObject([{ code: "unknown-vessel" }]);
    expect(state(yard, "A").contents.total).toBeCloseTo(150, 6);
  });
});

describe("a flow cup", () => {
  const tin: Draft = {
    kind: "cup",
    data: {
      id: "tin" as CupId,
      name: "Bean tin",
      readings: [
        { what: "diesel", nuMm2PerS: 4.7, seconds: 15 },
        { what: "canola", nuMm2PerS: 97, seconds: 200 },
      ],
    },
  };
  const time: Draft = { kind: "cup-test", data: { cup: "tin" as CupId, vessel: vid("A"), seconds: 180, celsius: 12 } };
  it("times a lot, and the time goes with it until it is mixed", () => {
    expect(state(written(tin, time), "A").quality.cupTime?.seconds).toBe(180);
    expect(state(written(tin, time, move("A", "B", 40)), "B").quality.cupTime?.seconds).toBe(180);
    expect(state(written(tin, time, pickup("A", 5)), "A").quality.cupTime).toBeNull();
  });
  it("that nobody has calibrated is a fault", () => {
    expect(written(time).faults).toMatchObject([{ code: "unknown-cup" }]);
  });
});
