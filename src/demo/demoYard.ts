import { type CupId, DEFAULT_SETTINGS, type Entry } from "@/core/ledger";
import { GrainBook } from "@/core/readings/settle/grains";
import { standingOf } from "@/core/readings/vessel/standing";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import { yardWeek } from "./bigYard";
import { type Dice, dice } from "./dice";
import { CREAMY, coldLitres, collect, far, kitchens } from "./drums";
import { kettleYear } from "./kettle";
import { openYard } from "./open";
import { knownRecipe, winterPlans } from "./recipes";
import { type Line, makeLine } from "./things";
import { flatbedTrip, vehicleWeek } from "./vehicles";
import { shedCelsius } from "./weather";
import { tenth, type Writer, writer } from "./writer";

const WEEK = 7 * MS_PER_DAY;
const ROUTINE_WEEKS = 42;
const SCENE_DAYS = 30;
export const DEMO_SEED = 20261124;

/**
 * The demo: Kittiwake boatyard on a made-up island, eleven months that end at `nowMs`. In it, to be found: a bad lot
 * that slowed the bags, a cone that has filled, a diesel tank with oil in it.
 */
export function demoYard(nowMs: number, seed: number = DEMO_SEED): Entry[] {
  const d = dice(seed);
  const w = writer("demo-");
  const line = makeLine("");
  const sceneMs = nowMs - SCENE_DAYS * MS_PER_DAY;
  const openMs = sceneMs - (ROUTINE_WEEKS + 1) * WEEK;
  openYard(w, [line], openMs, {
    yardName: "Kittiwake yard",
    // A 5 µm bag takes the rest.
    readyFinesUm: 20,
    pumpLimitMm2PerS: 15,
    tonightLowCelsius: 2,
    methanolLimitLitres: 100,
    shedCelsius: 11,
    measures: [{ name: "jug", litres: 2 }],
    home: { latitude: 57.31, longitude: -22.4 },
    // Its owner's: an island in the sea is milder than its latitude.
    nightMonthsCelsius: [...DEFAULT_SETTINGS.nightMonthsCelsius],
    shedMonthsCelsius: [...DEFAULT_SETTINGS.shedMonthsCelsius],
  });
  knownRecipe(w, openMs + MS_PER_HOUR / 2);
  for (let week = 0; week < ROUTINE_WEEKS; week++) {
    const monday = openMs + (week + 1) * WEEK;
    if (week === 20) badLot(w, line, monday);
    yardWeek(w, [line], d, monday, week >= 23 && week <= 24 ? 3.4 : 1);
  }
  lastWeeks(w, line, d, nowMs);
  winterPlans(w, nowMs);
  kettleYear(w, line, nowMs);
  return [...w.entries].sort((a, b) => (a.happenedAt < b.happenedAt ? -1 : a.happenedAt > b.happenedAt ? 1 : 0));
}

/** Creamy oil from the school kitchen, tipped in with the rest: the bags pay for it three weeks later. */
function badLot(w: Writer, line: Line, monday: number): void {
  const drum = [line.id("drum-3"), line.id("drum-5")].find((id) => w.room(id) > 30) ?? line.id("drum-3");
  const bad = { source: line.source("harbour"), litres: 22, fluid: "canola" as const, muck: CREAMY };
  collect(w, monday + 8 * MS_PER_HOUR, bad, drum, 17);
}

/** The weeks that lead to the picture one opens: two drums at different ages, raw pails, oil waiting for the bags. */
function lastWeeks(w: Writer, line: Line, d: Dice, nowMs: number): void {
  const day = (before: number, hour: number): number => nowMs - before * MS_PER_DAY + hour * MS_PER_HOUR;
  const shed = (atMs: number): number => shedCelsius(atMs, 0);
  const [drum3, drum5] = [line.id("drum-3"), line.id("drum-5")];
  const events: [number, () => void][] = [
    [day(29, 1), () => clearDrum(w, line, drum3, day(29, 1))],
    [day(14, 4), () => clearDrum(w, line, drum5, day(14, 4))],
    [day(23, 0), () => fillDrum(w, line, d, drum3, 193, day(23, 0))],
    [day(11, 0), () => fillDrum(w, line, d, drum5, 148, day(11, 0))],
    [day(16, 5), () => readClear(w, drum3, day(16, 5), 6)],
    [day(8, 5), () => readClear(w, drum3, day(8, 5), -7)],
    [day(6, 5), () => readClear(w, drum5, day(6, 5), -4)],
    [day(2, 6), () => readClear(w, drum5, day(2, 6), 5)],
    [day(27, 3), () => makeCup(w, day(27, 3))],
    [day(17, 2), () => flatbedTrip(w, line, d, day(17, 2), 7, 3.2)],
    [day(9, 2), () => refusedAtSchool(w, line, day(9, 2))],
    [day(5, 0), () => newKiosk(w, line, day(5, 0))],
    [day(6, 0), () => toKettle(w, line, day(6, 0))],
    [day(5, 1), () => filterSlowly(w, line, day(5, 1))],
    [
      day(2, 3),
      () => {
        const bad = { source: line.source("harbour"), litres: 14, fluid: "canola" as const, muck: CREAMY };
        collect(w, day(2, 3), bad, line.id("carton-4"), shed(nowMs));
        const waste = { source: line.source("slip"), litres: 9, fluid: "motor-oil" as const };
        collect(
          w,
          day(2, 5),
          { ...waste, muck: { water: 0.02, sludge: 0.015, "fryer-fat": 0 } },
          line.id("black-tin"),
          10,
        );
      },
    ],
    [
      day(0, -3),
      () => {
        const from = kitchens(line, d)[1];
        if (from) collect(w, day(0, -3), { ...from, litres: 19 }, line.id("pail-7"), 12);
      },
    ],
    [day(0, -2), () => dip(w, drum3, day(0, -2))],
    [day(0, -1), () => w.write(day(0, -1), { kind: "weather", data: { shedCelsius: 11, tonightLowCelsius: -2 } })],
  ];
  for (let week = 4; week >= 1; week--) events.push([day(week * 7, 0), () => quietWeek(w, line, d, day(week * 7, 0))]);
  for (const [, happen] of events.sort(([a], [b]) => a - b)) happen();
}

function quietWeek(w: Writer, line: Line, d: Dice, atMs: number): void {
  w.write(atMs + MS_PER_HOUR, { kind: "weather", data: { shedCelsius: shedCelsius(atMs, 0), tonightLowCelsius: 3 } });
  vehicleWeek(w, line, d, atMs, 8, 2);
}

function clearDrum(w: Writer, line: Line, drum: ReturnType<Line["id"]>, atMs: number): void {
  const [feed, ready] = [line.id("feed-tub"), line.id("ready")];
  const clean = tenth(Math.min(w.litres(drum) * 0.85, w.room(ready) - 32));
  for (let left = clean, run = 0; left > 3 && run < 4; run++) {
    const litres = tenth(Math.min(left, w.room(feed) - 2));
    left -= litres;
    w.write(atMs + run * MS_PER_HOUR, {
      kind: "draw-off",
      data: { from: drum, to: feed, amount: { litres }, suctionMm: 70, suspendedShare: 0.02, came: 3 },
    });
    runBags(w, line, atMs + run * MS_PER_HOUR + MS_PER_HOUR / 2, 95);
  }
  if (w.litres(drum) > 0)
    w.write(atMs + 5 * MS_PER_HOUR, {
      kind: "dispose",
      data: { from: drum, amount: { all: true }, layer: "mixed", where: "council collector" },
    });
}

function runBags(w: Writer, line: Line, atMs: number, minutes: number): void {
  const litres = coldLitres(Math.min(w.litres(line.id("feed-tub")), w.room(line.id("ready"))));
  if (litres < 2) return;
  const bags = [line.bag("bag-50"), line.bag("bag-5")];
  const data = { from: line.id("feed-tub"), to: line.id("ready"), bags, amount: { litres }, minutes, lossLitres: 0.6 };
  w.write(atMs, { kind: "filter-run", data });
}

function fillDrum(w: Writer, line: Line, d: Dice, drum: ReturnType<Line["id"]>, litres: number, atMs: number): void {
  const near = kitchens(line, d).slice(0, 2);
  const from = [...near, ...near.map((k) => far(line, k))];
  for (let i = 0; i < 12 && litres - w.litres(drum) > 0.5; i++) {
    const kitchen = from[i % from.length];
    if (kitchen)
      collect(
        w,
        atMs + i * MS_PER_HOUR,
        { ...kitchen, litres: tenth(Math.min(kitchen.litres, litres - w.litres(drum))) },
        drum,
        12,
      );
  }
}

/** A lot that was left where it was: creamy, and standing on water. */
function refusedAtSchool(w: Writer, line: Line, atMs: number): void {
  w.write(atMs, {
    kind: "visit",
    data: {
      source: line.source("harbour"),
      outcome: "refused",
      check: { look: "creamy", smell: "sour", fried: "meat", bottomWater: "much" },
      reason: "creamy, on a hand of water",
    },
  });
}

/** Heard of last week, a name and a container; nobody was in when one called. */
function newKiosk(w: Writer, line: Line, atMs: number): void {
  const id = line.source("puffin");
  w.write(atMs, { kind: "source", data: { id, name: "Puffin kiosk", container: "20 L carton" } });
  w.write(atMs + 50 * MS_PER_HOUR, { kind: "visit", data: { source: id, outcome: "closed", reason: "" } });
}

/** A creamy lot that was kept apart waits in the kettle to be converted. */
function toKettle(w: Writer, line: Line, atMs: number): void {
  const [carton, kettle] = [line.id("carton-4"), line.id("kettle-12")];
  collect(w, atMs, { source: line.source("harbour"), litres: 19, fluid: "canola", muck: CREAMY }, carton, 11);
  w.write(atMs + MS_PER_HOUR, {
    kind: "move",
    data: { from: carton, to: kettle, amount: { all: true }, layer: "mixed" },
  });
}

/** The cone is full, so what comes over the top now is muck, and the fine bag shows it first. */
function filterSlowly(w: Writer, line: Line, atMs: number): void {
  const cone = line.id("cone");
  const data = { from: cone, to: line.id("feed-tub"), amount: { litres: 12 }, suctionMm: 900, suspendedShare: 0.3 };
  w.write(atMs, { kind: "draw-off", data });
  runBags(w, line, atMs + 2 * MS_PER_HOUR, 74);
  w.write(atMs + 8 * MS_PER_HOUR, {
    kind: "draw-off",
    data: {
      from: line.id("drum-3"),
      to: line.id("feed-tub"),
      amount: { litres: 22 },
      suctionMm: 560,
      suspendedShare: 0.02,
      came: 2,
    },
  });
}

/** Kittiwake's dirt is a little coarser than usual: what its stick and jar would show. */
const GRAINS_TIMES = 1.05;

/** How far down a drum is clear, on a stick that is a few millimetres off. */
function readClear(w: Writer, vessel: ReturnType<Line["id"]>, atMs: number, offMm: number): void {
  const state = w.yard.vessels.get(vessel);
  const at = new Date(atMs).toISOString();
  const settling = state && standingOf(w.yard, state, at, new GrainBook(w.yard, at)).settling;
  const front = settling?.fronts.find((f) => f.name === settling.slowest);
  if (!settling || !front) return;
  const surfaceMm = Math.round((w.litres(vessel) / 218) * 850);
  const typical = (surfaceMm - front.clearedAboveMm) / settling.grains.size.value ** 2;
  const clearMm = Math.round(surfaceMm - typical * GRAINS_TIMES ** 2 + offMm);
  w.write(atMs, { kind: "dip", data: { vessel, oilMm: surfaceMm, clearMm, celsius: shedCelsius(atMs, 0) } });
}

/** A bean tin with a hole, timed with diesel, fresh oil and a half-and-half at 15 °C. */
function makeCup(w: Writer, atMs: number): void {
  const readings = [
    { what: "Diesel, fresh", nuMm2PerS: 4.7, seconds: 15.1 },
    { what: "Half and half", nuMm2PerS: 17.1, seconds: 37.4 },
    { what: "Canola, fresh", nuMm2PerS: 97, seconds: 199 },
  ];
  w.write(atMs, { kind: "cup", data: { id: "bean-tin" as CupId, name: "Bean tin", readings } });
}

function dip(w: Writer, vessel: ReturnType<Line["id"]>, atMs: number): void {
  const oilMm = Math.round((w.litres(vessel) / 218) * 850);
  w.write(atMs, { kind: "dip", data: { vessel, oilMm, fatMm: 41, waterMm: 9, celsius: 11 } });
}
