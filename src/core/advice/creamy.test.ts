import { describe, expect, it } from "vitest";
import type { Draft, Entry } from "../ledger";
import { project } from "../ledger";
import { drum, entry, iso, kitchen, vat, vid } from "../ledger/testing";
import { muckOf } from "../rounds";
import { holdsLitres } from "../vessels";
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

describe("a creamy pail of which too little clears", () => {
  const pail = (place: boolean, full: boolean): Entry[] => [
    ...setup(false),
    tub,
    entry("08", 1, { kind: "place", data: { id: "bus" as never, name: "Bus", kind: "bus", payloadKg: 300 } }),
    entry("09", 2, {
      kind: "vessel",
      data: { ...drum("P"), role: "raw", ...(place && { place: "bus" as never }) },
    }),
    ...(full
      ? [
          entry("10", 3, {
            kind: "opening" as const,
            data: { to: vid("H"), fluid: "canola" as const, amount: { litres: holdsLitres(drum("H")) - 5 }, muck: {} },
          }),
        ]
      : []),
    entry("11", 4, {
      kind: "opening",
      data: { to: vid("P"), fluid: "canola", amount: { litres: 12 }, muck: { "fryer-fat": 0.5 } },
    }),
  ];
  const told = (entries: Entry[]) => of(at(entries, 30 * DAY), "P").map((a) => a.code);

  it("is pooled where the tub takes it, and is never passed over in silence where it does not", () => {
    expect(told(pail(false, false))).toEqual(["pool-heel"]);
    expect(told(pail(false, true))).toEqual(["hold-apart"]);
    expect(told(pail(true, false))).toEqual(["hold-apart"]);
  });
  it("waits until what clears in the tub is drawn; an empty tub takes it at once", () => {
    const heels = entry("10", 20 * DAY, {
      kind: "opening",
      data: { to: vid("H"), fluid: "canola", amount: { litres: 60 }, muck: { sludge: 0.05 } },
    });
    const due = (entries: Entry[]) => of(at(entries, 20 * DAY + 60), "P")[0]?.dueAt ?? "";
    const now = iso(20 * DAY + 60);
    expect(due(pail(false, false))).toBe(now);
    expect(due([...pail(false, false), heels]) > now).toBe(true);
  });
});

describe("the owner's fat limit", () => {
  const taken = (fat: number, limit: number): string[] =>
    of(
      at(
        [
          ...setup(false),
          entry("08", 1, { kind: "settings", data: { fatLimitShare: limit } }),
          entry("10", 10, {
            kind: "pickup",
            data: {
              source: kitchen.id,
              to: vid("B"),
              fluid: "canola",
              amount: { litres: 20 },
              muck: { "fryer-fat": fat },
            },
          }),
        ],
        20,
      ),
      "B",
    ).map((a) => a.code);

  it("is for what he burns: a lower one counts, beside a higher one creamy stays creamy", () => {
    expect(taken(0.03, 0.02)).toContain("hold-apart");
    expect(taken(0.03, 0.05)).not.toContain("hold-apart");
    expect(taken(0.1, 0.3)).toContain("hold-apart");
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
