import { describe, expect, it } from "vitest";
import { type ComponentId, kgOf } from "../fluids";
import { accountBy, balance } from "./balance";
import type { Draft } from "./entry";
import { offerEntries, offerEntry } from "./guard";
import { BatchId, EntryId } from "./ids";
import { project } from "./project";
import { partsOf, type YardState } from "./state";
import { drum, entry, iso, recipe, vid } from "./testing";
import { buildTimeline } from "./timeline";

const ID = BatchId.parse("b");
const start: readonly Draft[] = [
  { kind: "vessel", data: drum("pot", "kettle") },
  { kind: "vessel", data: drum("tub", "glycerol") },
  { kind: "vessel", data: drum("spirit", "chemical") },
  { kind: "vessel", data: drum("lye", "chemical") },
  { kind: "purchase", data: { to: vid("pot"), fluid: "biodiesel", amount: { litres: 60 } } },
  { kind: "purchase", data: { to: vid("pot"), fluid: "glycerol", amount: { litres: 6 } } },
  { kind: "purchase", data: { to: vid("pot"), fluid: "methanol", amount: { litres: 4 } } },
  { kind: "purchase", data: { to: vid("spirit"), fluid: "methanol", amount: { litres: 40 }, purity: 0.9 } },
  { kind: "purchase", data: { to: vid("lye"), fluid: "potassium-hydroxide", amount: { litres: 2 } } },
  { kind: "batch", data: { id: ID, name: "B", kettle: vid("pot"), is: "batch", recipe } },
];
const entries = (...more: readonly Draft[]) =>
  [...start, ...more].map((d, i) => entry(String(i).padStart(3, "0"), i, d));
const yardOf = (...more: readonly Draft[]): YardState => project(entries(...more));
const offered = (...drafts: readonly Draft[]) =>
  offerEntries(
    buildTimeline(entries()),
    drafts.map((d, i) => entry(`n${i}`, 50 + i, d)),
    iso(999),
  );
const litresOf = (yard: YardState, id: string, component: ComponentId): number =>
  partsOf(yard.vessels.get(vid(id))?.contents ?? (undefined as never), yard.parts).reduce(
    (sum, p) => (p.component === component ? sum + p.litres : sum),
    0,
  );
const batchOf = (yard: YardState) => yard.batches.get(ID) ?? (undefined as never);

describe("methanol that is not pure", () => {
  it("is bought as methanol and water, by weight", () => {
    const yard = yardOf();
    const methanol = kgOf("methanol", litresOf(yard, "spirit", "methanol"));
    const water = kgOf("water", litresOf(yard, "spirit", "water"));
    expect(methanol / (methanol + water)).toBeCloseTo(0.9, 9);
    expect(litresOf(yard, "spirit", "methanol") + litresOf(yard, "spirit", "water")).toBeCloseTo(40, 9);
  });
});

describe("weighed in", () => {
  const charge = (kg: number): Draft => ({
    kind: "charge",
    data: {
      ...{ batch: ID, stage: "methoxide", into: vid("pot") },
      parts: [
        { from: vid("lye"), amount: { kg } },
        { from: vid("spirit"), amount: { litres: 10, celsius: 20 } },
      ],
    },
  });
  it("by the scales and by litres, and the batch keeps the sum", () => {
    const yard = yardOf(charge(0.5));
    expect(kgOf("potassium-hydroxide", litresOf(yard, "pot", "potassium-hydroxide"))).toBeCloseTo(0.5, 9);
    expect(batchOf(yard).charged["potassium-hydroxide"]).toBeCloseTo(0.5, 9);
    expect(balance(yardOf(charge(0.5), charge(0.25))).closes).toBe(true);
    expect(batchOf(yardOf(charge(0.5), charge(0.25))).charged["potassium-hydroxide"]).toBeCloseTo(0.75, 9);
  });
  it("is refused where the pack holds less", () => {
    expect(offered(charge(9))).toMatchObject({ error: { code: "overdrawn", vessel: "lye" } });
  });
});

describe("let out below", () => {
  const below = [
    { component: "glycerol" as const, share: 1 },
    { component: "methanol" as const, share: 0.5 },
  ];
  const split = (litres: number): Draft => ({
    kind: "split",
    data: {
      batch: ID,
      phase: "glycerol",
      from: vid("pot"),
      to: vid("tub"),
      amount: { litres },
      below,
      expectedLitres: 8,
    },
  });
  it("is of the layer by its shares; what is more is of what stands above", () => {
    const half = yardOf(split(4));
    expect(litresOf(half, "tub", "glycerol")).toBeCloseTo(3, 9);
    expect(litresOf(half, "tub", "methanol")).toBeCloseTo(1, 9);
    expect(litresOf(half, "tub", "biodiesel")).toBe(0);
    const more = yardOf(split(14));
    expect(litresOf(more, "tub", "glycerol")).toBeCloseTo(6, 9);
    // Six litres over: sixty of ester to two of methanol stand there.
    expect(litresOf(more, "tub", "biodiesel")).toBeCloseTo((6 * 60) / 62, 9);
    expect(batchOf(more).splits).toMatchObject([{ litres: 14, expectedLitres: 8 }]);
    expect(balance(more).closes).toBe(true);
  });
  it("is refused where there is not so much", () => {
    expect(offered(split(80))).toMatchObject({ error: { code: "overdrawn", vessel: "pot" } });
  });
});

describe("dried and boiled back", () => {
  it("drying loses what is said, and no more than is there", () => {
    const dry = (kg: number): Draft => ({
      kind: "dry",
      data: { vessel: vid("pot"), batch: ID, gone: [{ component: "methanol", kg }], kwh: 3, hours: 1 },
    });
    const yard = yardOf(dry(1));
    expect(accountBy(yard, "lost").byComponent.get("methanol")).toBeCloseTo(1 / kgOf("methanol", 1), 9);
    expect(batchOf(yardOf(dry(1), dry(1))).dried).toEqual({ kwh: 6, hours: 2, waterKg: 0 });
    expect(offered(dry(9))).toMatchObject({ error: { code: "overdrawn" } });
  });
  it("water that the hydrometer finds and the book has not is told in the open", () => {
    const recover: Draft = {
      kind: "recover",
      data: { from: vid("pot"), to: vid("spirit"), amount: { litres: 3 }, methanolShare: 0.8, kwh: 2, batch: ID },
    };
    const yard = yardOf(recover);
    expect(-(accountBy(yard, "unaccounted").byComponent.get("water") ?? 0)).toBeGreaterThan(0.4);
    expect(balance(yard).closes).toBe(true);
    expect(batchOf(yard).recovered.kwh).toBe(2);
    // More methanol than was in it cannot come over.
    const tooMuch: Draft = { ...recover, data: { ...recover.data, amount: { litres: 9 } } };
    expect(offered(tooMuch)).toMatchObject({ error: { code: "overdrawn" } });
  });
});

describe("titrations", () => {
  const titration = (more: object): Draft =>
    ({
      kind: "titration",
      data: {
        ...{ vessel: vid("pot"), base: "KOH", titrantGPerL: 1, titrantPurity: 1, oilMl: 1, tries: [2], blankMl: 0 },
        ...more,
      },
    }) as Draft;
  it("stay with the lot, and go when something is mixed in", () => {
    const titrated = yardOf(titration({}));
    expect(titrated.vessels.get(vid("pot"))?.quality.acid?.acidMolPerL).toBeCloseTo(2 / 56.106, 9);
    const mixed = yardOf(titration({}), {
      kind: "purchase",
      data: { to: vid("pot"), fluid: "canola", amount: { litres: 1 } },
    });
    expect(mixed.vessels.get(vid("pot"))?.quality.acid).toBeNull();
  });
  it("after an acid stage change what the batch reckons with", () => {
    expect(batchOf(yardOf(titration({ batch: ID, tries: [1.1, 1.1] }))).batch.recipe.demandMolPerL).toBeCloseTo(
      1.1 / 56.106,
      9,
    );
  });
  it("are refused where the blank took more, or nothing could take so much", () => {
    expect(offered(titration({ blankMl: 3 }))).toMatchObject({ error: { code: "invalid", path: "data.blankMl" } });
    expect(offered(titration({ tries: [400] }))).toMatchObject({ error: { code: "invalid", path: "data.tries" } });
    expect(offered(titration({ titrantPurity: 1.1 }))).toMatchObject({ error: { code: "invalid" } });
    expect(offered(titration({ tries: [1, 2, 3, 4, 5, 6] }))).toMatchObject({ error: { code: "invalid" } });
  });
});

describe("a batch in the book", () => {
  it("keeps what was done of it when its recipe is put right", () => {
    const yard = yardOf(
      { kind: "stage", data: { batch: ID, stage: "dry", did: "done", saw: "not", says: "foamed" } },
      {
        kind: "batch",
        data: { id: ID, name: "B again", kettle: vid("pot"), is: "batch", recipe: { ...recipe, doseGPerL: 9 } },
      },
    );
    expect(batchOf(yard).stages.dry).toMatchObject({ saw: "not", note: "foamed" });
    expect(batchOf(yard).batch).toMatchObject({ name: "B again", recipe: { doseGPerL: 9 } });
  });
  it("refuses what names one that nobody began, and one that is taken back from under its stages", () => {
    const stage: Draft = { kind: "stage", data: { batch: BatchId.parse("?"), stage: "dry", did: "done" } };
    expect(offered(stage)).toMatchObject({ error: { code: "unknown-batch", batch: "?" } });
    const t = buildTimeline(entries({ kind: "stage", data: { batch: ID, stage: "dry", did: "done" } }));
    const voided = entry("v", 90, { kind: "void", data: { entry: EntryId.parse("009"), reason: "wrong" } });
    expect(offerEntry(t, voided, iso(999))).toMatchObject({ error: { code: "unknown-batch" } });
  });
  it("remembers its photos by stage, its jar, and what helped against an emulsion", () => {
    const photo = (stage: "wash" | "jar"): Draft => ({
      kind: "photo",
      data: { of: { kind: "batch", id: ID, stage }, type: "image/png", base64: "aGVsbG8=" },
    });
    const yard = yardOf(
      photo("wash"),
      photo("jar"),
      { kind: "witness", data: { batch: ID, place: "Shelf", label: "9" } },
      { kind: "stage", data: { batch: ID, stage: "wash", did: "read", help: { tried: "warm", parted: true } } },
    );
    expect(batchOf(yard).photos.map((p) => p.stage)).toEqual(["wash", "jar"]);
    expect(batchOf(yard).jar).toEqual({ place: "Shelf", label: "9" });
    expect(batchOf(yard).helps).toMatchObject([{ tried: "warm", parted: true }]);
  });
  it("a kettle's walk-down stays with it, whatever is poured", () => {
    const walk: Draft = { kind: "walk-down", data: { vessel: vid("pot"), checks: { vent: "yes" } } };
    const yard = yardOf(walk, {
      kind: "move",
      data: { from: vid("pot"), to: vid("tub"), amount: { all: true }, layer: "mixed" },
    });
    expect(yard.vessels.get(vid("pot"))?.walkDown?.checks).toEqual({ vent: "yes" });
  });
});
