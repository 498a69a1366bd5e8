import type { YardView } from "@/core/advice";
import type { Place, PlaceId } from "@/core/ledger";
import { sourceName } from "@/ui/words";
import type { Field, Values, Verb } from "./verb";
import { idFrom } from "./verbsThings";

/** A fresh source takes a name and a container; the rest is asked when it matters. */
export const addSource: Verb = {
  key: "add-source",
  name: "Add a source",
  letter: "a",
  group: "yard",
  fields: [
    { kind: "text", name: "name", label: "Its name" },
    { kind: "text", name: "container", label: "What the oil comes in", first: () => "20 L jerrycan" },
  ],
  build: (v, view) => ({
    kind: "source",
    data: {
      id: idFrom(v.text("name"), view.sources.length) as never,
      name: v.text("name"),
      container: v.text("container"),
    },
  }),
  said: (v) => `${v.text("name")} is on the list.`,
};

const OUTCOMES = { refused: "Refused it", closed: "Closed", nothing: "Nothing there" } as const;

/** A call at a source from which one came away with nothing. */
export const visit: Verb = {
  key: "visit",
  name: "Called, took nothing",
  letter: "q",
  group: "look",
  fields: [
    {
      kind: "choice",
      name: "source",
      label: "Where",
      options: (view) => view.sources.map((s) => ({ value: s.source.id, name: s.source.name })),
      first: (view) => view.sources[0]?.source.id,
    },
    {
      kind: "choice",
      name: "outcome",
      label: "Why",
      options: () => Object.entries(OUTCOMES).map(([value, name]) => ({ value, name })),
      first: () => "closed",
    },
    { kind: "text", name: "reason", label: "What was wrong with it", optional: true },
  ],
  build: (v) => ({
    kind: "visit",
    data: {
      source: v.text("source") as never,
      outcome: v.text("outcome") as keyof typeof OUTCOMES,
      reason: v.text("reason"),
    },
  }),
  said: (v, view) => `Called at ${sourceName(view, v.text("source"))}.`,
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
    kind: "number",
    name: "payloadKg",
    label: "May carry",
    suffix: "kg",
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
  ...(v.text("vehicle") !== NO_VEHICLE && { vehicle: v.text("vehicle") as never }),
  ...(spot && { spot }),
});

const CAUTION =
  "The payload is on the plate or in the papers: load below it, strap every can, nothing loose behind heads.";

export const addPlace: Verb = {
  key: "add-place",
  name: "Add a van or trailer",
  letter: "z",
  group: "yard",
  caution: CAUTION,
  fields: placeFields(() => undefined),
  build: (v, view) => ({
    kind: "place",
    data: placeFrom(idFrom(v.text("name"), view.places.length) as PlaceId, v, undefined),
  }),
  said: (v) => `${v.text("name")} is in the yard. Containers can be kept aboard.`,
};

export const changePlace: Verb = {
  key: "change-place",
  name: "Change a van or trailer",
  letter: "y",
  group: "yard",
  caution: CAUTION,
  fields: [
    {
      kind: "choice",
      name: "place",
      label: "Which",
      options: (view) => view.places.map((p) => ({ value: p.place.id, name: p.place.name })),
      first: (view) => view.places[0]?.place.id,
    },
    ...placeFields(placeOf),
    stands,
  ],
  build: (v, view) => ({
    kind: "place",
    data: placeFrom(v.text("place") as PlaceId, v, spotFrom(view, v)),
  }),
  said: (v) => `${v.text("name")} is changed from now on.`,
};
