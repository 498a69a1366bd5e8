import { type Draft, readThingKey, type Thing, type ThingKey, tanksOf, thingKey, type VesselId } from "@/core/ledger";
import type { YardView } from "@/core/view";
import { type Field, type Values, type Verb, vesselOf } from "@/desk/form";
import { fluidsInUse, nameOf, unitsOf } from "@/ui/words";

const WORDS = {
  vessel: "container",
  source: "source",
  bag: "bag",
  vehicle: "vehicle",
  place: "van or trailer",
  cup: "flow cup",
  fluid: "fluid of your own",
  line: "filter line",
  recipe: "recipe",
  batch: "batch of the kettle",
} as const;

const asThing = (key: string): Thing => readThingKey(key as ThingKey) as Thing;

/** Everything in use, with what it is. */
const inUse = (view: YardView): { value: ThingKey; name: string }[] =>
  [
    ...view.vessels.map((v) => thingKey("vessel", v.vessel.id)),
    ...view.sources.map((s) => thingKey("source", s.source.id)),
    ...view.bags.map((b) => thingKey("bag", b.bag.id)),
    ...view.vehicles.map((v) => thingKey("vehicle", v.vehicle.id)),
    ...view.places.map((p) => thingKey("place", p.place.id)),
    ...view.cups.map((c) => thingKey("cup", c.id)),
    ...view.lines.map((l) => thingKey("line", l.line.id)),
    ...view.recipes.map((r) => thingKey("recipe", r.recipe.id)),
    ...view.batches.map((b) => thingKey("batch", b.batch.id)),
    ...fluidsInUse(view).map((f) => thingKey("fluid", f.id)),
  ].map((value) => ({ value, name: named(view, value) }));

const named = (view: YardView, key: ThingKey): string => {
  const { kind, id } = readThingKey(key);
  return `${nameOf(view, id)}, ${WORDS[kind]}`;
};

/** A container by itself; with a vehicle its tanks go. */
function vesselsOf(view: YardView, key: string): VesselId[] {
  const thing = asThing(key);
  if (thing.kind === "vessel") return [thing.id];
  const vehicle = thing.kind === "vehicle" ? view.vehicles.find((s) => s.vehicle.id === thing.id)?.vehicle : undefined;
  return vehicle ? [...tanksOf(vehicle)] : [];
}

const EMPTY_LITRES = 0.05;
const holding = (view: YardView, key: string): VesselId[] =>
  vesselsOf(view, key).filter((id) => (vesselOf(view, id)?.litres ?? 0) > EMPTY_LITRES);

const WENT = "went";

const what: Field = {
  kind: "choice",
  name: "thing",
  label: "What",
  listed: true,
  options: inUse,
};

const contents: Field = {
  kind: "choice",
  name: "contents",
  label: "What is still in it",
  options: (view, v) => [
    {
      value: WENT,
      name: "Went with it",
      detail: unitsOf(view.settings).litres(
        holding(view, v.text("thing")).reduce((sum, id) => sum + (vesselOf(view, id)?.litres ?? 0), 0),
      ),
    },
  ],
  first: () => undefined,
  asked: (view, v) => v.text("thing") !== "" && holding(view, v.text("thing")).length > 0,
};

function draftsFrom(v: Values, view: YardView): Draft[] {
  const key = v.text("thing");
  const thing = asThing(key);
  const gone = holding(view, key).map(
    (from): Draft => ({
      kind: "dispose",
      data: { from, amount: { all: true }, layer: "mixed", where: `with ${nameOf(view, thing.id)}` },
    }),
  );
  return [...gone, { kind: "retire", data: { what: thing } }];
}

/** Used up, sold, given up: it leaves the floor and the lists, and stays in the books. */
export const retire: Verb = {
  key: "retire",
  alsoCalled: ["sold", "used up", "scrapped", "gone", "remove", "delete"],
  name: "Retire a thing",
  group: "yard",
  fields: [what, contents],
  build: draftsFrom,
  said: (v, view) => `${nameOf(view, asThing(v.text("thing")).id)} is no longer in use. Its history stays.`,
};

export const bringBack: Verb = {
  key: "bring-back",
  alsoCalled: ["again", "retired", "unretire"],
  name: "Bring a thing back",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "thing",
      label: "What",
      listed: true,
      options: (view) =>
        view.retired.map((r) => {
          const key = thingKey(r.kind, r.id);
          return { value: key, name: named(view, key) };
        }),
      first: (view) => view.retired.map((r) => thingKey(r.kind, r.id)).at(-1),
    },
  ],
  build: (v) => ({ kind: "retire", data: { what: asThing(v.text("thing")), back: true } }),
  said: (v, view) => `${nameOf(view, asThing(v.text("thing")).id)} is in use again.`,
};
