import type { Verb } from "./verb";
import { buy, dispose, drain, pickup, pour } from "./verbsOil";
import { bagService, dip, disturbed, fill, hours, stockTake, weather } from "./verbsRest";
import { addPlace, addSource, changePlace, visit } from "./verbsRounds";
import { waterTest } from "./verbsSettle";
import { addBag, addVehicle, addVessel, changeVessel } from "./verbsThings";

/** Everything the Log can write. Draw-off, filter runs, blends and trips are worked out on their benches. */
export const VERBS: readonly Verb[] = [
  pickup,
  pour,
  drain,
  dispose,
  fill,
  buy,
  hours,
  dip,
  waterTest,
  visit,
  weather,
  disturbed,
  stockTake,
  bagService,
  addVessel,
  changeVessel,
  addSource,
  addBag,
  addVehicle,
  addPlace,
  changePlace,
];

export const BENCHES = [
  { letter: "r", name: "Draw off", href: "/settle" },
  { letter: "u", name: "Filter", href: "/filter" },
  { letter: "m", name: "Blend", href: "/blend" },
  { letter: "j", name: "Trip", href: "/drive" },
] as const;

export const GROUPS: readonly { key: Verb["group"]; name: string }[] = [
  { key: "oil", name: "Oil" },
  { key: "fuel", name: "Fuel" },
  { key: "look", name: "Looked and measured" },
  { key: "yard", name: "New in the yard" },
];
