import type { ComponentId } from "../fluids";
import { type Contents, EMPTY, PartTable } from "./contents";
import type { Fault } from "./errors";
import type { BagId, EntryId, PlaceId, RoundId, SourceId, VehicleId, VesselId } from "./ids";
import type { Check } from "./schema/check";
import type { EntryOf } from "./schema/entry";
import {
  type Bag,
  DEFAULT_SETTINGS,
  type Place,
  type Settings,
  type Source,
  type Vehicle,
  type Vessel,
} from "./schema/things";

/** Where litres come from and go to, outside the vessels. */
export const IN_ACCOUNTS = ["collected", "bought"] as const;
export const OUT_ACCOUNTS = ["burned", "disposed", "lost", "unaccounted"] as const;
export type AccountName = (typeof IN_ACCOUNTS)[number] | (typeof OUT_ACCOUNTS)[number];

export interface DipReading {
  readonly at: string;
  readonly oilMm?: number | undefined;
  readonly fatMm?: number | undefined;
  readonly waterMm?: number | undefined;
}

export interface VesselState {
  readonly vessel: Vessel;
  readonly contents: Contents;
  /** When something last went in or stirred it: the start of its settling clock. */
  readonly stirredAt: string | null;
  /** Dips since then, oldest first. */
  readonly dips: readonly DipReading[];
  readonly celsius: number | null;
  /** The last entry that changed its litres. */
  readonly changedAt: string | null;
  /** The coarsest bag that any of it has been through, in µm; 0 as bought, null where some was never filtered. */
  readonly filteredUm: number | null;
}

/** One call at a source: what was taken or why not. Several containers filled at one stop are one visit. */
export interface Visit {
  readonly at: string;
  readonly outcome: "taken" | "refused" | "closed" | "nothing";
  readonly litres: number;
  /** Water, sludge and fat that came with it, litres. */
  readonly muckLitres: number;
  readonly leftLitres: number;
  readonly look: Check["look"] | null;
  readonly reason: string;
  readonly round: RoundId | null;
  /** The entries it was written with; a lot's origin is its pickup. */
  readonly entries: readonly EntryId[];
}

export interface SourceState {
  readonly source: Source;
  readonly knownSince: string;
  readonly pickups: number;
  readonly litres: number;
  readonly lastAt: string | null;
  readonly lastLitres: number | null;
  /** The latest, oldest first. */
  readonly visits: readonly Visit[];
  /** Paid for all of it, less what they paid us. */
  readonly paid: number;
  /** Its share of the kilometres of rounds that came by, by litres. */
  readonly roundKm: number;
  /** Its share of bags changed and washed, by the muck that its lots had come with. */
  readonly bagsChanged: number;
  readonly bagsWashed: number;
  readonly bagMoney: number;
  /** The entry that holds its latest photo. */
  readonly photo: EntryId | null;
}

export interface RoundState {
  readonly round: EntryOf<"round">["data"];
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly km: number | null;
  readonly minutes: number | null;
  /** Litres taken so far, by source; nought where one called and took nothing. */
  readonly called: ReadonlyMap<SourceId, number>;
}

export interface BagRun {
  readonly at: string;
  readonly litres: number;
  readonly minutes: number;
  readonly celsius: number | null;
}

export interface BagState {
  readonly bag: Bag;
  /** Litres since it was new or washed. */
  readonly litres: number;
  readonly runs: readonly BagRun[];
  readonly servicedAt: string | null;
  /** Litres of muck that had come with what went through it since then, by source. */
  readonly muck: ReadonlyMap<SourceId, number>;
}

export interface VehicleState {
  readonly vehicle: Vehicle;
  readonly km: number;
  readonly trips: number;
  readonly lastTripAt: string | null;
  /** Oil still at the pump when it last stopped, 0 to 1; a single tank has none to purge. */
  readonly residualOilShare: number | null;
  /** Litres burned on trips whose kilometres are known, and those kilometres. */
  readonly measuredLitres: number;
  readonly measuredKm: number;
}

export interface Origin {
  readonly kind: "pickup" | "purchase" | "stock-take";
  readonly at: string;
  readonly source: SourceId | null;
  /** Water, sludge and fat in it when it came, as a share. */
  readonly muckShare: number;
}

/** The yard at a moment: what `project` makes of the entries. */
export interface YardState {
  settings: Settings;
  readonly parts: PartTable;
  readonly vessels: Map<VesselId, VesselState>;
  readonly sources: Map<SourceId, SourceState>;
  readonly bags: Map<BagId, BagState>;
  readonly vehicles: Map<VehicleId, VehicleState>;
  readonly places: Map<PlaceId, Place>;
  readonly rounds: Map<RoundId, RoundState>;
  readonly origins: Map<EntryId, Origin>;
  readonly shedTemperatures: { readonly at: string; readonly celsius: number }[];
  /** Litres at 15 °C by part: the index is the part's number. */
  readonly accounts: Record<AccountName, number[]>;
  readonly faults: Fault[];
  /** Vessels as they were before the entry at hand touched them, to put back if it turns out to be a fault. */
  readonly undo: VesselState[];
  entries: number;
  firstAt: string | null;
}

export function emptyYard(): YardState {
  return {
    settings: DEFAULT_SETTINGS,
    parts: new PartTable(),
    vessels: new Map(),
    sources: new Map(),
    bags: new Map(),
    vehicles: new Map(),
    places: new Map(),
    rounds: new Map(),
    origins: new Map(),
    shedTemperatures: [],
    accounts: {
      collected: [],
      bought: [],
      burned: [],
      disposed: [],
      lost: [],
      unaccounted: [],
    },
    faults: [],
    undo: [],
    entries: 0,
    firstAt: null,
  };
}

/** A copy that may be applied to without changing the first; the part table is shared because it only grows. */
export function copyYard(y: YardState): YardState {
  const accounts = Object.fromEntries(
    Object.entries(y.accounts).map(([name, litres]) => [name, [...litres]]),
  ) as YardState["accounts"];
  return {
    ...y,
    vessels: new Map(y.vessels),
    sources: new Map(y.sources),
    bags: new Map(y.bags),
    vehicles: new Map(y.vehicles),
    places: new Map(y.places),
    rounds: new Map(y.rounds),
    origins: new Map(y.origins),
    shedTemperatures: [...y.shedTemperatures],
    accounts,
    faults: [...y.faults],
    undo: [],
  };
}

export const emptyVessel = (vessel: Vessel): VesselState => ({
  vessel,
  contents: EMPTY,
  stirredAt: null,
  dips: [],
  celsius: null,
  changedAt: null,
  filteredUm: null,
});

export const freshSource = (source: Source, knownSince: string): SourceState => ({
  source,
  knownSince,
  pickups: 0,
  litres: 0,
  lastAt: null,
  lastLitres: null,
  visits: [],
  paid: 0,
  roundKm: 0,
  bagsChanged: 0,
  bagsWashed: 0,
  bagMoney: 0,
  photo: null,
});

export interface PartLitres {
  readonly component: ComponentId;
  readonly origin: string;
  readonly litres: number;
}

/** Contents spelled out: what a screen or a test reads. */
export const partsOf = (contents: Contents, table: PartTable): PartLitres[] =>
  Array.from(contents.keys, (key, i) => ({
    component: table.component(key),
    origin: table.origins[key] ?? "",
    litres: (contents.unscaled[i] ?? 0) * contents.scale,
  }));
