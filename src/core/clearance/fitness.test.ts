import { describe, expect, it } from "vitest";
import { BagId, type Draft, project, type VesselRole } from "../ledger";
import { drum, entry, kitchen, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const NOW = "2026-03-01T08:00:00.000Z";

const stood = (to: string, fluid: "canola" | "motor-oil" | "diesel", more: object = {}): Draft => ({
  kind: "opening",
  data: { to: vid(to), fluid, amount: { litres: 60 }, muck: {}, ...more },
});
const made = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const bag5 = { id: BagId.parse("bag5"), name: "5 µm", ratingUm: 5, areaM2: 0.25 };
const ROLES = {
  pail: "raw",
  drum: "settling",
  heel: "heel",
  feed: "feed",
  slops: "waste",
  ready: "ready",
  wetReady: "ready",
  can: "thinner",
  black: "raw",
  fine: "blend",
  tank: "tank",
  empty: "ready",
} as const;
const drafts: Draft[] = [
  { kind: "source", data: kitchen },
  { kind: "bag", data: bag5 },
  ...Object.entries(ROLES).map(([id, role]) => made(id, role)),
  ...["pail", "drum", "heel", "feed", "slops"].map((id) => stood(id, "canola")),
  ...["ready", "wetReady"].map((id) => stood(id, "canola", { filteredUm: 5 })),
  stood("can", "diesel"),
  stood("black", "motor-oil"),
  stood("fine", "motor-oil", { filteredUm: 5 }),
  { kind: "water-test", data: { how: "hot-pan", vessel: vid("wetReady"), saw: "foams" } },
];
const yard = project(drafts.map((d, i) => entry(`e${String(i).padStart(2, "0")}`, i, d)));
const refused = (draft: Draft): string[] => clearanceOf(yard, draft, NOW).refusals.map((r) => r.code);
const amount = { litres: 10 };
const pour = (from: string, to: string, layer: "mixed" | "top" = "mixed"): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount, layer },
});
const draw = (from: string, to: string, suspendedShare = 0): Draft => ({
  kind: "draw-off",
  data: { from: vid(from), to: vid(to), amount, suctionMm: 60, suspendedShare },
});
const run = (from: string, to: string): Draft => ({
  kind: "filter-run",
  data: { from: vid(from), to: vid(to), bags: [bag5.id], amount, minutes: 9, lossLitres: 0.1 },
});

describe("what is put where it is burned from, or taken for ready", () => {
  it.each([
    ["slops into a tank", pour("slops", "tank"), ["slops-into-fuel"]],
    ["a heel into Ready", pour("heel", "empty"), ["slops-into-fuel"]],
    ["a raw pail into a tank", pour("pail", "tank"), ["raw-into-fuel"]],
    ["a drum tipped whole into Ready", pour("drum", "empty"), ["raw-into-fuel"]],
    ["wet oil into a tank", pour("wetReady", "tank"), ["wet-into-fuel"]],
    ["wet oil through the bags into Ready", run("wetReady", "empty"), ["wet-into-fuel"]],
    ["a drum drawn before it cleared", draw("drum", "empty", 0.4), ["not-cleared-into-fuel"]],
    ["clear oil that has seen no bag", draw("drum", "tank"), ["unfiltered-into-tank"]],
    ["what waits for the bags", pour("feed", "tank"), ["unfiltered-into-tank"]],
    ["engine oil as it came", pour("black", "tank"), ["engine-oil-into-tank"]],
    ["a pickup straight into the vehicle", pickupInto("tank"), ["raw-into-fuel"]],
  ] as [string, Draft, string[]][])("%s is refused", (_, draft, codes) => expect(refused(draft)).toEqual(codes));

  it.each([
    ["ready oil into a tank", pour("ready", "tank")],
    ["diesel into a tank", pour("can", "tank")],
    ["a cleared drum's top into Ready", draw("drum", "empty")],
    ["a raw pail through the bags", run("pail", "empty")],
    ["a raw pail into a drum", pour("pail", "drum")],
    ["slops to the kettle's drum", pour("slops", "heel")],
    ["engine oil that went through a fine bag", pour("fine", "tank")],
    ["what stood in the tank at the start", stood("tank", "canola")],
    ["a pickup into a pail", pickupInto("pail")],
  ] as [string, Draft][])("%s is not", (_, draft) => expect(refused(draft)).toEqual([]));
});

function pickupInto(to: string, more: object = {}): Draft {
  return { kind: "pickup", data: { source: kitchen.id, to: vid(to), fluid: "canola", amount, muck: {}, ...more } };
}

describe("oil that goes through a filter at its source, straight into fuel", () => {
  const [cloth, sieve] = [BagId.parse("cloth"), BagId.parse("sieve")];
  const along: Draft[] = [
    { kind: "bag", data: { id: cloth, name: "Cloth", areaM2: 0.05 } },
    { kind: "bag", data: { id: sieve, name: "400 µm", ratingUm: 400, areaM2: 0.05 } },
  ];
  const there = project([...drafts, ...along].map((d, i) => entry(`e${String(i).padStart(2, "0")}`, i, d)));
  const asked = (draft: Draft) => clearanceOf(there, draft, NOW);
  const codes = (draft: Draft) => asked(draft).refusals.map((r) => r.code);
  it.each(["tank", "empty"])("is asked for water, not refused as raw: into %s", (to) => {
    const through = [bag5.id];
    expect(codes(pickupInto(to, { through }))).toEqual(["water-not-tested"]);
    expect(codes(pickupInto(to, { through, pan: "foams" }))).toEqual(["wet-into-fuel"]);
    expect(codes(pickupInto(to, { through, pan: "quiet" }))).toEqual([]);
    expect(codes(pickupInto("pail", { through }))).toEqual([]);
  });
  it("is raw still through a cloth or a strainer", () => {
    for (const through of [[], [cloth], [sieve], [cloth, sieve]])
      expect(codes(pickupInto("tank", { through, pan: "quiet" }))).toEqual(["raw-into-fuel"]);
    expect(codes(pickupInto("tank", { through: [sieve, bag5.id], pan: "quiet" }))).toEqual([]);
  });
  it("is told that it has not stood, unless it has", () => {
    const rested = (stoodThereDays?: number) =>
      asked(pickupInto("tank", { through: [bag5.id], pan: "quiet", ...(stoodThereDays && { stoodThereDays }) }))
        .warnings.map((w) => w.code)
        .includes("not-stood-there");
    expect([rested(), rested(0.5), rested(14)]).toEqual([true, true, false]);
  });
  it("leaves the tank as it was found: filtered, and wet where the pan foamed all the same", () => {
    const wet = { ...pickupInto("tank", { through: [bag5.id], pan: "foams" }), despite: ["wet-into-fuel"] } as Draft;
    const after = project(
      [...drafts, ...along, wet].map((d, i) => entry(`e${String(i).padStart(2, "0")}`, i, d)),
    ).vessels.get(vid("tank"));
    expect(after?.quality).toMatchObject({ filteredUm: 5, unclearedShare: 0, water: { wet: true } });
  });
});

describe("petrol that meets other fuel", () => {
  const petrol = (to: string, litres: number): Draft => ({
    kind: "purchase",
    data: { to: vid(to), fluid: "petrol", amount: { litres } },
  });
  const warned = (draft: Draft) => clearanceOf(yard, draft, NOW).warnings.find((w) => w.code === "petrol-in-blend");
  it("says at once how it then burns and that it flashes like petrol", () => {
    expect(warned(petrol("ready", 15))).toMatchObject({ vessel: "ready", petrolShare: 0.2 });
    const found = warned(petrol("can", 60));
    expect(found).toMatchObject({ leastCetane: 40 });
    expect(found?.code === "petrol-in-blend" && found.cetane).toBeLessThan(40);
    expect(found?.code === "petrol-in-blend" && found.flashCelsius).toBeLessThan(0);
  });
  it("has nothing to say of a can of its own", () => expect(warned(petrol("empty", 20))).toBeUndefined());
});
