import { describe, expect, it } from "vitest";
import { type Draft, project, type YardState } from "../ledger";
import { BatchId } from "../ledger/ids";
import { drum, entry, iso, recipe, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const ID = BatchId.parse("b");
const walked = (answer: "yes" | "no"): Draft => ({
  kind: "walk-down",
  data: { vessel: vid("pot"), checks: { vent: "yes", relief: answer } },
});
const start: readonly Draft[] = [
  { kind: "vessel", data: { ...drum("pot", "kettle"), material: "steel", isClosed: true } },
  { kind: "vessel", data: drum("ready", "ready") },
  { kind: "vessel", data: { ...drum("spirit", "chemical"), pack: { purity: 1, expiresAt: iso(500) } } },
  { kind: "vessel", data: { ...drum("acid", "chemical"), pack: { purity: 0.37 } } },
  { kind: "purchase", data: { to: vid("pot"), fluid: "canola", amount: { litres: 100 } } },
  { kind: "purchase", data: { to: vid("spirit"), fluid: "methanol", amount: { litres: 50 } } },
  { kind: "purchase", data: { to: vid("acid"), fluid: "sulfuric-acid", amount: { litres: 2 } } },
  { kind: "batch", data: { id: ID, name: "B", kettle: vid("pot"), is: "batch", recipe } },
];
const yardOf = (...more: Draft[]): YardState =>
  project([...start, ...more].map((d, i) => entry(String(i).padStart(3, "0"), i, d)));
const done = (...stages: ("dry" | "warm" | "methoxide" | "mix" | "settle" | "split" | "wash" | "polish")[]): Draft[] =>
  stages.map((stage) => ({ kind: "stage", data: { batch: ID, stage, did: "done" } }));
const charge = (from: "spirit" | "acid", stage: "acid" | "methoxide" = "methoxide", litres = 10): Draft => ({
  kind: "charge",
  data: { batch: ID, stage, into: vid("pot"), parts: [{ from: vid(from), amount: { litres } }] },
});
const codes = (yard: YardState, draft: Draft, minute = 100): string[] =>
  clearanceOf(yard, draft, iso(minute)).refusals.map((r) => r.code);
const warns = (yard: YardState, draft: Draft): string[] =>
  clearanceOf(yard, draft, iso(100)).warnings.map((w) => w.code);

describe("a kettle is asked before lye and methanol go in", () => {
  const warm = done("dry", "warm");
  it("whether it was looked over, and whether all was well", () => {
    expect(codes(yardOf(...warm), charge("spirit"))).toEqual(["kettle-not-walked"]);
    expect(codes(yardOf(...warm, walked("no")), charge("spirit"))).toEqual(["kettle-not-safe"]);
    expect(codes(yardOf(...warm, walked("yes")), charge("spirit"))).toEqual([]);
    const trial: Draft = { kind: "batch", data: { id: ID, name: "B", kettle: vid("pot"), is: "trial", recipe } };
    expect(codes(yardOf(trial, ...warm), charge("spirit"))).toEqual([]);
  });
  it("whether the pack is in date", () => {
    expect(codes(yardOf(...warm, walked("yes")), charge("spirit"), 900)).toEqual(["out-of-date"]);
  });
  it("whether the acid is acid: battery acid is refused", () => {
    expect(codes(yardOf(...warm, walked("yes")), charge("acid", "acid"))).toContain("battery-acid");
    const strong: Draft = { kind: "vessel", data: { ...drum("acid", "chemical"), pack: { purity: 0.96 } } };
    const both: Draft = {
      kind: "charge",
      data: {
        ...{ batch: ID, stage: "methoxide", into: vid("pot") },
        parts: [
          { from: vid("spirit"), amount: { litres: 5 } },
          { from: vid("acid"), amount: { kg: 0.1 } },
        ],
      },
    };
    expect(codes(yardOf(...warm, walked("yes"), strong), both)).toEqual([]);
    expect(codes(yardOf(...warm, walked("yes")), both)).toEqual(["battery-acid"]);
  });
  it("what it is made of, and whether it shuts", () => {
    const lye: Draft = {
      kind: "purchase",
      data: { to: vid("spirit"), fluid: "potassium-hydroxide", amount: { litres: 1 } },
    };
    const brass: Draft = { kind: "vessel", data: { ...drum("pot", "kettle"), material: "brass", isClosed: true } };
    expect(codes(yardOf(lye, ...warm, walked("yes"), brass), charge("spirit"))).toContain("caustic-eats-metal");
    const open: Draft = { kind: "vessel", data: { ...drum("pot", "kettle"), material: "steel" } };
    const reacts: Draft = {
      kind: "react",
      data: {
        vessel: vid("pot"),
        batch: ID,
        takes: [{ component: "methanol", kg: 1 }],
        gives: [{ component: "biodiesel", kg: 1 }],
      },
    };
    const charged = [...warm, walked("yes"), charge("spirit")];
    expect(codes(yardOf(...charged, open), reacts)).toContain("near-flash");
    expect(codes(yardOf(...charged), reacts)).toEqual([]);
  });
});

describe("a hot kettle", () => {
  it("takes no water: what its batch's thermometer said counts", () => {
    const read = (celsius: number): Draft => ({
      kind: "stage",
      data: { batch: ID, stage: "dry", did: "read", celsius },
    });
    const wash: Draft = {
      kind: "wash",
      data: { batch: ID, vessel: vid("pot"), how: "mist", waterLitres: 10, vinegarMl: 0 },
    };
    const dried = done("dry", "warm", "methoxide", "mix", "settle", "split");
    expect(codes(yardOf(...dried, read(98)), wash)).toEqual(["water-into-hot-oil"]);
    expect(codes(yardOf(...dried, read(98), read(40)), wash)).toEqual([]);
  });
});

describe("vinegar in an open barrel", () => {
  const barrel: Draft[] = [
    { kind: "vessel", data: { ...drum("barrel", "wash"), material: "polyethylene" } },
    { kind: "purchase", data: { to: vid("barrel"), fluid: "biodiesel", amount: { litres: 60 } } },
    { kind: "purchase", data: { to: vid("barrel"), fluid: "methanol", amount: { litres: 1 } } },
  ];
  const reacted = (takes: "acetic-acid" | "canola"): Draft => ({
    kind: "react",
    data: { vessel: vid("barrel"), takes: [{ component: takes, kg: 0.01 }], gives: [{ component: "soap", kg: 0.01 }] },
  });
  it("splits soap cold and is no heating; what is warmed there with methanol in it still is", () => {
    const yard = yardOf(...barrel, { kind: "weather", data: { shedCelsius: 15 } });
    expect(codes(yard, reacted("acetic-acid"))).toEqual([]);
    const acid: Draft = { kind: "purchase", data: { to: vid("barrel"), fluid: "acetic-acid", amount: { litres: 1 } } };
    expect(yardOf(...barrel, acid, reacted("acetic-acid")).faults).toEqual([]);
    expect(codes(yard, reacted("canola"))).toEqual(["near-flash"]);
  });
});

describe("stages follow each other", () => {
  it("refuses one before those that come before it, and lets a thermometer be read at any time", () => {
    const begin: Draft = { kind: "stage", data: { batch: ID, stage: "mix", did: "begin" } };
    expect(codes(yardOf(), begin)).toEqual(["stage-out-of-order"]);
    expect(codes(yardOf(...done("dry", "warm", "methoxide")), begin)).toEqual([]);
    expect(codes(yardOf(), { kind: "stage", data: { batch: ID, stage: "mix", did: "read", celsius: 50 } })).toEqual([]);
    const wash: Draft = {
      kind: "wash",
      data: { batch: ID, vessel: vid("pot"), how: "mist", waterLitres: 10, vinegarMl: 0 },
    };
    expect(codes(yardOf(), wash)).toContain("stage-out-of-order");
  });
  it("warns above methanol's boil, where foam has no room, and over one's own limit of methanol", () => {
    const read = (celsius: number): Draft => ({
      kind: "stage",
      data: { batch: ID, stage: "mix", did: "read", celsius },
    });
    expect(warns(yardOf(), read(68))).toEqual(["kettle-above-boil"]);
    expect(warns(yardOf(), read(60))).toEqual([]);
    const more: Draft = { kind: "purchase", data: { to: vid("pot"), fluid: "canola", amount: { litres: 80 } } };
    expect(warns(yardOf(more, walked("yes")), charge("spirit", "methoxide", 20))).toContain("kettle-foam-room");
    const buy: Draft = { kind: "purchase", data: { to: vid("spirit"), fluid: "methanol", amount: { litres: 20 } } };
    expect(warns(yardOf(), buy)).toEqual(["kettle-methanol-limit"]);
  });
});

describe("ester goes nowhere before it has passed", () => {
  const ester: Draft = {
    kind: "opening",
    data: { to: vid("pot"), fluid: "biodiesel", amount: { litres: 60 }, muck: {} },
  };
  const test = (test: "solubility" | "soap" | "water", value: number): Draft => ({
    kind: "fuel-test",
    data: { batch: ID, vessel: vid("pot"), test, value },
  });
  const pour: Draft = {
    kind: "move",
    data: { from: vid("pot"), to: vid("ready"), amount: { litres: 10 }, layer: "mixed" },
  };
  const passed = [test("solubility", 0.01), test("soap", 40), test("water", 300)];
  it("not tested, failed, passed", () => {
    expect(codes(yardOf(ester), pour)).toContain("ester-not-tested");
    expect(codes(yardOf(ester, test("solubility", 0.2)), pour)).toContain("ester-failed");
    expect(codes(yardOf(ester, ...passed.slice(0, 2)), pour)).toContain("ester-not-tested");
    expect(codes(yardOf(ester, ...passed), pour)).toEqual([]);
  });
  it("worked on once more, it is tested once more", () => {
    const wash: Draft = {
      kind: "wash",
      data: { batch: ID, vessel: vid("pot"), how: "stir", waterLitres: 5, vinegarMl: 0 },
    };
    expect(codes(yardOf(ester, ...passed, wash), pour)).toContain("ester-not-tested");
  });
});
