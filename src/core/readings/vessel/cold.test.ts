import { describe, expect, it } from "vitest";
import { FLUIDS } from "../../fluids";
import { type ColdJar, DEFAULT_SETTINGS, type Draft, type Entry, project } from "../../ledger";
import { drum, entry, iso, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { type Cold, coldOf, coldOfVessel } from "./cold";

const fatty = [
  { fluid: FLUIDS.canola, litres: 45, usedFactor: 1 },
  { fluid: FLUIDS["fryer-fat"], litres: 2, usedFactor: 1 },
  { fluid: FLUIDS.kerosene, litres: 50, usedFactor: 1 },
];
const settings = { ...DEFAULT_SETTINGS, tonightLowCelsius: 0 };
const jar = (celsius: number, saw: ColdJar["saw"], hours = 24): ColdJar => ({ at: iso(0), celsius, hours, saw });
const judged = (...jars: ColdJar[]): Cold => coldOf(fatty, jars, settings) as Cold;

describe("a jar in the cold", () => {
  it("that came out clear overrules fat by estimate, and then only thickness is left to fear", () => {
    expect(judged()).toMatchObject({ fails: "fat", jar: null });
    expect(judged(jar(-2, "clear"))).toMatchObject({ fails: "none" });
    expect(judged(jar(-2, "clear")).jar).not.toBeNull();
  });
  it("that stood an hour says nothing of fat, which takes its time", () => {
    expect(judged(jar(-2, "clear", 1)).fails).toBe("fat");
  });
  it("that came out cloudy or set puts the fault where it was seen", () => {
    const clean = [{ fluid: FLUIDS.kerosene, litres: 50, usedFactor: 1 }];
    expect(coldOf(clean, [], settings)).toMatchObject({ fails: "none" });
    expect(coldOf(clean, [jar(4, "cloudy")], settings)).toMatchObject({ fails: "cloud", belowCelsius: 4 });
    expect(coldOf(clean, [jar(6, "set")], settings)).toMatchObject({ fails: "pour", belowCelsius: 6 });
  });
  it("is overruled by a later one", () => {
    expect(judged(jar(-2, "clear"), jar(3, "cloudy"))).toMatchObject({ belowCelsius: 3 });
    expect(judged(jar(3, "cloudy"), jar(-2, "clear")).fails).toBe("none");
  });
});

describe("in the yard", () => {
  const drafts: Draft[] = [
    { kind: "vessel", data: drum("can", "blend") },
    { kind: "vessel", data: drum("tank", "tank") },
    { kind: "purchase", data: { to: vid("can"), fluid: "diesel", amount: { litres: 40 } } },
    { kind: "cold-jar", data: { vessel: vid("can"), celsius: -9, hours: 20, saw: "clear" } },
  ];
  const yard = (more: Draft[]) => {
    const entries: Entry[] = [...drafts, ...more].map((d, i) => entry(`e${i}`, i, d));
    const view = viewYard(project(entries), iso(60));
    return (id: string) => {
      const v = view.vessels.find((x) => x.vessel.id === id);
      return v && coldOfVessel(v, { ...settings, tonightLowCelsius: -8 }, view.fluids);
    };
  };
  it("its word goes with the lot, and not with what is mixed of it", () => {
    const pour: Draft = {
      kind: "move",
      data: { from: vid("can"), to: vid("tank"), amount: { litres: 10 }, layer: "mixed" },
    };
    expect(yard([])("can")?.fails).toBe("none");
    expect(yard([pour])("tank")?.fails).toBe("none");
    const more: Draft = { kind: "purchase", data: { to: vid("tank"), fluid: "diesel", amount: { litres: 10 } } };
    expect(yard([pour, more])("tank")).toMatchObject({ fails: "cloud", jar: null });
    expect(yard([pour, more])("tank")?.belowCelsius).toBeCloseTo(-5, 9);
  });
});
