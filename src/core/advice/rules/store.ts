import type { BagId, VesselId } from "../../ledger";
import type { YardReading } from "../../readings";
import type { Advice, Rule } from "../advice";

export type StoreMatter =
  | { readonly code: "filter"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "empty-waste"; readonly fullShare: number }
  | { readonly code: "slow-bag"; readonly bag: BagId; readonly timesSlower: number; readonly runs: number };

const WORTH_A_RUN_LITRES = 5;
const WASTE_FULL = 0.8;

/** Drawn-off oil waits for the bags. */
function filter({ vessels, now }: YardReading): Advice[] {
  const ready = vessels.find(
    ({ state, standing }) => state.vessel.role === "ready" && standing.litres < standing.capacityLitres,
  );
  if (!ready) return [];
  return vessels.flatMap(({ state, standing }): Advice[] =>
    state.vessel.role === "feed" && standing.litres >= WORTH_A_RUN_LITRES && state.quality.water?.wet !== true
      ? [
          {
            id: `filter ${state.vessel.id}`,
            code: "filter",
            dueAt: now,
            station: "filter",
            vessel: state.vessel.id,
            litres: standing.litres,
            into: ready.state.vessel.id,
          },
        ]
      : [],
  );
}

function emptyWaste({ vessels, now }: YardReading): Advice[] {
  return vessels.flatMap(({ state, standing }): Advice[] => {
    const fullShare = standing.litres / standing.capacityLitres;
    if (state.vessel.role !== "waste" || fullShare < WASTE_FULL) return [];
    return [
      {
        id: `waste ${state.vessel.id}`,
        code: "empty-waste",
        dueAt: now,
        station: "store",
        vessel: state.vessel.id,
        fullShare,
      },
    ];
  });
}

const RUNS_TO_JUDGE = 4;
const SLOWER = 2.5;

/** The finest bag, whose last run took several times the minutes a litre of its earlier ones. The coarse ones only wait for it. */
function slowBag({ bags, now }: YardReading): Advice[] {
  const finest = Math.min(...bags.map((b) => b.bag.ratingUm));
  return bags
    .filter((b) => b.bag.ratingUm === finest)
    .flatMap(({ bag, runs }): Advice[] => {
      const last = runs.at(-1);
      if (!last || runs.length < RUNS_TO_JUDGE) return [];
      const earlier = runs.slice(0, -1).map((r) => r.minutes / r.litres);
      const median = [...earlier].sort((a, b) => a - b)[Math.floor(earlier.length / 2)] ?? 0;
      const timesSlower = last.minutes / last.litres / median;
      if (!(timesSlower > SLOWER)) return [];
      return [
        {
          id: `slow-bag ${bag.id}`,
          code: "slow-bag",
          dueAt: now,
          station: "filter",
          bag: bag.id,
          timesSlower,
          runs: runs.length,
        },
      ];
    });
}

export const STORE_RULES: readonly Rule[] = [
  { rank: 10, advise: slowBag },
  { rank: 11, advise: filter },
  { rank: 17, advise: emptyWaste },
];
