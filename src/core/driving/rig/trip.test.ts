import { describe, expect, it } from "vitest";
import {
  atRest,
  booked,
  fillsOf,
  foresee,
  isHeated,
  minutesBy,
  minutesToFuel,
  oilAtPump,
  pipesOf,
  plumbed,
  proofOf,
  type Rig,
  remembered,
  replay,
  rigCelsius,
  rigFaults,
  rigFromShelf,
  running,
  type ShelfId,
  type TripEvent,
  thermostatSays,
  withLineLitres,
} from ".";

const BURN = 0.12;
const tanks = { diesel: { litres: 30, capacityLitres: 50 }, oil: { litres: 40, capacityLitres: 76 } };
const ready = (id: ShelfId, leftOilShare = 0, rig: Rig = rigFromShelf(id)) =>
  plumbed({ rig, burnLitresPerMinute: BURN, tanks, leftOilShare, tanksInSeries: null });
const told = { startOnDiesel: 10, onOil: 45, purge: 8 };

describe("a trip", () => {
  it.each(["loop", "oil-tank", "three-position", "three-hand", "following"] as const)(
    "told afterwards burns by the clock, whatever it is rigged as: %s",
    (id) => {
      const p = ready(id);
      const events = remembered(p, told);
      const by = minutesBy(p, events);
      expect(by.startOnDiesel).toBeCloseTo(10, 9);
      expect(by.onOil).toBeCloseTo(45, 9);
      expect(by.purge).toBeCloseTo(8, 9);
      const { last } = replay(p, events);
      const t = booked(p, atRest(p), last);
      expect(t.burned.reduce((sum, b) => sum + b.litres, 0)).toBeCloseTo(63 * BURN, 1);
      expect(t.leftOilShare).toBeLessThan(0.06);
      expect(t.spilled).toEqual([]);
    },
  );
  it("by a loop puts no diesel into the oil tank; to the oil tank, all of the purge that is not burned", () => {
    const moved = (id: ShelfId) =>
      booked(ready(id), atRest(ready(id)), replay(ready(id), remembered(ready(id), told)).last).moved;
    expect(moved("loop")).toEqual([]);
    const [pushed] = moved("three-position");
    expect(pushed).toMatchObject({ from: "diesel", to: "oil" });
    expect(pushed?.litres).toBeGreaterThan(8 * (1.4 - BURN) - 0.2);
  });
  it("with one switch for both sends the line's oil into the diesel tank at once", () => {
    const p = ready("following");
    const { moved } = booked(p, atRest(p), replay(p, remembered(p, told)).last);
    const astray = moved.find((m) => m.to === "diesel")?.litres ?? 0;
    expect(astray).toBeGreaterThan(0.5 * (p.line?.lineLitres ?? 0));
    expect(astray).toBeLessThan(2.5 * (p.line?.lineLitres ?? 0));
  });
  it("follows a thermostat: at its trip, its reset and its cut-out", () => {
    const t = { tripCelsius: 72, resetCelsius: 60, cutOutCelsius: 95 };
    expect([71, 72, 95].map((c) => thermostatSays(t, false, c))).toEqual([false, true, false]);
    expect([61, 60, 95].map((c) => thermostatSays(t, true, c))).toEqual([true, false, false]);
    const p = ready("thermostat");
    const events: TripEvent[] = [
      { minute: 0, what: "start" },
      { minute: 0, what: "turn", control: "fuel", position: "auto" },
      { minute: 9, what: "thermostat", hot: true },
      { minute: 30, what: "thermostat", hot: false },
    ];
    const { moments } = replay(p, events);
    expect(moments.map((m) => m.mode)).toEqual(["diesel", "diesel", "oil", "diesel"]);
    expect(oilAtPump(moments[3] ?? atRest(p))).toBeGreaterThan(0.95);
    expect(minutesBy(p, [...events, { minute: 40, what: "stop" }]).onOil).toBeCloseTo(21, 9);
  });
  it("books no litre out of a tank that has none, whatever was left in its line", () => {
    const empty = { ...tanks, oil: { litres: 0, capacityLitres: 76 } };
    const p = plumbed({
      rig: rigFromShelf("oil-tank"),
      burnLitresPerMinute: BURN,
      tanks: empty,
      leftOilShare: 0.5,
      tanksInSeries: null,
    });
    const t = booked(p, atRest(p), replay(p, remembered(p, { startOnDiesel: 20, onOil: 0, purge: 0 })).last);
    expect(t.moved).toEqual([]);
    expect(t.burned.map((b) => b.tank)).toEqual(["diesel"]);
  });
  it("begins with what the last stop left in the line", () => {
    expect(oilAtPump(atRest(ready("loop", 0.3)))).toBeCloseTo(0.3, 9);
    expect(oilAtPump(atRest(ready("plain")))).toBe(1);
  });
  it("says what is in which pipe, and what a turn would do before it is made", () => {
    const p = ready("oil-tank");
    const events: TripEvent[] = [
      { minute: 0, what: "start" },
      { minute: 10, what: "turn", control: "return-switch", position: "oil" },
      { minute: 10, what: "turn", control: "supply-switch", position: "oil" },
    ];
    const { last } = replay(p, [...events, { minute: 30, what: "heard" }]);
    const later = replay(p, [...events, { minute: 30, what: "stop" }]).last;
    expect(last.run.minute).toBe(10);
    const pipes = pipesOf(p, { ...later, setting: { ...later.setting, runs: true } });
    expect(pipes.filter?.oil).toBeGreaterThan(0.95);
    expect(pipes["diesel.out to supply.a"]).toMatchObject({ oil: 0, litresPerMinute: 0 });
    expect(pipes["return.b to oil.back"]?.litresPerMinute).toBeCloseTo(1.4 - BURN, 9);
    const wrong = foresee(p, later, { control: "return-switch", position: "diesel" });
    expect(wrong.runsOver).toBeNull();
    expect(wrong.drawsAir).toBeNull();
    expect(wrong.mode).toBe("wrong");
    expect(wrong.oilIntoDieselThen).toBeCloseTo(1.4 - BURN, 9);
    expect(wrong.oilIntoDieselNow).toBeGreaterThan(0.95 * (1.4 - BURN));
    expect(foresee(p, later, { control: "supply-switch", position: "diesel" })).toMatchObject({
      mode: "purge",
      oilIntoDieselNow: 0,
      dieselIntoOil: expect.closeTo(1.4 - BURN, 9),
    });
  });
});

describe("levels are known before a valve is turned", () => {
  const filled = (diesel: number, oil: number) => {
    const p = ready("oil-tank");
    const tanks = Object.fromEntries(
      Object.keys(p.tanks).map((id) => [id, { litres: id === "diesel" ? diesel : oil, capacityLitres: 60 }]),
    );
    return { ...p, tanks };
  };
  /** On oil, with the return still going home: what a turn of the return does to a tank that is nearly full. */
  const onOil = (p: ReturnType<typeof filled>) =>
    replay(p, [
      { minute: 0, what: "start" },
      { minute: 1, what: "turn", control: "return-switch", position: "oil" },
    ]).last;
  it("a full tank runs over, and when; the same as the run ahead says", () => {
    const p = filled(40, 59);
    const moment = onOil(p);
    const turn = { control: "return-switch", position: "oil" };
    const { runsOver } = foresee(p, moment, turn);
    expect(runsOver?.tank).toBe("oil");
    const before = fillsOf(moment.run).oil?.litres ?? 0;
    expect(runsOver?.inMinutes).toBeCloseTo((60 - before) / (1.4 - BURN), 6);
    const ahead = replay(p, [
      { minute: 0, what: "start" },
      { minute: 1, what: "turn", control: "return-switch", position: "oil" },
      { minute: 11, what: "stop" },
    ]).last;
    expect(fillsOf(ahead.run).oil?.litres).toBeCloseTo(60, 6);
    expect(foresee(filled(40, 20), onOil(filled(40, 20)), turn).runsOver).toBeNull();
  });
  it("a tank that is nearly dry gives air", () => {
    const p = filled(1, 20);
    const foreseen = foresee(p, onOil(p), { control: "return-switch", position: "oil" });
    expect(foreseen.drawsAir).toMatchObject({ tank: "diesel" });
    expect(foreseen.drawsAir?.inMinutes).toBeLessThan(1);
  });
});

describe("heat on the way", () => {
  const warmth = { tankCelsius: { diesel: 5, oil: 5 }, coolantCelsius: 88, isHeaterOn: true, rho15KgPerL: 0.92 };
  const engine = { ambientCelsius: 5, startCelsius: 5, riseK: 130, thermostatCelsius: 88, tauMinutes: 12 };
  it("brings a loop nearer to the coolant than one pass does, and never past it", () => {
    const at = (id: ShelfId, on: Record<string, string>) =>
      rigCelsius(rigFromShelf(id), running(on), BURN, warmth).atPump ?? 0;
    const loop = at("loop", { "supply-switch": "oil", "return-switch": "loop" });
    const pass = at("oil-tank", { "supply-switch": "oil", "return-switch": "oil" });
    expect(loop).toBeGreaterThan(pass);
    expect(loop).toBeLessThan(88);
    expect(pass).toBeGreaterThan(70);
  });
  it("is there after as many minutes as it says", () => {
    const rig = rigFromShelf("oil-tank");
    const on = running({ "supply-switch": "oil", "return-switch": "oil" });
    const { coolantCelsius: _, ...cold } = warmth;
    const minutes = minutesToFuel(rig, on, BURN, cold, engine, 70) ?? Number.NaN;
    const coolant = 5 + 130 * (1 - Math.exp(-minutes / 12));
    expect(rigCelsius(rig, on, BURN, { ...warmth, coolantCelsius: coolant }).atPump).toBeCloseTo(70, 6);
    expect(minutesToFuel(rig, on, BURN, cold, engine, 87)).toBeNull();
    expect(minutesToFuel(rig, on, BURN, cold, engine, 4)).toBe(0);
  });
  it("of an electric heater is the more the less flows, and none without one", () => {
    expect(isHeated(rigFromShelf("plain"))).toBe(false);
    const heated = rigCelsius(rigFromShelf("plain-heated"), running({}), BURN, warmth).atPump ?? 0;
    expect(heated - 5).toBeCloseTo(300 / ((1.4 / 60) * 0.92 * 2000), 6);
  });
});

describe("the proof", () => {
  const findings = (id: ShelfId, rig: Rig = rigFromShelf(id)) => proofOf(rig, BURN).findings.map((f) => f.code);
  it("finds that two solenoids rest on diesel, and that a selector's motor does not", () => {
    expect(findings("three-position")).not.toContain("rests-on-oil");
    expect(findings("selector")).toContain("rests-on-oil");
    expect(findings("selector")).toContain("no-purge");
    expect(findings("plain")).toEqual([]);
  });
  it("finds the valve that was plumbed the wrong way round, before it is fitted", () => {
    const sound = rigFromShelf("three-position");
    for (const id of ["supply", "return"]) {
      const parts = sound.parts.map((p) => (p.id === id ? { ...p, isReversed: true } : p)) as Rig["parts"];
      const { findings } = proofOf({ ...sound, parts }, BURN);
      expect(findings.filter((f) => f.code === "reversed")).toEqual([{ code: "reversed", part: id }]);
    }
  });
  it("says what one stuck valve does while all else is right", () => {
    const { findings, rows } = proofOf(rigFromShelf("three-position"), BURN);
    const stuck = findings.filter((f) => f.code === "stuck-fouls");
    expect(stuck).toContainEqual({ code: "stuck-fouls", part: "return", turned: false, at: { switch: "oil" } });
    expect(rows).toHaveLength(2 * 3 * 5);
  });
});

describe("a list of parts", () => {
  const rig = rigFromShelf("oil-tank");
  const codes = (changed: Partial<Rig>) => rigFaults({ ...rig, ...changed }, BURN).map((f) => f.code);
  it("from the shelf is sound", () => expect(codes({})).toEqual([]));
  it("with a dead end, a hose to nowhere, two hoses on one port or no switch is not", () => {
    expect(codes({ hoses: rig.hoses.filter((h) => h.to !== "oil.back") })).toEqual(["open-port"]);
    const [first, ...rest] = rig.hoses;
    if (!first) throw new Error("no hoses");
    expect(codes({ hoses: [{ ...first, to: "nowhere.in" }, ...rest] })).toEqual(["unknown-port", "open-port"]);
    expect(codes({ hoses: [...rig.hoses, { ...first, id: "twice" }] })).toEqual(["two-on-a-port", "two-on-a-port"]);
    expect(codes({ controls: [] })).toEqual(["no-control", "no-control"]);
    expect(codes({ parts: rig.parts.filter((p) => p.kind !== "injection-pump") })).toContain("no-pump");
  });
  it("that never feeds one of its tanks' fuel, or never takes any back, has no way", () => {
    const always = { control: "supply-switch", at: ["diesel", "oil"] };
    const parts = rig.parts.map((p) => (p.id === "supply" ? { ...p, turned: always } : p)) as Rig["parts"];
    expect(rigFaults({ ...rig, parts }, BURN)).toEqual([{ code: "no-way-in", holds: "diesel" }]);
    const shut: Rig["parts"][number] = {
      id: "shut",
      name: "Shut",
      kind: "shut-off",
      moved: "hand",
      turned: { control: "supply-switch", at: ["oil"] },
    };
    const hoses = rig.hoses.flatMap((h) =>
      h.from === "pump.back"
        ? [
            { ...h, to: "shut.in" },
            { ...h, id: "on", from: "shut.out" },
          ]
        : [h],
    );
    expect(rigFaults({ ...rig, parts: [...rig.parts, shut], hoses }, BURN)).toEqual([
      { code: "no-way-back", holds: "diesel" },
    ]);
  });
  it("holds the line that it was made to hold", () => {
    const p = ready("loop", 0, withLineLitres(rigFromShelf("loop"), 0.16, BURN));
    expect(p.line?.lineLitres).toBeCloseTo(0.16, 9);
  });
});
