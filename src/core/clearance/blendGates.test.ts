import { describe, expect, it } from "vitest";
import { rigFromShelf } from "../driving/rig";
import { type Draft, type Entry, project, RecipeId, VehicleId, type VesselRole, type YardState } from "../ledger";
import { drum, entry, iso, vid } from "../ledger/testing";
import { viewYard } from "../view";
import { clearanceOf } from ".";

const HOUR = 60;
const vessel = (id: string, role: VesselRole): Draft => ({ kind: "vessel", data: drum(id, role) });
const buy = (
  to: string,
  fluid: "canola" | "diesel" | "petrol" | "kerosene" | "motor-oil",
  litres: number,
  dyed = false,
): Draft => ({
  kind: "purchase",
  data: { to: vid(to), fluid, amount: { litres }, ...(dyed && { dyed }) },
});
const pour = (from: string, to: string, litres: number, layer: "mixed" | "bottom" | "top" = "mixed"): Draft => ({
  kind: "move",
  data: { from: vid(from), to: vid(to), amount: { litres }, layer },
});
const tractor = VehicleId.parse("tractor");
const vehicle = (more: object = {}): Draft => ({
  kind: "vehicle",
  data: {
    id: tractor,
    name: "Tractor",
    kind: "single",
    tank: vid("tank"),
    burnLitresPerHour: 5,
    rig: rigFromShelf("plain"),
    ...more,
  },
});
const fill = (from: string, litres = 5): Draft => ({
  kind: "fill",
  data: { vehicle: tractor, from: vid(from), to: vid("tank"), amount: { litres } },
});
const jar = (step: number): Draft => ({ kind: "jar", data: { vessel: vid("can"), step, atMm: 60 } });
const trip = (litres: number): Draft => ({
  kind: "trip",
  data: {
    vehicle: tractor,
    minutes: { startOnDiesel: 0, onOil: 30, purge: 0 },
    burned: [{ from: vid("tank"), litres }],
  },
});

type Told = readonly [minute: number, draft: Draft];
const THINGS: Told[] = (
  [
    ["tank", "tank"],
    ["can", "blend"],
    ["other", "blend"],
    ["ready", "ready"],
    ["thin", "thinner"],
    ["slops", "waste"],
  ] as const
).map(([id, role]) => [0, vessel(id, role)]);

const yardOf = (told: readonly Told[], car: object = {}): YardState =>
  project(
    [...THINGS, [0, vehicle(car)] as Told, ...told].map(
      ([at, d], i): Entry => entry(String(i).padStart(3, "0"), at, d),
    ),
  );
const refused = (yard: YardState, draft: Draft, minute: number): string[] =>
  clearanceOf(yard, draft, iso(minute)).refusals.map((r) => r.code);

describe("a petrol blend before a tank", () => {
  const OLD_HAND = { isTryOut: true };
  const mixed: Told[] = [
    [1, buy("can", "petrol", 6)],
    [10, buy("can", "canola", 14)],
  ];
  const stood = 10 + 25 * HOUR;
  const ready: Told[] = [...mixed, [stood, pour("can", "slops", 1, "bottom")], [stood + 5, jar(2)]];
  it("stands a day first, then is drained, then shows a clear jar", () => {
    expect(refused(yardOf(mixed, OLD_HAND), fill("can"), 10 + 23 * HOUR)).toEqual(["petrol-not-stood"]);
    expect(refused(yardOf(mixed, OLD_HAND), fill("can"), stood)).toEqual(["petrol-not-drained", "petrol-not-clear"]);
    expect(refused(yardOf(ready.slice(0, -1), OLD_HAND), fill("can"), stood + 5)).toEqual(["petrol-not-clear"]);
    expect(refused(yardOf(ready, OLD_HAND), fill("can"), stood + 6)).toEqual([]);
  });
  it("counts no drain and no jar from before it had stood, and no cloudy one", () => {
    const early: Told[] = [...mixed, [60, pour("can", "slops", 1, "bottom")], [70, jar(1)]];
    expect(refused(yardOf(early, OLD_HAND), fill("can"), stood)).toEqual(["petrol-not-drained", "petrol-not-clear"]);
    const cloudy: Told[] = [...ready, [stood + 9, jar(4)]];
    expect(refused(yardOf(cloudy, OLD_HAND), fill("can"), stood + 10)).toEqual(["petrol-not-clear"]);
  });
  it("begins again when it is stirred, driven about, or more is poured on it", () => {
    const shaken: Told = [stood + 8, { kind: "disturbed", data: { vessel: vid("can"), how: "driven" } }];
    const more: Told = [stood + 8, buy("can", "canola", 1)];
    for (const again of [shaken, more])
      expect(refused(yardOf([...ready, again], OLD_HAND), fill("can"), stood + 9)).toEqual(["petrol-not-stood"]);
  });
  it("keeps its standing on the way into a clean can, and loses it where it was not drained", () => {
    const on: Told = [stood + 8, pour("can", "other", 8)];
    expect(refused(yardOf([...ready, on], OLD_HAND), fill("other"), stood + 9)).toEqual([]);
    const undrained: Told[] = [...mixed, [stood + 8, pour("can", "other", 8)]];
    expect(refused(yardOf(undrained, OLD_HAND), fill("other"), stood + 9)).toEqual(["petrol-not-stood"]);
  });
  it("is free of its sludge where it was drawn off above it, once a jar was clear", () => {
    const above: Draft = {
      kind: "draw-off",
      data: { from: vid("can"), to: vid("other"), amount: { litres: 9 }, suctionMm: 30, suspendedShare: 0 },
    };
    const seen: Told[] = [...mixed, [stood, jar(1)], [stood + 1, above]];
    expect(refused(yardOf(seen, OLD_HAND), fill("other"), stood + 2)).toEqual([]);
    const unseen: Told[] = [...mixed, [stood + 1, above]];
    expect(refused(yardOf(unseen, OLD_HAND), fill("other"), stood + 2)).toEqual(["petrol-not-stood"]);
  });
  it("says until when it stands, by the owner's own hours", () => {
    const patient: Told = [0, { kind: "settings", data: { petrolStandHours: 48 } }];
    const [no] = clearanceOf(yardOf([patient, ...mixed], OLD_HAND), fill("can"), iso(stood)).refusals;
    expect(no).toMatchObject({ code: "petrol-not-stood", until: iso(10 + 48 * HOUR) });
  });
  it("is asked of a run through the bags into the tank as well, and of nothing without petrol", () => {
    const bag: Told = [0, { kind: "bag", data: { id: "bag" as never, name: "5 µm", ratingUm: 5, areaM2: 0.2 } }];
    const run: Draft = {
      kind: "filter-run",
      data: {
        from: vid("can"),
        to: vid("tank"),
        bags: ["bag" as never],
        amount: { litres: 5 },
        minutes: 9,
        lossLitres: 0,
      },
    };
    expect(refused(yardOf([bag, ...mixed], OLD_HAND), run, 60)).toContain("petrol-not-stood");
    const diesel: Told[] = [bag, [1, buy("can", "diesel", 9)], [2, buy("can", "canola", 9)]];
    expect(refused(yardOf(diesel, OLD_HAND), run, 60)).toEqual([]);
  });
});

const warned = (yard: YardState, draft: Draft, minute: number): string[] =>
  clearanceOf(yard, draft, iso(minute)).warnings.map((w) => w.code);

describe("engine oil and petrol", () => {
  it("meet in a can with a word where the oil is not clean, and never in a tank", () => {
    const dirty: Told[] = [
      [
        1,
        {
          kind: "pickup",
          data: { source: "garage" as never, to: vid("can"), fluid: "motor-oil", amount: { litres: 9 }, muck: {} },
        },
      ],
      [2, buy("thin", "petrol", 9)],
    ];
    const garage: Told = [0, { kind: "source", data: { id: "garage" as never, name: "Garage", container: "tin" } }];
    expect(warned(yardOf([garage, ...dirty]), pour("thin", "can", 3), 9)).toContain("engine-oil-before-petrol");
    expect(warned(yardOf([garage, ...dirty]), pour("can", "thin", 3), 9)).toContain("engine-oil-before-petrol");
    expect(refused(yardOf([garage, ...dirty]), pour("thin", "can", 3), 9)).toEqual([]);
    const inTank = yardOf([garage, ...dirty, [4, buy("tank", "petrol", 3)]]);
    expect(refused(inTank, pour("can", "tank", 3), 9)).toContain("engine-oil-and-petrol");
    const strained: Told[] = [
      garage,
      ...dirty,
      [3, { kind: "bag", data: { id: "bag" as never, name: "50 µm", ratingUm: 50, areaM2: 0.2 } }],
      [
        4,
        {
          kind: "filter-run",
          data: {
            from: vid("can"),
            to: vid("other"),
            bags: ["bag" as never],
            amount: { litres: 5 },
            minutes: 9,
            lossLitres: 0,
          },
        },
      ],
    ];
    expect(warned(yardOf(strained), pour("thin", "other", 3), 9)).toContain("engine-oil-before-petrol");
    const clean: Told[] = [
      [1, buy("can", "motor-oil", 9)],
      [2, buy("thin", "petrol", 9)],
    ];
    expect(warned(yardOf(clean), pour("thin", "can", 3), 9)).not.toContain("engine-oil-before-petrol");
  });
});

describe("a black blend", () => {
  const garage: Told = [0, { kind: "source", data: { id: "garage" as never, name: "Garage", container: "tin" } }];
  const fine: Told = [0, { kind: "bag", data: { id: "one" as never, name: "1 µm", ratingUm: 1, areaM2: 0.2 } }];
  const black: Told = [
    1,
    {
      kind: "pickup",
      data: { source: "garage" as never, to: vid("can"), fluid: "motor-oil", amount: { litres: 12 }, muck: {} },
    },
  ];
  const run = (to: string): Draft => ({
    kind: "filter-run",
    data: { from: vid("can"), to: vid(to), bags: ["one" as never], amount: { litres: 8 }, minutes: 60, lossLitres: 0 },
  });
  const drop = (paper: "even" | "specks", drip: "clean" | "residue"): Draft => ({
    kind: "dark-test",
    data: { vessel: vid("can"), paper, drip },
  });
  it("engine oil is judged by what its own run goes through", () => {
    const yard = yardOf([garage, fine, black], { takesBlackBlends: true });
    expect(refused(yard, run("tank"), 9)).not.toContain("engine-oil-into-tank");
    expect(refused(yard, pour("can", "tank", 3), 9)).toContain("engine-oil-into-tank");
    const petrolThere = yardOf([garage, fine, black, [2, buy("other", "petrol", 5)]]);
    expect(warned(petrolThere, run("other"), 9)).not.toContain("engine-oil-before-petrol");
    expect(warned(petrolThere, pour("can", "other", 3), 9)).toContain("engine-oil-before-petrol");
  });
  const stood = 30 * HOUR;
  const mixed: Told[] = [garage, fine, black, [5, buy("can", "petrol", 3)]];
  const drained: Told[] = [...mixed, [stood, pour("can", "slops", 1, "bottom")]];
  const OLD = { isTryOut: true, takesBlackBlends: true };
  it("stands, is drained, and passes by paper: no jar of it is ever asked for", () => {
    expect(refused(yardOf(mixed, OLD), run("tank"), 60)).toContain("petrol-not-stood");
    expect(refused(yardOf(drained, OLD), run("tank"), stood + 9)).toContain("petrol-dark-not-tested");
    const tested = (d: Draft): Told[] => [...drained, [stood + 5, d]];
    expect(refused(yardOf(tested(drop("specks", "clean")), OLD), run("tank"), stood + 9)).toContain(
      "petrol-dark-not-tested",
    );
    expect(refused(yardOf(tested(drop("even", "residue")), OLD), run("tank"), stood + 9)).not.toEqual([]);
    expect(refused(yardOf(tested(drop("even", "clean")), OLD), run("tank"), stood + 9)).toEqual([]);
  });
  it("is not passed by a jar: what stands in one of dark oil nobody sees", () => {
    const told: Told[] = [...drained, [stood + 5, { kind: "jar", data: { vessel: vid("can"), step: 1, atMm: 60 } }]];
    expect(refused(yardOf(told, OLD), run("tank"), stood + 9)).toContain("petrol-dark-not-tested");
  });
  it("paper changes nothing of oil that a jar shows better", () => {
    const kitchen: Told[] = [garage, fine, [1, buy("can", "canola", 12)]];
    const before = yardOf(kitchen).vessels.get(vid("can"))?.quality;
    const after = yardOf([...kitchen, [2, drop("specks", "residue")]]).vessels.get(vid("can"))?.quality;
    expect(after).toEqual(before);
  });
  it("a drop with specks takes back an even one: what stirred it since shows", () => {
    const both: Told[] = [...drained, [stood + 5, drop("even", "clean")], [stood + 6, drop("specks", "clean")]];
    expect(refused(yardOf(both, OLD), run("tank"), stood + 9)).toContain("petrol-dark-not-tested");
  });
  it("is kept to what its owner runs on such", () => {
    const passed: Told[] = [...drained, [stood + 5, drop("even", "clean")]];
    expect(refused(yardOf(passed, { isTryOut: true }), run("tank"), stood + 9)).toEqual(["black-blend-not-here"]);
  });
  it("has a drop on paper next up, not a jar", () => {
    const codes = viewYard(yardOf(drained, OLD), iso(stood + 9)).advice.map((a) => a.code);
    expect(codes).toContain("drop-blend");
    expect(codes).not.toContain("jar-blend");
  });
});

describe("dyed fuel", () => {
  const dyed: Told[] = [[1, buy("thin", "diesel", 20, true)]];
  it("is kept from what goes on the road, at the pump and out of a can", () => {
    expect(refused(yardOf(dyed), fill("thin"), 9)).toEqual(["dyed-for-the-road"]);
    expect(refused(yardOf([]), buy("tank", "diesel", 9, true), 9)).toEqual(["dyed-for-the-road"]);
    expect(refused(yardOf([]), buy("tank", "diesel", 9), 9)).toEqual([]);
  });
  it("travels with its litres into a blend, and is for machines", () => {
    const blended: Told[] = [...dyed, [2, buy("can", "canola", 4)], [3, pour("thin", "can", 6)]];
    expect(refused(yardOf(blended), fill("can"), 9)).toContain("dyed-for-the-road");
    expect(refused(yardOf(blended, { isOffRoad: true }), fill("can"), 9)).not.toContain("dyed-for-the-road");
  });
});

describe("a blend that is new to a good engine", () => {
  const recipe = RecipeId.parse("two");
  const inCan: Told[] = [
    [1, buy("tank", "diesel", 20)],
    [2, buy("can", "canola", 12)],
    [3, buy("can", "kerosene", 8)],
  ];
  const WELL = {
    start: "good",
    idleSmoke: "good",
    town: "so-so",
    longRun: "good",
    sound: "good",
    power: "good",
  } as const;
  const told: Told = [
    4,
    {
      kind: "recipe",
      data: {
        id: recipe,
        name: "Two to one",
        season: "any",
        parts: [
          { fluid: "canola", share: 0.6 },
          { fluid: "kerosene", share: 0.4 },
        ],
      },
    },
  ];
  const ladder: Told[] = [
    [
      5,
      { kind: "trial", data: { recipe, rung: "jar", jar: { hours: 24, celsius: 12, saw: "clear" }, verdict: "good" } },
    ],
    [6, { kind: "trial", data: { recipe, rung: "litre", verdict: "good" } }],
    [7, { kind: "trial", data: { recipe, rung: "old-engine", card: WELL, verdict: "good" } }],
  ];
  const at = (more: readonly Told[], draft: Draft = fill("can", 15), car = {}): string[] =>
    refused(yardOf([...inCan, ...more], car), draft, 60);
  it("is refused until every rung of a recipe like it is climbed, in any order", () => {
    expect(at([])).toEqual(["untried-recipe"]);
    expect(at([told, ...ladder.slice(0, 2)])).toEqual(["untried-recipe"]);
    expect(at([told, ...ladder])).toEqual([]);
  });
  it("stays refused where the card was left half empty, or a rung went badly", () => {
    const half: Told = [
      7,
      { kind: "trial", data: { recipe, rung: "old-engine", card: { start: "good" }, verdict: "good" } },
    ];
    expect(at([told, ...ladder.slice(0, 2), half])).toEqual(["untried-recipe"]);
    const bad: Told = [8, { kind: "trial", data: { recipe, rung: "litre", verdict: "bad" } }];
    expect(at([told, ...ladder, bad])).toEqual(["untried-recipe"]);
    const worse: Told = [9, { kind: "trial", data: { recipe, rung: "good-engine", card: WELL, verdict: "bad" } }];
    expect(at([told, ...ladder, worse])).toEqual(["untried-recipe"]);
  });
  it("a flame that was looked at stands for an engine", () => {
    const stove: Told = [
      7,
      { kind: "trial", data: { recipe, rung: "stove", card: { flame: "good" }, verdict: "good" } },
    ];
    expect(at([told, ...ladder.slice(0, 2), stove])).toEqual([]);
  });
  it("is no longer new once the engine has burned as much of it, and never was with less oil", () => {
    const burned: Told[] = [
      [8, { ...fill("can", 15), despite: ["untried-recipe"] }],
      [9, trip(8)],
    ];
    expect(at([...burned, [10, buy("can", "canola", 1)]], fill("can", 4))).toEqual([]);
    expect(at([told, ...ladder], fill("can", 3))).toEqual([]);
  });
  it("is what a try-out engine is for; bought fuel and a trace of oil are no blend", () => {
    expect(at([], fill("can", 15), { isTryOut: true })).toEqual([]);
    expect(at([], buy("tank", "diesel", 9))).toEqual([]);
    expect(at([], fill("can", 1))).toEqual([]);
  });
  it("is judged by what it is on its way to, not by the first of its pours", () => {
    const first: Draft = {
      kind: "blend",
      data: {
        to: vid("tank"),
        parts: [{ from: vid("can"), amount: { litres: 15 } }],
        aim: [
          { fluid: "canola", share: 0.03 },
          { fluid: "diesel", share: 0.97 },
        ],
      },
    };
    expect(at([], first)).toEqual([]);
  });
});
