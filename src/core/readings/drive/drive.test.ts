import { describe, expect, it } from "vitest";
import { minutesToResidual } from "../../driving";
import { atRest, type Plumbed, rigFromShelf, withLineLitres } from "../../driving/rig";
import { FLUIDS } from "../../fluids";
import { DEFAULT_SETTINGS, type Draft, type Entry, project, type VehicleState, type YardState } from "../../ledger";
import { asVehicleId } from "../../ledger/named";
import { UNKNOWN_QUALITY } from "../../ledger/quality";
import { drum, entry, iso, sid, vid } from "../../ledger/testing";
import { assumed, mixOf } from "../vessel/mixture";
import { type Clue, cluesOf } from "./evidence";
import { percentToday } from "./percentToday";
import { purgeAdvice } from "./purgeAdvice";
import { lookedAt, plumbedOf, type RiddenTank, vesselOfTank, warmingOf } from "./ridden";
import { stageOf } from "./stage";
import { suspectLots } from "./suspectFuel";
import { dieselShareOf, oilShareOf, tankTruths } from "./tankTruth";
import { upkeepOf } from "./upkeep";
import { vehicleCold } from "./vehicleCold";

const truck = asVehicleId("truck");
const rig = withLineLitres(rigFromShelf("three-position"), 0.3, 7.4 / 60);
const vehicle: Draft = {
  kind: "vehicle",
  data: {
    id: truck,
    name: "Truck",
    kind: "dual",
    dieselTank: vid("d"),
    oilTank: vid("o"),
    burnLitresPerHour: 7.4,
    rig,
  },
};
const source: Draft = {
  kind: "source",
  data: {
    id: sid("kitchen"),
    name: "Kitchen",
    fluid: "canola",
    dirt: "light-fryer",
    container: "drum",
    containerLitres: 200,
  } as never,
};
const trip = (more: object = {}): Draft => ({
  kind: "trip",
  data: {
    vehicle: truck,
    minutes: { startOnDiesel: 10, onOil: 40, purge: 5 },
    burned: [
      { from: vid("d"), litres: 1.5 },
      { from: vid("o"), litres: 4 },
    ],
    km: 40,
    ...more,
  },
});
const THINGS: Draft[] = [
  { kind: "vessel", data: drum("d", "tank") },
  { kind: "vessel", data: drum("o", "tank") },
  { kind: "vessel", data: drum("ready", "ready") },
  source,
  vehicle,
  { kind: "purchase", data: { to: vid("d"), fluid: "diesel", amount: { litres: 60 } } },
  {
    kind: "pickup",
    data: { source: sid("kitchen"), to: vid("ready"), fluid: "canola", amount: { litres: 120 }, muck: {} },
  },
  { kind: "fill", data: { vehicle: truck, from: vid("ready"), to: vid("o"), amount: { litres: 60 } } },
];
const yardOf = (...told: readonly (readonly [minute: number, draft: Draft])[]): YardState =>
  project([
    ...THINGS.map((d, i): Entry => entry(`0${i}`, i, d)),
    ...told.map(([minute, d], i): Entry => entry(`1${String(i).padStart(3, "0")}`, minute, d)),
  ]);
const stateIn = (yard: YardState): VehicleState => {
  const state = yard.vehicles.get(truck);
  if (!state) throw new Error("no truck");
  return state;
};
const tankOf = (component: "diesel" | "canola" | "fryer-fat", litres: number, capacityLitres = 80): RiddenTank =>
  ({
    components: [{ component, litres }],
    thickness: assumed(1.15),
    quality: UNKNOWN_QUALITY,
    litres,
    capacityLitres,
  }) as RiddenTank;
const tanks: Record<string, RiddenTank> = { d: tankOf("diesel", 30), o: tankOf("canola", 60) };
const asked = (state: VehicleState) => ({
  state,
  tank: (id: string) => tanks[id],
  settings: DEFAULT_SETTINGS,
  fluids: FLUIDS,
  outsideCelsius: 4,
  markShare: 0.1,
});

const atStart = (p: Plumbed) => {
  const m = atRest(p);
  return { ...m, setting: { ...m.setting, runs: true } };
};

describe("a trip in the book", () => {
  it("teaches how the coolant warms, and how long until a purge is heard", () => {
    const events = [
      { minute: 0, what: "start" as const },
      { minute: 4, what: "read" as const, coolantCelsius: 41, dropKPa: 12 },
      { minute: 12, what: "turn" as const, control: "switch", position: "oil" },
      { minute: 50, what: "turn" as const, control: "switch", position: "purge" },
      { minute: 50.6, what: "heard" as const },
      { minute: 52, what: "stop" as const },
    ];
    const state = stateIn(yardOf([60, trip({ events, outsideCelsius: 4 })]));
    expect(state.warmUps).toEqual([{ ambientCelsius: 4, startCelsius: 4, minutes: 4, coolantCelsius: 41 }]);
    expect(state.purges).toHaveLength(1);
    expect(state.purges[0]?.minutes).toBeCloseTo(0.6, 9);
    expect(state.lastDropKPa).toBe(12);
    expect(warmingOf(state, 4).tau).toMatchObject({ readings: 1 });
    expect(warmingOf(state, 4).engine.tauMinutes).toBeCloseTo(-4 / Math.log(1 - 37 / 130), 2);
  });
  it("makes the line mix as three purges listened to say, unless its owner has", () => {
    const heard = (minutes: number): Draft =>
      trip({
        events: [
          { minute: 0, what: "start" },
          { minute: 10, what: "turn", control: "switch", position: "oil" },
          { minute: 50, what: "turn", control: "switch", position: "purge" },
          { minute: 50 + minutes, what: "heard" },
        ],
      });
    const usual = plumbedOf(stateIn(yardOf()), (id) => tanks[id]).line;
    if (!usual) throw new Error("no line");
    const minutes = minutesToResidual({ ...usual, tanksInSeries: 6 }, 0.02);
    const told = [60, 130, 200].map((at): readonly [number, Draft] => [at, heard(minutes)]);
    expect(plumbedOf(stateIn(yardOf(...told.slice(0, 2))), (id) => tanks[id]).line?.tanksInSeries).toBe(3);
    expect(plumbedOf(stateIn(yardOf(...told)), (id) => tanks[id]).line?.tanksInSeries).toBe(6);
  });
  it("counts hours, kilometres and the odometer, and keeps what it burned", () => {
    const state = stateIn(yardOf([60, trip({ odometerKm: 120_000 })], [120, trip()]));
    expect(state.hours).toBeCloseTo((2 * 55) / 60, 9);
    expect(state.odometerKm).toBe(120_040);
    expect(state.past).toHaveLength(2);
    expect(state.past[0]?.shares.vegetable).toBeCloseTo(4 / 5.5, 6);
    expect(state.oilSince).toEqual({ at: iso(60), km: 0, hours: 0 });
  });
  it("moves and spills what it says, and the litres are all there", () => {
    const yard = yardOf([
      60,
      trip({ moved: [{ from: vid("o"), to: vid("d"), litres: 2 }], spilled: [{ from: vid("o"), litres: 1 }] }),
    ]);
    expect(yard.faults).toEqual([]);
    expect(yard.vessels.get(vid("d"))?.contents.total).toBeCloseTo(60 - 1.5 + 2, 9);
    expect(yard.vessels.get(vid("o"))?.contents.total).toBeCloseTo(60 - 4 - 1 - 2, 9);
  });
});

describe("about to be driven", () => {
  const state = stateIn(yardOf());
  it("knows which tank of the yard is which of the loop, and how far the gate is", () => {
    expect(vesselOfTank(state.vehicle, "oil")).toBe("o");
    expect(vesselOfTank(state.vehicle, "diesel")).toBe("d");
    const plumbed = plumbedOf(state, (id) => tanks[id]);
    expect(plumbed.tanks).toEqual({
      diesel: { litres: 30, capacityLitres: 80 },
      oil: { litres: 60, capacityLitres: 80 },
    });
  });
  it("oil must be hot and thin enough: the further gate counts", () => {
    const plumbed = plumbedOf(state, (id) => tanks[id]);
    const run = { plumbed, events: [{ minute: 0, what: "start" as const }] };
    const seen = lookedAt(asked(state) as never, run.plumbed, atStart(plumbed), run.events, 0);
    expect(seen.isHeated).toBe(true);
    expect(seen.thinFromCelsius ?? 0).toBeGreaterThan(70);
    expect(seen.minutesToGate ?? 0).toBeGreaterThan(5);
    expect(seen.oilCelsius).toBeCloseTo(4, 6);
  });
  it("says of each tank how much of the other's fuel it holds", () => {
    const plumbed = plumbedOf(state, (id) => tanks[id]);
    const truths = tankTruths(state.vehicle, atStart(plumbed), (id) => tanks[id]);
    expect(truths.diesel).toMatchObject({ litres: 30, oilShare: 0, dieselShare: 1 });
    expect(truths.oil).toMatchObject({ oilShare: 1, dieselShare: 0, main: "canola" });
    expect(oilShareOf([])).toBe(0);
    expect(
      dieselShareOf([
        { component: "water", litres: 1 },
        { component: "diesel", litres: 3 },
      ]),
    ).toBe(0.75);
  });
  it("is a stage for rehearsals, with plain oil where its tank is empty", () => {
    const stage = stageOf(state, { tank: () => undefined, settings: DEFAULT_SETTINGS, fluids: FLUIDS });
    expect(stage.nuAt(1, 70)).toBeGreaterThan(stage.nuAt(0.5, 70));
    expect(stage.nuAt(0, 70)).toBeLessThan(3);
    expect(stage.gateCelsius).toBe(70);
  });
});

describe("upkeep", () => {
  it("is not asked of what never burned oil", () => expect(upkeepOf(stateIn(yardOf()), iso(60))).toEqual([]));
  it("brings the first filters early, and counts from the last change", () => {
    const long = trip({ km: 520 });
    const before = upkeepOf(stateIn(yardOf([60, trip()], [120, long])), iso(200)).find((d) => d.what === "filter");
    expect(before).toMatchObject({ isEarly: true, by: "km" });
    expect(before?.share).toBeCloseTo(560 / 500, 9);
    const changed: Draft = { kind: "service", data: { vehicle: truck, what: "filter", sparesAboard: 2 } };
    const state = stateIn(
      yardOf(
        [60, trip()],
        [120, long],
        [130, changed],
        [140, { ...changed, data: { vehicle: truck, what: "filter" } }],
      ),
    );
    expect(state.sparesAboard).toBe(1);
    const after = upkeepOf(state, iso(200)).find((d) => d.what === "filter");
    expect(after).toMatchObject({ isEarly: false, interval: { km: 10_000 } });
    expect(after?.share).toBeLessThan(0.01);
  });
  it("is due by the drop a gauge read, until the filter is changed", () => {
    const read = trip({
      events: [
        { minute: 0, what: "start" },
        { minute: 9, what: "read", dropKPa: 40 },
      ],
    });
    expect(upkeepOf(stateIn(yardOf([60, read])), iso(99)).find((d) => d.what === "filter")).toMatchObject({
      by: "drop",
    });
  });
  it("water let out leaves the tank by its bottom", () => {
    const drained: Draft = {
      kind: "service",
      data: { vehicle: truck, what: "water", drained: { from: vid("d"), litres: 0.5 } },
    };
    expect(yardOf([60, drained]).vessels.get(vid("d"))?.contents.total).toBeCloseTo(59.5, 9);
  });
});

describe("what the book knows of a trouble", () => {
  const cold = (state: VehicleState) =>
    vehicleCold(state, { tank: (id) => tanks[id], settings: DEFAULT_SETTINGS, fluids: FLUIDS });
  const clues = (state: VehicleState, parts: RiddenTank["components"] = tanks.d?.components ?? []): Clue[] =>
    cluesOf({
      state,
      cold: cold(state),
      tanks: [{ vessel: { id: vid("d") }, components: parts, pours: 1, isWet: false, changedAt: null }],
      now: iso(200),
      limitMm2PerS: 15,
    });
  it("is oil in the diesel, a line that was not purged, a filter that is old", () => {
    const state = { ...stateIn(yardOf([60, trip({ km: 480 })])), residualOilShare: 0.4 };
    const found = clues(state, [
      { component: "diesel", litres: 20 },
      { component: "canola", litres: 5 },
    ] as never);
    expect(found.map((c) => c.code)).toEqual(
      expect.arrayContaining(["oil-in-diesel", "left-in-line", "filter-age", "early-filter"]),
    );
    for (const [i, c] of found.entries()) expect(c.weight).toBeLessThanOrEqual(found[i - 1]?.weight ?? 99);
  });
  it("traces a lot to its source and to every other vessel that got of it", () => {
    const lots = suspectLots(yardOf(), vid("o"));
    expect(lots).toHaveLength(1);
    expect(lots[0]).toMatchObject({ source: "Kitchen", share: 1 });
    expect(lots[0]?.elsewhere).toEqual([{ vessel: "ready", name: "ready", litres: expect.closeTo(60, 9) }]);
    expect(suspectLots(yardOf(), vid("nowhere"))).toEqual([]);
  });
});

describe("before a stop", () => {
  const state = stateIn(yardOf());
  const plumbed = plumbedOf(state, (id) => tanks[id]);
  const mix = (t: RiddenTank | undefined) => (t ? mixOf(t.components, t.thickness, FLUIDS) : []);
  const advice = (minutesStood: number, airCelsius: number) =>
    purgeAdvice({
      plumbed,
      oil: mix(tanks.o),
      diesel: mix(tanks.d),
      hotCelsius: 80,
      airCelsius,
      minutesStood,
      limitMm2PerS: 15,
    });
  it("a minute's stop needs none, a night in the frost all the more the colder it is", () => {
    expect(advice(1, 10)?.skip).toBe(true);
    const [mild, frost] = [advice(720, 8), advice(720, -3)];
    expect(mild?.skip).toBe(false);
    expect(frost?.minutes ?? 0).toBeGreaterThan(mild?.minutes ?? 0);
    expect(frost?.markShare ?? 1).toBeLessThan(mild?.markShare ?? 0);
  });
  it("costs the less astray the later the return is turned", () => {
    const timing = advice(720, 0)?.timing ?? [];
    for (const [i, t] of timing.entries()) {
      expect(t.litres).toBeLessThanOrEqual(timing[i - 1]?.litres ?? 99);
      expect(t.perSecond).toBeLessThanOrEqual(timing[i - 1]?.perSecond ?? 99);
    }
  });
  it("has nothing to say where there is no line or an empty tank", () => {
    expect(
      purgeAdvice({
        plumbed: { ...plumbed, line: null },
        oil: mix(tanks.o),
        diesel: mix(tanks.d),
        hotCelsius: 80,
        airCelsius: 0,
        minutesStood: 9,
        limitMm2PerS: 15,
      }),
    ).toBeNull();
    expect(
      purgeAdvice({
        plumbed,
        oil: [],
        diesel: mix(tanks.d),
        hotCelsius: 80,
        airCelsius: 0,
        minutesStood: 9,
        limitMm2PerS: 15,
      }),
    ).toBeNull();
  });
});

describe("straight into the main tank", () => {
  const single = { ...stateIn(yardOf()).vehicle, kind: "single", tank: vid("t") } as never;
  const today = (tonightLowCelsius: number, litres = 10) =>
    percentToday({
      vehicle: single,
      tank: tankOf("diesel", litres),
      oil: tankOf("canola", 100, 200),
      settings: { ...DEFAULT_SETTINGS, tonightLowCelsius },
      fluids: FLUIDS,
      priced: { prices: {}, ownFluids: [], settings: DEFAULT_SETTINGS },
    });
  it("may be more oil the milder the night, and fills the tank either way", () => {
    const [mild, cold] = [today(15), today(0)];
    if (mild === null || mild === "full" || cold === null || cold === "full") throw new Error("no answer");
    expect(mild.oilShare).toBeGreaterThan(cold.oilShare);
    for (const t of [mild, cold]) expect(t.oilLitres + t.pumpLitres).toBeCloseTo(70, 6);
    expect(mild.saved).toBeCloseTo(mild.oilLitres * DEFAULT_SETTINGS.fuelPricePerLitre, 9);
  });
  it("is nothing where it is full", () => expect(today(5, 80)).toBe("full"));
});
