import { describe, expect, it } from "vitest";
import { clearanceOf } from "../../clearance";
import { buildTimeline, type Draft, type Entry, project, yardAt } from "../../ledger";
import { drum, entry, iso, kitchen, vat, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { heelOf, pastForecasts, settleBench } from "..";
import { chooseWay } from "./chooseWay";

const DAY = 1440;
const NOW = 9 * DAY;
const dirty = (to: string, litres: number, muck: object = { water: 0.01, sludge: 0.015 }): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid(to), fluid: "canola", amount: { litres }, muck },
});
const setup = (): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: drum("B") }),
  entry("03", 0, { kind: "vessel", data: { ...drum("H"), role: "heel" } }),
  entry("04", 0, { kind: "vessel", data: { ...vat("feed"), role: "feed" } }),
  entry("05", 0, { kind: "source", data: { ...kitchen, dirt: "light-fryer" } }),
  entry("06", 0, { kind: "weather", data: { shedCelsius: 12 } }),
  entry("07", 10, dirty("A", 160)),
  entry("08", 2 * DAY, dirty("B", 90)),
];
const bench = (more: Entry[] = [], minute = NOW) => {
  const found = settleBench(project([...setup(), ...more]), vid("A"), iso(minute));
  if (!found) throw new Error("nothing settles");
  return found;
};

describe("the settling bench", () => {
  it("draws at now what the yard's view says of now", () => {
    const b = bench();
    const v = viewYard(project(setup()), iso(NOW)).vessels.find((x) => x.vessel.id === "A");
    const i = Math.floor(b.nowStep);
    for (const [c, front] of (v?.settling?.fronts ?? []).entries()) {
      const row = b.track.fronts[c]?.mm ?? [];
      const between = (row[i] ?? 0) + ((row[i + 1] ?? 0) - (row[i] ?? 0)) * (b.nowStep - i);
      expect(Math.abs(between - front.clearedAboveMm)).toBeLessThan(8);
    }
    expect(b.asItIs.readyAt).toBe(v?.settling?.readyAt);
    expect(b.others.map((o) => o.vessel)).toEqual(["B"]);
  });
  it("clears sooner in a warmer shed and later in a colder, from today on", () => {
    const b = bench();
    expect((b.warmer.readyAt ?? "") < (b.asItIs.readyAt ?? "")).toBe(true);
    expect((b.colder.readyAt ?? "") > (b.asItIs.readyAt ?? "")).toBe(true);
    const before = Math.floor(b.nowStep) - 2;
    expect(b.warmer.clarity[before]).toBeCloseTo(b.asItIs.clarity[before] ?? 0, 9);
    for (const row of [b.asItIs.clarity, b.warmer.clarity, b.colder.clarity])
      for (const [i, c] of row.entries()) if (i > 0) expect(c).toBeGreaterThanOrEqual((row[i - 1] ?? 0) - 1e-9);
  });
  it("while a heater runs nothing more goes down and what lies does not rise; then water goes the faster the hotter and the longer it is held", () => {
    const b = bench([], DAY);
    const during = Math.ceil(b.nowStep);
    expect(Math.min(...b.heated.clarity.slice(during))).toBeGreaterThanOrEqual((b.heated.clarity[during] ?? 0) - 1e-9);
    const hot = bench([entry("20", DAY - 5, { kind: "settings", data: { warmToCelsius: 80, coolingHours: 80 } })], DAY);
    const gone = (x: typeof b, how: string) => x.heated.warmings.find((w) => w.how === how)?.waterHours ?? 0;
    expect(gone(hot, "lagged")).toBeLessThan(gone(b, "lagged"));
    expect(gone(hot, "held")).toBeLessThan(gone(hot, "open"));
    expect(gone(hot, "held")).toBeLessThan(48);
    expect(hot.heated.kWh).toBeGreaterThan(b.heated.kWh);
  });
  it("follows what is said of the shed ahead", () => {
    const typed = bench([entry("20", NOW, { kind: "settings", data: { shedAhead: "typed", shedAheadCelsius: 2 } })]);
    expect((typed.asItIs.readyAt ?? "") > (bench().asItIs.readyAt ?? "")).toBe(true);
    const year = bench([entry("20", NOW, { kind: "settings", data: { shedAhead: "year" } })]);
    expect(year.celsius.at(-1)).not.toBe(year.celsius[0]);
  });
  it("says what the forecast was before the latest reading", () => {
    expect(bench().before).toBeNull();
    const read = bench([entry("20", 8 * DAY, { kind: "dip", data: { vessel: vid("A"), clearMm: 200 } })]);
    expect(read.before).toMatchObject({ readings: 0, size: 1, readyAt: bench().asItIs.readyAt });
    expect(read.asItIs.readyAt).not.toBe(read.before?.readyAt);
  });
  it("offers every way once, with what it takes", () => {
    const ways = bench().ways;
    expect(ways.map((w) => w.way)).toEqual(["wait", "warm", "displace", "fine", "centrifuge"]);
    expect(ways[2]).toEqual({ way: "displace", possible: false, because: "no-settler" });
    for (const w of ways)
      if (w.possible) {
        expect(w.days).toBeGreaterThanOrEqual(0);
        expect(w.litres).toBeGreaterThan(0);
        expect(w.litres).toBeLessThanOrEqual(160);
      }
    const settler = [
      entry("20", 5, { kind: "vessel", data: drum("C", "settler") }),
      entry("21", 20, dirty("C", 200, {})),
    ];
    expect(bench(settler).ways[2]).toMatchObject({ possible: true, kWh: 0 });
  });
  it("chooses what asks least among those that are done in time", () => {
    const ways = bench([], DAY).ways;
    expect(chooseWay(ways, Number.POSITIVE_INFINITY)?.way).toBe("wait");
    const hurried = chooseWay(ways, 2);
    expect(hurried && hurried.days <= 2).toBe(true);
    for (const w of ways)
      if (w.possible && hurried && w.days <= 2)
        expect(w.minutes + 2 * w.kWh).toBeGreaterThanOrEqual(hurried.minutes + 2 * hurried.kWh);
    expect(chooseWay(ways, 0.0001)).toBeNull();
  });
  it("offers nothing where nothing settles", () => {
    expect(settleBench(project(setup()), vid("feed"), iso(NOW))).toBeNull();
    expect(settleBench(project(setup()), vid("none"), iso(NOW))).toBeNull();
  });
});

describe("wet oil", () => {
  const tested = (saw: "crackles" | "quiet"): Entry[] => [
    ...setup(),
    entry("20", 60 * DAY, { kind: "water-test", data: { how: "hot-pan", vessel: vid("A"), saw } }),
  ];
  it("is not ready, however clear, and asks for a test instead of the hose", () => {
    const view = viewYard(project(tested("crackles")), iso(61 * DAY));
    const a = view.vessels.find((v) => v.vessel.id === "A");
    expect(a?.settling).toMatchObject({ wet: true, ready: false });
    expect(view.advice.filter((x) => x.vessel === "A").map((x) => x.code)).toEqual(["wet"]);
    const dry = viewYard(project(tested("quiet")), iso(61 * DAY));
    expect(dry.vessels.find((v) => v.vessel.id === "A")?.settling?.ready).toBe(true);
    expect(dry.advice.find((x) => x.vessel === "A")?.code).toBe("draw-off");
  });
});

describe("wet oil, drawn", () => {
  it("is neither filtered nor offered to an engine, and a fill from it is refused", () => {
    const entries: Entry[] = [
      ...setup(),
      entry("20", 50 * DAY, { kind: "water-test", data: { how: "hot-pan", vessel: vid("A"), saw: "foams" } }),
      entry("21", 51 * DAY, {
        kind: "draw-off",
        data: { from: vid("A"), to: vid("feed"), amount: { litres: 60 }, suctionMm: 60, suspendedShare: 0 },
      }),
    ];
    const view = viewYard(project(entries), iso(52 * DAY));
    expect(view.advice.filter((a) => a.vessel === "feed").map((a) => a.code)).toEqual(["wet"]);
    const draw: Draft = {
      kind: "draw-off",
      data: { from: vid("A"), to: vid("B"), amount: { litres: 5 }, suctionMm: 60, suspendedShare: 0 },
    };
    expect(clearanceOf(project(entries), draw, iso(DAY)).warnings).toMatchObject([
      { code: "wet-into-dry", vessel: "B" },
    ]);
    const fill: Draft = {
      kind: "fill",
      data: { vehicle: "van" as never, from: vid("feed"), to: vid("T"), amount: { litres: 5 } },
    };
    const withTank = project([...entries, entry("zz", 1, { kind: "vessel", data: drum("T", "tank") })]);
    expect(clearanceOf(withTank, fill, iso(DAY)).refusals).toMatchObject([
      { code: "wet-into-fuel", from: "feed", into: "T" },
    ]);
  });
});

describe("heels", () => {
  const kettle = entry("19", 1, { kind: "vessel", data: drum("K", "kettle") });
  const heel = (muck: object, litres = 60, minute = 3 * DAY) => {
    const yard = project([...setup(), kettle, entry("20", 3 * DAY - 60, dirty("H", litres, muck))]);
    const view = viewYard(yard, iso(minute));
    const v = view.vessels.find((x) => x.vessel.id === "H");
    if (!v) throw new Error("no heel");
    return { heel: heelOf(v, true), advice: view.advice.filter((a) => a.vessel === "H") };
  };
  it("is worth a wait while oil will stand clear above the muck, and is then drawn again", () => {
    const { heel: h, advice } = heel({ water: 0.1, sludge: 0.1 });
    expect(h.fate).toBe("wait");
    expect(advice).toMatchObject([{ code: "heel-wait" }]);
    expect((advice[0]?.dueAt ?? "") > iso(3 * DAY)).toBe(true);
  });
  it("goes to the kettle where it is mostly cream, to disposal where it is water and sludge", () => {
    expect(heel({ "fryer-fat": 0.6, water: 0.05 }, 12).advice).toMatchObject([{ code: "heel-spent", fate: "kettle" }]);
    expect(heel({ water: 0.4, sludge: 0.4 }, 12).advice).toMatchObject([{ code: "heel-spent", fate: "disposal" }]);
    expect(heel({ water: 0.02 }, 4).heel.fate).toBe("keep");
  });
  it("in a drawn drum is to be pooled; in one that still gives oil it is not", () => {
    const draw = (litres: number): Entry =>
      entry("20", 50 * DAY, {
        kind: "draw-off",
        data: { from: vid("A"), to: vid("feed"), amount: { litres }, suctionMm: 60, suspendedShare: 0 },
      });
    const codes = (litres: number): string[] =>
      viewYard(project([...setup(), draw(litres)]), iso(51 * DAY))
        .advice.filter((a) => a.vessel === "A")
        .map((a) => a.code);
    expect(codes(148)).toEqual(["pool-heel"]);
    expect(codes(60)).toEqual(["draw-off"]);
  });
});

describe("an overflow tank", () => {
  it("is to be emptied before the settler runs over", () => {
    const settler = { header: vid("A"), overflow: vid("B"), cutUm: 20, hoursADay: 24, sludgeMostMm: 200 };
    const yard = project([
      ...setup(),
      entry("20", 3 * DAY, { kind: "vessel", data: { ...drum("C", "settler"), settler } }),
      entry("21", 3 * DAY, dirty("B", 120)),
    ]);
    expect(viewYard(yard, iso(4 * DAY)).advice.find((a) => a.code === "overflow-full")).toMatchObject({ into: "B" });
  });
});

describe("readings that are odd", () => {
  const warnings = (more: Entry[], draft: Draft) =>
    clearanceOf(project([...setup(), ...more]), draft, iso(9 * DAY)).warnings;
  const dip = (data: object): Draft => ({ kind: "dip", data: { vessel: vid("A"), ...data } });
  const first = entry("20", 5 * DAY, { kind: "dip", data: { vessel: vid("A"), clearMm: 300, fatMm: 50 } });
  it.each([
    ["above the rim", dip({ oilMm: 900 }), "above-rim"],
    ["fat above the oil", dip({ oilMm: 400, fatMm: 420 }), "fat-above-oil"],
    ["clear above the oil", dip({ oilMm: 400, clearMm: 460 }), "clear-above-oil"],
  ] as const)("%s: said, not refused", (_, draft, doubt) => {
    const found = clearanceOf(project([...setup(), first]), draft, iso(9 * DAY));
    expect(found.refusals).toEqual([]);
    expect(found.warnings).toMatchObject([{ code: "reading-cannot-be", doubt }]);
  });
  it("of a vessel that was empty then", () => {
    const early = clearanceOf(project(setup().slice(0, 6)), dip({ fatMm: 40 }), iso(9 * DAY));
    expect(early.warnings).toMatchObject([{ doubt: "nothing-there" }]);
  });
  it("that contradict an earlier one, or the book", () => {
    expect(warnings([first], dip({ clearMm: 340 }))).toMatchObject([{ code: "reading-contradicts", of: "clear" }]);
    expect(warnings([first], dip({ fatMm: 30 }))).toMatchObject([{ code: "reading-contradicts", of: "fat" }]);
    expect(warnings([], dip({ oilMm: 300 }))).toMatchObject([{ code: "reading-off-book", readMm: 300 }]);
    const jar = entry("20", 5 * DAY, { kind: "jar", data: { vessel: vid("A"), step: 2, atMm: 60 } });
    const cloudier: Draft = { kind: "jar", data: { vessel: vid("A"), step: 4, atMm: 60 } };
    expect(warnings([jar], cloudier)).toMatchObject([{ of: "jar", before: 2 }]);
  });
  it("and none where all is in order", () => {
    expect(warnings([first], dip({ clearMm: 250, fatMm: 55, oilMm: 624, waterMm: 5 }))).toEqual([]);
  });
});

describe("how good the forecasts were", () => {
  it("holds the forecast of the filling day against the day it was drawn, newest first", () => {
    const draw = (id: string, from: string, minute: number): Entry =>
      entry(id, minute, {
        kind: "draw-off",
        data: { from: vid(from), to: vid("feed"), amount: { litres: 40 }, suctionMm: 90, suspendedShare: 0, came: 1 },
      });
    const t = buildTimeline([
      ...setup(),
      draw("20", "B", 20 * DAY),
      draw("21", "A", 40 * DAY),
      draw("22", "A", 41 * DAY),
    ]);
    const past = pastForecasts(t.head, (at) => yardAt(t, at));
    expect(past.map((p) => p.nameOf)).toEqual(["A", "B"]);
    const [a] = past;
    const said = viewYard(yardAt(t, iso(10)), iso(10)).vessels.find((v) => v.vessel.id === "A")?.settling?.readyAt;
    expect(a?.forecastAt).toBe(said);
    expect(a?.daysAfter).toBeCloseTo((Date.parse(iso(40 * DAY)) - Date.parse(said ?? "")) / 86_400_000, 6);
    expect(a?.came).toBe(1);
  });
});

describe("a lot that was timed through the owner's can", () => {
  it("is as thick as the can says, and settles by that", () => {
    const cup: Draft = {
      kind: "cup",
      data: {
        id: "tin" as never,
        name: "Bean tin",
        readings: [
          { what: "diesel", nuMm2PerS: 4.7, seconds: 15 },
          { what: "canola", nuMm2PerS: 97, seconds: 200 },
        ],
      },
    };
    const time = (seconds: number): Entry[] => [
      ...setup(),
      entry("20", DAY, cup),
      entry("21", DAY, { kind: "cup-test", data: { cup: "tin" as never, vessel: vid("A"), seconds, celsius: 12 } }),
    ];
    const a = (entries: Entry[]) => viewYard(project(entries), iso(NOW)).vessels.find((v) => v.vessel.id === "A");
    const thick = a(time(400));
    expect(thick?.thickness.measured?.nuMm2PerS).toBeGreaterThan(150);
    expect(thick?.thickness.usedFactor).toBeGreaterThan(1.3);
    expect((thick?.settling?.readyAt ?? "") > (a(setup())?.settling?.readyAt ?? "9")).toBe(true);
    // Nothing explains oil as thin as water: the yard's own assumption stands.
    expect(a(time(2))?.thickness.measured).toBeNull();
  });
});
