import { describe, expect, it } from "vitest";
import { type Draft, type Entry, project, type VesselRole } from "../../ledger";
import { drum, entry, iso, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import type { VesselView } from "..";
import { type BlendPlan, type NoPlan, planBlend } from "./plan";

const vessel = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const buy = (to: string, fluid: "canola" | "diesel" | "kerosene" | "petrol", litres: number): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres } },
});
const drafts: Draft[] = [
  vessel("tank", "tank"),
  vessel("can", "blend"),
  vessel("ready", "ready"),
  vessel("kero", "thinner"),
  vessel("petrol", "thinner"),
  vessel("dry", "thinner"),
  buy("tank", "canola", 20),
  buy("ready", "canola", 150),
  buy("kero", "kerosene", 60),
  buy("petrol", "petrol", 20),
];
const entries: Entry[] = drafts.map((d, i) => entry(`e${i}`, i, d));
const view = viewYard(project(entries), iso(60));
const settings = { ...view.settings, tonightLowCelsius: -2, usedFactor: 1.15 };
const v = (id: string): VesselView => {
  const found = view.vessels.find((x) => x.vessel.id === id);
  if (!found) throw new Error(id);
  return found;
};
const plan = (tank: string, thinner: string, fill: number, byHand: number | null = null): BlendPlan | NoPlan =>
  planBlend(v(tank), v("ready"), v(thinner), fill, { settings, fluids: view.fluids }, byHand);
const found = (p: BlendPlan | NoPlan): BlendPlan => {
  if ("code" in p) throw new Error(p.code);
  return p;
};

describe("planning a blend", () => {
  it("meets the pump limit on tonight's cold with the most oil", () => {
    const p = found(plan("tank", "kero", 60));
    expect(p.nuMm2PerS).toBeCloseTo(15, 4);
    expect(p.oilLitres + p.thinnerLitres).toBeCloseTo(40, 9);
    expect(found(plan("tank", "kero", 60, p.oilLitres + 2)).nuMm2PerS).toBeGreaterThan(15);
  });
  it("takes a hand-set pour and never more than there is room for", () => {
    expect(found(plan("tank", "kero", 60, 10))).toMatchObject({ oilLitres: 10, thinnerLitres: 30 });
    expect(found(plan("tank", "kero", 60, 999)).oilLitres).toBeCloseTo(40, 9);
  });
  it("flashes like petrol with any of it", () => expect(found(plan("can", "petrol", 20)).flashCelsius).toBe(-40));
  it("pours what is really in the can: a little petrol in it is petrol in the tank", () => {
    const spoiled = project([...entries, entry("spoil", drafts.length, buy("kero", "petrol", 1))]);
    const can = viewYard(spoiled, iso(60)).vessels.find((x) => x.vessel.id === "kero");
    if (!can) throw new Error("no can");
    const p = found(planBlend(v("tank"), v("ready"), can, 60, { settings, fluids: view.fluids }, null));
    expect(p.flashCelsius).toBe(-40);
    expect(p.after.map((part) => part.fluid.id).sort()).toEqual(["canola", "kerosene", "petrol"]);
    expect(p.nuMm2PerS).toBeCloseTo(15, 4);
  });
  it("says why there is no plan", () => {
    expect(plan("tank", "dry", 60)).toEqual({ code: "no-fuel-in", what: "thinner" });
    expect(plan("tank", "kero", 20)).toEqual({ code: "tank-full" });
    expect(plan("tank", "kero", 22)).toEqual({ code: "too-thick-even-with-thinner-only" });
  });
});
