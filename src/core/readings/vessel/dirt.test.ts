import { describe, expect, it } from "vitest";
import { partsOf, project, type Source, type VesselId } from "../../ledger";
import { drum, entry, kitchen, sid, vid } from "../../ledger/testing";
import { dirtOf, provenanceOf } from "./dirt";

const sources: Source[] = [
  { ...kitchen, id: sid("chips"), dirt: "light-fryer" },
  { ...kitchen, id: sid("meat"), dirt: "meaty-fryer" },
  { ...kitchen, id: sid("engine"), dirt: "engine-oil" },
];
const mixed = (litres: Partial<Record<"chips" | "meat" | "engine", number>>) => {
  const yard = project([
    entry("00", 0, { kind: "vessel", data: drum("A") }),
    ...sources.map((data, i) => entry(`0${i + 1}`, 0, { kind: "source", data })),
    ...Object.entries(litres).map(([source, l], i) =>
      entry(`1${i}`, 1 + i, {
        kind: "pickup",
        data: { source: sid(source), to: vid("A") as VesselId, fluid: "canola", amount: { litres: l }, muck: {} },
      }),
    ),
  ]);
  const parts = partsOf(yard.vessels.get(vid("A"))?.contents ?? (undefined as never), yard.parts);
  return { yard, parts };
};

describe("whose dirt is in a vessel", () => {
  it.each([
    [{ chips: 100 }, "light-fryer"],
    [{ chips: 80, meat: 20 }, "meaty-fryer"],
    [{ chips: 95, meat: 5 }, "light-fryer"],
    // Some engine oil outranks meat, however much more of that there is.
    [{ meat: 80, engine: 20 }, "engine-oil"],
    [{ meat: 95, engine: 5 }, "meaty-fryer"],
    [{ chips: 50, meat: 30, engine: 20 }, "engine-oil"],
  ] as const)("%o is settled as %s", (litres, dirt) => {
    const { yard, parts } = mixed(litres);
    expect(dirtOf(yard, parts)).toBe(dirt);
  });
  it("names the source that most of it is from", () => {
    const { yard, parts } = mixed({ chips: 40, meat: 60 });
    expect(provenanceOf(yard, parts).source).toBe("meat");
    expect(provenanceOf(yard, []).source).toBeNull();
  });
});
