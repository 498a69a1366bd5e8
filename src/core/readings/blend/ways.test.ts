import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS, type Draft, type Entry, project } from "../../ledger";
import { drum, entry, iso, pickup, sid, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { usualLot, usualWaysTask, waysTaskOf, worthFiring } from "./ways";

const viewOf = (...drafts: Draft[]) => {
  const things: Draft[] = [
    { kind: "source", data: { id: sid("kitchen"), name: "Ropewalk canteen", container: "pail" } },
    { kind: "vessel", data: drum("A") },
    { kind: "vessel", data: drum("R", "ready") },
  ];
  return viewYard(project([...things, ...drafts].map((d, i): Entry => entry(String(i), i, d))), iso(600));
};
const price = (what: "diesel" | "kerosene", pricePerLitre: number, from = 0, then = 0): Draft => ({
  kind: "price",
  data: { what, pricePerLitre, ...(from > 0 && { steps: [{ fromLitres: from, pricePerLitre: then }] }) },
});

describe("what a yard's ways are compared by", () => {
  it("is the lot's own oil, its wait, and the owner's prices by how much is bought", () => {
    const view = viewOf(pickup("A", 120), price("kerosene", 1.2, 200, 0.9));
    const lot = usualLot(view);
    expect(lot?.vessel.id).toBe("A");
    const task = lot && waysTaskOf(view, lot);
    expect(task).toMatchObject({ oil: { usedFactor: 1.15 }, hasSecondTank: false });
    expect(task?.oil.fluid.id).toBe("canola");
    expect(task?.daysToClear).toBeGreaterThan(1);
    expect(task?.prices).toMatchObject({ dieselPerLitre: 1.6, kerosenePerLitre: 1.2, petrolPerLitre: 1.7 });
    expect(lot && waysTaskOf(view, lot, 200)?.prices.kerosenePerLitre).toBe(0.9);
  });
  it("is ready oil before what still settles, and fried canola where there is none", () => {
    const buy: Draft = { kind: "purchase", data: { to: vid("R"), fluid: "soybean", amount: { litres: 20 } } };
    expect(usualLot(viewOf(pickup("A", 120), buy))?.vessel.id).toBe("R");
    const empty = viewOf();
    expect(usualLot(empty)).toBeUndefined();
    expect(usualWaysTask(empty)).toMatchObject({ daysToClear: 0, oil: { usedFactor: DEFAULT_SETTINGS.usedFactor } });
  });
});

describe("a kit that stands idle", () => {
  const idle: Draft = { kind: "settings", data: { mothballed: ["biodiesel"] } };
  it("is woken by the pump's price, and not before, with or without oil in the yard", () => {
    for (const oil of [[], [pickup("A", 50)]]) {
      expect(worthFiring(viewOf(...oil, idle, price("diesel", 0.9)))).toEqual([]);
      const [dear] = worthFiring(viewOf(...oil, idle, price("diesel", 2.4)));
      expect(dear?.id).toBe("biodiesel");
      expect(dear?.savesPerLitre).toBeCloseTo(2.4 * (dear?.way.energyRatio ?? 0) - (dear?.way.perLitre ?? 0), 9);
    }
  });
  it("is asked of what was mothballed only, and Next up says it", () => {
    expect(worthFiring(viewOf(price("diesel", 9)))).toEqual([]);
    const advice = viewOf(idle, price("diesel", 2.4)).advice.filter((a) => a.code === "fire-up");
    expect(advice).toMatchObject([{ way: "biodiesel", pumpPrice: 2.4 }]);
  });
});
