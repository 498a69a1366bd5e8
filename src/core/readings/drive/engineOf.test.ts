import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../../driving/rig";
import { SHELF_IDS } from "../../driving/rig/shelf";
import type { Vehicle } from "../../ledger";
import { vid } from "../../ledger/testing";
import { coldOilTankOf, engineOf } from "./engineOf";

const vehicleOn = (shelf: (typeof SHELF_IDS)[number]): Vehicle => {
  const rig = rigFromShelf(shelf);
  const common = { id: shelf as never, name: shelf, burnLitresPerHour: 5, rig };
  return rig.parts.filter((p) => p.kind === "tank").length > 1
    ? { ...common, kind: "dual", dieselTank: vid("diesel"), oilTank: vid("oil") }
    : { ...common, kind: "single", tank: vid("only") };
};

describe("the engine of a tank", () => {
  it.each(SHELF_IDS)("%s: its oil is switched to warm only where a part of the rig warms it", (shelf) => {
    const vehicle = vehicleOn(shelf);
    const warms = vehicle.rig.parts.some((p) => p.kind === "heater" || ("uaWPerK" in p && p.uaWPerK > 0));
    expect(engineOf(vid("oil"), [{ vehicle }])).toEqual(
      vehicle.kind === "dual" ? { vehicle, isHeated: warms } : { vehicle: null, isHeated: false },
    );
    expect(coldOilTankOf(vehicle)).toBe(vehicle.kind === "dual" && !warms ? "oil" : null);
  });
  it("starts cold on the other tank, whatever warms its oil", () => {
    const vehicle = vehicleOn("loop");
    expect(engineOf(vid("diesel"), [{ vehicle }])).toEqual({ vehicle, isHeated: false });
    expect(engineOf(undefined, [{ vehicle }]).vehicle).toBeNull();
  });
});
