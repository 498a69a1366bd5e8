import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { purgeResidual } from "../purge";
import { returnedLitres } from "../returned";
import { lineOf } from "./line";
import { combinationsOf, type Mode, type Positions, running, standFor, standsOf, turnsTo } from "./modes";
import { flowsOf } from "./network";
import { outcomeOf } from "./outcome";
import { hoseLitres, isValve, type Rig } from "./parts";
import { advance, airIn, burnedIn, litresAt, type Running, shareAt, spilledIn, startRunning } from "./run";
import { passesOf } from "./setting";
import { rigFromShelf, SHELF_IDS, type ShelfId } from "./shelf";
import { transfersOf } from "./transfers";

const BURN = 0.12;
const withTwo = SHELF_IDS.filter((id) => rigFromShelf(id).controls.length > 0);
const fills = { diesel: { litres: 30, capacityLitres: 50 }, oil: { litres: 40, capacityLitres: 76 } };

const started = (rig: Rig, held: Record<string, number> = { diesel: 1 }): Running =>
  startRunning(
    rig,
    fills,
    lineOf(rig, standsOf(rig, BURN), BURN, null) ?? { lineLitres: 0.3, tanksInSeries: 3 },
    () => held,
  );

/** Which tanks a port meets by ways that are open, on foot: no pressure, no flow. */
function meets(rig: Rig, start: string, setting: ReturnType<typeof running>): { tanks: string[]; engine: boolean } {
  const ways: [string, string][] = rig.hoses.map((h) => [h.from, h.to]);
  for (const p of rig.parts)
    for (const [a, b] of p.kind === "lift-pump" && p.pushes ? [] : passesOf(rig, p, setting))
      ways.push([`${p.id}.${a}`, `${p.id}.${b}`]);
  const seen = new Set([start]);
  for (let before = 0; before < seen.size; ) {
    before = seen.size;
    for (const [a, b] of ways) {
      // A tank ends the way: its ports are not joined to each other by the fuel in it.
      if (seen.has(a) && !isTankPort(rig, a)) seen.add(b);
      if (seen.has(b) && !isTankPort(rig, b)) seen.add(a);
    }
  }
  return {
    tanks: [...seen].filter((p) => isTankPort(rig, p)).map((p) => p.slice(0, p.indexOf("."))),
    engine: seen.has("pump.in") && start !== "pump.in",
  };
}
const isTankPort = (rig: Rig, port: string): boolean =>
  rig.parts.some((p) => p.kind === "tank" && port.startsWith(`${p.id}.`));

describe.each(SHELF_IDS)("%s", (id: ShelfId) => {
  const rig = rigFromShelf(id);
  const valves = rig.parts.filter(isValve);
  it("agrees with a walk through its open ways, however it stands and whatever is stuck", () => {
    for (const at of combinationsOf(rig.controls))
      for (const power of [true, false])
        for (const stuck of [{}, ...valves.flatMap((v) => [{ [v.id]: true }, { [v.id]: false }])]) {
          const setting = { power, runs: true, at, stuck };
          const pushes = rig.parts.some(
            (p) => p.kind === "lift-pump" && p.pushes && power && p.pushes.at.includes(at[p.pushes.control] ?? ""),
          );
          if (pushes) continue;
          const o = outcomeOf(rig, setting, BURN);
          const supply = meets(rig, "pump.in", setting);
          expect(o.starves).toBe(supply.tanks.length === 0);
          expect(Object.keys(o.reaches).sort()).toEqual(
            [...new Set(supply.tanks)].filter((t) => (o.reaches[t] ?? 0) > 0).sort(),
          );
          const back = meets(rig, "pump.back", setting);
          expect(o.isShutIn).toBe(back.tanks.length === 0);
          if (!back.engine)
            expect(Object.entries(o.returns).flatMap(([tank, rate]) => (rate > 1e-9 ? [tank] : []))).toEqual(
              back.tanks,
            );
          else expect(o.loops).toBeCloseTo(1.4 - BURN, 9);
        }
  });
  it("keeps what flows in and out of every junction", () => {
    for (const at of combinationsOf(rig.controls)) {
      const flows = flowsOf(rig, running(at), BURN);
      const o = outcomeOf(rig, running(at), BURN);
      const drawn = Object.values(o.draws).reduce((a, b) => a + b, 0);
      const given = Object.values(o.returns).reduce((a, b) => a + b, 0);
      expect(drawn - given).toBeCloseTo(flows.drawn - flows.returned, 9);
    }
  });
});

describe("modes", () => {
  it("find what each arrangement can do, and which of them rest on diesel", () => {
    const can = Object.fromEntries(
      withTwo.map((id) => {
        const rig = rigFromShelf(id);
        const modes = new Set<Mode>(standsOf(rig, BURN).map((s) => s.mode));
        return [id, [...modes].sort()];
      }),
    );
    expect(can).toMatchObject({
      unheated: ["diesel", "oil", "purge", "wrong"],
      loop: ["diesel", "oil", "purge", "wrong"],
      "oil-tank": ["diesel", "oil", "purge", "wrong"],
      following: ["diesel", "oil"],
      "three-position": ["diesel", "oil", "purge"],
      "three-hand": ["diesel", "oil", "purge", "wrong"],
      selector: ["diesel", "oil"],
      thermostat: ["diesel", "oil", "purge"],
      "back-purge": ["diesel", "oil", "purge"],
    });
  });
  it("turn the return first to oil and last to diesel, so that no step is wrong", () => {
    const rig = rigFromShelf("three-hand");
    const stands = standsOf(rig, BURN);
    const [diesel, oil] = [standFor(rig, stands, "diesel"), standFor(rig, stands, "oil")];
    if (!diesel || !oil) throw new Error("no stands");
    const controls = (from: Positions, to: Positions) => turnsTo(rig, stands, from, to).map((t) => t.control);
    const toOil = controls(diesel.at, oil.at);
    expect(toOil.indexOf("return-valve")).toBeLessThan(toOil.indexOf("tank-valve"));
    expect(controls(oil.at, diesel.at)).toEqual(["tank-valve", "filter-valve", "return-valve"]);
  });
  it("see a solenoid that was plumbed the wrong way round", () => {
    const sound = rigFromShelf("three-position");
    const rig = { ...sound, parts: sound.parts.map((p) => (p.id === "return" ? { ...p, isReversed: true } : p)) };
    expect(standsOf(rig as Rig, BURN).map((s) => s.mode)).toEqual(["purge", "diesel", "wrong"]);
  });
});

/** The same rig in very small steps of the simplest rule, by its own sums. */
function byEuler(run: Running, at: Positions, minutes: number): Float64Array {
  const transfers = transfersOf(run.rig, run.stores, flowsOf(run.rig, running(at), BURN));
  const m = run.litres.slice();
  const origins = run.stores.tanks.length + 1;
  const steps = Math.ceil(minutes / 5e-5);
  for (let s = 0; s < steps; s++) {
    const moved = transfers.map((t) => {
      const row = m.subarray(t.from * origins, (t.from + 1) * origins);
      const total = row.reduce((a, b) => a + b, 0);
      return [...row].map((l) => ((t.litresPerMinute * l) / total) * (minutes / steps));
    });
    for (const [i, t] of transfers.entries())
      for (const [o, l] of (moved[i] ?? []).entries()) {
        const to = t.to < 0 ? run.stores.count : t.to;
        m[t.from * origins + o] = (m[t.from * origins + o] ?? 0) - l;
        m[to * origins + o] = (m[to * origins + o] ?? 0) + l;
      }
  }
  return m;
}

describe.each(withTwo)("%s, turned at random", (id) => {
  const rig = rigFromShelf(id);
  const combos = combinationsOf(rig.controls);
  const turn = fc.record({
    at: fc.constantFrom(...combos),
    power: fc.boolean(),
    minutes: fc.double({ min: 0.01, max: 9, noNaN: true }),
  });
  const atStart = started(rig);
  it("keeps every litre of either tank, and never less than nothing of it", () =>
    fc.assert(
      fc.property(fc.array(turn, { minLength: 1, maxLength: 3 }), (turns) => {
        let run = atStart;
        const before = totals(run);
        for (const t of turns) run = advance(run, { power: t.power, runs: true, at: t.at }, BURN, t.minutes);
        for (const [o, litres] of totals(run).entries()) expect(litres).toBeCloseTo(before[o] ?? 0, 8);
        const origins = run.stores.tanks.length + 1;
        for (let i = 0; i < run.stores.count * origins; i++) expect(run.litres[i]).toBeGreaterThan(-1e-9);
        expect(burnedIn(run).reduce((a, b) => a + b, 0)).toBeCloseTo(
          BURN * turns.reduce((a, t) => a + t.minutes, 0),
          8,
        );
      }),
      { numRuns: 500 },
    ));
  it("agrees with small steps", () =>
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...combos), { minLength: 1, maxLength: 3 }), (turns) => {
        let run = started(rig, { oil: 0.4, diesel: 0.6 });
        for (const at of turns) {
          const small = byEuler(run, at, 0.1);
          run = advance(run, running(at), BURN, 0.1);
          for (const [i, l] of run.litres.entries()) expect(Math.abs(l - (small[i] ?? 0))).toBeLessThan(3e-4);
        }
      }),
      { numRuns: 25 },
    ));
});

const totals = (run: Running): number[] => {
  const origins = run.stores.tanks.length + 1;
  return Array.from({ length: origins }, (_, o) =>
    run.litres.reduce((sum, l, i) => sum + (i % origins === o ? l : 0), 0),
  );
};
const atPump = (run: Running): number => {
  const cell = run.stores.chains.find(({ chain }) => chain.end === "pump.in");
  return cell ? shareAt(run, cell.first + cell.cells - 1, "oil") : Number.NaN;
};

/** After a long way on oil. */
const onOil = (rig: Rig): Running => {
  const oil = standFor(rig, standsOf(rig, BURN), "oil");
  if (!oil) throw new Error("no oil");
  return advance(started(rig), running(oil.at), BURN, 60);
};

describe("a purge", () => {
  it("straight through is the formula's", () => {
    const rig = rigFromShelf("three-position");
    const line = lineOf(rig, standsOf(rig, BURN), BURN, 3);
    if (!line) throw new Error("no line");
    let run = onOil(rig);
    // What stood in the line at the start has gone to the oil tank.
    const pure = shareAt(run, 1, "oil");
    for (let minute = 0.05; minute < 0.6; minute += 0.05) {
      run = advance(run, running({ switch: "purge" }), BURN, 0.05);
      expect(atPump(run) / pure).toBeCloseTo(purgeResidual(line, minute), 4);
    }
  });
  it("through a loop is near to one stirred tank's, by what is burned", () => {
    const rig = rigFromShelf("loop");
    const line = lineOf(rig, standsOf(rig, BURN), BURN, null);
    if (!line) throw new Error("no line");
    expect(line).toMatchObject({ isLooped: true, litresPerMinute: BURN, tanksInSeries: 1 });
    let run = onOil(rig);
    run = advance(run, running({ "return-switch": "loop" }), BURN, 3);
    expect(Math.abs(atPump(run) - purgeResidual(line, 3))).toBeLessThan(0.06);
  });
  it("whose return is turned too soon sends the formula's litres astray, where the way back is short", () => {
    const sound = rigFromShelf("three-position");
    const short = (h: (typeof sound.hoses)[number]) =>
      h.from.startsWith("pump.back") || h.to.endsWith(".back") ? { ...h, lengthMm: 1, boreMm: 2 } : h;
    const rig = { ...sound, hoses: sound.hoses.map(short) };
    const line = lineOf(rig, standsOf(rig, BURN), BURN, 3);
    if (!line) throw new Error("no line");
    let run = onOil(rig);
    run = advance(run, running({ switch: "purge" }), BURN, 0.1);
    run = advance(run, running({ switch: "diesel" }), BURN, 3);
    const formula = returnedLitres({
      ...line,
      beforeLitresPerMinute: 1.4,
      pumpLitresPerMinute: 1.4,
      burnLitresPerMinute: BURN,
      fromMinute: 0.1,
      toMinute: 3.1,
    });
    expect(Math.abs((litresAt(run, 0)[1] ?? 0) - formula)).toBeLessThan(0.02 * line.lineLitres);
  });
});

describe("tanks", () => {
  it("that run dry give air, and none of it is lost count of", () => {
    const rig = rigFromShelf("oil-tank");
    let run = startRunning(
      rig,
      { ...fills, oil: { litres: 0.5, capacityLitres: 76 } },
      { lineLitres: 0.3, tanksInSeries: 3 },
      () => ({ diesel: 1 }),
    );
    // Oil to the engine, its return to the diesel tank: the oil tank has 0.5 L for it.
    run = advance(run, running({ "supply-switch": "oil" }), BURN, 2);
    expect(litresAt(run, 1).reduce((a, b) => a + b, 0)).toBeCloseTo(0, 5);
    expect(-(airIn(run)[2] ?? 0)).toBeCloseTo(2 * 1.4 - 0.5, 4);
  });
  it("that are full run over", () => {
    const rig = rigFromShelf("oil-tank");
    let run = startRunning(
      rig,
      { ...fills, oil: { litres: 75, capacityLitres: 76 } },
      { lineLitres: 0.3, tanksInSeries: 3 },
      () => ({ diesel: 1 }),
    );
    run = advance(run, running({ "return-switch": "oil" }), BURN, 5);
    expect(litresAt(run, 1).reduce((a, b) => a + b, 0)).toBeCloseTo(76, 5);
    expect(spilledIn(run).reduce((a, b) => a + b, 0)).toBeCloseTo(5 * (1.4 - BURN) - 1, 4);
  });
  it("hold hoses by length and bore", () =>
    expect(hoseLitres({ id: "h", from: "", to: "", lengthMm: 1000, boreMm: 8 })).toBeCloseTo(0.050265, 6));
});
