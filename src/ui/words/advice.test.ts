import { describe, expect, it } from "vitest";
import type { Advice } from "@/core/advice";
import { rigFromShelf } from "@/core/driving/rig";
import { project, type VehicleId } from "@/core/ledger";
import { drum, entry, iso, vid } from "@/core/ledger/testing";
import { viewYard } from "@/core/view";
import { wordAdvice } from ".";

const id = "van" as VehicleId;
const view = viewYard(
  project([
    entry("01", 0, { kind: "vessel", data: { ...drum("D"), name: "Start tank", role: "tank" } }),
    entry("02", 0, { kind: "vessel", data: { ...drum("O"), name: "Oil tank", role: "tank" } }),
    entry("03", 0, {
      kind: "vehicle",
      data: {
        id,
        name: "Van",
        kind: "dual",
        dieselTank: vid("D"),
        oilTank: vid("O"),
        burnLitresPerHour: 7,
        rig: rigFromShelf("unheated"),
      },
    }),
  ]),
  iso(10),
);
const thick = (vessel: string) =>
  wordAdvice(
    {
      id: "x",
      code: "too-thick",
      station: "blend",
      dueAt: iso(10),
      vehicle: id,
      vessel: vid(vessel),
      nuMm2PerS: 180,
      limitMm2PerS: 15,
      celsius: -2,
    } as Advice,
    view,
  );

describe("a vehicle with two tanks that stands too thick", () => {
  it("starts on diesel: that tank is filled with it", () => {
    expect(thick("D")).toMatchObject({ title: "Van too thick at −2 °C", steps: [{ label: "Fill with diesel" }] });
  });
  it("of a second tank that nothing warms the tank is named, and a blend is planned for it", () => {
    expect(thick("O")).toMatchObject({
      title: "Oil tank too thick at −2 °C",
      steps: [{ label: "Plan top-up", href: "/blend?vessel=O" }],
    });
  });
});
