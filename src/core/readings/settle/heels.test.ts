import { describe, expect, it } from "vitest";
import type { ComponentId } from "../../fluids";
import type { Standing } from "..";
import { heelOf } from "./heels";

const heel = (litres: Partial<Record<ComponentId, number>>, drawableLitres = 0, hasKettle = true) => {
  const components = Object.entries(litres).map(([component, l = 0]) => ({
    component: component as ComponentId,
    litres: l,
  }));
  return heelOf(
    {
      components,
      litres: components.reduce((sum, c) => sum + c.litres, 0),
      settling: { drawableLitres },
    } as unknown as Standing,
    hasKettle,
  );
};

describe("where what is left of a heel goes", () => {
  it("cream is work for the kettle from three tenths of fat in its oil", () => {
    expect(heel({ canola: 71, "fryer-fat": 29 }).fate).toBe("keep");
    expect(heel({ canola: 70, "fryer-fat": 30 }).fate).toBe("kettle");
    expect(heel({ canola: 70, palm: 15, "fryer-fat": 15 }).fate).toBe("kettle");
  });
  it("cream with no kettle in the yard goes where others deal with it", () => {
    expect(heel({ canola: 70, "fryer-fat": 30 }, 0, false).fate).toBe("disposal");
    expect(heel({ canola: 71, "fryer-fat": 29 }, 0, false).fate).toBe("keep");
  });
  it("what is mostly water and sludge is disposed of, however creamy the rest", () => {
    expect(heel({ canola: 20, "fryer-fat": 20, water: 30, sludge: 30 }).fate).toBe("disposal");
    expect(heel({ canola: 51, water: 25, sludge: 24 }).fate).toBe("keep");
  });
  it("oil that will clear is waited for first", () => {
    expect(heel({ canola: 60, "fryer-fat": 40 }, 2).fate).toBe("wait");
    expect(heel({ canola: 60, "fryer-fat": 40 }, 1.9).fate).toBe("kettle");
  });
  it("is told by what it is made of", () => {
    expect(heel({ canola: 5, palm: 1, "fryer-fat": 2, water: 3, sludge: 4 })).toMatchObject({
      oilLitres: 5,
      fatLitres: 3,
      waterLitres: 3,
      sludgeLitres: 4,
      fatShare: 3 / 8,
    });
  });
});
