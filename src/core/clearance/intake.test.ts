import { describe, expect, it } from "vitest";
import { type Draft, type PlaceId, project } from "../ledger";
import { drum, entry, kitchen, sid, vid } from "../ledger/testing";
import { SAFE_SHARE } from "../readings";
import { capacityLitres } from "../vessels";
import { clearanceOf } from ".";

const NOW = "2026-03-01T08:00:00.000Z";

const trailer = "trailer" as PlaceId;
const workshop = { ...kitchen, id: sid("workshop"), name: "The slip's workshop", dirt: "engine-oil" as const };
const buy = (to: string, fluid: "canola" | "motor-oil" | "fryer-fat", litres: number): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres } },
});
const base: Draft[] = [
  { kind: "source", data: kitchen },
  { kind: "source", data: workshop },
  { kind: "place", data: { id: trailer, name: "Trailer", kind: "trailer", payloadKg: 150 } },
  { kind: "vessel", data: drum("good", "raw") },
  { kind: "vessel", data: drum("empty", "raw") },
  { kind: "vessel", data: { ...drum("tin", "raw"), apart: true } },
  { kind: "vessel", data: { ...drum("aboard", "raw"), place: trailer } },
  { kind: "vessel", data: { ...drum("second", "raw"), place: trailer } },
  { kind: "vessel", data: drum("fatty", "raw") },
  { kind: "vessel", data: drum("sludge", "waste") },
  buy("good", "canola", 100),
  buy("aboard", "canola", 60),
  buy("fatty", "canola", 70),
  buy("fatty", "fryer-fat", 30),
];
const yard = project(base.map((d, i) => entry(String(i).padStart(3, "0"), i, d)));

type Pickup = Extract<Draft, { kind: "pickup" }>["data"];
const warnings = (draft: Draft) => clearanceOf(yard, draft, NOW).warnings;
const codes = (draft: Draft): string[] => warnings(draft).map((w) => w.code);
const take = (to: string, more: Partial<Pickup> = {}): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid(to), fluid: "canola", amount: { litres: 20 }, muck: {}, look: "clear", ...more },
});
const move = (from: string, to: string, layer: "mixed" | "top" | "bottom" = "mixed"): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount: { litres: 20 }, layer },
});
const check = { look: "clear", smell: "fried", fried: "plants", bottomWater: "none" } as const;

describe("before oil goes into a container", () => {
  it.each([
    ["good oil on good oil", take("good"), []],
    ["a creamy lot on good oil", take("good", { look: "creamy" }), ["doubtful-into-good"]],
    ["a creamy lot in an empty one", take("empty", { look: "creamy" }), []],
    ["a fatty lot that looked clear", take("good", { muck: { "fryer-fat": 0.2 } }), ["doubtful-into-good"]],
    ["much water under clear oil", take("good", { check: { ...check, bottomWater: "much" } }), ["doubtful-into-good"]],
    ["engine oil on kitchen oil", take("good", { source: workshop.id }), ["engine-into-kitchen"]],
    ["engine oil by what it is", take("good", { fluid: "atf" }), ["engine-into-kitchen"]],
    ["engine oil in its own tin", take("tin", { source: workshop.id, fluid: "motor-oil" }), []],
    ["kitchen oil in the engine oil's tin", take("tin"), ["kitchen-into-engine"]],
    ["a full drum", take("good", { amount: { litres: 112 } }), ["past-safe-level"]],
    ["too much on the trailer", take("second", { amount: { litres: 100 } }), ["past-payload"]],
    ["just enough on the trailer", take("second", { amount: { litres: 90 } }), []],
    ["fatty oil poured on good oil", move("fatty", "good"), ["doubtful-into-good"]],
    ["only its clear top", move("fatty", "good", "top"), []],
    ["fatty oil to the sludge", move("fatty", "sludge"), []],
    ["what is aboard already, from can to can", move("aboard", "second"), []],
    ["nothing that comes in", { kind: "weather", data: { shedCelsius: 9 } }, []],
  ] as [string, Draft, string[]][])("%s", (_, draft, expected) => {
    expect(codes(draft)).toEqual(expected);
  });
  it("says how much good oil is at stake, how full is safe, and by how much it is too heavy", () => {
    expect(warnings(take("good", { look: "wet", amount: { litres: 150 } }))).toEqual([
      { code: "doubtful-into-good", vessel: "good", litres: 100 },
      { code: "past-safe-level", vessel: "good", safeLitres: SAFE_SHARE * capacityLitres(drum("good")) },
    ]);
    expect(warnings(take("aboard", { amount: { litres: 130 } }))).toEqual([{ code: "past-payload", overKg: 40 }]);
  });
  it("warns, and leaves it to the person: the ledger takes it", () => {
    expect(clearanceOf(yard, take("good", { look: "creamy" }), NOW).refusals).toEqual([]);
  });
});
