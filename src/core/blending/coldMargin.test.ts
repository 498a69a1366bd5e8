import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, type TableFluidId } from "../fluids";
import {
  COLD_FAILURES,
  coldMargin,
  fatCrystals,
  fatLetThroughShare,
  HARD_MOLE_SHARE,
  type MixPart,
  passesCold,
  purgeMark,
} from ".";

const part = (fluid: TableFluidId, litres: number, usedFactor = 1): MixPart => ({
  fluid: FLUIDS[fluid],
  litres,
  usedFactor,
});
const LIMIT = 15;

const anyMix = fc
  .array(
    fc.record({
      fluid: fc.constantFrom<TableFluidId>("canola", "palm", "fryer-fat", "diesel", "kerosene", "biodiesel", "petrol"),
      litres: fc.double({ min: 0.5, max: 100, noNaN: true }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((parts) => parts.map((p) => part(p.fluid, p.litres)));
const low = fc.double({ min: -30, max: 30, noNaN: true });

describe("what fails first in the cold", () => {
  it("of 45 canola, 5 fat and 50 diesel at 0 °C is the fat, long before the pump's limit", () => {
    const m = coldMargin([part("canola", 45, 1.15), part("fryer-fat", 5), part("diesel", 50)], 0, LIMIT);
    expect(m.firstToFail).toBe("fat");
    expect(m.failsBelowCelsius).toBeGreaterThan(15);
    expect(m.nuMm2PerS).toBeGreaterThan(LIMIT);
    expect(m.failsBelowCelsius).toBeGreaterThan(m.viscosityCelsius ?? 99);
  });
  it("of diesel in a frost is its wax, of straight oil the pump's limit, of kerosene nothing", () => {
    const frozen = coldMargin([part("diesel", 1)], -8, LIMIT);
    expect(frozen.firstToFail).toBe("cloud");
    expect(frozen.failsBelowCelsius).toBeCloseTo(-5, 9);
    expect(coldMargin([part("canola", 1)], 10, LIMIT).firstToFail).toBe("viscosity");
    expect(coldMargin([part("kerosene", 1)], -30, LIMIT)).toMatchObject({
      firstToFail: "none",
      failsBelowCelsius: null,
    });
  });
  it("is said of any mix at any low, and passing means that nothing fails", () => {
    fc.assert(
      fc.property(anyMix, low, (mix, t) => {
        const m = coldMargin(mix, t, LIMIT);
        expect(passesCold(mix, t, LIMIT)).toBe(m.firstToFail === "none");
        expect(["none", ...COLD_FAILURES]).toContain(m.firstToFail);
        if (m.failsBelowCelsius !== null) expect(m.failsBelowCelsius).toBeGreaterThan(t);
      }),
    );
  });
  it("only gets worse as it gets colder", () => {
    fc.assert(
      fc.property(anyMix, low, (mix, t) => {
        if (!passesCold(mix, t, LIMIT)) expect(passesCold(mix, t - 4, LIMIT)).toBe(false);
      }),
    );
  });
});

describe("fat", () => {
  it("falls out on standing before it does when cooled fast, and sooner the more there is", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 60, noNaN: true }), (fat) => {
        const at = (f: number) => fatCrystals([part("canola", 50), part("fryer-fat", f)], HARD_MOLE_SHARE);
        const [some, more] = [at(fat), at(fat * 1.5)];
        expect(some.standingCelsius ?? 0).toBeGreaterThan(some.fastCelsius ?? 0);
        expect(more.standingCelsius ?? 0).toBeGreaterThan(some.standingCelsius ?? 0);
      }),
    );
  });
  it("is let through up to the share that stays dissolved at the low, and that share falls with it", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 30, noNaN: true }), (t) => {
        const mix = [part("canola", 45), part("fryer-fat", 5), part("diesel", 50)];
        const most = fatLetThroughShare(mix, t) ?? 0;
        const standing = (share: number) =>
          fatCrystals(
            [part("canola", 47.4 * (1 - share)), part("diesel", 52.6 * (1 - share)), part("fryer-fat", 100 * share)],
            HARD_MOLE_SHARE,
          ).standingCelsius ?? 0;
        expect(standing(most)).toBeCloseTo(t, 1);
        expect(fatLetThroughShare(mix, t - 1) ?? 0).toBeLessThan(most);
      }),
    );
    expect(fatLetThroughShare([part("canola", 1)], 0)).toBeNull();
    expect(fatLetThroughShare([part("canola", 1), part("palm", 1)], 60)).toBe(1);
  });
});

describe("the purge's mark", () => {
  const [oil, fatty, diesel] = [
    [part("canola", 1, 1.15)],
    [part("canola", 9), part("fryer-fat", 1)],
    [part("diesel", 1)],
  ];
  it("is far on a mild night and near on a cold one", () => {
    expect(purgeMark(oil, diesel, 15, LIMIT)).toEqual({ share: 0.3, because: "none", dieselFails: false });
    const cold = purgeMark(oil, diesel, -3, LIMIT);
    expect(cold.share).toBeLessThanOrEqual(0.3);
    expect(purgeMark(fatty, diesel, 0, LIMIT)).toMatchObject({ because: "fat" });
    expect(purgeMark(fatty, diesel, 0, LIMIT).share).toBeLessThan(0.06);
  });
  it("says where the diesel itself waxes, and then no purge is far enough", () => {
    expect(purgeMark(oil, diesel, -9, LIMIT)).toEqual({ share: 0.02, because: "cloud", dieselFails: true });
  });
  it("passes at its mark, and a little more does not", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        (t, fat) => {
          const old = [part("canola", 1 - fat, 1.15), part("fryer-fat", fat + 1e-9)];
          const { share, because } = purgeMark(old, diesel, t, LIMIT);
          const at = (s: number) => [...old.map((p) => ({ ...p, litres: p.litres * s })), part("diesel", 1 - s)];
          if (share > 0.0201) expect(passesCold(at(share), t, LIMIT)).toBe(true);
          if (because !== "none") expect(passesCold(at(share + 0.001), t, LIMIT)).toBe(false);
        },
      ),
    );
  });
});
