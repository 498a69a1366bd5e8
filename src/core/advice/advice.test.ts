import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import type { Draft, Entry, VehicleId } from "../ledger";
import { project } from "../ledger";
import { drum, entry, iso, kitchen, move, pickup, vat, vid } from "../ledger/testing";
import { pastOf, safeLitres } from "../readings";
import { viewYard, type YardView } from "../view";

const DAY = 1440;
const setup = (): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: { ...vat("feed"), role: "feed" } }),
  entry("03", 0, { kind: "vessel", data: { ...vat("ready"), role: "ready" } }),
  entry("04", 0, { kind: "vessel", data: { ...drum("pail"), role: "raw" } }),
  entry("05", 0, { kind: "source", data: { ...kitchen, dirt: "light-fryer" } }),
  entry("06", 0, { kind: "weather", data: { shedCelsius: 12, tonightLowCelsius: -2 } }),
];
const at = (entries: Entry[], minute: number): YardView => viewYard(project(entries), iso(minute));
const codes = (v: YardView): string[] => v.advice.map((a) => a.code);
const write = (id: string, minute: number, draft: Draft): Entry => entry(id, minute, draft);

describe("settling", () => {
  const filled = [...setup(), write("10", 10, pickup("A", 150))];
  it("forecasts a date and a height, and calls for the hose when it has come", () => {
    const early = at(filled, 20);
    const draw = early.advice.find((a) => a.code === "draw-off");
    expect(draw && draw.dueAt > early.at).toBe(true);
    expect(early.vessels[0]?.settling?.ready).toBe(false);
    const late = at(filled, 60 * DAY);
    expect(late.vessels[0]?.settling?.ready).toBe(true);
    expect(late.advice[0]).toMatchObject({ code: "draw-off", vessel: "A", aboveMm: 25 });
  });
  it("starts again when it is carried or topped up, not when it is dipped", () => {
    const carried = [
      ...filled,
      write("11", 30 * DAY, { kind: "disturbed", data: { vessel: vid("A"), how: "carried" } }),
    ];
    const dipped = [...filled, write("11", 30 * DAY, { kind: "dip", data: { vessel: vid("A"), fatMm: 40 } })];
    expect(at(carried, 31 * DAY).vessels[0]?.settling?.hours).toBeCloseTo(24, 6);
    expect(at(dipped, 31 * DAY).vessels[0]?.settling?.hours).toBeGreaterThan(24 * 30);
    expect(at(dipped, 31 * DAY).vessels[0]?.settling?.drawOffMm).toBe(65);
  });
  it("is slower in the cold that was logged", () => {
    const cold = [...filled, write("11", DAY, { kind: "weather", data: { shedCelsius: 3 } })];
    const ready = (entries: Entry[]): string => at(entries, 2 * DAY).vessels[0]?.settling?.readyAt ?? "";
    expect(ready(cold) > ready(filled)).toBe(true);
  });
  it("stands at the station's disc with its litres", () => {
    expect(at(filled, 20).stations.settle.litres).toBeCloseTo(150, 9);
    expect(pastOf(project(filled), vid("A"))?.from).toEqual(["Ropewalk canteen"]);
  });
});

describe("raw oil", () => {
  const raw = (muck: { "fryer-fat"?: number }, fluid: "canola" | "motor-oil" = "canola"): Entry[] => [
    ...setup(),
    write("10", 10, {
      kind: "pickup",
      data: { source: kitchen.id, to: vid("pail"), fluid, amount: { litres: 20 }, muck },
    }),
  ];
  it("is tipped in to settle", () => {
    expect(at(raw({}), 20).advice).toContainEqual(
      expect.objectContaining({ code: "tip-in", into: "A", vessel: "pail" }),
    );
  });
  it("is tipped in only as far as is safe, and never into a drum that a word of caution would follow", () => {
    const holding = (litres: number): Entry[] => [
      ...raw({}),
      write("11", 11, { kind: "purchase", data: { to: vid("A"), fluid: "canola", amount: { litres } } }),
    ];
    const tipped = (litres: number) =>
      at(holding(litres), 20).advice.find((a) => a.code === "tip-in" || a.code === "let-stand");
    const room = safeLitres(drum("A"));
    expect(tipped(room - 25)).toMatchObject({ litres: 20 });
    expect(tipped(room - 12)).toMatchObject({ litres: expect.closeTo(12, 6) });
    expect(tipped(room - 4)).toBeUndefined();
  });
  it("aboard a bus that is away is not sent into a drum at home; on a trailer at home it is", () => {
    const aboard = (spot: boolean): Entry[] => {
      const place = { id: "bus" as never, name: "Bus", kind: "bus" as const, payloadKg: 300 };
      const away = { ...place, spot: { kind: "map" as const, eastKm: 9, northKm: 0 } };
      return [
        ...setup(),
        write("08", 8, { kind: "place", data: spot ? away : place }),
        write("09", 9, { kind: "vessel", data: { ...drum("can", "raw"), place: place.id } }),
        write("10", 10, {
          kind: "pickup",
          data: { source: kitchen.id, to: vid("can"), fluid: "canola", amount: { litres: 20 }, muck: {} },
        }),
      ];
    };
    const said = (spot: boolean) => at(aboard(spot), 20).advice.map((a) => a.code);
    expect(said(false)).toContain("tip-in");
    expect(said(true)).not.toContain("tip-in");
  });
  it("is held apart when it is creamy, or from an engine", () => {
    expect(at(raw({ "fryer-fat": 0.2 }), 20).advice[0]).toMatchObject({ code: "hold-apart", because: "fat" });
    expect(at(raw({}, "motor-oil"), 20).advice[0]).toMatchObject({ code: "hold-apart", because: "engine-oil" });
  });
});

describe("filter and store", () => {
  it("sends what was drawn off through the bags, and says when a bag chokes", () => {
    const bag = "b5" as never;
    const run = (id: string, minute: number, minutes: number): Entry =>
      write(id, minute, {
        kind: "filter-run",
        data: { from: vid("feed"), to: vid("ready"), bags: [bag], amount: { litres: 10 }, minutes, lossLitres: 0.1 },
      });
    const entries = [
      ...setup(),
      write("09", 5, { kind: "bag", data: { id: bag, name: "5 µm", ratingUm: 5, areaM2: 0.25 } }),
      write("10", 10, pickup("feed", 100)),
      run("11", 20, 12),
      run("12", 30, 13),
      run("13", 40, 12),
    ];
    expect(codes(at(entries, 50))).toContain("filter");
    expect(codes(at([...entries, run("14", 50, 20)], 60))).not.toContain("slow-bag");
    expect(at([...entries, run("14", 50, 60)], 60).advice).toContainEqual(
      expect.objectContaining({ code: "slow-bag", bag }),
    );
  });
});

describe("vehicles", () => {
  const id = "truck" as VehicleId;
  const tanks = [
    write("07", 1, { kind: "vessel", data: { ...vat("diesel-tank"), role: "tank" } }),
    write("08", 1, { kind: "vessel", data: { ...vat("oil-tank"), role: "tank" } }),
    write("09", 2, {
      kind: "vehicle",
      data: {
        id,
        name: "Truck",
        kind: "dual",
        dieselTank: vid("diesel-tank"),
        oilTank: vid("oil-tank"),
        burnLitresPerHour: 7,
        rig: rigFromShelf("loop"),
      },
    }),
    write("10", 3, { kind: "purchase", data: { to: vid("diesel-tank"), fluid: "diesel", amount: { litres: 30 } } }),
    write("11", 3, pickup("oil-tank", 40)),
  ];
  const yard = [...setup(), ...tanks];
  it("of two tanks and no heat: the oil must be thin as it stands, and Next up says which tank is not", () => {
    const rigged = (shelf: "loop" | "unheated") =>
      yard.map((e) => (e.kind === "vehicle" ? { ...e, data: { ...e.data, rig: rigFromShelf(shelf) } } : e));
    const thick = (shelf: "loop" | "unheated") =>
      at(rigged(shelf) as Entry[], 20).advice.filter((a) => a.code === "too-thick");
    expect(thick("loop")).toEqual([]);
    expect(thick("unheated")).toMatchObject([{ vessel: "oil-tank", vehicle: id, station: "blend" }]);
  });
  it("are let be while the diesel is diesel", () => {
    expect(codes(at(yard, 20)).filter((c) => c === "diesel-tainted" || c === "too-thick")).toEqual([]);
  });
  it("find waste oil in the diesel tank, and that it is too thick tonight", () => {
    expect(codes(at([...yard, write("12", 10, move("oil-tank", "diesel-tank", 4))], 20))).toContain("diesel-tainted");
    expect(codes(at([...yard, write("12", 10, move("oil-tank", "diesel-tank", 40))], 20))).toContain("too-thick");
  });
  it("warn of a cold stop with oil at the pump", () => {
    const stopped = write("12", 10, {
      kind: "trip",
      data: {
        vehicle: id,
        minutes: { startOnDiesel: 5, onOil: 20, purge: 1 },
        burned: [{ from: vid("oil-tank"), litres: 2 }],
        forecast: { residualShare: 0.5 },
      },
    });
    expect(at([...yard, stopped], 20).advice).toContainEqual(
      expect.objectContaining({ code: "not-purged", oilShare: 0.5 }),
    );
  });
});

it("due first is first, and every advice has an id of its own", () => {
  const v = at([...setup(), write("10", 10, pickup("A", 150)), write("11", 10, pickup("pail", 20))], 30);
  const due = v.advice.map((a) => [a.dueAt, v.at].sort()[1]);
  expect([...due].sort()).toEqual(due);
  expect(new Set(v.advice.map((a) => a.id)).size).toBe(v.advice.length);
});
