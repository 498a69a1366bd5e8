/** What a vessel is for decides where it stands, what is asked of it, and what counts for it. One row a role. */

/** The stations in working order, as they hang on the pipe. */
export const STATIONS = ["rounds", "settle", "filter", "blend", "kettle", "store", "drive", "books"] as const;
export type Station = (typeof STATIONS)[number];

/** Where things stand on the yard's floor, in working order. */
export const FLOORS = {
  raw: "Raw",
  settling: "Settling",
  filter: "Filter line",
  ready: "Ready and thinners",
  kettle: "Kettle and waste",
  tank: "Tanks",
} as const;

/** What a form may offer a vessel for; the lower its number there, the sooner it is offered. */
export type Use =
  | "pickup-into"
  | "pour-from"
  | "pour-into"
  | "drain-from"
  | "drain-into"
  | "dispose-from"
  | "buy-into"
  | "fill-from"
  | "fill-into"
  | "dip"
  | "stir"
  | "test-water"
  | "count"
  | "settler-header"
  | "settler-overflow"
  | "blend-into"
  | "chemical-into";

interface Role {
  readonly name: string;
  /** What is written on it in large letters. */
  readonly mark: string;
  readonly station: Station;
  readonly floor: keyof typeof FLOORS;
  /** Oil in it is put to settle: it has a draw-off line and a forecast. */
  readonly settles: boolean;
  /** Its fronts are drawn on the shelf beside another's. */
  readonly onShelf: boolean;
  /** Oil one means to burn or clear: what a bad lot would spoil. */
  readonly good: boolean;
  /** Water in it is asked after. */
  readonly keptDry: boolean;
  /** What oil in it counts as when a source's worth is told; null: its end is not known yet. */
  readonly fate: "fuel" | "sludge" | null;
  /** What the interlocks take it for. */
  readonly receiver: "vessel" | "kettle" | "vehicle-tank";
  readonly uses: Partial<Record<Use, number>>;
}

const OIL = { floor: "settling", onShelf: true, good: true, keptDry: false, fate: null, receiver: "vessel" } as const;

export const ROLES = {
  raw: {
    ...OIL,
    name: "Raw oil",
    mark: "Raw",
    station: "rounds",
    floor: "raw",
    settles: true,
    onShelf: false,
    uses: { "pickup-into": 1, "pour-from": 1, "dispose-from": 3, dip: 4, "settler-header": 1 },
  },
  settling: {
    ...OIL,
    name: "Settling",
    mark: "Settling",
    station: "settle",
    settles: true,
    keptDry: true,
    uses: {
      "pickup-into": 2,
      "pour-into": 1,
      "drain-from": 2,
      dip: 1,
      stir: 1,
      "test-water": 1,
      count: 3,
      "settler-header": 2,
      "settler-overflow": 3,
    },
  },
  settler: {
    ...OIL,
    name: "Displacement settler",
    mark: "Settler",
    station: "settle",
    settles: true,
    uses: { "drain-from": 1, dip: 2, stir: 2, "test-water": 4 },
  },
  heel: {
    ...OIL,
    name: "Heels",
    mark: "Heels",
    station: "settle",
    settles: true,
    good: false,
    uses: {
      "pour-from": 2,
      "pour-into": 2,
      "drain-from": 3,
      "drain-into": 2,
      "dispose-from": 2,
      dip: 3,
      stir: 3,
      "test-water": 5,
    },
  },
  feed: {
    ...OIL,
    name: "Waiting for the bags",
    mark: "Drawn off",
    station: "filter",
    floor: "filter",
    settles: false,
    onShelf: false,
    keptDry: true,
    uses: { "test-water": 2, "settler-overflow": 1 },
  },
  blend: {
    ...OIL,
    name: "Mixing",
    mark: "Blend",
    station: "blend",
    floor: "ready",
    settles: false,
    onShelf: false,
    fate: "fuel",
    uses: {
      "pour-from": 3,
      "drain-from": 5,
      dip: 5,
      stir: 4,
      "test-water": 6,
      count: 5,
      "fill-from": 3,
      "blend-into": 2,
    },
  },
  kettle: {
    ...OIL,
    name: "Kettle",
    mark: "Kettle",
    station: "kettle",
    floor: "kettle",
    settles: false,
    onShelf: false,
    good: false,
    receiver: "kettle",
    uses: { "pour-into": 3, "drain-from": 4 },
  },
  wash: {
    ...OIL,
    name: "Wash tank",
    mark: "Wash",
    station: "kettle",
    floor: "kettle",
    settles: false,
    onShelf: false,
    good: false,
    uses: { "pour-from": 4, "drain-from": 6, "fill-from": 4, "test-water": 7, dip: 6, count: 6 },
  },
  still: {
    ...OIL,
    name: "Still",
    mark: "Still",
    station: "kettle",
    floor: "kettle",
    settles: false,
    onShelf: false,
    good: false,
    receiver: "kettle",
    uses: { "pour-from": 6 },
  },
  glycerol: {
    ...OIL,
    name: "Glycerol",
    mark: "Glycerol",
    station: "kettle",
    floor: "kettle",
    settles: false,
    onShelf: false,
    good: false,
    fate: "sludge",
    uses: { "drain-into": 3, "dispose-from": 4, "pour-from": 5 },
  },
  chemical: {
    ...OIL,
    name: "Chemicals",
    mark: "Chemical",
    station: "store",
    floor: "kettle",
    settles: false,
    onShelf: false,
    good: false,
    uses: { "chemical-into": 1, "buy-into": 3, count: 7 },
  },
  ready: {
    ...OIL,
    name: "Ready oil",
    mark: "Ready",
    station: "store",
    floor: "ready",
    settles: false,
    onShelf: false,
    keptDry: true,
    fate: "fuel",
    uses: { "fill-from": 1, "test-water": 3, count: 1, "settler-overflow": 2 },
  },
  thinner: {
    ...OIL,
    name: "Diesel or thinner",
    mark: "Thinner",
    station: "store",
    floor: "ready",
    settles: false,
    onShelf: false,
    good: false,
    uses: { "buy-into": 1, "fill-from": 2, count: 2 },
  },
  tank: {
    ...OIL,
    name: "Vehicle tank",
    mark: "Tank",
    station: "drive",
    floor: "tank",
    settles: false,
    onShelf: false,
    good: false,
    fate: "fuel",
    receiver: "vehicle-tank",
    uses: { "pour-into": 4, "buy-into": 2, "fill-into": 1, count: 4, "blend-into": 1, stir: 5 },
  },
  waste: {
    ...OIL,
    name: "Sludge and waste",
    mark: "Sludge",
    station: "store",
    floor: "kettle",
    settles: false,
    onShelf: false,
    good: false,
    fate: "sludge",
    uses: { "drain-into": 1, "dispose-from": 1 },
  },
} as const satisfies Record<string, Role>;

export type VesselRole = keyof typeof ROLES;
export const VESSEL_ROLES = Object.keys(ROLES) as [VesselRole, ...VesselRole[]];

/** The row of a role, as every role has it. */
export const roleOf = (role: VesselRole): Role => ROLES[role];

/** Roles that a form offers for a use, the likeliest first. */
export const rolesFor = (use: Use): readonly VesselRole[] =>
  VESSEL_ROLES.filter((r) => roleOf(r).uses[use] !== undefined).sort(
    (a, b) => (roleOf(a).uses[use] ?? 0) - (roleOf(b).uses[use] ?? 0),
  );

export const isFor = (role: VesselRole, use: Use): boolean => roleOf(role).uses[use] !== undefined;
