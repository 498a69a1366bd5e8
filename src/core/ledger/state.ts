import type { ComponentId } from "../fluids";
import { type Contents, EMPTY, PartTable } from "./contents";
import type { Fault } from "./errors";
import type { BagId, EntryId, SourceId, VehicleId, VesselId } from "./ids";
import { type Bag, DEFAULT_SETTINGS, type Settings, type Source, type Vehicle, type Vessel } from "./schema/things";

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
}

export interface SourceState {
  readonly source: Source;
  readonly pickups: number;
  readonly litres: number;
  readonly lastAt: string | null;
  readonly lastLitres: number | null;
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
}

export interface VehicleState {
  readonly vehicle: Vehicle;
  readonly km: number;
  readonly trips: number;
  readonly lastTripAt: string | null;
  /** Oil still at the pump when it last stopped, 0 to 1; a single tank has none to purge. */
  readonly residualOilShare: number | null;
}

export interface Origin {
  readonly kind: "pickup" | "purchase" | "stock-take";
  readonly at: string;
  readonly source: SourceId | null;
}

/** The yard at a moment: what `project` makes of the entries. */
export interface YardState {
  settings: Settings;
  readonly parts: PartTable;
  readonly vessels: Map<VesselId, VesselState>;
  readonly sources: Map<SourceId, SourceState>;
  readonly bags: Map<BagId, BagState>;
  readonly vehicles: Map<VehicleId, VehicleState>;
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
