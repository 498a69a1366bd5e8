import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../../driving/rig";
import { type Draft, type PlaceId, project, type Source } from "../../ledger";
import { drum, entry, iso, kitchen, sid, vid } from "../../ledger/testing";
import { planRound } from "../../rounds";
import { capacityLitres } from "../../vessels";
import { viewYard } from "../../view";
import { askRound, openingsOn, type RoundChoice, roomAlong, SAFE_SHARE, settlingRoom } from "..";

const DAY = 1440;
const trailer = "trailer" as PlaceId;
const safe = SAFE_SHARE * capacityLitres(drum("any"));

const source = (id: string, more: Partial<Source>): Draft => ({
  kind: "source",
  data: { ...kitchen, id: sid(id), name: id, ...more },
});
const base: Draft[] = [
  { kind: "settings", data: { home: { latitude: 57, longitude: -22 } } },
  { kind: "place", data: { id: trailer, name: "Trailer", kind: "trailer", payloadKg: 300, vehicle: "van" as never } },
  { kind: "vessel", data: drum("home", "raw") },
  { kind: "vessel", data: drum("settling", "settling") },
  { kind: "vessel", data: { ...drum("aboard", "raw"), place: trailer } },
  { kind: "vessel", data: { ...drum("tin", "raw"), place: trailer, apart: true } },
  { kind: "vessel", data: drum("tank", "tank") },
  source("near", { spot: { kind: "map", eastKm: 2, northKm: 1 }, pricePerLitre: 0.2 }),
  source("far", { spot: { kind: "earth", latitude: 57.1, longitude: -22 } }),
  source("shed", { spot: { kind: "map", eastKm: 1, northKm: 0 }, fluid: "motor-oil", dirt: "engine-oil" }),
  source("lost", {}),
];
const viewAt = (day: number, more: readonly Draft[]) =>
  viewYard(project([...base, ...more].map((d, i) => entry(String(i).padStart(3, "0"), i, d))), iso(day * DAY));
const yardWith = (...more: Draft[]) => viewAt(20, more);
const choice: RoundChoice = {
  by: trailer,
  weekday: 2,
  minute: 9 * 60,
  hours: 3,
  payloadKg: 300,
  settlingRoomLitres: 100,
  ends: "home",
  leftOut: [],
};
const buy = (to: string, fluid: "canola" | "motor-oil" | "diesel" | "palm", litres: number): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres } },
});

describe("the question a round is planned from", () => {
  it("has every source with a place, by map or by earth, and names the others", () => {
    const asked = askRound(yardWith(), choice);
    expect(asked.sources).toEqual(["near", "far", "shed"]);
    expect(asked.unplaced).toEqual(["lost"]);
    expect(asked.question.stops[1]?.northKm).toBeCloseTo(11.12, 2);
    expect(asked.question.stops.map((s) => s.apart)).toEqual([false, false, true]);
    expect(asked.question.stops[0]?.valuePerLitre).toBeCloseTo(0.8 * 1.6 - 0.2, 9);
    expect(askRound(yardWith({ kind: "settings", data: { home: null } }), choice).unplaced).toEqual(["far", "lost"]);
  });
  it("leaves out whom a person leaves out, and who has nothing", () => {
    expect(askRound(yardWith(), { ...choice, leftOut: [sid("far")] }).sources).toEqual(["near", "shed"]);
    const emptied: Draft = {
      kind: "pickup",
      data: { source: sid("near"), to: vid("aboard"), fluid: "canola", amount: { litres: 20 }, muck: {} },
      happenedAt: iso(20 * DAY),
    };
    expect(askRound(yardWith(emptied), choice).sources).toEqual(["far", "shed"]);
  });
  it("is of the sixty that promise most, where there are more", () => {
    const many = Array.from({ length: 70 }, (_, i) =>
      source(`kitchen-${i}`, { spot: { kind: "map", eastKm: i, northKm: 1 }, pricePerLitre: i / 100 }),
    );
    const asked = askRound(yardWith(...many), choice);
    expect(asked.sources).toHaveLength(60);
    expect(asked.beyond).toHaveLength(13);
    expect(asked.beyond).toContain("kitchen-69");
    expect(asked.sources).toContain("kitchen-0");
  });
  it("takes the containers that go along: the trailer's with it, home's without; engine oil's on their own", () => {
    const view = yardWith(buy("aboard", "canola", 30));
    expect(roomAlong(view, trailer).kitchenLitres).toBeCloseTo(safe - 30, 9);
    expect(roomAlong(view, trailer).apartLitres).toBeCloseTo(safe, 9);
    expect(roomAlong(view, null)).toEqual({ kitchenLitres: safe, apartLitres: 0 });
    const engine = yardWith(buy("aboard", "motor-oil", 30));
    expect(roomAlong(engine, trailer).kitchenLitres).toBe(0);
  });
  it("never collects more than can settle: room less what waits for it, and more once the clear is drawn", () => {
    expect(settlingRoom(yardWith(), null)).toEqual({ litres: safe, onceDrawnLitres: safe });
    expect(settlingRoom(yardWith(buy("home", "canola", 50)), null).litres).toBeCloseTo(safe - 50, 9);
    expect(settlingRoom(yardWith(buy("aboard", "canola", 60)), null).litres).toBeCloseTo(safe - 60, 9);
    const ready = settlingRoom(viewAt(120, [buy("settling", "canola", 190)]), null);
    expect(ready.litres).toBeCloseTo(safe - 190, 9);
    expect(ready.onceDrawnLitres).toBeGreaterThan(ready.litres + 100);
    const plan = planRound(askRound(yardWith(), { ...choice, settlingRoomLitres: 12 }).question, () => undefined);
    const kitchenLitres = plan.order.reduce((sum, s) => (s.stop === 2 ? sum : sum + s.litres), 0);
    expect(kitchenLitres).toBeLessThanOrEqual(12 + 1e-9);
  });
  it("starts where a traveller stands, and need not come home", () => {
    const spot = { kind: "map", eastKm: 5, northKm: 5 } as const;
    const moved: Draft = { kind: "place", data: { id: trailer, name: "Bus", kind: "bus", payloadKg: 300, spot } };
    const asked = askRound(yardWith(moved), { ...choice, ends: "last-stop" });
    expect(asked.question).toMatchObject({ home: { eastKm: 5, northKm: 5 }, oneWay: true });
    expect(asked.question.end).toBeUndefined();
    expect(askRound(yardWith(moved), choice).question.end).toEqual({ eastKm: 0, northKm: 0 });
  });
});

describe("opening hours", () => {
  const access = [{ weekdays: [2, 3], fromMinute: 600, toMinute: 840 }];
  it("are counted from setting off, today's and tomorrow's", () => {
    expect(openingsOn(access, 2, 540)).toEqual([
      { fromHours: 1, toHours: 5 },
      { fromHours: 25, toHours: 29 },
    ]);
    expect(openingsOn(access, 1, 540)).toEqual([{ fromHours: 25, toHours: 29 }]);
    expect(openingsOn(access, 7, 0)).toEqual([]);
  });
  it("are none where one may always come", () => {
    expect(openingsOn(undefined, 2, 540)).toBeUndefined();
    expect(openingsOn([], 2, 540)).toBeUndefined();
  });
  it("that begin after one is home again count as closed", () => {
    const view = yardWith(source("near", { spot: { kind: "map", eastKm: 2, northKm: 1 }, access }));
    const open = (more: Partial<RoundChoice>) => askRound(view, { ...choice, ...more }).question.stops[0]?.open;
    expect(open({})).toEqual([{ fromHours: 1, toHours: 5 }]);
    expect(open({ hours: 0.5 })).toEqual([]);
    expect(open({ minute: 15 * 60 })).toEqual([]);
  });
});

describe("a van, bus or trailer", () => {
  const van: Draft = {
    kind: "vehicle",
    data: {
      id: "van" as never,
      name: "Van",
      kind: "single",
      tank: vid("tank"),
      burnLitresPerHour: 5,
      rig: rigFromShelf("plain"),
    },
  };
  const known: Draft = { kind: "vehicle", data: { ...(van.data as object), litresPer100Km: 10 } as never };
  const trip = (km: number): Draft => ({
    kind: "trip",
    data: {
      vehicle: "van" as never,
      km,
      minutes: { startOnDiesel: 0, onOil: 60, purge: 0 },
      burned: [{ from: vid("tank"), litres: 12 }],
    },
  });
  const place = (...more: Draft[]) => yardWith(...more).places[0];

  it("carries what is in its containers, and has the rest of its payload left", () => {
    expect(place(buy("aboard", "canola", 80))).toMatchObject({ litresAboard: 80, payloadLeftKg: 220 });
  });
  it("gets as far as its tanks and ready oil go, at what its trips burned", () => {
    expect(place(van, buy("tank", "diesel", 40))?.range).toBeNull();
    expect(place(known, buy("tank", "diesel", 40))?.range).toMatchObject({ km: 400, litres: 40, measuredKm: 0 });
    const ready: Draft = { kind: "vessel", data: { ...drum("clean", "ready"), place: trailer } };
    expect(place(known, buy("tank", "diesel", 40), ready, buy("clean", "canola", 60))?.range?.km).toBeCloseTo(1000, 9);
    // What still settles, or would set in the cold, takes nobody anywhere.
    const raw: Draft = { kind: "vessel", data: { ...drum("unclear", "settling"), place: trailer } };
    expect(place(known, buy("tank", "diesel", 40), raw, buy("unclear", "canola", 60))?.range?.km).toBe(400);
    expect(place(known, buy("tank", "diesel", 40), ready, buy("clean", "palm", 60))?.range?.km).toBe(400);
    const driven = place(known, buy("tank", "diesel", 52), trip(80))?.range;
    expect(driven).toMatchObject({ litresPer100Km: 15, measuredKm: 80, litres: 40 });
    expect(place(known, buy("tank", "diesel", 52), trip(20))?.range?.measuredKm).toBe(0);
  });
});
