import { describe, expect, it } from "vitest";
import { type Mode, rigFromShelf, type ShelfId, standFor, turnsTo } from "../rig";
import {
  act,
  begin,
  beginShed,
  goOn,
  goOnShed,
  LESSONS,
  movedLitres,
  type Rehearsal,
  SHED_LESSONS,
  type Stage,
  scoreOf,
  scoreShed,
  shedFlow,
  shedTrouble,
  stageFor,
  turnShed,
} from ".";

const stageOf = (id: ShelfId): Stage => ({
  rig: rigFromShelf(id),
  burnLitresPerMinute: 0.12,
  capacities: { diesel: 50, oil: 76 },
  thermostatCelsius: 88,
  tauMinutes: 12,
  riseK: 130,
  gateCelsius: 70,
  limitMm2PerS: 15,
  rho15KgPerL: 0.92,
  // Near enough to canola and diesel for a lesson: what counts is that cold oil is thick.
  nuAt: (oil, celsius) =>
    Math.exp(
      Math.log(2.6 + 3 * Math.exp(-celsius / 25)) * (1 - oil) + Math.log(9 + 120 * Math.exp(-celsius / 22)) * oil,
    ),
});
const MARK = 0.2;
const lesson = (id: string) => {
  const found = LESSONS.find((l) => l.id === id);
  if (!found) throw new Error(`no lesson ${id}`);
  return found;
};

/** Turns all that a mode asks for, in the order that is never wrong. */
function to(r: Rehearsal, stage: Stage, mode: Exclude<Mode, "wrong">, waitMinutes = 0): Rehearsal {
  const stand = standFor(stage.rig, r.plumbed.stands, mode);
  if (!stand) throw new Error(`no ${mode}`);
  return turnsTo(stage.rig, r.plumbed.stands, r.now.moment.setting.at, stand.at).reduce(
    (at, t) => goOn(act(at, stage, { what: "turn", ...t }), stage, waitMinutes),
    r,
  );
}
const start = (r: Rehearsal, stage: Stage): Rehearsal => act(r, stage, { what: "engine", on: true });
const stop = (r: Rehearsal, stage: Stage): Rehearsal => act(r, stage, { what: "engine", on: false });

describe.each(["three-position", "loop", "three-hand"] as const)("a first drive on %s", (id) => {
  const stage = stageOf(id);
  const driven = (purgeMinutes: number): Rehearsal => {
    let r = goOn(start(begin(lesson("first"), stage), stage), stage, 14);
    r = goOn(to(r, stage, "oil"), stage, 25);
    r = goOn(to(r, stage, "purge"), stage, purgeMinutes);
    return stop(to(r, stage, "diesel"), stage);
  };
  it("as it should be, costs nothing to speak of", () => {
    const score = scoreOf(driven(id === "loop" ? 8 : 2), MARK);
    expect(score.points).toBeGreaterThan(90);
  });
  it("without the wait, sends oil into the diesel tank and is told so", () => {
    const hurried = goOn(start(driven(0), stage), stage, 4);
    const { costs, points } = scoreOf(stop(hurried, stage), MARK);
    expect(costs.map((c) => c.code)).toContain("oil-into-diesel");
    expect(points).toBeLessThan(90);
  });
  it("stopped on oil, leaves it in the line and the valves turned", () => {
    let r = goOn(start(begin(lesson("first"), stage), stage), stage, 14);
    r = stop(goOn(to(r, stage, "oil"), stage, 25), stage);
    expect(scoreOf(r, MARK).costs.map((c) => c.code)).toEqual(expect.arrayContaining(["left-in-line", "left-turned"]));
  });
});

describe("lessons", () => {
  const stage = stageOf("three-position");
  it("differ, and each says what it teaches", () => {
    expect(new Set(LESSONS.map((l) => l.id)).size).toBe(LESSONS.length);
    for (const l of LESSONS) expect(l.teaches.length).toBeGreaterThan(40);
  });
  it("a thermostat that is stuck never opens the gate: staying on diesel costs nothing", () => {
    const r = goOn(start(begin(lesson("thermostat"), stage), stage), stage, 30);
    expect(r.now.coolantCelsius).toBeCloseTo(56, 6);
    expect(scoreOf(stop(r, stage), MARK).points).toBe(100);
  });
  it("without power the line's oil goes home with the diesel", () => {
    let r = goOn(start(begin(lesson("no-power"), stage), stage), stage, 14);
    r = goOn(to(r, stage, "oil"), stage, 12);
    expect(r.now.moment.setting.power).toBe(false);
    expect(r.now.oilAtPump).toBeLessThan(0.02);
    expect(r.now.tally.oilIntoDiesel).toBeGreaterThan(0.05);
  });
  it("a return that was left over fills one tank from the other until it runs over", () => {
    const r = goOn(start(begin(lesson("left-over"), stage), stage), stage, 12);
    expect(r.now.tally.dieselIntoOil).toBeGreaterThan(5);
    expect(r.now.tally.spilled).toBeGreaterThan(1);
  });
  it("a filter that chokes starves the engine until it is changed", () => {
    let r = goOn(start(begin(lesson("choke"), stage), stage), stage, 14);
    r = goOn(to(r, stage, "oil"), stage, 40);
    expect(r.now.tally.starvedMinutes).toBeGreaterThan(1);
    const starved = r.now.tally.starvedMinutes;
    r = goOn(act(r, stage, { what: "new-filter" }), stage, 2);
    expect(r.now.tally.starvedMinutes).toBe(starved);
  });
  it("air in new lines is primed out before the engine swallows it", () => {
    const fresh = begin(lesson("air"), stage);
    const hasty = goOn(start(fresh, stage), stage, 2);
    const primed = goOn(act(fresh, stage, { what: "prime", on: true }), stage, 2);
    const patient = goOn(start(act(primed, stage, { what: "prime", on: false }), stage), stage, 2);
    expect(patient.now.tally.airLitres).toBeLessThan(0.2 * hasty.now.tally.airLitres);
    expect(patient.now.tally.starvedMinutes).toBe(0);
  });
  it("a line that stood on oil in the frost is thick for the pump; with a back-purge it is not", () => {
    const cold = goOn(start(begin(lesson("cold-soak"), stage), stage), stage, 1);
    expect(cold.now.tally.thickLitres).toBeGreaterThan(0);
    const able = stageOf("back-purge");
    let r = act(begin(lesson("cold-soak"), able), able, { what: "turn", control: "switch", position: "back" });
    r = goOn(r, able, 1);
    r = goOn(start(act(r, able, { what: "turn", control: "switch", position: "diesel" }), able), able, 1);
    expect(r.now.tally.thickLitres).toBeLessThan(cold.now.tally.thickLitres);
  });
  it("flakes fill the filter while it is cold, and melt off it once the engine is warm", () => {
    let r = goOn(start(begin(lesson("gel"), stage), stage), stage, 3);
    expect(r.now.dropKPa).toBeGreaterThan(30);
    r = goOn(act(stop(r, stage), stage, { what: "new-filter" }), stage, 1);
    const warmed = goOn(start(r, stage), stage, 25);
    expect(warmed.now.dropKPa).toBeLessThan(r.now.dropKPa + 30);
    expect(warmed.now.fuelCelsius ?? 0).toBeGreaterThan(25);
  });
  it("a tank to the brim runs over by a purge; one that runs dry gives air", () => {
    let r = goOn(start(begin(lesson("overflow"), stage), stage), stage, 2);
    r = goOn(act(r, stage, { what: "turn", control: "switch", position: "purge" }), stage, 3);
    expect(r.now.tally.spilled).toBeGreaterThan(0.5);
    let dry = goOn(start(begin(lesson("dry"), stage), stage), stage, 14);
    dry = goOn(to(dry, stage, "oil"), stage, 30);
    expect(dry.now.tally.airLitres).toBeGreaterThan(0);
    expect(scoreOf(stop(dry, stage), MARK).costs.map((c) => c.code)).toContain("air");
  });
  it("a boost heater left on at tick-over boils what goes through it round a loop; switched off it does not", () => {
    const overheat = lesson("overheat");
    expect(stageFor(overheat, stage)).toBeNull();
    const ticking = stageFor(overheat, stageOf("loop"));
    if (!ticking) throw new Error("no loop");
    const warm = goOn(
      start(act(begin(overheat, ticking), ticking, { what: "heater", on: true }), ticking),
      ticking,
      14,
    );
    const left = goOn(to(warm, ticking, "oil"), ticking, 10);
    expect(left.now.tally.tooHotMinutes).toBeGreaterThan(5);
    const off = goOn(to(act(warm, ticking, { what: "heater", on: false }), ticking, "oil"), ticking, 10);
    expect(off.now.tally.tooHotMinutes).toBe(warm.now.tally.tooHotMinutes);
  });
  it("a thermostat on its own turns to oil when it is hot, and a hand purges", () => {
    const auto = stageOf("thermostat");
    let r = act(begin(lesson("first"), auto), auto, { what: "turn", control: "fuel", position: "auto" });
    r = goOn(start(r, auto), auto, 3);
    expect(r.now.moment.mode).toBe("diesel");
    r = goOn(r, auto, 20);
    expect(r.now.moment.mode).toBe("oil");
    expect(r.now.oilAtPump).toBeGreaterThan(0.9);
    r = goOn(to(r, auto, "purge"), auto, 3);
    expect(r.now.oilAtPump).toBeLessThan(0.05);
  });
  it("keep a look every so often for the debrief, in order", () => {
    const r = goOn(start(begin(lesson("first"), stage), stage), stage, 10);
    expect(r.looks.length).toBeGreaterThan(25);
    for (const [i, l] of r.looks.entries()) expect(l.minute).toBeGreaterThanOrEqual(r.looks[i - 1]?.minute ?? 0);
  });
});

describe("the shed's rig", () => {
  const first = () => {
    const [l] = SHED_LESSONS;
    if (!l) throw new Error("none");
    return beginShed(l);
  };
  const turned = (...on: [string, string][]) => on.reduce((s, [of, p]) => turnShed(s, of, p), first());
  it("in the right order moves what it should and costs nothing", () => {
    let s = turned(["vent", "open"], ["after", "open"], ["drain", "open"], ["pump", "on"]);
    expect(shedFlow(s)).toBeCloseTo(4, 9);
    s = goOnShed(s, 5);
    for (const [of, p] of [
      ["pump", "off"],
      ["drain", "shut"],
      ["after", "shut"],
      ["vent", "shut"],
    ] as const)
      s = turnShed(s, of, p);
    expect(movedLitres(s)).toBeCloseTo(20, 6);
    expect(scoreShed(s)).toEqual({ points: 100, costs: [] });
  });
  it("against a shut valve, dry, or into a receiver that cannot breathe is said at once", () => {
    expect(shedTrouble(turned(["pump", "on"]))).toBe("dry");
    expect(shedTrouble(turned(["pump", "on"], ["drain", "open"]))).toBe("dead");
    expect(shedTrouble(turned(["pump", "on"], ["drain", "open"], ["after", "open"]))).toBe("unvented");
    const s = goOnShed(turned(["pump", "on"], ["drain", "open"]), 1);
    expect(scoreShed(s).costs.map((c) => c.code)).toEqual(["dead", "short", "left-open"]);
  });
  it("into a full receiver runs over", () => {
    const full = SHED_LESSONS.find((l) => l.id === "shed-full");
    if (!full) throw new Error("none");
    let s = beginShed(full);
    for (const of of ["vent", "after", "drain"]) s = turnShed(s, of, "open");
    s = goOnShed(turnShed(s, "pump", "on"), 5);
    expect(scoreShed(s).costs.map((c) => c.code)).toContain("spilled");
  });
});
