import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { balance } from "./balance";
import type { Entry } from "./entry";
import { offerEntry } from "./guard";
import { EntryId, VehicleId } from "./ids";
import { project } from "./project";
import { drum, entry, fullEntries, iso, kitchen, move, pickup, vid } from "./testing";
import { appendEntries, buildTimeline, yardAt } from "./timeline";

/** A shed with a history older than its book: everything is written down after it was used. */
const old: Entry[] = [
  entry("01", 10, pickup("A", 60), 9000),
  entry("02", 20, move("A", "B", 15), 9001),
  entry("03", 9010, { kind: "vessel", data: drum("A") }),
  entry("04", 9011, { kind: "vessel", data: drum("B") }),
  entry("05", 9012, { kind: "source", data: kitchen }),
  entry("06", 9020, move("B", "A", 5)),
  entry("07", 9030, { kind: "vessel", data: { ...drum("A"), name: "Big drum" } }),
];
const litres = (yard: ReturnType<typeof project>, id: string): number =>
  yard.vessels.get(vid(id))?.contents.total ?? Number.NaN;

describe("what is used before somebody writes down what it is", () => {
  it("is there from its first use, and not before", () => {
    const yard = project(old);
    expect(yard.faults).toEqual([]);
    expect([litres(yard, "A"), litres(yard, "B")]).toEqual([50, 10]);
    expect(balance(yard).closes).toBe(true);
    expect(yard.sources.get(kitchen.id)).toMatchObject({ knownSince: iso(10), pickups: 1 });
    expect([...project(old, iso(12)).vessels.keys()]).toEqual(["A"]);
    expect([...project(old, iso(5)).vessels.keys()]).toEqual([]);
    // As it was first said to be, until it is said to be otherwise.
    expect(project(old, iso(9025)).vessels.get(vid("A"))?.vessel.name).toBe("A");
    expect(yard.vessels.get(vid("A"))?.vessel.name).toBe("Big drum");
  });
  it("whatever order the entries come in, and however many at a time, the yard is the same", () => {
    const whole = project(old);
    const faultsOf = (t: ReturnType<typeof buildTimeline>) => t.head.faults;
    fc.assert(
      fc.property(
        fc.shuffledSubarray(old, { minLength: old.length }),
        fc.integer({ min: 1, max: 3 }),
        (order, size) => {
          let t = buildTimeline([]);
          for (let i = 0; i < order.length; i += size) t = appendEntries(t, order.slice(i, i + size));
          expect(faultsOf(t)).toEqual([]);
          expect(t.head.vessels).toEqual(whole.vessels);
          expect(t.head.sources).toEqual(whole.sources);
          expect(yardAt(t, iso(15)).vessels).toEqual(project(old, iso(15)).vessels);
        },
      ),
      { numRuns: 80 },
    );
  });
  it("cannot lose what says so: a void of it is refused, a correction reaches back", () => {
    const t = buildTimeline(old);
    const gone = entry("90", 9100, { kind: "void", data: { entry: EntryId.parse("05"), reason: "slip" } });
    expect(offerEntry(t, gone, iso(9200))).toMatchObject({ ok: false, error: { code: "unknown-source" } });
    const better = entry("91", 9100, {
      kind: "source",
      data: { ...kitchen, name: "Harbour school" },
      replaces: EntryId.parse("05"),
    });
    const offered = offerEntry(t, better, iso(9200));
    expect(offered.ok && offered.value.head.sources.get(kitchen.id)?.source.name).toBe("Harbour school");
    expect(offered.ok && yardAt(offered.value, iso(15)).sources.get(kitchen.id)?.source.name).toBe("Harbour school");
  });
  it("is still a fault where nobody ever says what it is", () => {
    expect(project(old.filter((e) => e.id !== "04")).faults).toMatchObject([
      { code: "unknown-vessel", entry: "02" },
      { code: "unknown-vessel", entry: "06" },
    ]);
  });
});

describe("what stood there at the start", () => {
  const standing = (litresIn: number, muck = {}): Entry =>
    entry("10", 5, { kind: "opening", data: { to: vid("A"), fluid: "canola", amount: { litres: litresIn }, muck } });
  const shed = [entry("11", 9000, { kind: "vessel", data: drum("A") })];
  it("stands since then, is nobody's, and the balance closes over it", () => {
    const yard = project([...shed, standing(80, { sludge: 0.1 })]);
    expect(yard.vessels.get(vid("A"))).toMatchObject({ stirredAt: iso(5), quality: { filteredUm: null } });
    expect(balance(yard)).toMatchObject({ in: { opening: 80, collected: 0 }, closes: true });
  });
  it("is no more dirt than there is of it", () => {
    expect(offerEntry(buildTimeline(shed), standing(10, { water: 0.7, sludge: 0.7 }), iso(9999))).toMatchObject({
      ok: false,
      error: { code: "invalid" },
    });
  });
});

describe("what is retired", () => {
  const retire = (id: string, minute: number, back = false): Entry =>
    entry(`r${minute}`, minute, {
      kind: "retire",
      data: { what: { kind: "vessel", id: vid(id) }, ...(back && { back }) },
    });
  it("must be empty, leaves, and comes back", () => {
    const t = buildTimeline(old);
    expect(offerEntry(t, retire("A", 9100), iso(9999))).toMatchObject({
      ok: false,
      error: { code: "still-holds", vessel: "A", litres: 50 },
    });
    const emptied = appendEntries(t, [entry("80", 9090, move("A", "B", 50))]);
    const gone = offerEntry(emptied, retire("A", 9100), iso(9999));
    expect(gone.ok && [...gone.value.head.retired]).toEqual([["vessel A", iso(9100)]]);
    const again = gone.ok ? offerEntry(gone.value, retire("A", 9200, true), iso(9999)) : gone;
    expect(again.ok && again.value.head.retired.size).toBe(0);
  });
  it("takes a vehicle's tanks along, once they are empty, and brings them back", () => {
    const full = fullEntries();
    const sold = (back = false) =>
      entry(`s${back}`, back ? 9300 : 9100, {
        kind: "retire",
        data: { what: { kind: "vehicle", id: VehicleId.parse("tractor") }, ...(back && { back }) },
      });
    const t = buildTimeline(full);
    expect(offerEntry(t, sold(), iso(9999))).toMatchObject({
      ok: false,
      error: { code: "still-holds", vessel: "tank" },
    });
    const emptied = appendEntries(t, [entry("80", 9090, move("tank", "B", 40))]);
    const gone = offerEntry(emptied, sold(), iso(9999));
    expect(gone.ok && [...gone.value.head.retired.keys()]).toEqual(["vehicle tractor", "vessel tank"]);
    const back = gone.ok ? offerEntry(gone.value, sold(true), iso(9999)) : gone;
    expect(back.ok && back.value.head.retired.size).toBe(0);
  });
  it.each([
    [{ kind: "source", id: "x" }, "unknown-source"],
    [{ kind: "bag", id: "x" }, "unknown-bag"],
    [{ kind: "vehicle", id: "x" }, "unknown-vehicle"],
    [{ kind: "place", id: "x" }, "unknown-place"],
    [{ kind: "cup", id: "x" }, "unknown-cup"],
    [{ kind: "vessel", id: "x" }, "unknown-vessel"],
  ])("must be there: %j", (what, code) => {
    const draft = entry("r1", 9100, { kind: "retire", data: { what } } as never);
    expect(offerEntry(buildTimeline(old), draft, iso(9999))).toMatchObject({ ok: false, error: { code } });
  });
});
