import { tanksOf } from "@/core/ledger";
import { asVehicleId, asVesselId } from "@/core/ledger/named";
import { FOUND_WORDS, LOOKS, SERVICE_WORDS } from "@/core/ledger/words";
import type { YardView } from "@/core/view";
import {
  allOrSome,
  amountFields,
  type Field,
  lockedOut,
  lockOutField,
  mostThatFits,
  roomIn,
  toField,
  type Verb,
  vesselOf,
} from "@/desk/form";
import { askedThere, fetchedMuck, isPortable, saidThere } from "@/desk/form/fetchedFields";
import { nameOf } from "@/ui/words";

const NONE = "none";

const vehicleField: Field = {
  kind: "choice",
  name: "vehicle",
  label: "Which vehicle",
  adds: { verb: "add-vehicle", name: "Add a vehicle" },
  options: (view) => view.vehicles.map((s) => ({ value: s.vehicle.id, name: s.vehicle.name })),
  first: (view) => view.vehicles[0]?.vehicle.id,
};

/** A tank of any vehicle; the one with most room first, or the fullest where it is emptied. */
const tankField = (name: "to" | "from", label: string): Field => ({
  kind: "choice",
  name,
  label,
  options: (view) =>
    tanksIn(view)
      .filter((v) => name === "to" || v.litres > 0.05)
      .map((v) => ({ value: v.vessel.id, name: v.vessel.name })),
  first: (view) =>
    [...tanksIn(view)]
      .filter((v) => name === "to" || v.litres > 0.05)
      .sort((a, b) => (name === "to" ? roomIn(b) - roomIn(a) : b.litres - a.litres))[0]?.vessel.id,
});

const tanksIn = (view: YardView) => {
  const ids = new Set(view.vehicles.flatMap((s) => tanksOf(s.vehicle)));
  return view.vessels.filter((v) => ids.has(v.vessel.id));
};

const PUMPED = [
  { value: "diesel", name: "Diesel" },
  { value: "biodiesel", name: "Biodiesel" },
  { value: "kerosene", name: "Kerosene" },
];

/** Bought at a pump and straight into the tank. */
export const fillAtPump: Verb = {
  key: "fill-at-pump",
  alsoCalled: ["petrol station", "filled up", "diesel"],
  name: "Fill at a pump",
  group: "fuel",
  fields: [
    tankField("to", "Which tank"),
    { kind: "choice", name: "fluid", label: "With", options: () => PUMPED, first: () => "diesel" },
    {
      kind: "litres",
      name: "litres",
      label: "Litres",
      first: (view, v) => {
        const to = vesselOf(view, v.text("to"));
        return to ? Math.floor(roomIn(to)) : undefined;
      },
      chips: () => [10, 20, 40],
      room: (view, v) => {
        const to = vesselOf(view, v.text("to"));
        return to && roomIn(to);
      },
    },
    { kind: "money", name: "paid", label: "Paid", optional: true },
    lockOutField,
  ],
  build: (v) => ({
    kind: "purchase",
    data: {
      to: asVesselId(v.text("to")),
      fluid: v.text("fluid") as "diesel",
      amount: { litres: v.number("litres") },
      ...(v.maybe("paid") !== undefined && { paid: v.number("paid") }),
      ...lockedOut(v),
    },
  }),
  said: (v, view, u) => `${nameOf(view, v.text("to"))} got ${u.litres(v.number("litres"))} at the pump.`,
};

/** What one has along before what hangs in the shed; of each the finest first. */
const alongFirst = (view: YardView) =>
  [...view.bags].sort(
    (a, b) =>
      Number(isPortable(b.bag)) - Number(isPortable(a.bag)) || (a.bag.ratingUm ?? 1e4) - (b.bag.ratingUm ?? 1e4),
  );

/** On the road: from a kitchen through a hand pump's filter straight into the tank. */
export const fillOnRoad: Verb = {
  key: "fill-on-road",
  alsoCalled: ["travelling", "on the way", "hand pump"],
  name: "Fill at a source, through a filter",
  group: "fuel",
  caution: "Only clear oil, from above the fat, and let the filter drip: what gets past it is in your tank.",
  fields: [
    {
      kind: "choice",
      name: "source",
      label: "Whose oil",
      adds: { verb: "add-source", name: "Add a source" },
      options: (view) => view.sources.map((s) => ({ value: s.source.id, name: s.source.name })),
      first: (view) => view.sources[0]?.source.id,
    },
    tankField("to", "Which tank"),
    {
      kind: "choice",
      name: "through",
      label: "Through",
      adds: { verb: "add-bag", name: "Add a bag or cartridge" },
      options: (view) => alongFirst(view).map((b) => ({ value: b.bag.id, name: b.bag.name })),
      first: (view) => alongFirst(view)[0]?.bag.id,
    },
    {
      kind: "litres",
      name: "litres",
      label: "Litres",
      first: () => 10,
      chips: () => [5, 10, 20],
      room: (view, v) => {
        const to = vesselOf(view, v.text("to"));
        return to && roomIn(to);
      },
    },
    {
      kind: "choice",
      name: "look",
      label: "Held to the light",
      options: () => Object.entries(LOOKS).map(([value, name]) => ({ value, name })),
    },
    ...askedThere(),
  ],
  build: (v, view) => {
    const source = view.sources.find((s) => s.source.id === v.text("source"))?.source;
    return {
      kind: "pickup",
      data: {
        source: v.text("source") as never,
        to: asVesselId(v.text("to")),
        fluid: source?.fluid ?? "canola",
        amount: { litres: v.number("litres") },
        muck: fetchedMuck(view, v, source, source?.fluid ?? "canola"),
        look: v.text("look") as "clear",
        through: [v.text("through") as never],
        ...saidThere(v),
      },
    };
  },
  said: (v, view, u) =>
    `${u.litres(v.number("litres"))} from ${nameOf(view, v.text("source"))} in ${nameOf(view, v.text("to"))}.`,
};

/** Out of a tank again: for another polish, or because it is not fit to be burned. */
export const pumpOut: Verb = {
  key: "pump-out",
  alsoCalled: ["empty a tank", "drain a tank", "polish", "rescue"],
  name: "Pump out of a tank",
  group: "fuel",
  caution: "Engine off and cold, no flame, a vessel that is marked for it under the hose.",
  fields: [
    tankField("from", "Out of"),
    toField("Into", "pour-into", false, {
      may: (to, view) => !tanksIn(view).includes(to),
      rank: (to) => (to.vessel.role === "feed" ? 0 : to.vessel.role === "settling" ? 1 : 2),
    }),
    ...amountFields(
      (view, v) => [10, 20].filter((l) => l < (mostThatFits(view, v) ?? 0)),
      (view, v) => mostThatFits(view, v),
    ),
    lockOutField,
  ],
  build: (v, view) => ({
    kind: "move",
    data: {
      from: asVesselId(v.text("from")),
      to: asVesselId(v.text("to")),
      amount: allOrSome(v, view),
      layer: "mixed",
      ...lockedOut(v),
    },
  }),
  said: (v, view, u) => `${u.litres(v.number("litres"))} out of ${nameOf(view, v.text("from"))}.`,
};

/** Looked after. */
export const service: Verb = {
  key: "service",
  alsoCalled: ["filter changed", "upkeep", "maintenance", "sock", "injectors", "water drained"],
  name: "Upkeep of a vehicle",
  group: "fuel",
  fields: [
    vehicleField,
    {
      kind: "choice",
      name: "what",
      label: "What was done",
      options: () => Object.entries(SERVICE_WORDS).map(([value, name]) => ({ value, name })),
      first: () => "filter",
    },
    {
      kind: "choice",
      name: "found",
      label: "As it was found",
      options: () => [
        { value: NONE, name: "Not said" },
        ...Object.entries(FOUND_WORDS).map(([value, name]) => ({ value, name })),
      ],
      first: () => NONE,
      asked: (_, v) => v.text("what") === "filter" || v.text("what") === "sock",
    },
    {
      kind: "choice",
      name: "from",
      label: "Let out of",
      options: (view, v) => {
        const owner = view.vehicles.find((s) => s.vehicle.id === v.text("vehicle"));
        return (owner ? tanksOf(owner.vehicle) : []).map((id) => ({ value: id, name: nameOf(view, id) }));
      },
      first: (view, v) => {
        const owner = view.vehicles.find((s) => s.vehicle.id === v.text("vehicle"));
        return owner ? tanksOf(owner.vehicle)[0] : undefined;
      },
      asked: (_, v) => v.text("what") === "water",
    },
    {
      kind: "litres",
      name: "litres",
      label: "How much came out",
      optional: true,
      asked: (_, v) => v.text("what") === "water",
    },
    {
      kind: "number",
      name: "spares",
      label: "Spare filters left aboard",
      optional: true,
      asked: (_, v) => v.text("what") === "filter",
    },
    lockOutField,
  ],
  wrong: (v) => {
    const spares = v.maybe("spares");
    return spares !== undefined && (spares < 0 || spares > 99 || !Number.isInteger(spares))
      ? "Spare filters are counted whole."
      : undefined;
  },
  build: (v) => ({
    kind: "service",
    data: {
      vehicle: asVehicleId(v.text("vehicle")),
      what: v.text("what") as keyof typeof SERVICE_WORDS,
      ...(v.text("found") !== NONE && { found: v.text("found") as keyof typeof FOUND_WORDS }),
      ...(v.maybe("litres") !== undefined && {
        drained: { from: asVesselId(v.text("from")), litres: v.number("litres") },
      }),
      ...(v.maybe("spares") !== undefined && { sparesAboard: v.number("spares") }),
      ...lockedOut(v),
    },
  }),
  said: (v, view) =>
    `${nameOf(view, v.text("vehicle"))}: ${SERVICE_WORDS[v.text("what") as keyof typeof SERVICE_WORDS].toLowerCase()}.`,
};
