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

/** How wide a shape is across, as a tape laid over its rim reads it. */
export const acrossMm = (shape: Shape): number =>
  shape.kind === "box" ? shape.lengthMm : shape.kind === "table" ? 0 : shape.diameterMm;

/** The same kind of vessel in the owner's own measure: across and to the rim, both inside. */
export function sized(shape: Shape, oldRimMm: number, across: number, rimMm: number): Shape {
  switch (shape.kind) {
    case "cylinder":
      return { ...shape, diameterMm: across };
    case "lying-cylinder":
      return { ...shape, diameterMm: across };
    case "box":
      return { ...shape, lengthMm: across, widthMm: (shape.widthMm * across) / shape.lengthMm };
    case "cone-cylinder":
      return { ...shape, diameterMm: across, coneHeightMm: (shape.coneHeightMm * rimMm) / oldRimMm };
    case "table":
      return shape;
  }
}

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
