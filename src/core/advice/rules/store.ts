import type { BagId, VesselId } from "../../ledger";
import type { YardReading } from "../../readings";
import { isSlow } from "../../readings/filter/bagMinutes";
import { SLUDGE_FULL, sludgeMostMm, sludgeShare } from "../../readings/terms";
import { muckTopMm } from "../../settling";
import type { Advice, Rule } from "../advice";

export type StoreMatter =
  | { readonly code: "filter"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "empty-waste"; readonly fullShare: number }
  | {
      readonly code: "slow-bag";
      readonly bag: BagId;
      readonly timesSlower: number;
      readonly runs: number;
      readonly because: "settler-full" | "dirtier-lot";
    };

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

/** The finest bag, where its last run took far longer than its own runs foretold. The coarse ones only wait for it. */
function slowBag(reading: YardReading): Advice[] {
  const { bags, vessels, now } = reading;
  const finest = Math.min(...bags.map((b) => b.bag.ratingUm));
  const settlerFull = vessels.some(({ state, standing }) => {
    const most = state.vessel.role === "settler" ? sludgeMostMm(state.vessel) : null;
    return most !== null && sludgeShare(state.vessel, muckTopMm(standing.layers), most) >= SLUDGE_FULL;
  });
  return bags
    .filter((b) => b.bag.ratingUm === finest)
    .flatMap((b): Advice[] => {
      const { pace } = b;
      if (!pace.last || !isSlow(pace)) return [];
      return [
        {
          id: `slow-bag ${b.bag.id}`,
          code: "slow-bag",
          dueAt: now,
          station: "filter",
          bag: b.bag.id,
          timesSlower: pace.last.times,
          runs: pace.last.earlierRuns,
          because: settlerFull ? "settler-full" : "dirtier-lot",
        },
      ];
    });
}

export const STORE_RULES: readonly Rule[] = [
  { rank: 10, advise: slowBag },
  { rank: 11, advise: filter },
  { rank: 17, advise: emptyWaste },
];
