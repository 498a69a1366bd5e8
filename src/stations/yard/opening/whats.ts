import type { FluidId } from "@/core/fluids";
import type { EntryOf, VesselRole } from "@/core/ledger";
import type { VesselPreset } from "../presets";

type Muck = EntryOf<"opening">["data"]["muck"];

/** What may stand in a container that was there before the book. */
export interface What {
  readonly name: string;
  readonly fluid: FluidId;
  readonly muck: Muck;
  /** What the container is for, with this in it. */
  role(preset: VesselPreset): VesselRole;
  /** Fetched from somebody, who may be known. */
  readonly isCollected: boolean;
  readonly apart?: true;
  readonly filteredUm?: number;
}

/** Clean kitchen oil as it usually comes, where nobody has measured. */
const USUAL: Muck = { water: 0.01, sludge: 0.015, "fryer-fat": 0.005 };
const CARRIED_LITRES = 30;

const standsByItself = (preset: VesselPreset): VesselRole =>
  preset.look === "kettle" ? "kettle" : preset.litres > CARRIED_LITRES ? "settling" : "raw";
const thinner = (preset: VesselPreset): VesselRole => (preset.look === "tank" ? "tank" : "thinner");
const bought = (name: string, fluid: FluidId): What => ({ name, fluid, muck: {}, role: thinner, isCollected: false });

export const WHATS = {
  raw: { name: "Oil as it came", fluid: "canola", muck: USUAL, role: standsByItself, isCollected: true },
  creamy: {
    name: "Oil with creamy fat",
    fluid: "canola",
    muck: { ...USUAL, "fryer-fat": 0.1 },
    role: standsByItself,
    isCollected: true,
  },
  drawn: {
    name: "Drawn off, not filtered yet",
    fluid: "canola",
    muck: { sludge: 0.002 },
    role: () => "feed",
    isCollected: true,
  },
  ready: {
    name: "Filtered, ready to burn",
    fluid: "canola",
    muck: {},
    role: (preset) => (preset.look === "tank" ? "tank" : "ready"),
    isCollected: true,
    filteredUm: 5,
  },
  heel: {
    name: "Heels and bottoms",
    fluid: "canola",
    muck: { water: 0.03, sludge: 0.1, "fryer-fat": 0.2 },
    role: () => "heel",
    isCollected: false,
  },
  engine: { name: "Engine oil", fluid: "motor-oil", muck: {}, role: () => "raw", isCollected: true, apart: true },
  diesel: bought("Diesel", "diesel"),
  kerosene: bought("Kerosene", "kerosene"),
  petrol: bought("Petrol", "petrol"),
  sludge: { name: "Sludge and waste", fluid: "canola", muck: { sludge: 0.9 }, role: () => "waste", isCollected: false },
} as const satisfies Record<string, What>;

export type WhatId = keyof typeof WHATS | "nothing";
export const NOTHING = "nothing";
export const whatOf = (id: WhatId): What | null => (id === NOTHING ? null : WHATS[id]);

/** Since when it stands, roughly: what most people can say. */
export const SINCE = {
  today: { name: "Today", days: 0 },
  days: { name: "A few days", days: 3 },
  week: { name: "A week", days: 7 },
  fortnight: { name: "Two weeks", days: 14 },
  month: { name: "A month", days: 30 },
  season: { name: "Three months", days: 90 },
  day: { name: "Since a day I know", days: null },
} as const;
export type SinceId = keyof typeof SINCE;
