import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import { type Draft, type Entry, offerEntry, partsOf, project, RecipeId, VehicleId, type VesselRole } from ".";
import { isAlike, ranOnToo, type Shares, sharesOfLitres } from "./ranOn";
import { drum, entry, iso, vid } from "./testing";
import { buildTimeline } from "./timeline";

const HOUR = 60;
const vessel = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const buy = (to: string, fluid: "canola" | "diesel" | "petrol" | "kerosene", litres: number, paid?: number): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres }, ...(paid !== undefined && { paid }) },
});
const drain = (litres: number): Draft => ({
  kind: "move",
  data: { from: vid("can"), to: vid("slops"), amount: { litres }, layer: "bottom" },
});
const van = VehicleId.parse("van");
const trip = (litres: number): Draft => ({
  kind: "trip",
  data: { vehicle: van, minutes: { startOnDiesel: 0, onOil: 9, purge: 0 }, burned: [{ from: vid("tank"), litres }] },
});
type Told = readonly [minute: number, draft: Draft];
const THINGS: Told[] = [
  [0, vessel("tank", "tank")],
  [0, vessel("can", "blend")],
  [0, vessel("slops", "waste")],
  [
    0,
    {
      kind: "vehicle",
      data: {
        id: van,
        name: "Van",
        kind: "single",
        tank: vid("tank"),
        burnLitresPerHour: 5,
        rig: rigFromShelf("plain"),
      },
    },
  ],
];
const entriesOf = (told: readonly Told[]): Entry[] =>
  [...THINGS, ...told].map(([at, d], i) => entry(String(i).padStart(3, "0"), at, d));
const yardOf = (told: readonly Told[]) => project(entriesOf(told));

describe("what falls out of a petrol blend", () => {
  const mixed: Told[] = [
    [1, buy("can", "petrol", 6)],
    [10, buy("can", "canola", 14)],
  ];
  it("is kept by batch, drain upon drain, with how long it had stood", () => {
    const yard = yardOf([...mixed, [10 + 24 * HOUR, drain(0.5)], [10 + 48 * HOUR, drain(0.2)]]);
    expect(yard.gumBatches).toEqual([{ vessel: "can", since: iso(10), litres: 20, drainedLitres: 0.7, hours: 48 }]);
  });
  it("begins a batch anew when it is mixed anew, and none without petrol", () => {
    const again: Told[] = [...mixed, [10 + 24 * HOUR, drain(0.5)], [3000, buy("can", "canola", 2)], [6000, drain(0.3)]];
    expect(yardOf(again).gumBatches.map((b) => b.drainedLitres.toFixed(3))).toEqual(["0.500", "0.300"]);
    expect(
      yardOf([
        [1, buy("can", "diesel", 9)],
        [2, buy("can", "canola", 9)],
        [3000, drain(1)],
      ]).gumBatches,
    ).toEqual([]);
  });
  it("is not kept of a drain that the book refuses", () => {
    const yard = yardOf([...mixed, [10 + 24 * HOUR, drain(99)]]);
    expect(yard.faults).toMatchObject([{ code: "overdrawn" }]);
    expect(yard.gumBatches).toEqual([]);
  });
});

describe("a tank between two drives", () => {
  const litresOf = (told: readonly Told[]): number[] =>
    (yardOf(told).vessels.get(vid("tank"))?.pours ?? []).map((c) => Math.round(c.total * 10) / 10);
  const poured: Told[] = [
    [1, buy("tank", "diesel", 20)],
    [2, buy("tank", "canola", 10)],
    [3, buy("tank", "kerosene", 10)],
  ];
  it("remembers what stood there and each pour since; driving mixes it", () => {
    expect(litresOf(poured.slice(0, 1))).toEqual([]);
    expect(litresOf(poured)).toEqual([20, 10, 10]);
    const driven: Told[] = [...poured, [9, trip(8)]];
    expect(litresOf(driven)).toEqual([]);
    expect(litresOf([...driven, [10, buy("tank", "canola", 8)]])).toEqual([32, 8]);
  });
  it("holds by hand, mixed, burned and topped up, the shares of all that was poured", () => {
    const yard = yardOf([...poured, [9, trip(8)], [10, buy("tank", "canola", 8)]]);
    const tank = yard.vessels.get(vid("tank"));
    const of = (id: string): number =>
      partsOf(tank?.contents ?? ({} as never), yard.parts).reduce(
        (sum, p) => (p.component === id ? sum + p.litres : sum),
        0,
      );
    // 40 L, a fifth burned: 16 + 8 + 8; then 8 L of canola on top.
    expect([of("diesel"), of("canola"), of("kerosene")].map((l) => Math.round(l * 1e6) / 1e6)).toEqual([16, 16, 8]);
  });
  it("lies mixed once it was stirred, and a can always does", () => {
    const stirred: Draft = { kind: "disturbed", data: { vessel: vid("tank"), how: "stirred" } };
    expect(litresOf([...poured, [9, stirred]])).toEqual([]);
    const can = yardOf([
      [1, buy("can", "diesel", 5)],
      [2, buy("can", "canola", 5)],
    ]).vessels.get(vid("can"));
    expect(can?.pours).toEqual([]);
  });
});

describe("a recipe", () => {
  const data = {
    id: RecipeId.parse("half"),
    name: "Half",
    season: "winter" as const,
    parts: [
      { fluid: "canola" as const, share: 0.5 },
      { fluid: "kerosene" as const, share: 0.5 },
    ],
  };
  const offer = (draft: Draft) => offerEntry(buildTimeline(entriesOf([])), entry("zz", 5, draft), iso(9));
  it("whose shares do not add up is refused, and says by how much", () => {
    const short = {
      ...data,
      parts: [
        { fluid: "canola" as const, share: 0.5 },
        { fluid: "diesel" as const, share: 0.3 },
      ],
    };
    expect(offer({ kind: "recipe", data: short })).toMatchObject({
      ok: false,
      error: { code: "invalid", why: "said", reason: "the shares come to 80.0 %: 20.0 % are missing" },
    });
    expect(offer({ kind: "recipe", data }).ok).toBe(true);
  });
  it("is known to a trial by its id only, and a jar is asked how it came out", () => {
    const trial = { recipe: data.id, rung: "litre" as const, verdict: "good" as const };
    expect(offer({ kind: "trial", data: trial })).toMatchObject({ ok: false, error: { code: "unknown-recipe" } });
    expect(offer({ kind: "trial", data: { ...trial, rung: "jar" } })).toMatchObject({
      ok: false,
      error: { code: "invalid", reason: "how did the jar come out?" },
    });
  });
  it("gets the jars of lots that are made by it, and of no others", () => {
    const jar: Draft = { kind: "cold-jar", data: { vessel: vid("can"), celsius: -3, hours: 14, saw: "cloudy" } };
    const told = (canola: number): Told[] => [
      [1, { kind: "recipe", data }],
      [2, buy("can", "canola", canola)],
      [3, buy("can", "kerosene", 10)],
      [4, jar],
    ];
    const jars = (canola: number) => yardOf(told(canola)).recipes.get(data.id)?.coldJars;
    expect(jars(10.5)).toEqual([{ at: iso(4), celsius: -3, hours: 14, saw: "cloudy" }]);
    expect(jars(16)).toEqual([]);
  });
  it("keeps its trials and jars when it is changed", () => {
    const told: Told[] = [
      [1, { kind: "recipe", data }],
      [2, { kind: "trial", data: { recipe: data.id, rung: "litre", verdict: "doubtful" } }],
      [3, { kind: "recipe", data: { ...data, name: "Half and half" } }],
    ];
    expect(yardOf(told).recipes.get(data.id)).toMatchObject({
      at: iso(1),
      recipe: { name: "Half and half" },
      trials: [{ verdict: "doubtful" }],
    });
  });
});

describe("what an engine ran on", () => {
  it("is one vegetable oil as another, bought fuels each by itself", () => {
    const shares = sharesOfLitres([
      { fluid: "canola", litres: 4 },
      { fluid: "soybean", litres: 2 },
      { fluid: "diesel", litres: 2 },
    ]);
    expect(shares).toEqual({ vegetable: 0.75, diesel: 0.25 });
    expect(
      yardOf([
        [1, buy("tank", "canola", 6)],
        [2, buy("tank", "diesel", 6)],
        [3, trip(4)],
        [4, trip(2)],
      ]),
    ).toMatchObject({
      faults: [],
    });
    const [known] =
      yardOf([
        [1, buy("tank", "canola", 6)],
        [2, buy("tank", "diesel", 6)],
        [3, trip(4)],
        [4, trip(2)],
      ]).vehicles.get(van)?.ranOn ?? [];
    expect(known?.litres).toBeCloseTo(6, 9);
    expect(known?.shares).toEqual({ vegetable: 0.5, diesel: 0.5 });
  });
  it("is alike within a twentieth of every part, both ways round", () => {
    const mix = fc
      .record({ canola: fc.nat(100), diesel: fc.nat(100), petrol: fc.nat(100) })
      .filter((m) => m.canola + m.diesel + m.petrol > 0)
      .map((m) => sharesOfLitres(Object.entries(m).map(([fluid, litres]) => ({ fluid: fluid as "canola", litres }))));
    fc.assert(
      fc.property(mix, mix, (a: Shares, b: Shares) => {
        expect(isAlike(a, b)).toBe(isAlike(b, a));
        expect(isAlike(a, a)).toBe(true);
      }),
    );
    expect(isAlike({ vegetable: 0.5, diesel: 0.5 }, { vegetable: 0.56, diesel: 0.44 })).toBe(false);
  });
  it("forgets nothing of a mix that comes again, and at most the oldest of many", () => {
    const yard = yardOf([[1, buy("tank", "diesel", 9)]]);
    const contents = yard.vessels.get(vid("tank"))?.contents;
    if (!contents) throw new Error("no tank");
    const once = ranOnToo([], contents, yard.parts);
    expect(ranOnToo(once, contents, yard.parts)).toEqual([{ shares: { diesel: 1 }, litres: 18 }]);
  });
});

describe("a price", () => {
  it("is what was said or paid last, and diesel's is what a usable litre saves", () => {
    const yard = yardOf([
      [
        1,
        {
          kind: "price",
          data: { what: "kerosene", pricePerLitre: 1.2, steps: [{ fromLitres: 200, pricePerLitre: 1 }] },
        },
      ],
      [2, buy("can", "kerosene", 10, 11)],
      [3, { kind: "price", data: { what: "diesel", pricePerLitre: 1.83 } }],
    ]);
    expect(yard.prices.get("kerosene")).toEqual({
      at: iso(2),
      pricePerLitre: 1.1,
      steps: [{ fromLitres: 200, pricePerLitre: 1 }],
    });
    expect(yard.settings.fuelPricePerLitre).toBe(1.83);
    const marked = yardOf([[1, { kind: "settings", data: { fuelPricePerLitre: 1.7 } }]]);
    expect(marked.prices.get("diesel")).toEqual({ at: iso(1), pricePerLitre: 1.7, steps: [] });
  });
});
