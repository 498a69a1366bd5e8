import { type ComponentId, isFluidId, likeOf, type TableComponentId } from "@/core/fluids";

/** How a fluid looks: its colour and its own hatch, so that it reads without colour and in print. */
export interface Fill {
  readonly colour: string;
  readonly hatch: "none" | "dots" | "lines" | "cross" | "diagonal" | "waves" | "rings" | "steep";
}

const CLEAR: Fill = { colour: "#f0b340", hatch: "none" };

const SOAP: Fill = { colour: "#e3dccb", hatch: "dots" };
/** Dissolved in water, they look like it. */
const SOLUTE: Fill = { colour: "#86b4c6", hatch: "lines" };

const FILLS: Record<TableComponentId, Fill> = {
  canola: CLEAR,
  soybean: CLEAR,
  sunflower: CLEAR,
  cottonseed: CLEAR,
  palm: { colour: "#f1e4be", hatch: "dots" },
  "fryer-fat": { colour: "#f1e4be", hatch: "dots" },
  "motor-oil": { colour: "#4a3527", hatch: "steep" },
  atf: { colour: "#8c3b2e", hatch: "steep" },
  diesel: { colour: "#b7c168", hatch: "diagonal" },
  kerosene: { colour: "#dce9ee", hatch: "waves" },
  petrol: { colour: "#e5a58c", hatch: "rings" },
  biodiesel: { colour: "#f6d36c", hatch: "waves" },
  water: { colour: "#86b4c6", hatch: "lines" },
  sludge: { colour: "#33241a", hatch: "cross" },
  methanol: { colour: "#dbe8ef", hatch: "rings" },
  "sodium-hydroxide": { colour: "#eef0ee", hatch: "cross" },
  "potassium-hydroxide": { colour: "#eef0ee", hatch: "cross" },
  "sulfuric-acid": { colour: "#e9e2c4", hatch: "cross" },
  glycerol: { colour: "#5c2a1c", hatch: "lines" },
  soap: SOAP,
  "potassium-soap": SOAP,
  "fatty-acid": { colour: "#d9b26a", hatch: "dots" },
  "acetic-acid": SOLUTE,
  salt: SOLUTE,
  "sodium-sulfate": SOLUTE,
  "potassium-sulfate": SOLUTE,
  "sodium-acetate": SOLUTE,
  "potassium-acetate": SOLUTE,
};

/** A fluid of the owner's own looks like the one that it is like. */
export const fillOf = (id: ComponentId): Fill => FILLS[isFluidId(id) ? likeOf(id) : id];

/** Oil by how clear it is: raw, half-way, clear. */
export const OIL_BY_CLARITY = { raw: "#7a3e10", settling: "#d4831a", clear: "#f0b340" } as const;

/** What floats: foam, crumbs and fat together. */
export const SCUM: Fill = { colour: "#b99763", hatch: "rings" };
