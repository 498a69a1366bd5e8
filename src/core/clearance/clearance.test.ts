import { describe, expect, it } from "vitest";
import { type Draft, project, type VesselRole } from "../ledger";
import { drum, entry, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const NOW = "2026-03-01T08:00:00.000Z";

const vessel = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const buy = (to: string, fluid: "canola" | "diesel" | "petrol" | "fryer-fat", litres: number): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres } },
});
const drafts: Draft[] = [
  vessel("tank", "tank"),
  vessel("can", "blend"),
  vessel("petrol", "thinner"),
  vessel("creamy", "ready"),
  vessel("ready", "ready"),
  vessel("kettle", "kettle"),
  vessel("drum", "settling"),
  buy("drum", "canola", 50),
  buy("petrol", "petrol", 20),
  buy("ready", "canola", 50),
  buy("creamy", "canola", 40),
  buy("creamy", "fryer-fat", 10),
];
const yard = project(drafts.map((d, i) => entry(`e${i}`, i, d)));
const codes = (draft: Draft): string[] => clearanceOf(yard, draft, NOW).refusals.map((r) => r.code);
const amount = { litres: 5 };
const blend = (to: string): Draft => ({
  kind: "blend",
  data: {
    to: vid(to),
    parts: [
      { from: vid("petrol"), amount },
      { from: vid("ready"), amount: { litres: 20 } },
    ],
  },
});

describe("what the yard is asked before a step", () => {
  it("mixes petrol outside the vehicle only", () => {
    expect(codes(blend("tank"))).toEqual(["petrol-mixed-in-vehicle"]);
    expect(codes(blend("can"))).toEqual([]);
    expect(clearanceOf(yard, blend("can"), NOW).needs.map((n) => n.code)).toContain("bond-and-earth");
  });
  it("pours no petrol into kettle or tank, by whichever entry", () => {
    const move: Draft = { kind: "move", data: { from: vid("petrol"), to: vid("kettle"), amount, layer: "mixed" } };
    expect(codes(move)).toEqual(["petrol-in-kettle"]);
    expect(codes(buy("tank", "petrol", 5))).toEqual(["neat-petrol-into-vehicle"]);
  });
  it("fills no creamy oil, unless what is drawn off the top of it", () => {
    const fill: Draft = { kind: "fill", data: { vehicle: "v" as never, from: vid("creamy"), to: vid("tank"), amount } };
    expect(codes(fill)).toEqual(["creamy-into-vehicle"]);
    const drawn: Draft = {
      kind: "draw-off",
      data: { from: vid("creamy"), to: vid("tank"), amount, suctionMm: 100, suspendedShare: 0 },
    };
    expect(codes(drawn)).toEqual([]);
  });
  it("has nothing to say of what moves nothing, or of vessels it does not know", () => {
    expect(clearanceOf(yard, { kind: "weather", data: { shedCelsius: 9 } }, NOW)).toEqual({
      refusals: [],
      needs: [],
      warnings: [],
    });
    expect(codes({ kind: "move", data: { from: vid("petrol"), to: vid("nowhere"), amount, layer: "mixed" } })).toEqual(
      [],
    );
  });
});

describe("what the settling bench asks", () => {
  const fining = (celsius?: number): Draft => ({
    kind: "fining",
    data: { vessel: vid("drum"), waterLitres: 5, gelatineG: 200, ...(celsius !== undefined && { celsius }) },
  });
  it("never stirs water into oil that is as hot as it was just said to be", () => {
    expect(codes(fining(82))).toEqual(["water-into-hot-oil"]);
    expect(codes(fining(45))).toEqual([]);
    expect(codes(fining())).toEqual([]);
  });
  it("never warms what petrol is in", () => {
    const warm = (vessel: string): Draft => ({
      kind: "disturbed",
      data: { vessel: vid(vessel), how: "heated", celsius: 40 },
    });
    expect(codes(warm("petrol"))).toContain("petrol-heated");
    expect(codes(warm("ready"))).toEqual([]);
  });
  it("never spins petrol", () => {
    const spin = (from: string): Draft => ({
      kind: "spin",
      data: { from: vid(from), to: vid("can"), amount, pasteLitres: 0.1, cutUm: 5 },
    });
    expect(codes(spin("petrol"))).toContain("petrol-in-centrifuge");
    expect(codes(spin("ready"))).toEqual([]);
  });
  it("feeds a settler with oil", () => {
    const feed: Draft = {
      kind: "displace",
      data: { header: vid("ready"), body: vid("creamy"), overflow: vid("can"), amount, passingShare: 0 },
    };
    expect(codes(feed)).toEqual([]);
  });
});
