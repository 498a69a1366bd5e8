import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../../driving/rig";
import { FLUIDS } from "../../fluids";
import { DEFAULT_SETTINGS, type Vehicle } from "../../ledger";
import { UNKNOWN_QUALITY } from "../../ledger/quality";
import { vid } from "../../ledger/testing";
import { assumed } from "../vessel/mixture";
import { type ColdTank, vehicleCold } from "./vehicleCold";

const tankOf = (...components: { component: string; litres: number }[]): ColdTank =>
  ({ components, thickness: assumed(1.15), quality: UNKNOWN_QUALITY }) as ColdTank;
const engine = { rig: rigFromShelf("plain"), id: "flatbed" as never, name: "Flatbed", burnLitresPerHour: 7 };
const dual: Extract<Vehicle, { kind: "dual" }> = {
  ...engine,
  kind: "dual",
  dieselTank: vid("diesel"),
  oilTank: vid("oil"),
  rig: rigFromShelf("loop"),
};
const tanks: Record<string, ColdTank> = {
  diesel: tankOf({ component: "diesel", litres: 30 }),
  oil: tankOf({ component: "canola", litres: 60 }),
  fatty: tankOf({ component: "canola", litres: 55 }, { component: "fryer-fat", litres: 5 }),
};
const stood = (vehicle: Vehicle, lowCelsius: number, residualOilShare: number | null = null) =>
  vehicleCold({ vehicle, residualOilShare } as never, {
    tank: (id) => tanks[id],
    settings: { ...DEFAULT_SETTINGS, tonightLowCelsius: lowCelsius },
    fluids: FLUIDS,
  });

describe("a vehicle that stands out", () => {
  it("of two tanks starts on its diesel; the oil in its tank may be as thick as it likes", () => {
    const cold = stood(dual, -2);
    expect(cold.start?.fails).toBe("none");
    expect(cold.oil?.fails).toBe("viscosity");
    expect(cold.line).toBeNull();
  });
  it("is purged further the colder the night, and further where there is fat in the oil", () => {
    const shares = [10, 0, -2, -4].map((low) => stood(dual, low).mark?.share ?? -1);
    expect([...shares].sort((a, b) => b - a)).toEqual(shares);
    const fatty = stood({ ...dual, oilTank: vid("fatty") }, -2).mark;
    expect(fatty?.share).toBeLessThan(shares[2] ?? 0);
    expect(fatty?.because).toBe("fat");
  });
  it("says so where no purge helps, since the diesel itself does not stand it", () =>
    expect(stood(dual, -25).mark).toMatchObject({ dieselFails: true, share: 0.02 }));
  it("is judged by what the last stop left in its line", () => {
    expect(stood(dual, -2, 0.02).line?.fails).toBe("none");
    expect(stood(dual, -2, 0.6).line?.fails).toBe("viscosity");
  });
  it("of one tank has no purge; an empty or unknown tank is no reason to worry", () => {
    const one = (tank: string): Vehicle => ({ ...engine, kind: "single", tank: vid(tank) });
    expect(stood(one("oil"), -2)).toMatchObject({ mark: null, line: null, oil: null, start: { fails: "viscosity" } });
    expect(stood(one("none"), -2).start).toBeNull();
  });
  it("draws cold oil only through a hose that lets it, once the hose is known", () => {
    expect(stood(dual, -2).suction).toBeNull();
    const drawn = (boreMm: number) =>
      stood({ ...dual, suction: { boreMm, lengthMm: 2500, liftMm: 300, pullKPa: 30 } }, -2).suction;
    const [narrow, wide] = [drawn(6), drawn(16)];
    if (!narrow || !wide) throw new Error("no suction");
    expect(narrow.mostLitresPerMinute).toBeLessThan(narrow.wantedLitresPerMinute);
    expect(narrow.kPa).toBeGreaterThan(narrow.pullKPa);
    expect(wide.mostLitresPerMinute).toBeGreaterThan(wide.wantedLitresPerMinute);
    expect(wide.kPa).toBeLessThan(wide.pullKPa);
  });
});
