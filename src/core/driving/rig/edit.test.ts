import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { rigFaults } from "./checks";
import {
  changedControl,
  goesIntoHose,
  intoHose,
  newPart,
  openPorts,
  PART_KIND_IDS,
  withControl,
  withHose,
  withoutControl,
  withoutHose,
  withoutPart,
  withPart,
} from "./edit";
import { lineOf } from "./line";
import { standsOf } from "./modes";
import { isValve, type Rig } from "./parts";
import { rigFromShelf, SHELF_IDS } from "./shelf";
import { rigLitres } from "./size";

const BURN = 0.12;
const anyRig = fc.constantFrom(...SHELF_IDS).map(rigFromShelf);

describe("building a loop", () => {
  it("puts a part into any hose and takes it out again, and holds what it held", () =>
    fc.assert(
      fc.property(anyRig, fc.nat(), fc.constantFrom(...PART_KIND_IDS.filter(goesIntoHose)), (rig, n, kind) => {
        const hose = rig.hoses[n % rig.hoses.length]?.id ?? "";
        const part = newPart(rig, kind);
        const built = intoHose(rig, hose, part);
        // A shut-off valve turns at the last position, which may be one that a fuel needs open.
        if (!isValve(part)) expect(rigFaults(built, BURN)).toEqual([]);
        expect(rigLitres(built) - rigLitres(rig)).toBeCloseTo("litres" in part ? part.litres : 0, 9);
        const back = withoutPart(built, part.id);
        expect(rigLitres(back)).toBeCloseTo(rigLitres(rig), 9);
        expect(back.hoses.map((h) => [h.from, h.to])).toEqual(rig.hoses.map((h) => [h.from, h.to]));
      }),
      { numRuns: 60 },
    ));
  it("makes the flatbed of nothing but parts", () => {
    let rig: Rig = { from: "own", parts: [], hoses: [], controls: [] };
    rig = withControl(rig, "Fuel", ["diesel", "purge", "oil"]);
    for (const kind of ["tank", "tank", "three-way", "three-way", "filter", "injection-pump"] as const)
      rig = withPart(rig, newPart(rig, kind));
    const ids = rig.parts.map((p) => p.id);
    expect(ids).toEqual(["tank", "tank 2", "three-way", "three-way 2", "filter", "injection-pump"]);
    expect(rigFaults(rig, BURN).every((f) => f.code === "open-port")).toBe(true);
    for (const [from, to] of [
      ["tank 2.out", "three-way.a"],
      ["tank.out", "three-way.b"],
      ["three-way.common", "filter.in"],
      ["filter.out", "injection-pump.in"],
      ["injection-pump.back", "three-way 2.common"],
      ["three-way 2.a", "tank 2.back"],
      ["three-way 2.b", "tank.back"],
    ] as const)
      rig = withHose(rig, from, to);
    expect(openPorts(rig)).toEqual([]);
    rig = {
      ...rig,
      parts: rig.parts.map((p) =>
        p.id === "three-way 2" && isValve(p) ? { ...p, turned: { control: "fuel", at: ["purge", "oil"] } } : p,
      ),
    };
    expect(rigFaults(rig, BURN)).toEqual([]);
    expect(standsOf(rig, BURN).map((s) => s.mode)).toEqual(["diesel", "purge", "oil"]);
    expect(lineOf(rig, standsOf(rig, BURN), BURN, null)?.lineLitres).toBeCloseTo(0.3 + 2 * 0.0251327, 5);
  });
  it("frees a port with its hose, and a valve of a position that is no more", () => {
    const rig = rigFromShelf("three-position");
    const [hose] = rig.hoses;
    if (!hose) throw new Error("no hose");
    expect(openPorts(withoutHose(rig, hose.id)).sort()).toEqual([hose.from, hose.to].sort());
    const [control] = rig.controls;
    if (!control) throw new Error("no control");
    const two = changedControl(rig, { ...control, positions: ["diesel", "oil"] });
    expect(two.parts.flatMap((p) => (isValve(p) ? [p.turned.at] : []))).toEqual([["oil"], ["oil"]]);
    expect(rigFaults(withoutControl(rig, control.id), BURN).map((f) => f.code)).toEqual(["no-control", "no-control"]);
  });
  it("takes a valve out with its hoses: nobody can tell which two were one", () => {
    const rig = rigFromShelf("oil-tank");
    expect(withoutPart(rig, "supply").hoses).toHaveLength(rig.hoses.length - 3);
  });
});
