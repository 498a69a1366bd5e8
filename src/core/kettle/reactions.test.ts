import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ComponentId, FLUIDS } from "../fluids";
import {
  changeBetween,
  DEFAULT_PHASE_MARKS,
  kgIn,
  kgOfPot,
  OF_BASE,
  PHASES,
  type Phase,
  type Pot,
  part,
  potOf,
  shareBelow,
  soapPpmIn,
  splitSoap,
  vapourOf,
  wash,
  withFreeAcid,
} from ".";
import { esterifyAcid, methanolTakenKg, saponify, spendSulfuric, transesterify } from "./reactions";
import { elementShare, gPerMol } from "./species";

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const pot = (parts: Readonly<Partial<Record<ComponentId, number>>>): Pot =>
  potOf(Object.entries(parts).map(([component, kg]) => ({ component: component as ComponentId, kg: kg ?? 0 })));

/** Anything that may stand in a kettle. */
const anything: fc.Arbitrary<Pot> = fc
  .record({
    canola: num(0, 60),
    "fryer-fat": num(0, 30),
    "fatty-acid": num(0, 10),
    methanol: num(0, 20),
    water: num(0, 20),
    biodiesel: num(0, 60),
    glycerol: num(0, 9),
    soap: num(0, 2),
    "potassium-soap": num(0, 2),
    "potassium-hydroxide": num(0, 2),
    "sulfuric-acid": num(0, 1),
    "acetic-acid": num(0, 1),
  })
  .map(pot);

describe("formulas", () => {
  it("weigh what a handbook says", () => {
    expect(gPerMol("methanol")).toBeCloseTo(32.042, 3);
    expect(gPerMol("sodium-hydroxide")).toBeCloseTo(39.997, 3);
    expect(gPerMol("glycerol")).toBeCloseTo(92.094, 3);
    expect(gPerMol("biodiesel")).toBeCloseTo(296.5, 1);
    expect(gPerMol("fatty-acid")).toBeCloseTo(282.46, 1);
    expect(gPerMol("sulfuric-acid")).toBeCloseTo(98.08, 1);
  });
  it("shares of a component's elements add up to all of it; dirt and petroleum have none", () => {
    for (const c of ["methanol", "canola", "palm", "fryer-fat", "soap", "salt"] as const) {
      const all = (["C", "H", "O", "Na", "K", "S", "Cl"] as const).reduce(
        (sum, e) => sum + (elementShare(c, e, FLUIDS) ?? Number.NaN),
        0,
      );
      expect(all, c).toBeCloseTo(1, 12);
    }
    expect(elementShare("sludge", "C", FLUIDS)).toBeNull();
    expect(elementShare("diesel", "C", FLUIDS)).toBeNull();
    // Rapeseed oil is about 77 % carbon.
    expect(elementShare("canola", "C", FLUIDS)).toBeCloseTo(0.77, 1);
  });
});

describe("each reaction, by hand", () => {
  it("a mole of oil and three of methanol make glycerol and ester", () => {
    const after = transesterify(pot({ canola: 0.882, methanol: 0.2 }), 1, FLUIDS);
    expect(kgIn(after, "canola")).toBeCloseTo(0, 12);
    expect(kgIn(after, "glycerol")).toBeCloseTo(0.092094, 6);
    expect(kgIn(after, "methanol")).toBeCloseTo(0.2 - 0.096126, 6);
    expect(kgIn(after, "biodiesel")).toBeCloseTo(0.882 + 0.096126 - 0.092094, 6);
    expect(methanolTakenKg(pot({ canola: 0.882 }), 1, FLUIDS)).toBeCloseTo(0.096126, 6);
  });
  it("goes only as far as the methanol does", () => {
    const after = transesterify(pot({ canola: 0.882, methanol: 0.048063 }), 1, FLUIDS);
    expect(kgIn(after, "methanol")).toBeCloseTo(0, 9);
    expect(kgIn(after, "canola")).toBeCloseTo(0.441, 6);
  });
  it("free acid and lye make soap and water, as far as the purer part of the lye goes", () => {
    const after = saponify(pot({ "fatty-acid": 0.282468, "sodium-hydroxide": 0.1 }), "NaOH", 0.9);
    expect(kgIn(after, "fatty-acid")).toBeCloseTo(0, 9);
    expect(kgIn(after, "soap")).toBeCloseTo(0.30445, 4);
    expect(kgIn(after, "water")).toBeCloseTo(0.018015, 6);
    const little = saponify(pot({ "fatty-acid": 0.282468, "sodium-hydroxide": 0.02 }), "NaOH", 0.5);
    // Half of the pack does nothing: a quarter of a mole.
    expect(kgIn(little, "fatty-acid")).toBeCloseTo(0.282468 * (1 - 0.01 / 0.039997), 6);
  });
  it("acid that was left eats lye before anything else, two for one", () => {
    const after = spendSulfuric(pot({ "sulfuric-acid": 0.098072, "potassium-hydroxide": 0.2 }), "KOH");
    expect(kgIn(after, "sulfuric-acid")).toBeCloseTo(0, 9);
    expect(kgIn(after, OF_BASE.KOH.sulfate)).toBeCloseTo(0.174252, 4);
    expect(kgIn(after, "potassium-hydroxide")).toBeCloseTo(0.2 - 2 * 0.056105, 6);
  });
  it("an acid stage makes ester of free acid; vinegar makes free acid of soap", () => {
    const acid = esterifyAcid(pot({ "fatty-acid": 1, methanol: 1 }), 0.85);
    expect(kgIn(acid, "fatty-acid")).toBeCloseTo(0.15, 9);
    expect(kgIn(acid, "biodiesel")).toBeCloseTo((0.85 * gPerMol("biodiesel")) / gPerMol("fatty-acid"), 9);
    const split = splitSoap(pot({ soap: 0.3, "potassium-soap": 0.3, "acetic-acid": 0.2 }));
    expect(kgIn(split, "soap") + kgIn(split, "potassium-soap")).toBeCloseTo(0, 9);
    expect(kgIn(split, "fatty-acid")).toBeGreaterThan(0.5);
  });
  it("what a titration found is taken from every oil by its share", () => {
    const told = withFreeAcid(pot({ canola: 30, "fryer-fat": 10 }), 2);
    expect(kgIn(told, "fatty-acid")).toBe(2);
    expect(kgIn(told, "canola")).toBeCloseTo(28.5, 9);
    expect(kgIn(told, "fryer-fat")).toBeCloseTo(9.5, 9);
    expect(kgIn(withFreeAcid(pot({ canola: 1 }), 5), "canola")).toBeCloseTo(0, 12);
    expect(withFreeAcid(pot({ water: 1 }), 5)).toEqual(pot({ water: 1 }));
  });
  it("none makes or loses a gram, or leaves less than nothing", () => {
    fc.assert(
      fc.property(anything, num(0, 1), fc.constantFrom("NaOH" as const, "KOH" as const), (p, share, base) => {
        const afters = [
          transesterify(p, share, FLUIDS),
          saponify(p, base, Math.max(0.2, share)),
          spendSulfuric(p, base),
          esterifyAcid(p, share),
          splitSoap(p),
          withFreeAcid(p, share * 10),
        ];
        for (const after of afters) {
          expect(kgOfPot(after)).toBeCloseTo(kgOfPot(p), 9);
          for (const [component, kg] of after) expect(kg, component).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 100 },
    );
  });
  it("is written as what it takes and gives, the same kilograms of both", () => {
    fc.assert(
      fc.property(anything, num(0, 1), (p, share) => {
        const { takes, gives } = changeBetween(p, transesterify(p, share, FLUIDS));
        const sum = (list: typeof takes): number => list.reduce((s, x) => s + x.kg, 0);
        expect(sum(takes)).toBeCloseTo(sum(gives), 7);
      }),
    );
    expect(changeBetween(pot({ canola: 1 }), pot({ canola: 1 }))).toEqual({ takes: [], gives: [] });
  });
});

describe("layers", () => {
  it("part without a gram lost, whatever stands there", () => {
    fc.assert(
      fc.property(anything, fc.constantFrom<Phase>(...PHASES), (p, phase) => {
        const share = shareBelow(p, phase, DEFAULT_PHASE_MARKS);
        for (const c of p.keys()) {
          expect(share(c)).toBeGreaterThanOrEqual(0);
          expect(share(c)).toBeLessThanOrEqual(1);
        }
        const { above, below } = part(p, phase, DEFAULT_PHASE_MARKS);
        expect(kgOfPot(above) + kgOfPot(below)).toBeCloseTo(kgOfPot(p), 9);
      }),
    );
  });
  it("a wash takes soap as the wash calculation says", () => {
    fc.assert(
      fc.property(num(200, 6000), num(0.05, 1), num(1, 20), (ppm, w, k) => {
        const fuelKg = 50;
        const soapKg = (fuelKg * ppm) / (1e6 - ppm);
        // Litres a litre: ester's litres times w of water.
        const waterKg = (fuelKg / 0.883) * w * 0.9991;
        const p = pot({ biodiesel: fuelKg, "potassium-soap": soapKg, water: waterKg });
        const marks = { ...DEFAULT_PHASE_MARKS, soapPartition: k, fuelToWaterShare: 0 };
        const left = soapPpmIn(part(p, "wash", marks).above);
        // Ppm of fuel with its soap against ppm of fuel: alike to a hundredth at these.
        expect(Math.abs(left / wash(ppm, 1, w, k, 1).soapPpm - 1)).toBeLessThan(0.01);
      }),
    );
  });
  it("fat floats with the fuel in a warm kettle, whatever it does in a cold drum", () => {
    const creamy = pot({ "fryer-fat": 3, biodiesel: 50, glycerol: 5, water: 0.2 });
    expect(kgIn(part(creamy, "glycerol", DEFAULT_PHASE_MARKS).below, "fryer-fat")).toBe(0);
    expect(kgIn(part(creamy, "acid", DEFAULT_PHASE_MARKS).above, "fryer-fat")).toBe(3);
  });
  it("part where there is hardly any fuel at all, as where there is none", () => {
    for (const biodiesel of [5e-324, 1e-200, 0]) {
      const p = pot({ biodiesel, methanol: 0.008, water: 5e-324, soap: 1e-16 });
      const { above, below } = part(p, "wash", DEFAULT_PHASE_MARKS);
      expect(kgOfPot(above) + kgOfPot(below)).toBeCloseTo(kgOfPot(p), 12);
    }
  });
  it("without water nothing lies below a wash, and drying leaves what fuel may hold", () => {
    const dry = pot({ biodiesel: 50, methanol: 1, "potassium-soap": 0.05 });
    expect(kgOfPot(part(dry, "wash", DEFAULT_PHASE_MARKS).below)).toBe(0);
    const gone = vapourOf(pot({ biodiesel: 50, water: 0.2, methanol: 0.1 }), 500);
    expect(kgIn(gone, "water")).toBeCloseTo(0.175, 9);
    expect(kgIn(gone, "methanol")).toBe(0.1);
    expect(vapourOf(pot({ biodiesel: 50, water: 0.01 }), 500).size).toBe(0);
  });
});
