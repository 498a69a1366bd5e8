import { type ComponentId, FLUIDS, type FluidId, type FluidTable } from "../fluids";
import type { AccountName } from "./accounts";
import type { BatchState } from "./batchState";
import type { GumBatch, PriceState, RecipeState } from "./blendState";
import { type Contents, EMPTY, PartTable } from "./contents";
import type { ThingKey } from "./definitions";
import type { Fault } from "./errors";
import type {
  BagId,
  BatchId,
  CupId,
  EntryId,
  LineId,
  PlaceId,
  RecipeId,
  RoundId,
  SourceId,
  VehicleId,
  VesselId,
} from "./ids";
import type { Bag } from "./kinds/bag";
import type { BagEnd } from "./kinds/bagService";
import type { Cup } from "./kinds/cup";
import type { OwnFluid } from "./kinds/fluid";
import type { Line } from "./kinds/line";
import type { Place } from "./kinds/place";
import type { Round } from "./kinds/round";
import { DEFAULT_SETTINGS, type Settings } from "./kinds/settings";
import type { Source } from "./kinds/source";
import type { Vessel } from "./kinds/vessel";
import type { WalkChecks } from "./kinds/walkDown";
import { type Quality, UNKNOWN_QUALITY } from "./quality";
import type { Check } from "./schema/check";
import type { DipReading, JarReading } from "./stickState";
import type { VehicleState } from "./vehicleState";
import type { MonthsBy, Told } from "./weatherState";

export type { DipDoubt, DipReading, JarReading } from "./stickState";

/** A time that a vessel stood undisturbed and was looked at: what grain sizes are learnt from. */
export interface PastStanding {
  readonly vessel: Vessel;
  readonly since: string;
  readonly contents: Contents;
  readonly warmCelsius: number | null;
  readonly drawnLitres: number;
  readonly dips: readonly DipReading[];
  readonly jars: readonly JarReading[];
}

/** The first time a vessel was drawn from since it was stirred: what a forecast is held against. */
export interface FirstDraw {
  readonly vessel: VesselId;
  readonly since: string;
  readonly at: string;
  /** How it came against the light, where somebody looked. */
  readonly came: number | null;
}

/** Shares of each kind of dirt that hang in the oil, and do not lie below it. */
export interface HungByKind {
  readonly sludge: number;
  readonly water: number;
  readonly fat: number;
}

export interface VesselState {
  readonly vessel: Vessel;
  /** How far above its muck the suction had hung when oil was last drawn off into this, mm; null where nobody said. */
  readonly suctionAboveMuckMm: number | null;
  readonly contents: Contents;
  /** When something last went in or stirred it: the start of its settling clock. */
  readonly stirredAt: string | null;
  /** Dips and jars since then, oldest first. */
  readonly dips: readonly DipReading[];
  readonly jars: readonly JarReading[];
  readonly celsius: number | null;
  /** The oil when its clock started, where a heater had warmed it. */
  readonly warmCelsius: number | null;
  /** Of each kind of dirt what hung when that heater went off, as forecast; null: all of it, or nobody said. */
  readonly hung: HungByKind | null;
  /** The last entry that changed its litres. */
  readonly changedAt: string | null;
  /** When it was first drawn from since it was stirred. */
  readonly drawnAt: string | null;
  /** Litres drawn off its top since then: dirt has fallen from where the surface stood, and not from where it is. */
  readonly drawnLitres: number;
  readonly quality: Quality;
  /** What was poured into a tank since it was driven: it lies there unmixed. The first is what stood there. */
  readonly pours: readonly Contents[];
  /** Of a settler: when its bottom was last cleaned out, and the litres fed since. */
  readonly cleanedAt: string | null;
  readonly fedLitres: number;
  /** Of a kettle: when it was looked over, and what was found. */
  readonly walkDown: { readonly at: string; readonly checks: WalkChecks } | null;
  /** The entry that holds its latest photo. */
  readonly photo: EntryId | null;
  /** What was refused and happened all the same, while what it put there stands. */
  readonly overridden: readonly Overridden[];
}

/** A word of the gates that somebody went against. */
export interface Overridden {
  readonly code: string;
  readonly at: string;
  readonly entry: EntryId;
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
  readonly round: Round;
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
  /** Through it before, since it was new or washed. */
  readonly carriedLitres: number;
  readonly minutes: number;
  readonly celsius: number | null;
  /** Of the bags that it went through then, the finest: the run took as long as this one let it. */
  readonly finest: boolean;
  /** What drove it, kPa; null where nobody said. */
  readonly kPa: number | null;
  /** What it was when it ran: a bag of another area or rating is another bag. */
  readonly areaM2: number;
  readonly ratingUm: number | null;
  /** Washed so many times before, since it was new. */
  readonly washes: number;
  /** What was known of the oil: a test had found it wet; its share of fat; whose muck it had come with, most of it. */
  readonly wet: boolean;
  readonly fatShare: number;
  readonly source: SourceId | null;
  /** How far above its muck the suction had hung when it was drawn off, mm; null where nobody said. */
  readonly suctionAboveMuckMm: number | null;
  /** How full of muck the settler was, by the book; null where there is none. */
  readonly settlerFullShare: number | null;
}

/** From new or washed until it was washed or changed. */
export interface BagLife {
  readonly endedAt: string;
  readonly litres: number;
  readonly how: BagEnd;
}

export interface BagState {
  readonly bag: Bag;
  /** Litres since it was new or washed. */
  readonly litres: number;
  /** Litres since it was new, and how often it was washed since. */
  readonly litresOfAge: number;
  readonly washes: number;
  /** The latest, oldest first. */
  readonly lives: readonly BagLife[];
  /** Runs of lives that are over, the latest, oldest first. */
  readonly pastRuns: readonly BagRun[];
  /** New ones in stock; null where nobody counts them. */
  readonly spares: number | null;
  /** The entry that holds its latest photo. */
  readonly photo: EntryId | null;
  readonly runs: readonly BagRun[];
  readonly servicedAt: string | null;
  /** Litres of muck that had come with what went through it since then, by source. */
  readonly muck: ReadonlyMap<SourceId, number>;
}

export interface Origin {
  readonly kind: "opening" | "pickup" | "purchase" | "stock-take" | "fining" | "wash" | "recover";
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
  readonly lines: Map<LineId, Line>;
  readonly vehicles: Map<VehicleId, VehicleState>;
  readonly places: Map<PlaceId, Place>;
  readonly rounds: Map<RoundId, RoundState>;
  /** By what a part's origin says: an entry's id. Only ever grows, and an entry's origin never changes: projections of one yard may share it. */
  readonly origins: Map<string, Origin>;
  readonly cups: Map<CupId, Cup>;
  readonly recipes: Map<RecipeId, RecipeState>;
  /** Batches of the kettles, in the order they were begun. */
  readonly batches: Map<BatchId, BatchState>;
  /** By the fluid's or the chemical's id. */
  readonly prices: Map<string, PriceState>;
  gumBatches: readonly GumBatch[];
  /** The yard's own fluids, and its own figures for those of the table; and the table with them in it. */
  readonly ownFluids: Map<FluidId, OwnFluid>;
  fluids: FluidTable;
  standings: readonly PastStanding[];
  draws: readonly FirstDraw[];
  /** Things that were used before the entry that says what they are. */
  readonly broughtForward: Set<ThingKey>;
  /** Since when a thing is no longer there: used up, sold, given up. */
  readonly retired: Map<ThingKey, string>;
  /** In the order they were taken; `atMs` beside the text, because every forecast reckons with it. */
  readonly shedTemperatures: { readonly at: string; readonly atMs: number; readonly celsius: number }[];
  /** The low of one night, by whoever said it last; null where nobody has. */
  tonight: Told | null;
  /** Whose the kept months are. */
  nightsBy: MonthsBy;
  shedYearBy: MonthsBy;
  /** Litres at 15 °C by part: the index is the part's number. Shared between copies until one of them books. */
  readonly accounts: Record<AccountName, readonly number[]>;
  /** The accounts that this yard has a list of its own of. */
  readonly ownAccounts: Set<AccountName>;
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
    lines: new Map(),
    vehicles: new Map(),
    places: new Map(),
    rounds: new Map(),
    origins: new Map(),
    cups: new Map(),
    recipes: new Map(),
    batches: new Map(),
    prices: new Map(),
    gumBatches: [],
    ownFluids: new Map(),
    fluids: FLUIDS,
    broughtForward: new Set(),
    retired: new Map(),
    standings: [],
    draws: [],
    shedTemperatures: [],
    tonight: null,
    nightsBy: "nobody",
    shedYearBy: "nobody",
    accounts: {
      opening: [],
      collected: [],
      bought: [],
      burned: [],
      disposed: [],
      lost: [],
      unaccounted: [],
      converted: [],
    },
    ownAccounts: new Set(),
    faults: [],
    undo: [],
    entries: 0,
    firstAt: null,
  };
}

/**
 * A copy that may be applied to without changing the first. The part table and origins are shared because they only
 * grow; accounts until one of the two books: from here on neither owns them.
 */
export function copyYard(y: YardState): YardState {
  y.ownAccounts.clear();
  return {
    ...y,
    vessels: new Map(y.vessels),
    sources: new Map(y.sources),
    bags: new Map(y.bags),
    lines: new Map(y.lines),
    vehicles: new Map(y.vehicles),
    places: new Map(y.places),
    rounds: new Map(y.rounds),
    cups: new Map(y.cups),
    recipes: new Map(y.recipes),
    batches: new Map(y.batches),
    prices: new Map(y.prices),
    ownFluids: new Map(y.ownFluids),
    broughtForward: new Set(y.broughtForward),
    retired: new Map(y.retired),
    shedTemperatures: [...y.shedTemperatures],
    accounts: { ...y.accounts },
    ownAccounts: new Set(),
    faults: [...y.faults],
    undo: [],
  };
}

export const emptyVessel = (vessel: Vessel): VesselState => ({
  vessel,
  contents: EMPTY,
  stirredAt: null,
  dips: [],
  jars: [],
  celsius: null,
  warmCelsius: null,
  hung: null,
  changedAt: null,
  drawnAt: null,
  drawnLitres: 0,
  pours: [],
  suctionAboveMuckMm: null,
  quality: UNKNOWN_QUALITY,
  cleanedAt: null,
  fedLitres: 0,
  walkDown: null,
  photo: null,
  overridden: [],
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
