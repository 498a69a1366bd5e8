import { describe, expect, it } from "vitest";
import { type Coached, coolantAlong, nextMove } from ".";
import type { TripEvent } from "./rig";
import { after, atRest, onTo, plumbed } from "./rig/sequence";
import { rigFromShelf, type ShelfId } from "./rig/shelf";

const tanks = { diesel: { litres: 30, capacityLitres: 50 }, oil: { litres: 40, capacityLitres: 76 } };
const ready = (id: ShelfId, more: Partial<typeof tanks> = {}) =>
  plumbed({
    rig: rigFromShelf(id),
    burnLitresPerMinute: 0.12,
    tanks: { ...tanks, ...more },
    leftOilShare: 0,
    tanksInSeries: null,
  });

/** As the coach sees it after some events; hot and thin unless it is said otherwise. */
function seen(
  id: ShelfId,
  events: readonly TripEvent[],
  minute: number,
  more: Partial<Coached> = {},
  fills = {},
): Coached {
  const p = ready(id, fills);
  const moment = onTo(
    p,
    events.reduce((m, e) => after(p, m, e), atRest(p)),
    minute,
  );
  return {
    plumbed: p,
    moment,
    oilCelsius: 82,
    oilNu: 12,
    gateCelsius: 70,
    limitMm2PerS: 15,
    minutesToGate: 6,
    markShare: 0.05,
    isStopping: false,
    ...more,
  };
}
const start: TripEvent = { minute: 0, what: "start" };
const turn = (minute: number, position: string, control = "switch"): TripEvent => ({
  minute,
  what: "turn",
  control,
  position,
});

describe("the coach", () => {
  it("starts, warms until both gates hold, and switches", () => {
    expect(nextMove(seen("three-position", [], 0))).toEqual({ code: "start" });
    expect(nextMove(seen("three-position", [start], 3, { oilCelsius: 40 }))).toMatchObject({
      code: "warm",
      minutesLeft: 6,
    });
    expect(nextMove(seen("three-position", [start], 9, { oilNu: 19 }))).toMatchObject({
      code: "warm",
      why: { code: "too-thick" },
    });
    expect(nextMove(seen("three-position", [start], 9))).toEqual({
      code: "switch",
      turns: [{ control: "switch", position: "oil" }],
    });
  });
  it("lets it run, falls back five kelvin under the gate and not at it", () => {
    const on = [start, turn(9, "oil")];
    expect(nextMove(seen("three-position", on, 20))).toMatchObject({ code: "run" });
    expect(nextMove(seen("three-position", on, 20, { oilCelsius: 67 }))).toMatchObject({ code: "run" });
    expect(nextMove(seen("three-position", on, 20, { oilCelsius: 62 }))).toMatchObject({ code: "fall-back" });
  });
  it("purges before the stop, waits until the mark, and turns the return last", () => {
    const on = [start, turn(9, "oil")];
    expect(nextMove(seen("three-position", on, 30, { isStopping: true }))).toMatchObject({
      code: "start-purge",
      turns: [{ control: "switch", position: "purge" }],
    });
    const purging = [...on, turn(30, "purge")];
    const soon = nextMove(seen("three-position", purging, 30.05, { isStopping: true }));
    expect(soon).toMatchObject({ code: "purging" });
    if (soon.code === "purging") expect(soon.astrayLitres).toBeGreaterThan(0.05);
    expect(nextMove(seen("three-position", purging, 33, { isStopping: true }))).toMatchObject({
      code: "turn-back",
      turns: [{ control: "switch", position: "diesel" }],
    });
    expect(nextMove(seen("three-position", [...purging, turn(33, "diesel")], 34, { isStopping: true }))).toEqual({
      code: "stop",
    });
  });
  it("says what one switch for both sends astray, since it cannot wait", () => {
    const move = nextMove(seen("following", [start, turn(9, "oil")], 30, { isStopping: true }));
    expect(move).toMatchObject({ code: "turn-back" });
    if (move.code === "turn-back") expect(move.astrayLitres).toBeGreaterThan(0.05);
  });
  it("with a back-purge stops the engine first, and says for how many seconds", () => {
    const on = [start, turn(9, "oil")];
    const asked = nextMove(seen("back-purge", on, 30, { isStopping: true }));
    expect(asked).toMatchObject({ code: "back-purge", turns: [{ control: "switch", position: "back" }] });
    if (asked.code === "back-purge") expect(asked.seconds).toBeGreaterThan(4);
    const off: TripEvent[] = [...on, { minute: 30, what: "stop" }, turn(30, "back")];
    expect(nextMove(seen("back-purge", off, 30.02, { isStopping: true }))).toMatchObject({ code: "back-purging" });
    expect(nextMove(seen("back-purge", off, 30.5, { isStopping: true }))).toMatchObject({
      code: "turn-back",
      turns: [{ control: "switch", position: "diesel" }],
    });
  });
  it("finishes a turn that was half done, by the nearer way", () => {
    const half = [start, turn(9, "oil", "supply-switch")];
    expect(nextMove(seen("oil-tank", half, 10))).toMatchObject({ code: "set-right", fouls: expect.closeTo(1.28, 6) });
  });
  it("sees a tank run dry before it gives air", () => {
    const low = { oil: { litres: 0.4, capacityLitres: 76 } };
    expect(nextMove(seen("three-position", [start, turn(0, "oil")], 0.1, {}, low))).toEqual({
      code: "dry",
      holds: "oil",
    });
  });
  it("of one tank only says whether it is thin enough", () => {
    expect(nextMove(seen("plain", [start], 9))).toEqual({ code: "one-tank", isThin: true, nuMm2PerS: 12 });
    expect(nextMove(seen("plain", [start], 0, { oilNu: 60 }))).toMatchObject({ code: "one-tank", isThin: false });
  });
});

describe("the coolant along a trip", () => {
  const engine = { ambientCelsius: 5, startCelsius: 5, riseK: 130, thermostatCelsius: 88, tauMinutes: 12 };
  it("warms, cools while it stands, and begins warm again", () => {
    const events: TripEvent[] = [start, { minute: 20, what: "stop" }, { minute: 60, what: "start" }];
    const hot = coolantAlong(engine, events, 20);
    const stood = coolantAlong(engine, events, 60);
    expect(hot).toBe(88);
    expect(stood).toBeLessThan(hot);
    expect(stood).toBeGreaterThan(40);
    expect(coolantAlong(engine, events, 66)).toBeGreaterThan(coolantAlong(engine, events, 6));
  });
  it("is what the gauge says, from there on", () => {
    const read: TripEvent = { minute: 5, what: "read", coolantCelsius: 30 };
    expect(coolantAlong(engine, [start, read], 5)).toBe(30);
    expect(coolantAlong(engine, [start, read], 8)).toBeLessThan(coolantAlong(engine, [start], 8));
  });
});
