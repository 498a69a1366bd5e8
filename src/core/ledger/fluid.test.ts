import { describe, expect, it } from "vitest";
import { mixViscosityMm2PerS } from "../blending";
import { FLUIDS, fluidIn } from "../fluids";
import { viewYard } from "../view";
import { type Draft, type Entry, project } from ".";
import { fluid as fluidKind } from "./kinds/fluid";
import { drum, entry, iso, vid } from "./testing";

const winter = "diesel~Winter diesel" as const;
const says: Draft = {
  kind: "fluid",
  data: { id: winter, figures: { cloudCelsius: -22, pourCelsius: -32 }, pricePerLitre: 1.8 },
};
const can: Draft = { kind: "vessel", data: drum("can", "thinner") };
const buy: Draft = { kind: "purchase", data: { to: vid("can"), fluid: winter, amount: { litres: 20 } } };
const yardOf = (...drafts: Draft[]) => project(drafts.map((d, i): Entry => entry(`e${i}`, i, d)));

describe("a fluid of the yard's own", () => {
  it("has the figures that were said, and its row's for the rest", () => {
    const yard = yardOf(can, says, buy);
    expect(yard.faults).toEqual([]);
    const fluid = fluidIn(yard.fluids, winter);
    expect(fluid).toMatchObject({ name: "Winter diesel", cloudCelsius: -22, nu40Mm2PerS: 2.7, family: "petroleum" });
    expect(yard.fluids.diesel).toBe(FLUIDS.diesel);
    const view = viewYard(yard, iso(10));
    expect(view.vessels[0]?.components).toEqual([{ component: winter, litres: 20 }]);
    expect(view.names[winter]).toBe("Winter diesel");
  });
  it("is there from its first use, and without anybody's word there is no default for it", () => {
    expect(yardOf(can, buy, says).faults).toEqual([]);
    expect(yardOf(can, buy).faults).toMatchObject([{ code: "unknown-fluid", fluid: winter }]);
    expect(() => fluidIn(FLUIDS, winter)).toThrow("figures are missing");
  });
  it("may be a row of the table, for what stands in the yard already", () => {
    const drum2: Draft = { kind: "vessel", data: drum("oil", "ready") };
    const oil: Draft = { kind: "purchase", data: { to: vid("oil"), fluid: "canola", amount: { litres: 20 } } };
    const mine: Draft = { kind: "fluid", data: { id: "canola", figures: { nu40Mm2PerS: 41 } } };
    const nu = (...drafts: Draft[]): number => {
      const { fluids } = yardOf(...drafts);
      return mixViscosityMm2PerS([{ fluid: fluids.canola, litres: 1, usedFactor: 1 }], 40);
    };
    expect(nu(drum2, oil, mine)).toBeCloseTo(41, 1);
    expect(nu(drum2, oil)).toBeCloseTo(35.5, 1);
  });
  it("is refused where it would be like no liquid, at the field", () => {
    const read = (figures: object) => fluidKind.data.safeParse({ id: winter, figures });
    expect(read({ nu40Mm2PerS: 3, nu100Mm2PerS: 2.99 }).error?.issues[0]?.path).toEqual(["figures", "nu100Mm2PerS"]);
    expect(read({ nu40Mm2PerS: 40 }).success).toBe(false);
    expect(read({ nu40Mm2PerS: 3 }).success).toBe(true);
    expect(fluidKind.data.safeParse({ id: "honey~Bees", figures: {} }).success).toBe(false);
  });
  it("leaves the lists when it is given up, and stays in what holds it", () => {
    const yard = yardOf(can, says, buy, { kind: "retire", data: { what: { kind: "fluid", id: winter } } });
    expect(yard.faults).toEqual([]);
    const view = viewYard(yard, iso(10));
    expect(view.retired).toMatchObject([{ kind: "fluid", id: winter }]);
    expect(view.ownFluids).toHaveLength(1);
  });
});
