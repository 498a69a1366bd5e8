import { FLUIDS, type FluidId, likeOf } from "./table";

/** Water, sludge and fat as shares of the litres. */
export interface MuckShares {
  readonly water: number;
  readonly sludge: number;
  readonly "fryer-fat": number;
}

interface Dirt {
  /** What the oil comes out of. */
  readonly name: string;
  /** What a person sees at the stop when it is this. */
  readonly seenAs: "plants" | "meat" | "engine";
  /** What comes with a lot until it has settled and been seen. Typical values, wrong for somebody. */
  readonly usually: MuckShares;
}

/** What oil was used for says what hangs in it. The mildest first: some of a worse kind in a vessel outranks those before. */
export const DIRT_KINDS = {
  "light-fryer": {
    name: "Chips, vegetables",
    seenAs: "plants",
    usually: { water: 0.01, sludge: 0.015, "fryer-fat": 0.005 },
  },
  "meaty-fryer": { name: "Meat, poultry", seenAs: "meat", usually: { water: 0.02, sludge: 0.02, "fryer-fat": 0.05 } },
  "engine-oil": { name: "Engine, gearbox", seenAs: "engine", usually: { water: 0.02, sludge: 0.02, "fryer-fat": 0 } },
} as const satisfies Record<string, Dirt>;

export type DirtKind = keyof typeof DIRT_KINDS;
export const DIRT_KIND_IDS = Object.keys(DIRT_KINDS) as [DirtKind, ...DirtKind[]];

/** The mildest dirt that is seen as such. */
export function dirtSeenAs(seen: Dirt["seenAs"]): DirtKind {
  const found = DIRT_KIND_IDS.find((d) => DIRT_KINDS[d].seenAs === seen);
  if (!found) throw new RangeError(`no dirt is seen as ${seen}`);
  return found;
}

/** What is taken for granted of a fluid when nobody has said what it was used for. */
export const dirtOfFluid = (fluid: FluidId): DirtKind =>
  dirtSeenAs(FLUIDS[likeOf(fluid)].family === "engine" ? "engine" : "plants");
