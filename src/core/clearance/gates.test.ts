import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Draft, ENTRY_KINDS, flowsOf, project, roleOf, type YardState } from "../ledger";
import { arbitraryDraft } from "../ledger/arbitrary.testing";
import { drum, entry, fullEntries, fullYard, move, vid } from "../ledger/testing";
import { clearanceOf } from ".";

const NOW = "2026-03-01T08:00:00.000Z";

/** Petrol everywhere but in the kettle and the tank: whatever goes into those brings it. */
const petrolYard = (): YardState =>
  project([
    ...fullEntries(),
    ...["A", "B", "settler"].map((to, i) =>
      entry(`9${i}`, 100 + i, {
        kind: "purchase",
        data: { to: vid(to), fluid: "petrol", amount: { litres: 5 } },
      }),
    ),
  ]);

const refused = (yard: YardState, draft: Draft): string[] => clearanceOf(yard, draft, NOW).refusals.map((r) => r.code);

describe("no kind goes round the gates", () => {
  const yard = petrolYard();
  it.each(ENTRY_KINDS)("%s brings no petrol into a kettle", (kind) => {
    fc.assert(
      fc.property(arbitraryDraft(kind), (draft) => {
        const brings = flowsOf(draft).some((f) => {
          const into = f.to === null ? undefined : yard.vessels.get(f.to);
          const petrol = f.from !== null && ["A", "B", "C", "settler"].includes(f.from) && f.layer !== "bottom";
          return into && roleOf(into.vessel.role).receiver === "kettle" && petrol && f.from !== f.to;
        });
        if (brings) expect(refused(yard, draft)).toContain("petrol-in-kettle");
      }),
      { numRuns: 60 },
    );
  });
  it("nor does what used to have no gate: a clean-out, a purge's return, a settler's overflow", () => {
    const cleanOut: Draft = {
      kind: "clean-out",
      data: { vessel: vid("settler"), to: vid("kettle"), amount: { litres: 2 } },
    };
    const trip: Draft = {
      kind: "trip",
      data: {
        vehicle: "flatbed" as never,
        minutes: { startOnDiesel: 1, onOil: 1, purge: 1 },
        burned: [],
        moved: [{ from: vid("B"), to: vid("kettle"), litres: 1 }],
      },
    };
    const overflow: Draft = {
      kind: "displace",
      data: {
        header: vid("tank"),
        body: vid("settler"),
        overflow: vid("kettle"),
        amount: { litres: 5 },
        passingShare: 0,
      },
    };
    for (const draft of [cleanOut, trip, overflow]) expect(refused(yard, draft)).toContain("petrol-in-kettle");
    expect(refused(fullYard(), cleanOut)).toEqual([]);
  });
});

it("what comes off the top leaves what has settled behind", () => {
  const yard = project([
    entry("1", 0, { kind: "vessel", data: drum("A") }),
    entry("2", 0, { kind: "vessel", data: drum("tank", "tank") }),
    ...fullEntries().filter((e) => e.kind === "source"),
    entry("4", 50, {
      kind: "pickup",
      data: {
        source: "kitchen" as never,
        to: vid("A"),
        fluid: "canola",
        amount: { litres: 100 },
        muck: { "fryer-fat": 0.3 },
      },
    }),
  ]);
  const pour = move("A", "tank", 20);
  expect(refused(yard, pour)).toContain("creamy-into-vehicle");
  expect(refused(yard, { ...pour, data: { ...pour.data, layer: "top" } } as Draft)).toEqual(["unfiltered-into-tank"]);
});
