import type { Advice } from "../advice";
import type { Reading } from "../reading";

const WORTH_A_RUN_LITRES = 5;
const WASTE_FULL = 0.8;

/** Drawn-off oil waits for the bags. */
export function filter({ vessels, now }: Reading): Advice[] {
  const ready = vessels.find(
    ({ state, standing }) => state.vessel.role === "ready" && standing.litres < standing.capacityLitres,
  );
  if (!ready) return [];
  return vessels.flatMap(({ state, standing }): Advice[] =>
    state.vessel.role === "feed" && standing.litres >= WORTH_A_RUN_LITRES && state.water?.wet !== true
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

export function emptyWaste({ vessels, now }: Reading): Advice[] {
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
export function slowBag({ bags, now }: Reading): Advice[] {
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
