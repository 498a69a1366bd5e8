import type { Service } from "@/core/driving";
import type { Due } from "@/core/readings/drive/upkeep";
import { formatNumber } from "@/core/units";
import type { Units } from "./units";

/** What is looked after, as a thing. */
export const SERVICE_NAMES: Readonly<Record<Service, string>> = {
  filter: "Fuel filter",
  sock: "Sock or pick-up in the tank",
  water: "Water and sediment",
  injectors: "Injectors",
  heater: "Heater and its wiring",
  battery: "Battery",
  hoses: "Hoses and clips",
};

/** "4,200 km of 10,000 km", "due by its pressure drop". */
export function dueWords(d: Due, u: Units): string {
  switch (d.by) {
    case "drop":
      return d.share >= 1 ? "due by its pressure drop" : "its pressure drop grows";
    case "km":
      return `${u.km(d.since.km)} of ${u.km(d.interval.km ?? 0)}`;
    case "hours":
      return `${formatNumber(d.since.hours, 0)} h of ${formatNumber(d.interval.hours ?? 0, 0)} h`;
    case "months":
      return `${formatNumber(d.since.months, 0)} of ${formatNumber(d.interval.months ?? 0, 0)} months`;
  }
}
