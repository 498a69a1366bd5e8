import { FUEL_ROLES } from "@/core/facts";
import type { FluidId } from "@/core/fluids";
import { LOOKS, type Place, type PlaceId, VISIT_OUTCOMES } from "@/core/ledger";
import { asBagId, asPlaceId, asSourceId, asVehicleId, asVesselId } from "@/core/ledger/named";
import type { VesselView } from "@/core/readings";
import { isApart } from "@/core/readings/rounds/roundQuestion";
import { staysApart } from "@/core/readings/terms";
import type { YardView } from "@/core/view";
import { amount, amountFields, type Field, litresChips, toField, type Values, type Verb, vesselOf } from "@/desk/form";
import { askedThere, fetchedMuck, isPortable, saidThere } from "@/desk/form/fetchedFields";
import { fluidChoices, nameOf } from "@/ui/words";

/** Kitchen oils first; then what is drained from engines and gearboxes, which is kept apart. */
const COLLECTED = ["canola", "soybean", "sunflower", "cottonseed", "palm", "motor-oil", "atf"] as const;
const fluids = (view: YardView) => fluidChoices(view, COLLECTED);

/** Engine oil goes into what is kept for it, or an empty can; kitchen oil into anything else. */
function meantFor(vessel: VesselView, view: YardView, v: Values): boolean {
  const source = sourceOf(view, v.text("source"))?.source;
  const fluid = source?.fluid ?? (v.text("fluid") as FluidId);
  if (!staysApart({ dirt: source?.dirt, fluid })) return !isApart(vessel);
  return isApart(vessel) || (vessel.vessel.role === "raw" && vessel.litres < 0.05);
}

/** What one has along to a kitchen. */
const portable = (view: YardView) => view.bags.filter((b) => isPortable(b.bag));

const ADDS_SOURCE = { verb: "add-source", name: "Add a source" } as const;

const sourceOf = (view: YardView, id: string) => view.sources.find((s) => s.source.id === id);

/** Through a filter and straight into what is burned, or taken for ready: then water and rest are asked. */
const isForFuel = (view: YardView, v: Values): boolean =>
  v.text("through") !== "" && FUEL_ROLES.has(vesselOf(view, v.text("to"))?.vessel.role ?? "raw");

export const pickup: Verb = {
  key: "pickup",
  alsoCalled: ["collected", "fetched", "took oil"],
  name: "Pick up",
  letter: "p",
  group: "oil",
  caution: "A full drum weighs 190 kg and a jerrycan 18. Lift nothing full; keep hot oil off your hands.",
  fields: [
    {
      kind: "choice",
      name: "source",
      label: "From",
      adds: ADDS_SOURCE,
      options: (view) =>
        view.sources.map((s) => ({ value: s.source.id, name: s.source.name, detail: s.source.container })),
      first: (view) => [...view.sources].sort((a, b) => b.pickups - a.pickups)[0]?.source.id,
    },
    ...amountFields(
      (view, v) => litresChips(sourceOf(view, v.text("source"))?.source.usualLitres ?? 0, 20, 40, 60),
      (view, v) => sourceOf(view, v.text("source"))?.source.usualLitres ?? 20,
    ),
    {
      // A fresh source says what oil it is at its first pickup.
      kind: "choice",
      name: "fluid",
      label: "Which oil",
      options: fluids,
      first: () => "canola",
      asked: (view, v) => sourceOf(view, v.text("source"))?.source.fluid === undefined,
    },
    toField("Into", "pickup-into", false, { meant: meantFor }),
    {
      kind: "choice",
      name: "look",
      label: "Held to the light",
      options: () => Object.entries(LOOKS).map(([value, name]) => ({ value, name })),
      first: () => "clear",
    },
    {
      kind: "choice",
      name: "through",
      label: "Through a filter there",
      options: (view) => [
        { value: "", name: "No filter" },
        ...portable(view).map((b) => ({ value: b.bag.id, name: b.bag.name })),
      ],
      optional: true,
      first: () => "",
      asked: (view) => portable(view).length > 0,
    },
    ...askedThere(isForFuel),
    {
      kind: "money",
      name: "paid",
      label: "Paid for it",
      optional: true,
      first: (view, v) => {
        const price = sourceOf(view, v.text("source"))?.source.pricePerLitre;
        return price === undefined ? undefined : Math.round(price * v.number("litres") * 100) / 100;
      },
      asked: (view, v) => (sourceOf(view, v.text("source"))?.source.pricePerLitre ?? 0) !== 0,
    },
  ],
  build: (v, view) => {
    const source = sourceOf(view, v.text("source"))?.source;
    const fluid = source?.fluid ?? (v.text("fluid") as FluidId);
    const look = v.text("look") as "clear" | "creamy" | "wet";
    return {
      kind: "pickup",
      data: {
        source: asSourceId(v.text("source")),
        to: asVesselId(v.text("to")),
        fluid,
        amount: amount(v),
        muck: fetchedMuck(view, v, source, fluid),
        look,
        ...(v.text("through") !== "" && { through: [asBagId(v.text("through"))] }),
        ...(isForFuel(view, v) && saidThere(v)),
        ...(v.maybe("paid") !== undefined && { paid: v.number("paid") }),
      },
    };
  },
  said: (v, view, u) =>
    `Picked up ${u.litres(v.number("litres"))} from ${nameOf(view, v.text("source"))} into ${nameOf(view, v.text("to"))}.`,
};

/** A fresh source takes a name and a container; the rest is asked when it matters. */
export const addSource: Verb = {
  key: "add-source",
  alsoCalled: ["kitchen", "restaurant"],
  name: "Add a source",
  letter: "a",
  group: "yard",
  fields: [
    { kind: "text", name: "name", label: "Its name" },
    { kind: "text", name: "container", label: "What the oil comes in", first: () => "20 L jerrycan" },
  ],
  build: (v, _, newId) => ({
    kind: "source",
    data: {
      id: asSourceId(newId()),
      name: v.text("name"),
      container: v.text("container"),
    },
  }),
  said: (v) => `${v.text("name")} is on the list.`,
};

/** A call at a source from which one came away with nothing. */
export const visit: Verb = {
  key: "visit",
  alsoCalled: ["closed", "refused", "nothing there"],
  name: "Called, took nothing",
  letter: "q",
  group: "look",
  fields: [
    {
      kind: "choice",
      name: "source",
      label: "Where",
      adds: ADDS_SOURCE,
      options: (view) => view.sources.map((s) => ({ value: s.source.id, name: s.source.name })),
      first: (view) => view.sources[0]?.source.id,
    },
    {
      kind: "choice",
      name: "outcome",
      label: "Why",
      options: () => Object.entries(VISIT_OUTCOMES).map(([value, name]) => ({ value, name })),
      first: () => "closed",
    },
    { kind: "text", name: "reason", label: "What was wrong with it", optional: true },
  ],
  build: (v) => ({
    kind: "visit",
    data: {
      source: asSourceId(v.text("source")),
      outcome: v.text("outcome") as keyof typeof VISIT_OUTCOMES,
      reason: v.text("reason"),
    },
  }),
  said: (v, view) => `Called at ${nameOf(view, v.text("source"))}.`,
};

const NO_VEHICLE = "none";

const placeFields = (of: (view: YardView, v: Values) => Place | undefined): Field[] => [
  { kind: "text", name: "name", label: "Its name", first: (view, v) => of(view, v)?.name ?? "" },
  {
    kind: "choice",
    name: "kind",
    label: "Kind",
    options: () => [
      { value: "trailer", name: "Trailer" },
      { value: "van", name: "Van" },
      { value: "bus", name: "Bus" },
    ],
    first: (view, v) => of(view, v)?.kind ?? "trailer",
  },
  {
    kind: "kg",
    name: "payloadKg",
    label: "May carry",
    first: (view, v) => of(view, v)?.payloadKg ?? 300,
  },
  {
    kind: "choice",
    name: "vehicle",
    label: "Driven by",
    options: (view) => [
      { value: NO_VEHICLE, name: "Not said" },
      ...view.vehicles.map((x) => ({ value: x.vehicle.id, name: x.vehicle.name })),
    ],
    first: (view, v) => of(view, v)?.vehicle ?? NO_VEHICLE,
  },
];

const placeOf = (view: YardView, v: Values): Place | undefined =>
  view.places.find((p) => p.place.id === v.text("place"))?.place;

const AT_HOME = "home";
const AS_NOW = "as-now";

/** A traveller's next round starts where the bus stands: at home, at a source, or wherever it was left. */
const stands: Field = {
  kind: "choice",
  name: "stands",
  label: "It stands",
  options: (view, v) => [
    { value: AT_HOME, name: "At home" },
    ...(placeOf(view, v)?.spot ? [{ value: AS_NOW, name: "Where it was left" }] : []),
    ...view.sources
      .filter((s) => s.source.spot)
      .map((s) => ({ value: s.source.id as string, name: `At ${s.source.name}` })),
  ],
  first: (view, v) => (placeOf(view, v)?.spot ? AS_NOW : AT_HOME),
};

function spotFrom(view: YardView, v: Values): Place["spot"] {
  const at = v.text("stands");
  if (at === AS_NOW) return placeOf(view, v)?.spot;
  return view.sources.find((s) => s.source.id === at)?.source.spot;
}

const placeFrom = (id: PlaceId, v: Values, spot: Place["spot"]): Place => ({
  id,
  name: v.text("name"),
  kind: v.text("kind") as Place["kind"],
  payloadKg: v.number("payloadKg"),
  ...(v.text("vehicle") !== NO_VEHICLE && { vehicle: asVehicleId(v.text("vehicle")) }),
  ...(spot && { spot }),
});

const CAUTION =
  "The payload is on the plate or in the papers: load below it, strap every can, nothing loose behind heads.";

export const addPlace: Verb = {
  key: "add-place",
  alsoCalled: ["van", "trailer", "bus"],
  name: "Add a van or trailer",
  letter: "z",
  group: "yard",
  caution: CAUTION,
  fields: placeFields(() => undefined),
  build: (v, _, newId) => ({ kind: "place", data: placeFrom(asPlaceId(newId()), v, undefined) }),
  said: (v) => `${v.text("name")} is in the yard. Containers can be kept aboard.`,
};

export const changePlace: Verb = {
  key: "change-place",
  alsoCalled: ["van", "trailer", "bus"],
  name: "Change a van or trailer",
  letter: "y",
  group: "yard",
  caution: CAUTION,
  fields: [
    {
      kind: "choice",
      name: "place",
      label: "Which",
      adds: { verb: "add-place", name: "Add a van or trailer" },
      options: (view) => view.places.map((p) => ({ value: p.place.id, name: p.place.name })),
      first: (view) => view.places[0]?.place.id,
    },
    ...placeFields(placeOf),
    stands,
  ],
  build: (v, view) => ({
    kind: "place",
    data: placeFrom(asPlaceId(v.text("place")), v, spotFrom(view, v)),
  }),
  said: (v) => `${v.text("name")} is changed from now on.`,
};

export const ROUNDS_VERBS: readonly Verb[] = [pickup, visit, addSource, addPlace, changePlace];
