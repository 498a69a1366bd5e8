import type { FluidTable } from "../fluids";
import {
  type BagState,
  type BatchState,
  type Line,
  type OwnFluid,
  type Place,
  type PriceState,
  type RoundState,
  type Settings,
  type ThingKind,
  tanksOf,
  thingKey,
  type VehicleId,
  type VehicleState,
  type VesselId,
  type VesselState,
  type YardState,
} from "../ledger";
import { type Gums, gumsOf } from "./blend/gums";
import { type ColdTank, type VehicleCold, vehicleCold } from "./drive/vehicleCold";
import { allRuns, type BagView, bagView } from "./filter/bagView";
import { type LineView, linesOf, lineViews } from "./filter/lines";
import type { ReadingMemo } from "./memo";
import type { SourceView } from "./rounds/sourceView";
import { waitingAt } from "./rounds/waiting";
import { fatesOfSources, NO_FATES, worthOf } from "./rounds/worth";
import { GrainBook } from "./settle/grains";
import { slotBegan, slotOf } from "./slot";
import { type Standing, standingOf } from "./vessel/standing";
import { type VesselView, vesselViewOf } from "./vessel/vesselView";

export interface VesselReading {
  readonly state: VesselState;
  readonly standing: Standing;
  readonly view: VesselView;
}

/** The yard as the rules and the benches read it: every vessel with how it stands, worked out once. */
export interface YardReading {
  /** What is due now is due from then: ten minutes at the most ago. */
  readonly now: string;
  readonly settings: Settings;
  readonly fluids: FluidTable;
  readonly vessels: readonly VesselReading[];
  readonly byId: ReadonlyMap<VesselId, VesselReading>;
  readonly bags: readonly BagView[];
  readonly lines: readonly LineView[];
  readonly vehicles: readonly VehicleState[];
  /** How each of them stands out on the coldest hour. */
  readonly cold: ReadonlyMap<VehicleId, VehicleCold>;
  readonly places: readonly Place[];
  readonly sources: readonly SourceView[];
  readonly round: RoundState | null;
  readonly prices: Readonly<Record<string, PriceState>>;
  readonly batches: readonly BatchState[];
  readonly ownFluids: readonly OwnFluid[];
  readonly gums: Gums;
}

/** Under this much a container is empty. */
const EMPTY_LITRES = 0.05;

/** Reads a yard at a moment; what `memo` still holds and nothing has changed of is not reckoned again. */
export function readYard(yard: YardState, at: string, memo: ReadingMemo): YardReading {
  const now = slotOf(at);
  const epoch = memo.at(yard, now);
  const book = new GrainBook(yard, now, (key, on, make) => memo.observations.get(key, [epoch, ...on], make));
  const readVessel = (state: VesselState): VesselReading =>
    memo.vessels.get(state, [epoch, ...book.dependsOn(state)], () => {
      const standing = standingOf(yard, state, now, book);
      return { state, standing, view: vesselViewOf(yard, state, standing) };
    });
  const inUse = (kind: ThingKind, id: string): boolean => !yard.retired.has(thingKey(kind, id));
  // What holds oil is on the floor, whatever has been said of it.
  const stands = ({ vessel, contents }: VesselState): boolean =>
    inUse("vessel", vessel.id) || contents.total > EMPTY_LITRES;
  const vessels = [...yard.vessels.values()].filter(stands).map(readVessel);
  const byId = new Map(vessels.map((v) => [v.state.vessel.id, v]));
  const vehicles = [...yard.vehicles.values()].filter((v) => inUse("vehicle", v.vehicle.id));
  const coldOf = (v: VehicleState): VehicleCold =>
    memo.cold.get(v, [epoch, ...tanksOf(v.vehicle).map((id) => byId.get(id))], () =>
      vehicleCold(v, { tank: (id) => tankOf(byId.get(id)), settings: yard.settings, fluids: yard.fluids }),
    );
  const inLine = [...yard.bags.values()].filter((b) => inUse("bag", b.bag.id));
  const said = [...yard.lines.values()].filter((l) => inUse("line", l.id));
  const lines = linesOf(said, inLine);
  const bags = inLine.map((b): BagView => {
    const beside = besideIt(b, inLine, lines);
    return memo.bags.get(b, [yard.settings, yard.fluids, ...beside], () =>
      bagView(
        b,
        beside.flatMap((o) => allRuns(o, yard)),
        yard,
      ),
    );
  });
  return {
    now: slotBegan(at),
    settings: yard.settings,
    fluids: yard.fluids,
    vessels,
    byId,
    bags,
    lines: lineViews(lines, bags, said.length > 0),
    vehicles,
    cold: new Map(vehicles.map((v) => [v.vehicle.id, coldOf(v)])),
    places: [...yard.places.values()].filter((p) => inUse("place", p.id)),
    sources: readSources(yard, now, memo).filter((s) => inUse("source", s.source.id)),
    prices: Object.fromEntries(yard.prices),
    batches: [...yard.batches.values()].filter((b) => inUse("batch", b.batch.id)),
    ownFluids: [...yard.ownFluids.values()],
    gums: gumsOf(yard),
    round: [...yard.rounds.values()].findLast((r) => r.endedAt === null) ?? null,
  };
}

/** The other bags of its rating on its line: what they took is what this one may take. */
function besideIt(b: BagState, all: readonly BagState[], lines: readonly Line[]): BagState[] {
  const line = lines.find((l) => l.elements.includes(b.bag.id));
  return all.filter((o) => o !== b && o.bag.ratingUm === b.bag.ratingUm && line?.elements.includes(o.bag.id) === true);
}

const tankOf = (v: VesselReading | undefined): ColdTank | undefined => v && { ...v.standing, quality: v.state.quality };

function readSources(yard: YardState, now: string, memo: ReadingMemo): SourceView[] {
  const tallies = fatesOfSources(yard, memo.owners(yard), (key, on, count) => memo.fates.get(key, on, count));
  return [...yard.sources].map(([id, state]) => {
    const tally = tallies.get(id) ?? NO_FATES;
    return memo.sources.get(state, [now, yard.settings, ...Object.values(tally)], () => {
      const { visits, ...rest } = state;
      return {
        ...rest,
        ...worthOf(state, tally, yard.settings),
        waiting: waitingAt(state, now),
        lastVisit: visits.at(-1) ?? null,
      };
    });
  });
}
