import { describe, expect, it } from "vitest";
import type { Draft, Entry } from "../ledger";
import { project } from "../ledger";
import { drum, entry, iso, kitchen, vat, vid } from "../ledger/testing";
import { muckOf } from "../rounds";
import { viewYard, type YardView } from "../view";

const DAY = 1440;
const setup = (kettle: boolean): Entry[] => [
  entry("01", 0, { kind: "vessel", data: drum("A") }),
  entry("02", 0, { kind: "vessel", data: { ...drum("B"), role: "raw" } }),
  entry("03", 0, { kind: "vessel", data: { ...vat("feed"), role: "feed" } }),
  entry("04", 0, { kind: "source", data: { ...kitchen, dirt: "light-fryer" } }),
  ...(kettle ? [entry("05", 0, { kind: "vessel" as const, data: { ...vat("K"), role: "kettle" as const } })] : []),
  entry("06", 0, { kind: "weather", data: { shedCelsius: 12, tonightLowCelsius: -2 } }),
];
const tub = entry("07", 0, { kind: "vessel", data: { ...drum("H"), role: "heel" } });

/** The same creamy lot, by the doors there are. */
const DOORS: readonly [string, Draft][] = [
  [
    "held to the light",
    {
      kind: "pickup",
      data: {
        source: kitchen.id,
        to: vid("B"),
        fluid: "canola",
        amount: { litres: 30 },
        muck: muckOf("light-fryer", { look: "creamy" }),
        look: "creamy",
      },
    },
  ],
  [
    "opening stock",
    {
      kind: "opening",
      data: {
        to: vid("B"),
        fluid: "canola",
        amount: { litres: 30 },
        muck: { water: 0.01, sludge: 0.015, "fryer-fat": 0.1 },
      },
    },
  ],
];

const at = (entries: Entry[], minute: number): YardView => viewYard(project(entries), iso(minute));
const of = (v: YardView, id: string) => v.advice.filter((a) => a.vessel === id);

describe.each(DOORS)("creamy oil, %s", (_, draft) => {
  const creamy = (more: Entry[] = [], kettle = false) => [...setup(kettle), entry("10", 10, draft), ...more];

  it("stands apart until what is clear can be drawn above its fat, and is never tipped into good oil", () => {
    const [early] = of(at(creamy(), 20), "B");
    expect(early).toMatchObject({ code: "hold-apart", because: "fat", clears: { litres: expect.any(Number) } });
    if (early?.code !== "hold-apart" || early.because !== "fat" || !early.clears) throw new Error("not held");
    expect(early.clears.litres).toBeGreaterThan(15);
    expect(early.dueAt).toBe(early.clears.at);
    const days = [1, 5, 20, 60].flatMap((d) => at(creamy(), d * DAY).advice);
    expect(days.map((a) => a.code)).not.toContain("tip-in");
    expect(of(at(creamy(), 60 * DAY), "B")).toMatchObject([{ code: "draw-off" }]);
  });
  it("once drawn, its rest goes to the other heels; where there are none, to the kettle only if there is one", () => {
    const litres = of(at(creamy(), 60 * DAY), "B").flatMap((a) => (a.code === "draw-off" ? [a.litres] : []))[0] ?? 0;
    const drawn = entry("20", 60 * DAY, {
      kind: "draw-off",
      data: { from: vid("B"), to: vid("feed"), amount: { litres }, suctionMm: 60, suspendedShare: 0 },
    });
    const rest = (more: Entry[], kettle: boolean) => of(at(creamy([drawn, ...more], kettle), 61 * DAY), "B");
    expect(rest([tub], true)).toMatchObject([{ code: "pool-heel", into: "H" }]);
    expect(rest([], true)).toMatchObject([{ code: "hold-apart", clears: null, hasKettle: true }]);
    expect(rest([], false)).toMatchObject([{ code: "hold-apart", clears: null, hasKettle: false }]);
  });
});

describe("good oil", () => {
  const pail = entry("30", 20, {
    kind: "vessel",
    data: { ...drum("P"), role: "raw" },
  });
  const good = entry("31", 21, {
    kind: "pickup",
    data: { source: kitchen.id, to: vid("P"), fluid: "canola", amount: { litres: 20 }, muck: {} },
  });
  const stands = (muck: Record<string, number>, more: Entry[] = []): Entry[] => [
    ...setup(false),
    entry("10", 10, {
      kind: "pickup",
      data: { source: kitchen.id, to: vid("A"), fluid: "canola", amount: { litres: 40 }, muck },
    }),
    ...more,
    pail,
    good,
  ];
  const wet = entry("11", 15, { kind: "water-test", data: { vessel: vid("A"), how: "hot-pan", saw: "crackles" } });

  it("is tipped in with good oil, and never offered a creamy or a wet drum", () => {
    const told = (entries: Entry[]) => of(at(entries, 30), "P").map((a) => a.code);
    expect(told(stands({}))).toContain("tip-in");
    expect(told(stands({ "fryer-fat": 0.1 }))).not.toContain("tip-in");
    expect(told(stands({}, [wet]))).not.toContain("tip-in");
  });
});
