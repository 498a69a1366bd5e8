import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ComponentId, componentOf, kgOf } from "../fluids";
import { accountBy, balance } from "./balance";
import type { Draft } from "./entry";
import { offerEntry } from "./guard";
import { project } from "./project";
import { partsOf, type YardState } from "./state";
import { drum, entry, iso, kitchen, pickup, vid } from "./testing";
import { buildTimeline } from "./timeline";

const start = () => [
  entry("1", 0, { kind: "vessel", data: drum("pot", "kettle") }),
  entry("2", 0, { kind: "source", data: kitchen }),
  entry("3", 1, pickup("pot", 100)),
  entry("4", 2, { kind: "purchase", data: { to: vid("pot"), fluid: "methanol", amount: { litres: 20 } } }),
];
const reaction = (takes: [ComponentId, number][], gives: [ComponentId, number][]): Draft => ({
  kind: "react",
  data: {
    vessel: vid("pot"),
    takes: takes.map(([component, kg]) => ({ component, kg })),
    gives: gives.map(([component, kg]) => ({ component, kg })),
  },
});
const kgIn = (yard: YardState): number =>
  partsOf(yard.vessels.get(vid("pot"))?.contents ?? (undefined as never), yard.parts).reduce(
    (sum, p) => sum + kgOf(p.component, p.litres),
    0,
  );
const litresOf = (yard: YardState, component: ComponentId): number =>
  partsOf(yard.vessels.get(vid("pot"))?.contents ?? (undefined as never), yard.parts).reduce(
    (sum, p) => (p.component === component ? sum + p.litres : sum),
    0,
  );

describe("a reaction", () => {
  const usual = reaction(
    [
      ["canola", 80],
      ["methanol", 8.7],
    ],
    [
      ["biodiesel", 80.4],
      ["glycerol", 8.3],
    ],
  );
  const yard = project([...start(), entry("5", 9, usual)]);
  it("turns oil and methanol into ester and glycerol, and the book still closes", () => {
    expect(yard.faults).toEqual([]);
    expect(litresOf(yard, "biodiesel")).toBeCloseTo(80.4 / componentOf("biodiesel").rho15KgPerL, 9);
    expect(litresOf(yard, "canola")).toBeCloseTo(100 - 80 / 0.92, 9);
    const b = balance(yard);
    expect(b.closes).toBe(true);
    expect(Math.abs(b.convertedLitres)).toBeGreaterThan(0.1);
  });
  it("keeps kilograms, whatever they are, and whose oil it was", () => {
    const kg = fc.double({ min: 0.1, max: 15, noNaN: true });
    fc.assert(
      fc.property(kg, kg, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (oil, methanol, share) => {
        const all = oil + methanol;
        const draft = reaction(
          [
            ["canola", oil],
            ["methanol", methanol],
          ],
          [
            ["biodiesel", all * share],
            ["glycerol", all * (1 - share)],
          ],
        );
        const after = project([...start(), entry("5", 9, draft)]);
        expect(kgIn(after) / kgIn(project(start()))).toBeCloseTo(1, 9);
        expect(Math.abs(balance(after).convertedGapKg)).toBeLessThan(1e-9);
        expect(balance(after).closes).toBe(true);
      }),
    );
    const ester = partsOf(yard.vessels.get(vid("pot"))?.contents ?? (undefined as never), yard.parts).filter(
      (p) => p.component === "biodiesel",
    );
    expect(ester.map((p) => p.origin).sort()).toEqual(["3", "4"]);
    expect(accountBy(yard, "converted").byComponent.get("canola")).toBeGreaterThan(80);
  });
  it("is refused where kilograms are made, or there is not so much", () => {
    const t = () => buildTimeline(start());
    const offer = (draft: Draft) => offerEntry(t(), entry("5", 9, draft), iso(99));
    expect(offer(reaction([["canola", 10]], [["biodiesel", 11]]))).toMatchObject({
      error: { code: "invalid", path: "data.gives", reason: "kilograms are not kept" },
    });
    expect(offer(reaction([["canola", 100]], [["biodiesel", 100]]))).toMatchObject({ error: { code: "overdrawn" } });
    expect(offer(reaction([["palm", 1]], [["biodiesel", 1]]))).toMatchObject({ error: { code: "overdrawn" } });
  });
});
