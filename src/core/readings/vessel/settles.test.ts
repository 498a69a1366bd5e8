import { describe, expect, it } from "vitest";
import { type Draft, project, VESSEL_ROLES, type VesselRole } from "../../ledger";
import { drum, entry, iso, vid } from "../../ledger/testing";
import { viewYard } from "../../view";
import { settleBench } from "../settle/settleBench";

const DAY = 1440;
const NOW = iso(30 * DAY);
const stood = (fluid: "canola" | "diesel" | "motor-oil", filteredUm?: number): Draft => ({
  kind: "opening",
  data: {
    to: vid("V"),
    fluid,
    amount: { litres: 100 },
    muck: { sludge: 0.02, water: 0.01 },
    ...(filteredUm !== undefined && { filteredUm }),
  },
});
const made = (role: VesselRole, content: Draft, ...more: [minute: number, Draft][]) =>
  project([
    entry("1", 0, { kind: "vessel", data: drum("V", role) }),
    entry("2", 10, content),
    ...more.map(([minute, d], i) => entry(`m${i}`, minute, d)),
  ]);
const seen = (role: VesselRole, content: Draft, ...more: [number, Draft][]) =>
  viewYard(made(role, content, ...more), NOW).vessels[0];

describe("what settles", () => {
  it.each(VESSEL_ROLES.filter((r) => !["tank", "waste", "kettle"].includes(r)))(
    "unfiltered oil does in a vessel for %s, with a forecast and a line to draw from",
    (role) => {
      const v = seen(role, stood("canola"));
      expect(v?.settling).toMatchObject({ ready: expect.any(Boolean), slowest: expect.any(String) });
      expect(settleBench(made(role, stood("canola")), vid("V"), NOW)).not.toBeNull();
    },
  );
  it.each(["tank", "waste", "kettle"] as const)("nothing does in a %s", (role) =>
    expect(seen(role, stood("canola"))?.settling).toBeNull(),
  );
  it("diesel in a can does not, nor oil that went through the bags; engine oil does", () => {
    expect(seen("thinner", stood("diesel"))?.settling).toBeNull();
    expect(seen("ready", stood("canola", 5))?.settling).toBeNull();
    expect(seen("blend", stood("motor-oil"))?.settling).not.toBeNull();
  });
});

describe("a fined lot", () => {
  const fined: Draft = { kind: "fining", data: { vessel: vid("V"), waterLitres: 10, gelatineG: 400, celsius: 45 } };
  const restEnds = iso(29 * DAY + 12 * 60);
  it("is clear when its gelatine has rested, whatever its grains, and is not fined again", () => {
    const yard = made("settling", stood("canola"), [29 * DAY, fined]);
    const [v] = viewYard(yard, NOW).vessels;
    expect(v?.settling).toMatchObject({ readyAt: restEnds, slowest: "gelatine", wet: true, ready: false });
    const bench = settleBench(yard, vid("V"), NOW);
    expect(bench?.asItIs.readyAt).toBe(restEnds);
    expect(bench?.asItIs.clarity.at(-1)).toBe(1);
    expect(bench?.ways.find((w) => w.way === "fine")).toMatchObject({ possible: false, because: "fined-already" });
  });
  it("is a lot like any other once it is stirred again", () => {
    const stirred: Draft = { kind: "disturbed", data: { vessel: vid("V"), how: "stirred" } };
    const v = seen("settling", stood("canola"), [29 * DAY, fined], [29 * DAY + 60, stirred]);
    expect(v?.settling?.slowest).not.toBe("gelatine");
  });
});
