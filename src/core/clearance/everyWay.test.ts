import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import { usualRecipe } from "../kettle/recipe.testing";
import { BagId, BatchId, type Draft, project, VehicleId, type VesselRole } from "../ledger";
import { drum, entry, kitchen, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const NOW = "2026-01-06T08:00:00.000Z";
const BAG = BagId.parse("bag5");
const TRACTOR = VehicleId.parse("tractor");
const BATCH = BatchId.parse("batch");

/** One of each role, and in each something that some other must not get. */
const ROLES: Readonly<Record<string, VesselRole>> = {
  pail: "raw",
  drum: "settling",
  heel: "heel",
  feed: "feed",
  wet: "ready",
  black: "raw",
  creamy: "ready",
  pot: "kettle",
  washer: "wash",
  glycerol: "glycerol",
  lye: "chemical",
  acid: "chemical",
  spirit: "chemical",
  petrol: "thinner",
  diesel: "thinner",
  slops: "waste",
  ready: "ready",
  tank: "tank",
  can: "blend",
};
const stood = (to: string, fluid: string, more: object = {}): Draft =>
  ({ kind: "opening", data: { to: vid(to), fluid, amount: { litres: 60 }, muck: {}, ...more } }) as Draft;
const buy = (to: string, fluid: string): Draft =>
  ({ kind: "purchase", data: { to: vid(to), fluid, amount: { litres: 30 } } }) as Draft;
const drafts: Draft[] = [
  ...Object.entries(ROLES).map(([id, role]): Draft => ({ kind: "vessel", data: drum(id, role) })),
  { kind: "source", data: kitchen },
  { kind: "bag", data: { id: BAG, name: "5 µm", ratingUm: 5, areaM2: 0.25 } },
  {
    kind: "vehicle",
    data: {
      id: TRACTOR,
      name: "Tractor",
      kind: "single",
      tank: vid("tank"),
      burnLitresPerHour: 5,
      selfStarts: true,
      rig: rigFromShelf("plain"),
    },
  },
  { kind: "batch", data: { id: BATCH, name: "B", kettle: vid("pot"), is: "batch", recipe: usualRecipe } },
  ...["pail", "drum", "heel", "feed", "slops"].map((id) => stood(id, "canola")),
  ...["wet", "ready"].map((id) => stood(id, "canola", { filteredUm: 5 })),
  stood("creamy", "canola", { filteredUm: 5, muck: { "fryer-fat": 0.3 } }),
  stood("black", "motor-oil"),
  stood("washer", "biodiesel"),
  { kind: "stock-take", data: { vessel: vid("glycerol"), found: { litres: 30 }, gainOf: "glycerol" } },
  buy("lye", "sodium-hydroxide"),
  buy("acid", "sulfuric-acid"),
  buy("spirit", "methanol"),
  buy("petrol", "petrol"),
  buy("diesel", "diesel"),
  { kind: "water-test", data: { how: "hot-pan", vessel: vid("wet"), saw: "foams" } },
];
const yard = project(drafts.map((d, i) => entry(`e${String(i).padStart(2, "0")}`, i, d)));
const amount = { litres: 10 };

/** Every other way from A into B than to pour it. */
const WAYS: Readonly<Record<string, (from: string, to: string) => Draft>> = {
  "from the top": (from, to) => ({ kind: "move", data: { from: vid(from), to: vid(to), amount, layer: "top" } }),
  blend: (from, to) => ({ kind: "blend", data: { to: vid(to), parts: [{ from: vid(from), amount }] } }),
  fill: (from, to) => ({ kind: "fill", data: { vehicle: TRACTOR, from: vid(from), to: vid(to), amount } }),
  "through bags": (from, to) => ({
    kind: "filter-run",
    data: { from: vid(from), to: vid(to), bags: [BAG], amount, minutes: 9, lossLitres: 0.1 },
  }),
  spin: (from, to) => ({
    kind: "spin",
    data: { from: vid(from), to: vid(to), amount, pasteLitres: 0.1, cutUm: 5 },
  }),
  "draw off": (from, to) => ({
    kind: "draw-off",
    data: { from: vid(from), to: vid(to), amount, suctionMm: 60, suspendedShare: 0 },
  }),
  "clean out": (from, to) => ({ kind: "clean-out", data: { vessel: vid(from), to: vid(to), amount } }),
  charge: (from, to) => ({
    kind: "charge",
    data: { batch: BATCH, stage: "dry", into: vid(to), parts: [{ from: vid(from), amount }] },
  }),
  split: (from, to) => ({
    kind: "split",
    data: { batch: BATCH, phase: "glycerol", from: vid(from), to: vid(to), amount, below: [] },
  }),
};

/** What a way is for it may end: bags and bowls clean, a draw-off above the line has cleared. They say what they do not end. */
const CLEANING: Readonly<Record<string, ReadonlySet<string>>> = {
  "through bags": new Set([
    "raw-into-fuel",
    "slops-into-fuel",
    "unfiltered-into-tank",
    "engine-oil-into-tank",
    "engine-oil-before-petrol",
  ]),
  spin: new Set([
    "raw-into-fuel",
    "slops-into-fuel",
    "unfiltered-into-tank",
    "engine-oil-into-tank",
    "wet-into-fuel",
    "wet-into-dry",
    "doubtful-into-good",
  ]),
  "draw off": new Set(["raw-into-fuel", "slops-into-fuel", "doubtful-into-good", "creamy-into-vehicle"]),
  "from the top": new Set(["raw-into-fuel", "slops-into-fuel", "doubtful-into-good", "creamy-into-vehicle"]),
  // What comes out below is muck by name.
  "clean out": new Set(["doubtful-into-good", "engine-into-kitchen", "cold-in-tank"]),
  split: new Set(["doubtful-into-good", "engine-into-kitchen"]),
};

const said = (draft: Draft): string[] => {
  const { refusals, warnings } = clearanceOf(yard, draft, NOW);
  return [...refusals, ...warnings].map((r) => r.code);
};
const pour = (from: string, to: string): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount, layer: "mixed" },
});
const ids = Object.keys(ROLES);
const PAIRS = ids.flatMap((from) => ids.filter((to) => to !== from).map((to) => [from, to] as const));

/** By whatever code it is said that this is not fit for there: one way of being unfit hides behind another. */
const UNFIT = /-(into-fuel|into-tank|in-oil|into-vehicle)$/;

describe("whatever Pour refuses or cautions from one vessel into another", () => {
  it.each(Object.keys(WAYS))("%s does too", (name) => {
    const way = WAYS[name] as (from: string, to: string) => Draft;
    const gone: string[] = [];
    for (const [from, to] of PAIRS) {
      const other = said(way(from, to));
      const missing = said(pour(from, to)).filter(
        (code) =>
          !CLEANING[name]?.has(code) &&
          !other.includes(code) &&
          !(UNFIT.test(code) && other.some((o) => UNFIT.test(o))),
      );
      gone.push(...missing.map((code) => `${from} into ${to}: ${code}`));
    }
    expect(gone).toEqual([]);
  });

  it("slops, a heel and an uncleared drum are said on their way through the bags too, into Ready and into a tank", () => {
    const run = WAYS["through bags"] as (from: string, to: string) => Draft;
    for (const from of ["slops", "heel", "drum", "pail"]) {
      expect(said(run(from, "ready")), from).toContain("raw-through-bags");
      expect(said(run(from, "tank")), from).toEqual(
        expect.arrayContaining([from === "slops" || from === "heel" ? "slops-into-fuel" : "raw-into-fuel"]),
      );
    }
    expect(said(run("feed", "ready"))).not.toContain("raw-through-bags");
  });

  it("lye, acid, methanol and glycerol go into no tank, no Ready and no feed", () => {
    for (const [from, code] of [
      ["lye", "lye-in-oil"],
      ["acid", "acid-in-oil"],
      ["spirit", "methanol-in-oil"],
      ["glycerol", "glycerol-in-oil"],
    ] as const)
      for (const to of ["tank", "ready", "feed", "can", "drum", "diesel"])
        expect(said(pour(from, to)), `${from} into ${to}`).toContain(code);
    expect(said(pour("lye", "acid"))).toContain("lye-meets-acid");
    expect(said(pour("acid", "lye"))).toContain("lye-meets-acid");
  });
});
