import type { Assumption, Kit, WayId, WayLines } from "@/core/costs";

export const WAY_NAMES: Readonly<Record<WayId, string>> = {
  "pump-diesel": "Pump diesel",
  diesel: "Thin with diesel",
  kerosene: "Thin with kerosene",
  petrol: "Thin with petrol",
  heated: "Straight, heated",
  biodiesel: "Biodiesel",
  nothing: "Do nothing",
};

export const LINE_NAMES: Readonly<Record<keyof WayLines, string>> = {
  oil: "Oil",
  thinner: "Bought fuel",
  reagents: "Methanol and lye",
  energy: "Power",
  bags: "Bags",
  disposal: "Disposal",
  kit: "Kit",
  work: "Your hours",
};

export const KIT_NAMES: Readonly<Record<Kit, string>> = {
  bags: "bags",
  can: "a can",
  "vented-can": "a vented, earthed can",
  "second-tank": "your second tank",
  "second-tank-to-buy": "a second tank, to buy",
  "heated-line": "heated lines",
  "purge-valve": "a purge valve",
  kettle: "a kettle",
  "methanol-store": "a store for methanol",
};

export const ASSUMPTION_NAMES: Readonly<Record<Assumption, string>> = {
  diesel: "Pump diesel's price",
  kerosene: "Kerosene's price",
  petrol: "Petrol's price",
  oil: "The oil's price",
  energy: "Power's price",
  wage: "What your hour is worth",
  hours: "Hours it takes",
  waste: "What becomes waste",
  bags: "Bags",
  disposal: "Disposal",
  reagents: "Methanol and lye",
  "second-tank": "The second tank",
};
