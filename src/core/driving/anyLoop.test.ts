import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Coached, nextMove } from ".";
import { proofOf, type Rig, rigFaults, standFor, standsOf } from "./rig";
import { after, atRest, booked, oilLeft, onTo, plumbed, replay, type TripEvent } from "./rig/sequence";
import { rigFromShelf } from "./rig/shelf";
import {
  control,
  HEATED,
  heatedSupply,
  hosesThrough,
  LOOP_JOINS,
  loopedSupply,
  threeWay,
} from "./rig/shelf/arrangement";

const BURN = 0.12;
const tanks = { diesel: { litres: 30, capacityLitres: 50 }, oil: { litres: 40, capacityLitres: 76 } };
const readied = (rig: Rig) => plumbed({ rig, burnLitresPerMinute: BURN, tanks, leftOilShare: 0, tanksInSeries: null });
const turn = (minute: number, position: string, of = "supply-valve"): TripEvent => ({
  minute,
  what: "turn",
  control: of,
  position,
});

/** One valve, for the supply; whatever the pump gives back comes round to it for good. */
const ONE_VALVE = rigFromShelf("one-valve");

const asked = (rig: Rig, events: readonly TripEvent[], minute: number, more: Partial<Coached> = {}): Coached => {
  const p = readied(rig);
  const moment = onTo(
    p,
    events.reduce((m, e) => after(p, m, e), atRest(p)),
    minute,
  );
  const usual = { oilCelsius: 82, oilNu: 12, gateCelsius: 70, limitMm2PerS: 15, minutesToGate: 6, markShare: 0.05 };
  return { plumbed: p, moment, ...usual, isStopping: false, ...more };
};
const start: TripEvent = { minute: 0, what: "start" };
const isMute = (move: ReturnType<typeof nextMove>): boolean => "turns" in move && move.turns.length === 0;

describe("a kit of one valve, its return looped for good", () => {
  it("drives on diesel through the loop, switches, purges through it and stops", () => {
    expect(rigFaults(ONE_VALVE, BURN)).toEqual([]);
    const codes = (events: readonly TripEvent[], minute: number, isStopping = false) =>
      nextMove(asked(ONE_VALVE, events, minute, { isStopping })).code;
    expect(codes([start], 1)).toBe("switch");
    expect(codes([start], 1, true)).toBe("stop");
    const on = [start, turn(9, "oil")];
    expect(codes(on, 30)).toBe("run");
    expect(nextMove(asked(ONE_VALVE, on, 30, { isStopping: true }))).toMatchObject({
      code: "start-purge",
      turns: [{ control: "supply-valve", position: "diesel" }],
    });
    const back = [...on, turn(40, "diesel")];
    expect(codes(back, 41, true)).toBe("purging");
    expect(codes(back, 90, true)).toBe("stop");
  });
  it("is proved by what flows: diesel through the loop is named rightly and no stand is wrong", () => {
    const codes = proofOf(ONE_VALVE, BURN).findings.map((f) => f.code);
    expect(codes).not.toContain("named-otherwise");
    expect(codes).not.toContain("no-purge");
    expect(standFor(ONE_VALVE, standsOf(ONE_VALVE, BURN), "diesel")?.at).toEqual({ "supply-valve": "diesel" });
  });
});

/** Any heated loop: hand or solenoid, either valve reversed or missing, its return home, round, or to the oil's tank. */
const anyRig = fc
  .record({
    moved: fc.constantFrom("hand" as const, "solenoid" as const, "motor" as const),
    back: fc.constantFrom(
      "home" as const,
      "loop" as const,
      "oil" as const,
      "always-loop" as const,
      "always-oil" as const,
    ),
    one: fc.boolean(),
    reversed: fc.constantFrom(null, "supply", "return"),
    looseNames: fc.boolean(),
  })
  .map(({ moved, back, one, reversed, looseNames }): Rig => {
    const other = looseNames ? "over" : back === "oil" ? "oil" : "loop";
    const valves = [
      threeWay("supply", "Supply", moved, "a", [one && looseNames ? "over" : "oil"]),
      threeWay("return", "Return", moved, one ? "a" : "b", [one ? (looseNames ? "over" : "oil") : other]),
    ].map((v) => (v.id === reversed ? { ...v, isReversed: true } : v));
    const fixed = back === "always-loop" || back === "always-oil" || back === "home";
    const joins = back === "loop" || back === "always-loop";
    const supply = joins
      ? loopedSupply()
      : heatedSupply().filter((h) => !h.from.startsWith("pump.back") && !h.from.startsWith("return"));
    const to = {
      home: "diesel.back",
      loop: "join.c",
      oil: "oil.back",
      "always-loop": "join.c",
      "always-oil": "oil.back",
    };
    const rest = fixed
      ? hosesThrough(["pump.back", to[back]], 800)
      : [
          ...hosesThrough(["pump.back", "return.common"], 300),
          ...hosesThrough(["return.a", "diesel.back"], 1500),
          ...hosesThrough(["return.b", to[back]], 500),
        ];
    return {
      from: "loop",
      parts: [...HEATED, ...(fixed ? valves.slice(0, 1) : valves), ...(joins ? [LOOP_JOINS] : [])],
      hoses: [...supply, ...rest],
      controls: [
        control("a", "Fuel", "diesel", one && looseNames ? "over" : "oil"),
        ...(fixed || one ? [] : [control("b", "Return", "diesel", other)]),
      ],
    };
  });

describe("whatever loop it is", () => {
  it("the coach never gives an empty instruction, however the valves stand and whenever it is asked", () => {
    fc.assert(
      fc.property(
        anyRig,
        fc.array(fc.tuple(fc.nat(1), fc.nat(1), fc.integer({ min: 1, max: 12 })), { maxLength: 5 }),
        fc.boolean(),
        fc.constantFrom(20, 82),
        (rig, turns, isStopping, oilCelsius) => {
          fc.pre(rigFaults(rig, BURN).length === 0);
          let minute = 0;
          const events: TripEvent[] = [start];
          for (const [c, position, wait] of turns) {
            const which = rig.controls[c % rig.controls.length];
            minute += wait;
            if (which) events.push(turn(minute, which.positions[position] ?? "diesel", which.id));
          }
          for (const later of [0.01, 3, 45]) {
            const move = nextMove(asked(rig, events, minute + later, { isStopping, oilCelsius }));
            expect(isMute(move), `${move.code} of ${JSON.stringify(rig.controls)}`).toBe(false);
          }
        },
      ),
      { numRuns: 15 },
    );
  });
});

describe("three hand valves", () => {
  it("are told once that nothing returns without a hand", () => {
    for (const id of ["three-hand", "one-valve"] as const) {
      const rests = proofOf(rigFromShelf(id), BURN).findings.filter((f) => f.code === "rests-on-oil");
      expect(rests).toEqual([{ code: "rests-on-oil", at: null, isHand: true }]);
    }
    expect(proofOf(rigFromShelf("loop"), BURN).findings.some((f) => f.code === "rests-on-oil")).toBe(false);
  });
  it("followed turn by turn get to oil and home again: no turn that was announced is dropped or undone", () => {
    const rig = rigFromShelf("three-hand");
    const follow = (events: TripEvent[], isStopping: boolean, until: string): number => {
      for (let turns = 0; turns < 12; turns++) {
        const minute = (events.at(-1)?.minute ?? 0) + 2;
        const move = nextMove(asked(rig, events, minute, { isStopping }));
        if (move.code === until) return turns;
        const [first] = "turns" in move ? move.turns : [];
        expect(first, move.code).toBeDefined();
        if (first) events.push(turn(minute, first.position, first.control));
      }
      return Number.NaN;
    };
    const events = [start];
    expect(follow(events, false, "run")).toBe(rig.controls.length);
    expect(follow(events, true, "stop")).toBe(rig.controls.length);
  });
});

describe("a winter back-purge", () => {
  it("well done, leaves what it reaches clean, and the trip says the same as the coach", () => {
    const rig = rigFromShelf("back-purge");
    const p = readied(rig);
    const to = (minute: number, position: string): TripEvent => turn(minute, position, "switch");
    const events: TripEvent[] = [start, to(9, "oil"), { minute: 30, what: "stop" }, to(30, "back"), to(31, "diesel")];
    const { last } = replay(p, events);
    expect(oilLeft(p, last)).toBeLessThan(0.05);
    expect(booked(p, atRest(p), last).leftOilShare).toBe(oilLeft(p, last));
    const { last: none } = replay(p, [start, to(9, "oil"), { minute: 30, what: "stop" }, to(30, "diesel")]);
    expect(oilLeft(p, none)).toBeGreaterThan(0.95);
  });
});
