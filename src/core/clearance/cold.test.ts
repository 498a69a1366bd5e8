import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import { type Draft, project, type YardState } from "../ledger";
import { drum, entry, fullEntries, iso, vid } from "../ledger/testing";
import { coldWarnings as warningsAt } from "./cold";

/** A tractor of one tank, cans of kerosene, diesel and of oil that is ready, and a low to fear. */
const made: Draft[] = [
  { kind: "vessel", data: drum("tank", "tank") },
  { kind: "vessel", data: drum("oil", "ready") },
  { kind: "vessel", data: drum("can", "thinner") },
  {
    kind: "vehicle",
    data: {
      id: "tractor" as never,
      name: "Tractor",
      kind: "single",
      tank: vid("tank"),
      burnLitresPerHour: 5,
      rig: rigFromShelf("plain"),
    },
  },
  { kind: "purchase", data: { to: vid("can"), fluid: "kerosene", amount: { litres: 100 } } },
  {
    kind: "opening",
    data: { to: vid("oil"), fluid: "canola", amount: { litres: 100 }, muck: { "fryer-fat": 0.05 }, filteredUm: 5 },
  },
];
const yardAt = (lowCelsius: number, ...more: Draft[]) =>
  project(
    [...made, { kind: "settings", data: { tonightLowCelsius: lowCelsius } } as Draft, ...more].map((d, i) =>
      entry(`e${String(i).padStart(2, "0")}`, i, d),
    ),
  );
/** Within the hour: what was said of tonight still counts. */
const coldWarnings = (yard: YardState, draft: Draft) => warningsAt(yard, draft, iso(60));
const pour = (from: string, to: string, litres: number): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount: { litres }, layer: "mixed" },
});

describe("what is poured into what an engine starts on", () => {
  it("is warned of where it will not stand tonight's low, with what fails and where", () => {
    const [warning] = coldWarnings(yardAt(-5), pour("oil", "tank", 20));
    expect(warning).toMatchObject({ code: "cold-in-tank", vessel: "tank", lowCelsius: -5 });
    expect(coldWarnings(yardAt(-5), pour("can", "tank", 20))).toEqual([]);
  });
  it("is judged with what stands there: fat falls out of a thin mix too", () => {
    const half = yardAt(-5, pour("can", "tank", 20));
    expect(coldWarnings(half, pour("oil", "tank", 6))).toMatchObject([{ failure: "fat" }]);
  });
  it("is not blamed for what stands there already and gets no worse", () => {
    const thick = yardAt(-5, pour("oil", "tank", 20));
    expect(coldWarnings(thick, pour("can", "tank", 5))).toEqual([]);
  });
  it("of two tanks that nothing warms: both; of two where the oil is heated, the diesel's only", () => {
    const dual = (rig: "unheated" | "loop"): Draft[] => [
      { kind: "vessel", data: drum("second", "tank") },
      {
        kind: "vehicle",
        data: {
          id: "bus" as never,
          name: "Bus",
          kind: "dual",
          dieselTank: vid("tank"),
          oilTank: vid("second"),
          burnLitresPerHour: 5,
          rig: rigFromShelf(rig),
        },
      },
    ];
    const into = (rig: "unheated" | "loop", to: string) => coldWarnings(yardAt(-5, ...dual(rig)), pour("oil", to, 20));
    expect(into("unheated", "second")).toMatchObject([{ code: "cold-in-tank", vessel: "second" }]);
    expect(into("loop", "second")).toEqual([]);
    expect(into("loop", "tank")).toHaveLength(1);
  });
  it("both pours of one blend are judged together", () => {
    const blend: Draft = {
      kind: "blend",
      data: {
        to: vid("tank"),
        parts: [
          { from: vid("oil"), amount: { litres: 0.2 } },
          { from: vid("can"), amount: { litres: 40 } },
        ],
      },
    };
    expect(coldWarnings(yardAt(0), blend)).toEqual([]);
  });
  it("anything else is poured without a word: a can, and what is counted", () => {
    const yard = project(fullEntries());
    expect(coldWarnings(yardAt(-30), pour("oil", "can", 5))).toEqual([]);
    expect(
      coldWarnings(yard, { kind: "cold-jar", data: { vessel: vid("A"), celsius: -5, hours: 12, saw: "clear" } }),
    ).toEqual([]);
  });
});
