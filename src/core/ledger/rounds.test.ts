import { describe, expect, it } from "vitest";
import { type Draft, type PlaceId, project, type RoundId, readEntry, type YardState } from ".";
import { drum, entry, iso, kitchen, sid, vid } from "./testing";

const HOUR = 60;
const round = (id: string): RoundId => id as RoundId;
const other = { ...kitchen, id: sid("inn"), name: "Lighthouse inn" };
const trailer = { id: "trailer" as PlaceId, name: "Trailer", kind: "trailer" as const, payloadKg: 300 };

type Pickup = Extract<Draft, { kind: "pickup" }>["data"];
const took = (litres: number, more: Partial<Pickup> = {}): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid("A"), fluid: "canola", amount: { litres }, muck: {}, ...more },
});
const setOff = (id: string, by: PlaceId | null = null): Draft => ({
  kind: "round",
  data: { id: round(id), by, stops: [kitchen, other].map((s) => ({ source: s.id, litres: 20 })) },
});

const base: Draft[] = [
  { kind: "vessel", data: drum("A", "raw") },
  { kind: "vessel", data: drum("B", "feed") },
  { kind: "vessel", data: drum("C", "ready") },
  { kind: "source", data: kitchen },
  { kind: "source", data: other },
  { kind: "place", data: trailer },
];
/** Each draft at its minute. */
const yardOf = (...happened: [minute: number, draft: Draft][]): YardState =>
  project(
    [...base.map((d): [number, Draft] => [0, d]), ...happened].map(([minute, d], i) =>
      entry(String(i).padStart(3, "0"), minute, d),
    ),
  );
const visitsTo = (yard: YardState, id = kitchen.id) => yard.sources.get(id)?.visits ?? [];

describe("calls at a source", () => {
  it("are one visit when containers follow one another, and two when a day lies between", () => {
    const yard = yardOf(
      [10, took(20, { leftLitres: 9 })],
      [25, took(15, { leftLitres: 2, look: "creamy", muck: { water: 0.1, sludge: 0.1 } })],
      [30 * HOUR, took(30)],
    );
    expect(visitsTo(yard)).toMatchObject([
      { outcome: "taken", litres: 35, muckLitres: 3, leftLitres: 2, look: "creamy", entries: ["006", "007"] },
      { outcome: "taken", litres: 30, leftLitres: 0, look: null },
    ]);
    expect(yard.sources.get(kitchen.id)).toMatchObject({ pickups: 3, litres: 65, lastLitres: 30 });
  });
  it("are kept, the latest of them, for as long as a rate needs", () => {
    const weekly = Array.from({ length: 200 }, (_, week): [number, Draft] => [week * 7 * 24 * HOUR + 10, took(1)]);
    const yard = yardOf(...weekly);
    expect(visitsTo(yard).length).toBeGreaterThanOrEqual(36);
    expect(visitsTo(yard).length).toBeLessThanOrEqual(60);
    expect(visitsTo(yard).at(-1)?.at).toBe(iso(199 * 7 * 24 * HOUR + 10));
    expect(yard.sources.get(kitchen.id)?.pickups).toBe(200);
  });
  it("keep a refusal with its reason and its look, and move nothing", () => {
    const check = { look: "wet", smell: "sour", fried: "meat", bottomWater: "much" } as const;
    const refused: Draft = {
      kind: "visit",
      data: { source: kitchen.id, outcome: "refused", check, reason: "wet and sour" },
    };
    const yard = yardOf([10, took(20)], [20, refused]);
    expect(visitsTo(yard)[1]).toMatchObject({ outcome: "refused", litres: 0, look: "wet", reason: "wet and sour" });
    expect(yard.sources.get(kitchen.id)).toMatchObject({ pickups: 1, lastAt: iso(10) });
  });
  it("count what was paid, and what they paid", () => {
    const yard = yardOf([10, took(20, { paid: 3 })], [20, took(20, { paid: -1.25 })]);
    expect(yard.sources.get(kitchen.id)?.paid).toBeCloseTo(1.75, 12);
  });
});

describe("a round", () => {
  const driven: [number, Draft][] = [
    [10, setOff("r")],
    [20, took(30, { round: round("r") })],
    [40, took(10, { round: round("r"), source: other.id })],
  ];
  const end = (more = {}): Draft => ({ kind: "round-end", data: { round: round("r"), km: 24, minutes: 90, ...more } });

  it("knows whom it has called at, until it is over", () => {
    const open = yardOf(...driven);
    expect([...(open.rounds.get(round("r"))?.called ?? [])]).toEqual([
      ["kitchen", 30],
      ["inn", 10],
    ]);
    expect(open.rounds.get(round("r"))?.endedAt).toBeNull();
    expect(yardOf(...driven, [90, end()]).rounds.get(round("r"))).toMatchObject({ endedAt: iso(90), km: 24 });
  });
  it("shares its kilometres by litres; a stop that gave nothing bears none", () => {
    const yard = yardOf(...driven, [90, end()]);
    expect(yard.sources.get(kitchen.id)?.roundKm).toBeCloseTo(18, 12);
    expect(yard.sources.get(other.id)?.roundKm).toBeCloseTo(6, 12);
    const empty = yardOf(
      [10, setOff("r")],
      [20, { kind: "visit", data: { source: kitchen.id, outcome: "closed", reason: "", round: round("r") } }],
      [90, end()],
    );
    expect(empty.sources.get(kitchen.id)?.roundKm).toBe(0);
    expect(empty.faults).toEqual([]);
  });
  it("leaves a traveller where it ended, and brings it home again", () => {
    const spot = { kind: "map", eastKm: 4, northKm: -2 } as const;
    const placed: [number, Draft] = [5, { kind: "source", data: { ...other, spot } }];
    const byTrailer: [number, Draft][] = [placed, [10, setOff("r", trailer.id)]];
    const away = yardOf(...byTrailer, [90, end({ standsAt: { source: other.id } })]);
    expect(away.places.get(trailer.id)).toEqual({ ...trailer, spot });
    const home = yardOf(
      ...byTrailer,
      [90, end({ standsAt: { source: other.id } })],
      [100, setOff("s", trailer.id)],
      [120, { kind: "round-end", data: { round: round("s"), standsAt: "home" } }],
    );
    expect(home.places.get(trailer.id)).toEqual(trailer);
  });
  it.each([
    ["a pickup on a round that never was", [10, took(5, { round: round("x") })], "unknown-round"],
    ["a round by a van that is not there", [10, setOff("x", "van" as PlaceId)], "unknown-place"],
    [
      "a visit to nobody",
      [10, { kind: "visit", data: { source: sid("nobody"), outcome: "closed", reason: "" } }],
      "unknown-source",
    ],
    ["a vessel aboard nothing", [10, { kind: "vessel", data: { ...drum("D"), place: "van" } }], "unknown-place"],
    [
      "a photo of nobody",
      [10, { kind: "photo", data: { of: { kind: "source", id: "nobody" }, type: "image/jpeg", base64: "AAAA" } }],
      "unknown-source",
    ],
  ] as [string, [number, Draft], string][])("%s is a fault that moves nothing", (_, happened, code) => {
    const yard = yardOf(happened);
    expect(yard.faults.map((f) => f.code)).toEqual([code]);
    expect(yard.vessels.get(vid("A"))?.contents.total).toBe(0);
  });
  it("takes nothing once it is over", () => {
    const yard = yardOf(...driven, [90, end()], [95, took(5, { round: round("r") })]);
    expect(yard.faults).toMatchObject([{ code: "round-over", round: "r" }]);
    expect(yard.vessels.get(vid("A"))?.contents.total).toBe(40);
  });
  it("does not call twice at one stop, nor at none", () => {
    const stops = [kitchen, kitchen].map((s) => ({ source: s.id, litres: 20 }));
    const offer = (data: unknown) => readEntry({ ...entry("x", 0, setOff("r")), data });
    expect(offer({ id: "r", by: null, stops })).toMatchObject({ error: { reason: "a stop twice" } });
    expect(offer({ id: "r", by: null, stops: [] }).ok).toBe(false);
    expect(offer({ id: "r", by: null, stops: stops.slice(0, 1) }).ok).toBe(true);
  });
});

describe("the bag that oil has been through", () => {
  const bag = (id: string, ratingUm: number, price?: number): Draft => ({
    kind: "bag",
    data: { id: id as never, name: id, ratingUm, areaM2: 0.25, ...(price && { price }) },
  });
  const run = (from: string, to: string, litres: number, ...bags: string[]): Draft => ({
    kind: "filter-run",
    data: { from: vid(from), to: vid(to), bags: bags as never[], amount: { litres }, minutes: 20, lossLitres: 0.5 },
  });
  const move = (from: string, to: string, litres: number): Draft => ({
    kind: "move",
    data: { from: vid(from), to: vid(to), amount: { litres }, layer: "mixed" },
  });
  const um = (yard: YardState, id: string) => yard.vessels.get(vid(id))?.quality.filteredUm;

  it("is the finest in line, stays with the oil, and is lost when raw oil is poured in", () => {
    const filtered: [number, Draft][] = [
      [1, bag("coarse", 200)],
      [1, bag("fine", 5)],
      [10, took(60)],
      [20, run("A", "B", 20, "coarse")],
      [30, run("A", "C", 20, "coarse", "fine")],
    ];
    expect([um(yardOf(...filtered), "A"), um(yardOf(...filtered), "B"), um(yardOf(...filtered), "C")]).toEqual([
      null,
      200,
      5,
    ]);
    expect(um(yardOf(...filtered, [40, move("B", "C", 5)]), "C")).toBe(200);
    expect(um(yardOf(...filtered, [40, move("A", "C", 5)]), "C")).toBeNull();
    const diesel: Draft = { kind: "purchase", data: { to: vid("C"), fluid: "diesel", amount: { litres: 5 } } };
    expect(um(yardOf(...filtered, [40, diesel]), "C")).toBe(5);
  });
  it("is paid for by the sources whose muck came with the oil", () => {
    const yard = yardOf(
      [1, bag("fine", 5, 10)],
      [10, took(50, { muck: { sludge: 0.01 } })],
      [20, took(50, { source: other.id, muck: { "fryer-fat": 0.3 } })],
      [30, run("A", "B", 40, "fine")],
      [40, { kind: "bag-service", data: { bag: "fine" as never, what: "changed" } }],
      [50, run("A", "B", 40, "fine")],
      [60, { kind: "bag-service", data: { bag: "fine" as never, what: "washed" } }],
    );
    const [clean, fatty] = [kitchen.id, other.id].map((id) => yard.sources.get(id));
    expect((clean?.bagsChanged ?? 0) + (fatty?.bagsChanged ?? 0)).toBeCloseTo(1, 12);
    expect((clean?.bagsWashed ?? 0) + (fatty?.bagsWashed ?? 0)).toBeCloseTo(1, 12);
    expect(fatty?.bagsChanged).toBeCloseTo(30 / 31, 6);
    expect(fatty?.bagMoney).toBeCloseTo(300 / 31, 5);
  });
});
