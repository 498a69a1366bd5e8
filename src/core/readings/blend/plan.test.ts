import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Draft, type Entry, project, type VesselRole } from "../../ledger";
import { drum, entry, iso, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import type { VesselView } from "..";
import { nearestFor } from "./nearest";
import {
  contentsOf,
  dividerMoved,
  type Mixed,
  mixPours,
  mostOil,
  pumpOf,
  refilled,
  type Source,
  sourceOf,
} from "./plan";
import { priceOf } from "./prices";

const vessel = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const buy = (to: string, fluid: "canola" | "diesel" | "kerosene" | "petrol", litres: number, paid?: number): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres }, ...(paid !== undefined && { paid }) },
});
const drafts: Draft[] = [
  vessel("tank", "tank"),
  vessel("can", "blend"),
  vessel("ready", "ready"),
  vessel("kero", "thinner"),
  vessel("petrol", "thinner"),
  vessel("dry", "thinner"),
  buy("tank", "canola", 20),
  buy("ready", "canola", 150),
  buy("kero", "kerosene", 60, 66),
  buy("petrol", "petrol", 20),
];
const entries: Entry[] = drafts.map((d, i) => entry(`e${i}`, i, d));
const view = viewYard(project(entries), iso(60));
const v = (id: string, of = view): VesselView => {
  const found = of.vessels.find((x) => x.vessel.id === id);
  if (!found) throw new Error(id);
  return found;
};
const { fluids } = view;
const source = (id: string, of = view): Source => {
  const found = sourceOf(v(id, of), fluids, of);
  if (!found) throw new Error(`no fuel in ${id}`);
  return found;
};
const terms = { lowCelsius: -2, limitMm2PerS: 15, atPumpCelsius: 40, fluids };
const mixed = (tank: string, from: readonly Source[], litres: readonly number[]): Mixed => {
  const found = mixPours(contentsOf(v(tank), fluids), from, litres, terms);
  if (!found) throw new Error("nothing");
  return found;
};
const plan = (tank: string, thinner: Source, fillTo: number) =>
  mostOil(contentsOf(v(tank), fluids), [source("ready"), thinner], fillTo, terms);

describe("planning a blend", () => {
  it("meets the pump limit on tonight's cold with the most oil, and is thinner still at a warm pump", () => {
    const litres = plan("tank", source("kero"), 60);
    if ("code" in litres) throw new Error(litres.code);
    const after = mixed("tank", [source("ready"), source("kero")], litres);
    expect(after.nuMm2PerS).toBeCloseTo(15, 4);
    expect(after.atPump?.nuMm2PerS).toBeLessThan(6);
    expect(after.totalLitres).toBeCloseTo(60, 9);
    const more = mixed("tank", [source("ready"), source("kero")], [litres[0] + 2, litres[1] - 2]);
    expect(more.nuMm2PerS).toBeGreaterThan(15);
  });
  it("says what a litre of it is worth beside diesel, by heating value", () => {
    const diesel = mixed("can", [pumpOf("diesel", fluids, view)], [10]);
    expect(diesel).toMatchObject({ energyRatio: 1, oilShare: 0, hazard: "like-diesel" });
    // 0.92 kg/L of 37.4 MJ/kg against 0.84 of 42.8.
    expect(mixed("can", [source("ready")], [10]).energyRatio).toBeCloseTo((0.92 * 37.4) / (0.84 * 42.8), 9);
  });
  it("flashes like petrol with any of it, poured or spoiled", () => {
    expect(mixed("can", [source("ready"), source("petrol")], [10, 3])).toMatchObject({
      flashCelsius: -40,
      hazard: "like-petrol",
    });
    const spoiled = viewYard(project([...entries, entry("spoil", drafts.length, buy("kero", "petrol", 1))]), iso(60));
    const can = source("kero", spoiled);
    expect(
      mixed("can", [source("ready"), can], [10, 10])
        .after.map((p) => p.fluid.id)
        .sort(),
    ).toEqual(["canola", "kerosene", "petrol"]);
  });
  it("knows a can without fuel, and what was paid for what is in another", () => {
    expect(sourceOf(v("dry"), fluids, view)).toBeNull();
    expect(source("kero")).toMatchObject({ pricePerLitre: 1.1, isOil: false, fluid: "kerosene" });
    expect(source("ready")).toMatchObject({ pricePerLitre: null, isOil: true });
  });
  it("says why there is no plan, and what would give one", () => {
    expect(plan("tank", source("kero"), 20)).toEqual({ code: "tank-full" });
    expect(plan("tank", source("kero"), 22)).toEqual({ code: "too-thick-even-with-thinner-only" });
    const ask = (more: object) =>
      nearestFor({
        contents: contentsOf(v("tank"), fluids),
        fillToLitres: 22,
        capacityLitres: 218,
        sources: [source("ready"), source("kero")],
        lowCelsius: -2,
        limitMm2PerS: 15,
        staysClear: false,
        fluids,
        mayThinWith: ["diesel", "kerosene"],
        ...more,
      });
    const [further, drain] = ask({});
    if (further?.code !== "fill-at-least") throw new Error(further?.code);
    const fuller = mixPours(contentsOf(v("tank"), fluids), [source("kero")], [further.litres - 20], terms);
    expect(fuller?.nuMm2PerS).toBeCloseTo(15, 4);
    if (drain?.code !== "drain-first") throw new Error(drain?.code);
    // With that much let out, and kerosene for all of the room, it just meets the limit.
    const left = contentsOf(v("tank"), fluids).map((p) => ({ ...p, litres: p.litres - drain.litres }));
    const filled = mixPours(left, [source("kero")], [2 + drain.litres], terms);
    expect(filled?.nuMm2PerS).toBeCloseTo(15, 4);
    expect(ask({})).toContainEqual(expect.objectContaining({ code: "good-down-to" }));
    const carried = ask({ contents: contentsOf(v("kero"), fluids), fillToLitres: 200, sources: [source("ready")] });
    const [most] = carried;
    if (most?.code !== "pour-at-most") throw new Error(most?.code);
    const just = mixPours(contentsOf(v("kero"), fluids), [source("ready")], [most.litres], terms);
    expect(just?.nuMm2PerS).toBeCloseTo(15, 4);
    expect(ask({ fillToLitres: 260 })).toEqual([
      { code: "fill-to", litres: 230 },
      { code: "buy", fluid: "kerosene", litres: 30 },
    ]);
    const diesel = [source("ready"), pumpOf("diesel", fluids, view)];
    expect(ask({ fillToLitres: 60, sources: diesel, lowCelsius: -26 })[0]).toEqual({
      code: "nothing-stays-liquid",
      fluid: "kerosene",
      celsius: -50,
    });
    expect(ask({ contents: [], fillToLitres: 60, sources: diesel, lowCelsius: -9, staysClear: true })).toContainEqual({
      code: "let-it-fall-out",
    });
    expect(ask({ contents: [], fillToLitres: 60, sources: diesel, limitMm2PerS: 5 })).toContainEqual(
      expect.objectContaining({ code: "thin-with", fluid: "kerosene" }),
    );
  });
});

describe("a divider of the mix bar", () => {
  it("moves litres from one to its neighbour, and loses none", () => {
    const bar = fc.array(fc.double({ min: 0, max: 100, noNaN: true }), { minLength: 2, maxLength: 6 });
    fc.assert(
      fc.property(bar, fc.nat(4), fc.double({ min: -300, max: 300, noNaN: true }), (litres, at, by) => {
        const divider = at % (litres.length - 1);
        const moved = dividerMoved(litres, divider, by);
        const sum = (l: readonly number[]): number => l.reduce((a, b) => a + b, 0);
        expect(sum(moved)).toBeCloseTo(sum(litres), 6);
        expect(Math.min(...moved)).toBeGreaterThanOrEqual(0);
        expect(moved.filter((l, i) => l !== litres[i]).length).toBeLessThanOrEqual(2);
      }),
    );
  });
  it("keeps the shares when the room changes", () => {
    expect(refilled([10, 30], 20)).toEqual([5, 15]);
    expect(refilled([0, 0], 20)).toEqual([0, 0]);
    expect(refilled([1, 1], -4)).toEqual([0, 0]);
  });
});

describe("a price", () => {
  const priced = (steps: { fromLitres: number; pricePerLitre: number }[]) => ({
    ...view,
    prices: { kerosene: { at: iso(5), pricePerLitre: 1.2, steps } },
  });
  it("falls with the amount, where the owner said so", () => {
    const steps = [
      { fromLitres: 200, pricePerLitre: 0.9 },
      { fromLitres: 50, pricePerLitre: 1.05 },
    ];
    const of = (litres: number) => priceOf(priced(steps), "kerosene", litres)?.perLitre;
    expect([of(10), of(50), of(199), of(1000)]).toEqual([1.2, 1.05, 1.05, 0.9]);
  });
  it("of diesel is the yard's mark until a purchase or its owner says otherwise; of what nobody has said, none", () => {
    expect(priceOf({ ...view, prices: {} }, "diesel")).toEqual({ perLitre: 1.6, at: null });
    expect(priceOf(view, "petrol")).toBeNull();
    expect(priceOf(view, "kerosene")).toEqual({ perLitre: 1.1, at: iso(8) });
  });
});
