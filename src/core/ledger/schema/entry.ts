import * as z from "../../zod";
import { BagId, EntryId, PlaceId, RoundId, SourceId, VehicleId, VesselId } from "../ids";
import { CheckSchema } from "./check";
import { PhotoSchema } from "./photo";
import { Celsius, Component, Fluid, Measured, MeasuredOrAll, Millimetres, Minutes, Money, Share } from "./quantities";
import {
  ClarityStep,
  CleanOutSchema,
  CupSchema,
  CupTestSchema,
  DipSchema,
  DisplaceSchema,
  DisturbedSchema,
  FiningSchema,
  JarSchema,
  SpinSchema,
  WaterTestSchema,
} from "./settling";
import { BagSchema, PlaceSchema, SettingsSchema, SourceSchema, VehicleSchema, VesselSchema } from "./things";

const Iso = z.iso.datetime({ precision: 3 });
const Text = z.string().max(500);

/** What the app said at the time; kept with the entry, so a better model never rewrites history. */
const Forecast = z.object({
  readyAt: Iso.optional(),
  litres: z.number().min(0).optional(),
  drawOffMm: Millimetres.optional(),
  residualShare: Share.optional(),
  nuMm2PerS: z.number().positive().optional(),
});

/** Muck brought in with the oil, as shares of the litres picked up. */
const MuckShares = z
  .object({ water: Share.optional(), sludge: Share.optional(), "fryer-fat": Share.optional() })
  .refine((s) => (s.water ?? 0) + (s.sludge ?? 0) + (s["fryer-fat"] ?? 0) <= 1, "shares above one");

const Layer = z.enum(["mixed", "top", "bottom"]);

const DATA = {
  settings: SettingsSchema.partial(),
  vessel: VesselSchema,
  source: SourceSchema,
  bag: BagSchema,
  vehicle: VehicleSchema,
  place: PlaceSchema,
  photo: PhotoSchema,
  weather: z.object({ shedCelsius: Celsius.optional(), tonightLowCelsius: Celsius.optional() }),
  pickup: z.object({
    source: SourceId,
    to: VesselId,
    fluid: Fluid,
    amount: Measured,
    muck: MuckShares,
    look: CheckSchema.shape.look.optional(),
    /** What was paid for it; below nothing, what they paid us. */
    paid: Money.optional(),
    check: CheckSchema.optional(),
    /** What stayed behind there, where it was seen. */
    leftLitres: z.number().min(0).max(1e6).optional(),
    /** How the litres were counted. */
    counted: z
      .object({ by: z.enum(["scoops", "jerrycans", "pump"]), count: z.number().positive().max(100_000) })
      .optional(),
    round: RoundId.optional(),
  }),
  /** A stop at which nothing was taken, and why. */
  visit: z.object({
    source: SourceId,
    outcome: z.enum(["refused", "closed", "nothing"]),
    check: CheckSchema.optional(),
    reason: z.string().trim().max(200),
    round: RoundId.optional(),
  }),
  /** A round set off on: who is to be visited, in which order, and what was expected of each. */
  round: z.object({
    id: RoundId,
    by: PlaceId.nullable(),
    ends: z.enum(["home", "start", "last-stop"]).optional(),
    stops: z
      .array(z.object({ source: SourceId, litres: z.number().min(0).max(1e6) }))
      .min(1)
      .max(60)
      .refine((stops) => new Set(stops.map((s) => s.source)).size === stops.length, "a stop twice"),
    forecast: z
      .object({ km: z.number().min(0), hours: z.number().min(0), litres: z.number().min(0), value: Money })
      .optional(),
  }),
  "round-end": z.object({
    round: RoundId,
    km: z.number().min(0).max(10_000).optional(),
    minutes: Minutes.optional(),
    /** Where what drove it stands now; a traveller's next round starts there. */
    standsAt: z.union([z.literal("home"), z.object({ source: SourceId })]).optional(),
  }),
  purchase: z.object({ to: VesselId, fluid: Fluid, amount: Measured, paid: z.number().min(0).max(1e6).optional() }),
  move: z.object({ from: VesselId, to: VesselId, amount: MeasuredOrAll, layer: Layer }),
  "draw-off": z.object({
    from: VesselId,
    to: VesselId,
    amount: Measured,
    suctionMm: Millimetres,
    suspendedShare: Share,
    forecast: Forecast.optional(),
    /** How it came, against the light. */
    came: ClarityStep.optional(),
    minutes: Minutes.optional(),
  }),
  dip: DipSchema,
  jar: JarSchema,
  disturbed: DisturbedSchema,
  "water-test": WaterTestSchema,
  fining: FiningSchema,
  spin: SpinSchema,
  displace: DisplaceSchema,
  "clean-out": CleanOutSchema,
  cup: CupSchema,
  "cup-test": CupTestSchema,
  "filter-run": z.object({
    from: VesselId,
    to: VesselId,
    bags: z.array(BagId).min(1).max(10),
    amount: Measured,
    minutes: Minutes,
    lossLitres: z.number().min(0).max(10_000),
  }),
  "bag-service": z.object({ bag: BagId, what: z.enum(["washed", "changed"]) }),
  blend: z.object({
    to: VesselId,
    parts: z
      .array(z.object({ from: VesselId, amount: Measured }))
      .min(1)
      .max(10),
    forecast: Forecast.optional(),
  }),
  fill: z.object({ vehicle: VehicleId, from: VesselId, to: VesselId, amount: MeasuredOrAll }),
  trip: z.object({
    vehicle: VehicleId,
    km: z.number().min(0).max(100_000).optional(),
    outsideCelsius: Celsius.optional(),
    minutes: z.object({ startOnDiesel: Minutes, onOil: Minutes, purge: Minutes }),
    burned: z.array(Measured.extend({ from: VesselId })).max(4),
    returned: Measured.extend({ from: VesselId, to: VesselId }).optional(),
    forecast: Forecast.optional(),
  }),
  dispose: z.object({ from: VesselId, amount: MeasuredOrAll, layer: Layer, where: Text }),
  "stock-take": z.object({
    vessel: VesselId,
    found: Measured.extend({ litres: z.number().min(0) }),
    gainOf: Component.optional(),
  }),
  void: z.object({ entry: EntryId, reason: Text }),
} as const;

export type EntryKind = keyof typeof DATA;
export const ENTRY_KINDS = Object.keys(DATA) as EntryKind[];

/** The payload version this build writes, by kind. Older ones are upcast on read, newer ones refused. */
export const CURRENT_VERSION: Record<EntryKind, number> = Object.fromEntries(ENTRY_KINDS.map((k) => [k, 1])) as Record<
  EntryKind,
  number
>;

const envelope = {
  id: EntryId,
  v: z.number().int().min(1),
  /** When it happened, and when and where it was written down; UTC, to the millisecond, so that text order is time order. */
  happenedAt: Iso,
  recordedAt: Iso,
  device: z.string().min(1).max(64),
  note: Text.optional(),
  /** A correction: this entry stands instead of that one. */
  replaces: EntryId.optional(),
  /** What the interlocks refused, where a person said that it had happened all the same. */
  despite: z.array(z.string().min(1).max(60)).min(1).max(20).optional(),
};

const entryOf = <K extends EntryKind>(kind: K) =>
  z.strictObject({ ...envelope, kind: z.literal(kind), data: DATA[kind] as (typeof DATA)[K] });

export const EntrySchema = z.discriminatedUnion("kind", [
  entryOf("settings"),
  entryOf("vessel"),
  entryOf("source"),
  entryOf("bag"),
  entryOf("vehicle"),
  entryOf("place"),
  entryOf("photo"),
  entryOf("weather"),
  entryOf("pickup"),
  entryOf("visit"),
  entryOf("round"),
  entryOf("round-end"),
  entryOf("purchase"),
  entryOf("move"),
  entryOf("draw-off"),
  entryOf("dip"),
  entryOf("jar"),
  entryOf("disturbed"),
  entryOf("water-test"),
  entryOf("fining"),
  entryOf("spin"),
  entryOf("displace"),
  entryOf("clean-out"),
  entryOf("cup"),
  entryOf("cup-test"),
  entryOf("filter-run"),
  entryOf("bag-service"),
  entryOf("blend"),
  entryOf("fill"),
  entryOf("trip"),
  entryOf("dispose"),
  entryOf("stock-take"),
  entryOf("void"),
]);

export type Entry = z.infer<typeof EntrySchema>;
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;
/** What a person says happened; the store adds id, device and times. */
export type Draft = {
  [K in EntryKind]: {
    readonly kind: K;
    readonly data: EntryOf<K>["data"];
    readonly happenedAt?: string;
    readonly note?: string;
    readonly replaces?: EntryId;
    readonly despite?: string[];
  };
}[EntryKind];
