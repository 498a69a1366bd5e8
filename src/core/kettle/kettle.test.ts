import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS } from "../fluids";
import {
  acidStage,
  type Batch,
  batchBalance,
  catalystGrams,
  dryingKWh,
  freeAcid,
  judgeMarks,
  MARKS,
  methanolDose,
  methanolPct,
  oilGPerMol,
  recoverMethanol,
  soapPpm,
  weighTestPct,
} from ".";

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const { canola } = FLUIDS;

describe("titration and lye", () => {
  const t = { titrantMl: 2.4, titrantGPerL: 1, base: "NaOH" as const, oilMl: 1, oilKgPerL: 0.92, titrantPurity: 1 };
  it("reads the same acid whichever base was in the titrant", () => {
    const koh = freeAcid({ ...t, base: "KOH", titrantMl: 2.4 * (56.106 / 39.997) });
    expect(koh.acidMolPerL).toBeCloseTo(freeAcid(t).acidMolPerL, 12);
    expect(koh.acidNumber / koh.ffaPct).toBeCloseTo((56.106 / 282.46) * 10, 9);
  });
  it("does not count the lye's impurity twice", () => {
    const impure = freeAcid({ ...t, titrantMl: 2.4 / 0.9, titrantPurity: 0.9 });
    expect(impure.acidMolPerL).toBeCloseTo(freeAcid(t).acidMolPerL, 12);
    const pure = catalystGrams(80, impure.acidMolPerL, "NaOH", 3.5, 1);
    expect(catalystGrams(80, impure.acidMolPerL, "NaOH", 3.5, 0.9)).toBeCloseTo(pure / 0.9, 9);
  });
});

describe("methanol", () => {
  it("an eighth of the oil is less than the reaction consumes", () => {
    const { stoichiometricShare, molarRatio } = methanolDose(canola, 80, 0.125);
    expect(stoichiometricShare).toBeCloseTo(0.1267, 4);
    expect(molarRatio).toBeLessThan(3);
    expect(methanolDose(canola, 1, stoichiometricShare).molarRatio).toBeCloseTo(3, 9);
  });
  it("is not for what cannot be converted", () => {
    expect(() => oilGPerMol(FLUIDS["motor-oil"])).toThrow("converted");
    expect(() => oilGPerMol(FLUIDS.biodiesel)).toThrow("converted");
  });
  it("boils out of glycerol only above its own boil: none at 65 °C, 57 % at 80, 87 % at 100", () => {
    expect(recoverMethanol(3, 1, 65).share).toBe(0);
    expect(recoverMethanol(3, 1, 80).share).toBeCloseTo(0.57, 2);
    expect(recoverMethanol(3, 1, 100).share).toBeCloseTo(0.87, 2);
    expect(() => recoverMethanol(3, 1, 250)).toThrow("potCelsius");
  });
  it("comes out the more the hotter, and never all", () => {
    fc.assert(
      fc.property(positive(0.5, 8), positive(20, 148), (ratio, t) => {
        const [cool, hot] = [recoverMethanol(ratio, 1, t).share, recoverMethanol(ratio, 1, t + 1).share];
        expect(hot).toBeGreaterThanOrEqual(cool - 1e-12);
        expect(cool).toBeGreaterThanOrEqual(-1e-12);
        expect(hot).toBeLessThan(1);
      }),
    );
  });
  it("in water is read between the marks of its table and nowhere else", () => {
    expect(methanolPct(0.7917)).toBe(100);
    expect(methanolPct(0.9345)).toBe(40);
    expect(methanolPct((0.8202 + 0.8469) / 2)).toBeCloseTo(85, 9);
    expect(methanolPct(0.79)).toBeNull();
    expect(methanolPct(0.94)).toBeNull();
  });
});

describe("the acid stage", () => {
  it("refuses battery acid, and pours more of a weaker acid", () => {
    expect(() => acidStage(70, 5, 0.35)).toThrow("sulfuricPurity");
    expect(acidStage(70, 5, 0.95).sulfuricMl * 0.95).toBeCloseTo(acidStage(70, 5, 1).sulfuricMl, 9);
  });
});

describe("a batch", () => {
  const batch: fc.Arbitrary<Batch> = fc.record({
    oilLitres: positive(5, 200),
    ffaPct: positive(0, 3),
    methanolLitres: positive(40, 100),
    base: fc.constantFrom("NaOH", "KOH"),
    catalystG: positive(4000, 9000),
    catalystPurity: positive(0.8, 1),
    conversion: positive(0, 1),
    methanolToGlycerolShare: positive(0, 1),
    washLossShare: positive(0, 0.2),
    drainedGlycerolLitres: fc.constant(null),
  });
  it("loses no gram, and nothing in it is less than nothing", () => {
    fc.assert(
      fc.property(batch, fc.constantFrom("canola", "palm", "fryer-fat"), (b, oil) => {
        const balance = batchBalance(b, FLUIDS[oil], FLUIDS);
        expect(balance.outKg / balance.inKg).toBeCloseTo(1, 12);
        const { drainedToPredicted, ...figures } = balance;
        expect(drainedToPredicted).toBeNull();
        for (const [name, kg] of Object.entries(figures)) expect(kg, name).toBeGreaterThanOrEqual(-1e-12);
      }),
    );
  });
  const usual: Batch = {
    oilLitres: 80,
    ffaPct: 1,
    methanolLitres: 16,
    base: "KOH",
    catalystG: 800,
    catalystPurity: 0.9,
    conversion: 0.97,
    methanolToGlycerolShare: 0.6,
    washLossShare: 0.02,
    drainedGlycerolLitres: 14,
  };
  it("gives about as much fuel as there was oil, and compares what was drained", () => {
    const balance = batchBalance(usual, canola, FLUIDS);
    expect(balance.fuelLitres).toBeGreaterThan(74);
    expect(balance.fuelLitres).toBeLessThan(84);
    expect(balance.drainedToPredicted).toBeCloseTo(14 / balance.glycerolPhaseLitres, 12);
  });
  it("refuses conversion without methanol, and acid without base", () => {
    const soap = batchBalance(
      { ...usual, oilLitres: 1, ffaPct: 100, conversion: 0, catalystG: 1e6 },
      FLUIDS.sunflower,
      FLUIDS,
    );
    expect(soap).toMatchObject({ esterKg: 0, unreactedKg: 0, fuelKg: 0 });
    expect(() => batchBalance({ ...usual, methanolLitres: 6 }, canola, FLUIDS)).toThrow("more methanol");
    expect(() => batchBalance({ ...usual, ffaPct: 8 }, canola, FLUIDS)).toThrow("free acid eats");
  });
});

describe("drying, soap and marks", () => {
  it("takes energy for the oil and for the water", () => {
    const dry = dryingKWh(70, 15, 110, 0, 1);
    expect(dry).toBeCloseTo((70 * 2000 * 95) / 3.6e6, 9);
    expect(dryingKWh(70, 15, 110, 1, 1) - dry).toBeCloseTo(2257 / 3600, 9);
    expect(weighTestPct(250, 248.75)).toBeCloseTo(0.5, 9);
  });
  it("soap of potassium weighs more than of sodium", () => {
    expect(soapPpm(1, 0.01, "KOH", 50) / soapPpm(1, 0.01, "NaOH", 50)).toBeCloseTo(320.55 / 304.44, 9);
  });
  it("passes only what was tested and lies within its mark", () => {
    const verdicts = judgeMarks(MARKS.ester, { waterPpm: 600, acidNumber: 0.5, nu40Mm2PerS: 3.4 }).map(
      (m) => m.verdict,
    );
    expect(verdicts).toEqual(["outside", "within", "outside", "not-tested"]);
  });
});
