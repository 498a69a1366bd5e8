import { describe, expect, it } from "vitest";
import type { VesselView } from "../vessel/vesselView";
import { pastLine, takenAs, usualLayer } from "./taken";

const standing = {
  station: "settle",
  settling: { drawableLitres: 80, spectrum: [] },
  layers: [{ kind: "sludge" }, { kind: "water" }, { kind: "fat" }, { kind: "oil" }],
} as unknown as VesselView;
const mixed = { settling: null, layers: [{ kind: "oil" }] } as unknown as VesselView;

describe("oil that is taken out of a vessel", () => {
  it("comes off the top where it stands, with what still hangs; stirred where it does not", () => {
    expect(usualLayer(standing)).toBe("top");
    expect(usualLayer(mixed)).toBe("mixed");
    expect(usualLayer({ ...standing, station: "filter" })).toBe("mixed");
    expect(takenAs(standing, "top")).toEqual({ layer: "top", hanging: { sludge: 0, water: 0, fat: 0 } });
    expect(takenAs(standing, "bottom")).toEqual({ layer: "bottom" });
    expect(takenAs(mixed, "mixed")).toEqual({ layer: "mixed" });
  });
  it("past the draw-off line brings what lies below it, the highest first", () => {
    expect(pastLine(standing, 80.3)).toBeNull();
    expect(pastLine(standing, 92)).toEqual({ litres: 12, kinds: ["fat", "water", "sludge"] });
    expect(pastLine({ ...standing, layers: [] }, 92)).toEqual({ litres: 12, kinds: [] });
    expect(pastLine(mixed, 92)).toBeNull();
  });
});
