import type { Drive, Material, Operation, ReceiverKind, Substance } from "./step";

/** The conditions of a row: all that are named must hold, of those listed in one any. */
export interface Conditions {
  /** In what is handled, or in what is there already. */
  readonly substances: readonly Substance[];
  readonly operations?: readonly Operation[];
  readonly drives?: readonly Drive[];
  readonly places?: readonly ReceiverKind[];
  readonly materials?: readonly Material[];
  readonly heated?: true;
  readonly open?: true;
  readonly aboveCelsius?: number;
}

export type NeverCode =
  | "petrol-in-centrifuge"
  | "petrol-heated"
  | "petrol-in-kettle"
  | "petrol-by-air"
  | "petrol-by-brush-motor"
  | "petrol-mixed-in-vehicle"
  | "methanol-hot-and-open"
  | "caustic-eats-metal"
  | "caustic-swells-rubber";

export interface NeverRow extends Conditions {
  readonly code: NeverCode;
}

const CAUSTIC = ["lye", "methoxide"] as const;

/** What must not meet what, as data. Source: physics §10. Numbers that depend on the lot stand in `limits.ts`. */
export const NEVER: readonly NeverRow[] = [
  { code: "petrol-in-centrifuge", substances: ["petrol"], operations: ["centrifuge"] },
  { code: "petrol-in-centrifuge", substances: ["petrol"], places: ["centrifuge"] },
  { code: "petrol-heated", substances: ["petrol"], operations: ["heat", "react"] },
  { code: "petrol-heated", substances: ["petrol"], heated: true },
  { code: "petrol-in-kettle", substances: ["petrol"], places: ["kettle"] },
  { code: "petrol-by-air", substances: ["petrol"], drives: ["compressed-air"] },
  { code: "petrol-by-brush-motor", substances: ["petrol"], drives: ["brush-motor-pump"] },
  { code: "petrol-mixed-in-vehicle", substances: ["petrol"], operations: ["blend"], places: ["vehicle-tank"] },
  { code: "methanol-hot-and-open", substances: ["methanol", "methoxide"], open: true, aboveCelsius: 60 },
  {
    code: "caustic-eats-metal",
    substances: CAUSTIC,
    materials: ["aluminium", "zinc", "galvanised", "tin", "copper", "brass"],
  },
  { code: "caustic-swells-rubber", substances: CAUSTIC, materials: ["natural-rubber", "nitrile-rubber"] },
];

export type NeedCode =
  | "bond-and-earth"
  | "vented-cap"
  | "outdoors"
  | "methanol-poison"
  | "stand-and-drain-first"
  | "goggles-and-gloves"
  | "lye-into-methanol"
  | "acid-into-liquid-slowly"
  | "closed-condenser"
  | "engine-oil-gloves"
  | "know-the-material"
  | "hot-liquid";

export interface NeedRow extends Conditions {
  readonly code: NeedCode;
}

const MOVING = ["pour", "blend", "filter", "fill-vehicle"] as const;
const EVERY = [...MOVING, "rest", "dose", "heat", "react", "centrifuge"] as const;

/** What a step needs before it is offered. */
export const NEEDS: readonly NeedRow[] = [
  { code: "bond-and-earth", substances: ["petrol"], operations: MOVING },
  { code: "vented-cap", substances: ["petrol"], operations: [...MOVING, "rest"] },
  { code: "outdoors", substances: ["petrol", "methanol", "methoxide"], operations: EVERY },
  { code: "methanol-poison", substances: ["methanol", "methoxide"], operations: EVERY },
  {
    code: "stand-and-drain-first",
    substances: ["petrol"],
    operations: ["fill-vehicle", "pour"],
    places: ["vehicle-tank"],
  },
  { code: "goggles-and-gloves", substances: [...CAUSTIC, "sulfuric-acid", "methanol"], operations: EVERY },
  { code: "lye-into-methanol", substances: ["lye"], operations: ["dose", "blend"] },
  { code: "acid-into-liquid-slowly", substances: ["sulfuric-acid"], operations: ["dose", "blend"] },
  { code: "closed-condenser", substances: ["methanol", "methoxide"], operations: ["heat", "react"] },
  { code: "engine-oil-gloves", substances: ["motor-oil", "atf"], operations: EVERY },
  { code: "know-the-material", substances: CAUSTIC, materials: ["unknown"] },
];
