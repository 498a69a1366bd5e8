import { describe, expect, it } from "vitest";
import { type Draft, isFiltered, project } from ".";
import { balance } from "./balance";
import { EMPTY } from "./contents";
import { partsOf } from "./state";
import { drum, entry, kitchen, vid } from "./testing";

const made: Draft[] = [
  { kind: "vessel", data: drum("feed", "feed") },
  { kind: "vessel", data: drum("into", "ready") },
  { kind: "vessel", data: drum("slops", "waste") },
  { kind: "source", data: kitchen },
  { kind: "bag", data: { id: "coarse" as never, name: "50 µm", ratingUm: 50, areaM2: 0.25, spares: 2 } },
  { kind: "bag", data: { id: "fine" as never, name: "5 µm", ratingUm: 5, areaM2: 0.25 } },
  { kind: "bag", data: { id: "cloth" as never, name: "Cloth", form: "cloth", areaM2: 0.25 } },
  {
    kind: "pickup",
    data: { source: kitchen.id, to: vid("feed"), fluid: "canola", amount: { litres: 60 }, muck: { sludge: 0.02 } },
  },
];
const run = (bags: string[], more: object = {}, litres = 20): Draft =>
  ({
    kind: "filter-run",
    data: { from: vid("feed"), to: vid("into"), bags, amount: { litres }, minutes: 30, lossLitres: 1, ...more },
  }) as Draft;
const yardOf = (...drafts: Draft[]) =>
  project([...made, ...drafts].map((d, i) => entry(`e${String(i).padStart(2, "0")}`, i, d)));
const litres = (yard: ReturnType<typeof yardOf>, id: string): number => yard.vessels.get(vid(id))?.contents.total ?? 0;

/** What stood in a drum: its water and sludge are down. */
const stood: Draft = {
  kind: "pickup",
  data: {
    source: kitchen.id,
    to: vid("slops"),
    fluid: "canola",
    amount: { litres: 100 },
    muck: { sludge: 0.05, water: 0.05 },
  },
};
const waterIn = (yard: ReturnType<typeof yardOf>, id: string): number =>
  partsOf(yard.vessels.get(vid(id))?.contents ?? EMPTY, yard.parts)
    .filter((p) => p.component === "water")
    .reduce((sum, p) => sum + p.litres, 0);

describe("a run out of a vessel that stands", () => {
  const off = (layer: "top" | "bottom" | "mixed" | undefined, litres: number) =>
    yardOf(stood, run(["cloth"], { from: vid("slops"), lossLitres: 0, ...(layer && { layer }) }, litres));

  it("off its top brings no water as long as oil stands above it, and past that the layers as they lie", () => {
    expect(waterIn(off("top", 60), "into")).toBeCloseTo(0, 9);
    expect(waterIn(off("top", 60), "slops")).toBeCloseTo(5, 9);
    // 90 L of oil, then 5 of water, then 5 of sludge.
    expect(waterIn(off("top", 93), "into")).toBeCloseTo(3, 9);
    expect(balance(off("top", 93)).closes).toBe(true);
  });
  it("brings along as much as still hung", () => {
    const hung = yardOf(
      stood,
      run(
        ["cloth"],
        {
          from: vid("slops"),
          lossLitres: 0,
          layer: "top",
          hanging: { sludge: 0, water: 0.5, fat: 0 },
        },
        92.5,
      ),
    );
    expect(waterIn(hung, "into")).toBeCloseTo(2.5, 9);
  });
  it("out of its bottom tap brings the muck first; stirred, or told before it was asked, a share of all", () => {
    expect(waterIn(off("bottom", 20), "into")).toBeCloseTo(5, 9);
    expect(waterIn(off("mixed", 20), "into")).toBeCloseTo(1, 9);
    expect(waterIn(off(undefined, 20), "into")).toBeCloseTo(1, 9);
  });
});

describe("a run through the line", () => {
  it("what a trap was drained of is in the slops, the rest of the loss in the bags, and the book closes", () => {
    const yard = yardOf(run(["coarse", "fine"], { drainedLitres: 0.4, drainedTo: vid("slops") }));
    expect(litres(yard, "slops")).toBeCloseTo(0.4, 9);
    expect(litres(yard, "into")).toBeCloseTo(19, 9);
    expect(balance(yard).closes).toBe(true);
    const all = yardOf(run(["coarse", "fine"], { drainedLitres: 1.5, drainedTo: vid("slops") }));
    expect(all.faults).toMatchObject([{ code: "loss-above-litres" }]);
  });
  it("proves what its finest rating is; a cloth nobody rated proves nothing", () => {
    const um = (yard: ReturnType<typeof yardOf>) => yard.vessels.get(vid("into"))?.quality.filteredUm;
    expect(um(yardOf(run(["cloth"])))).toBeNull();
    expect(um(yardOf(run(["cloth", "coarse"])))).toBe(50);
    expect(um(yardOf(run(["coarse", "fine"])))).toBe(5);
    // Mixed with what only passed the coarse one, it is coarse.
    expect(um(yardOf(run(["fine"]), run(["coarse"])))).toBe(50);
  });
  it("is told to each bag, and which of them it waited for", () => {
    const yard = yardOf(run(["coarse", "fine"], { feed: { way: "gravity", headMm: 1000 } }));
    const of = (id: string) => yard.bags.get(id as never)?.runs.at(-1);
    expect(of("coarse")).toMatchObject({ finest: false, kPa: 9, ratingUm: 50 });
    expect(of("fine")).toMatchObject({ finest: true, source: "kitchen", settlerFullShare: null });
  });
  it("on a line that nobody has said is a fault that names it", () =>
    expect(yardOf(run(["fine"], { line: "van" })).faults).toMatchObject([{ code: "unknown-line" }]));
});

describe("a bag's lives", () => {
  const service = (what: "washed" | "changed" | "torn"): Draft => ({
    kind: "bag-service",
    data: { bag: "coarse" as never, what },
  });
  const bag = (...drafts: Draft[]) => yardOf(...drafts).bags.get("coarse" as never);
  it("a wash ends one and takes nothing from stock; a change or a tear takes a new one", () => {
    expect(bag(run(["coarse"]), service("washed"))).toMatchObject({ litres: 0, washes: 1, spares: 2 });
    expect(bag(run(["coarse"]), service("changed"))).toMatchObject({ litresOfAge: 0, washes: 0, spares: 1 });
    expect(bag(service("torn"), service("torn"), service("torn"))?.spares).toBe(0);
  });
  it("hung again unwashed it keeps its cake", () =>
    expect(
      bag(run(["coarse"]), { kind: "bag-service", data: { bag: "coarse" as never, what: "reused" } }),
    ).toMatchObject({ litres: expect.closeTo(20, 6), washes: 0, lives: [] }));
  it("keeps what earlier ones came to, and their runs", () => {
    const after = bag(run(["coarse"]), run(["coarse"]), service("washed"), run(["coarse"]));
    expect(after?.lives).toMatchObject([{ how: "washed" }]);
    expect(after?.lives[0]?.litres).toBeCloseTo(40, 6);
    expect(after).toMatchObject({ litres: expect.closeTo(20, 6), litresOfAge: expect.closeTo(60, 6) });
    expect([after?.pastRuns.length, after?.runs.length]).toEqual([2, 1]);
  });
});

describe("lines", () => {
  const line = (id: string, elements: string[]): Draft => ({ kind: "line", data: { id, name: id, elements } }) as Draft;
  it("what is hung in one hangs in no other from then on", () => {
    const yard = yardOf(line("shed", ["coarse", "fine"]), line("van", ["fine"]));
    expect([...yard.lines.values()].map((l) => l.elements)).toEqual([["coarse"], ["fine"]]);
  });
  it("name what is not there", () =>
    expect(yardOf(line("shed", ["none"])).faults).toMatchObject([{ code: "unknown-bag" }]));
});

describe("a pickup through a filter on a hand pump", () => {
  const through = (...bags: string[]): Draft => ({
    kind: "pickup",
    data: {
      source: kitchen.id,
      to: vid("into"),
      fluid: "canola",
      amount: { litres: 15 },
      muck: {},
      through: bags as never,
    },
  });
  it("says how fine, and wears it; a cloth nobody rated says nothing", () => {
    const yard = yardOf(through("coarse"));
    expect(yard.vessels.get(vid("into"))?.quality.filteredUm).toBe(50);
    expect(yard.bags.get("coarse" as never)).toMatchObject({ litres: expect.closeTo(15, 6), runs: [] });
    expect(yardOf(through("cloth")).vessels.get(vid("into"))?.quality.filteredUm).toBeNull();
    expect(yardOf(through("none")).faults).toMatchObject([{ code: "unknown-bag" }]);
  });
});

it("oil that only a strainer has seen is as raw as it was", () => {
  expect([null, 850, 101, 100, 5, 0].map((filteredUm) => isFiltered({ filteredUm }))).toEqual([
    false,
    false,
    false,
    true,
    true,
    true,
  ]);
});
