import type { VesselRole } from "@/core/ledger";
import type { Shape } from "@/core/vessels";

/** Containers as they come; the owner's own measures go in the book later. */
export interface Preset {
  readonly key: string;
  readonly name: string;
  readonly role: VesselRole;
  readonly shape: Shape;
  readonly rimMm: number;
}

export const PRESETS: readonly Preset[] = [
  {
    key: "jerrycan",
    name: "20 L jerrycan",
    role: "raw",
    shape: { kind: "box", lengthMm: 330, widthMm: 160 },
    rimMm: 400,
  },
  { key: "pail", name: "25 L pail", role: "raw", shape: { kind: "cylinder", diameterMm: 300 }, rimMm: 360 },
  { key: "drum", name: "200 L drum", role: "settling", shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 },
  { key: "tub", name: "60 L tub", role: "feed", shape: { kind: "cylinder", diameterMm: 420 }, rimMm: 450 },
  {
    key: "cone",
    name: "120 L cone",
    role: "settler",
    shape: { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 },
    rimMm: 1000,
  },
  { key: "tank", name: "60 L tank", role: "tank", shape: { kind: "box", lengthMm: 500, widthMm: 300 }, rimMm: 420 },
];

export const ROLE_NAMES: Record<VesselRole, string> = {
  raw: "Raw oil",
  settling: "Settling",
  settler: "Displacement settler",
  heel: "Heels",
  feed: "Waiting for the bags",
  blend: "Mixing",
  kettle: "Kettle",
  ready: "Ready oil",
  thinner: "Diesel or thinner",
  tank: "Vehicle tank",
  waste: "Sludge and waste",
};
