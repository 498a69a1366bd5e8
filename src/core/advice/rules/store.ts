import type { VesselWord } from "../../facts";
import type { ClogEvidence } from "../../filtration";
import type { BagId, VesselId } from "../../ledger";
import type { YardReading } from "../../readings";
import type { Advice, Rule } from "../advice";

export type StoreMatter =
  | { readonly code: "filter"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "empty-waste"; readonly fullShare: number }
  /** Something stands in a vessel that must not, by whatever way it came there. */
  | { readonly code: "amiss"; readonly words: readonly VesselWord[] }
  | {
      readonly code: "slow-bag";
      readonly bag: BagId;
      readonly timesSlower: number;
      readonly runs: number;
      /** What speaks most for why; null where nothing does. */
      readonly evidence: ClogEvidence | null;
    }
  | { readonly code: "torn-bag"; readonly bag: BagId; readonly timesFaster: number; readonly runs: number }
  | { readonly code: "low-spares"; readonly bag: BagId; readonly spares: number };

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

/** Bags that choke, and why; torn ones too. By one rule: what each was found to be against its own earlier runs. */
function troubledBags({ bags, now }: YardReading): Advice[] {
  return bags.flatMap((b): Advice[] => {
    const { diagnosis: d, bag } = b;
    const common = { dueAt: now, station: "filter" as const, bag: bag.id };
    if (d.verdict === "torn")
      return [{ ...common, id: `torn-bag ${bag.id}`, code: "torn-bag", timesFaster: 1 / d.times, runs: d.earlierRuns }];
    if (d.verdict !== "clogging") return [];
    const { times: timesSlower, earlierRuns: runs, evidence } = d;
    return [
      { ...common, id: `slow-bag ${bag.id}`, code: "slow-bag", timesSlower, runs, evidence: evidence[0] ?? null },
    ];
  });
}

/** The last new one, or none, in stock of what wears out. */
function lowSpares({ bags, now }: YardReading): Advice[] {
  return bags.flatMap(({ bag, spares }): Advice[] =>
    spares === null || bag.spareLow === undefined || spares > bag.spareLow
      ? []
      : [{ id: `spares ${bag.id}`, code: "low-spares", dueAt: now, station: "filter", bag: bag.id, spares }],
  );
}

/** First of all: what could hurt somebody, or ruin an engine, where it stands. */
const amiss = ({ vessels, now }: YardReading): Advice[] =>
  vessels.flatMap(({ view: { vessel, words, station } }): Advice[] =>
    words.length > 0
      ? [{ id: `amiss ${vessel.id}`, code: "amiss", dueAt: now, station, vessel: vessel.id, words }]
      : [],
  );

export const STORE_RULES: readonly Rule[] = [
  { rank: -1, advise: amiss },
  { rank: 10, advise: troubledBags },
  { rank: 11, advise: filter },
  { rank: 17, advise: emptyWaste },
  { rank: 18, advise: lowSpares },
];
