import { roleOf, VESSEL_ROLES, type Vessel, type VesselRole } from "@/core/ledger";
import { asPlaceId, asVesselId } from "@/core/ledger/named";
import { MADE_FOR, VESSEL_MATERIALS } from "@/core/ledger/words";
import {
  capacityLitres,
  maxHeightMm,
  scaledTo,
  usualLook,
  VESSEL_LOOKS,
  type VesselForm,
  type VesselLook,
} from "@/core/vessels";
import type { YardView } from "@/core/view";
import { type Field, type Values, type Verb, vesselOf } from "@/desk/form";
import { unitsOf } from "@/ui/words";
import { nextName } from "./nextName";
import { presetOf, presetOptions } from "./presets";
import { measureFields, shapeFrom } from "./shapeFields";

const AT_HOME = "home";
const ANY_OIL = "any";
const AS_IT_IS = "as-it-is";
const BY_TAPE = "tape";
type Of = (view: YardView, v: Values) => Vessel | undefined;
type FormOf = (view: YardView, v: Values) => VesselForm;

/** Where a container is kept, asked once there is more than home, and which oil a raw one is for. */
const whereKept = (of: Of): Field[] => [
  {
    kind: "choice",
    name: "place",
    label: "Kept",
    options: (view) => [
      { value: AT_HOME, name: "At home" },
      ...view.places.map((p) => ({ value: p.place.id, name: p.place.name })),
    ],
    first: (view, v) => of(view, v)?.place ?? AT_HOME,
    asked: (view) => view.places.length > 0,
  },
  {
    kind: "choice",
    name: "apart",
    label: "For",
    options: () => [
      { value: ANY_OIL, name: "Kitchen oil" },
      { value: "apart", name: "Engine and gearbox oil" },
    ],
    first: (view, v) => (of(view, v)?.apart ? "apart" : ANY_OIL),
    asked: (_, v) => v.text("role") === "raw",
  },
];

const HEATED: ReadonlySet<string> = new Set(["kettle", "still", "wash"]);
const NOT_SAID = "unknown";

/** What lye, methanol and heat ask of a vessel: what it is made of, whether it shuts, its heater. */
const fittings = (of: Of): Field[] => [
  {
    kind: "choice",
    name: "material",
    label: "Made of, or its worst fitting",
    listed: true,
    options: () => [
      { value: NOT_SAID, name: "Nobody has looked" },
      ...Object.entries(VESSEL_MATERIALS).map(([value, name]) => ({ value, name })),
    ],
    first: (view, v) => of(view, v)?.material ?? NOT_SAID,
    asked: (_, v) => HEATED.has(v.text("role")) || v.text("role") === "chemical",
  },
  {
    kind: "choice",
    name: "lid",
    label: "Lid",
    options: () => [
      { value: "open", name: "Open", detail: "or a loose lid" },
      { value: "closed", name: "Closed", detail: "its vent led away" },
    ],
    first: (view, v) => (of(view, v)?.isClosed ? "closed" : "open"),
    asked: (_, v) => HEATED.has(v.text("role")) || v.text("role") === "chemical",
  },
  {
    kind: "number",
    name: "heaterKw",
    label: "Its heater",
    suffix: "kW",
    optional: true,
    first: (view, v) => of(view, v)?.heaterKw,
    asked: (_, v) => HEATED.has(v.text("role")),
  },
];

/** Only what was asked and said. */
function fittingsOf(v: Values): Pick<Vessel, "material" | "isClosed" | "heaterKw"> {
  const material = v.text("material");
  const heaterKw = v.maybe("heaterKw");
  return {
    ...(material !== "" && material !== NOT_SAID && { material: material as NonNullable<Vessel["material"]> }),
    ...(v.text("lid") === "closed" && { isClosed: true }),
    ...(heaterKw !== undefined && heaterKw > 0 && { heaterKw: Math.min(50, heaterKw) }),
  };
}

const YES = "yes";
const NO_WORD = "no-word";
const saysYes = (name: string, label: string, yes: string, no: string, of: Of, is: (v: Vessel) => boolean): Field => ({
  kind: "choice",
  name,
  label,
  options: () => [
    { value: NO_WORD, name: no },
    { value: YES, name: yes },
  ],
  first: (view, v) => {
    const known = of(view, v);
    return known && is(known) ? YES : NO_WORD;
  },
});

/** What it may hold: asked where somebody changes it, since a pail for oil needs none of it. */
const mayHold = (of: Of): Field[] => [
  {
    kind: "choice",
    name: "madeFor",
    label: "Made for",
    options: () => [
      { value: NO_WORD, name: "Oil" },
      ...Object.entries(MADE_FOR).map(([value, name]) => ({ value, name })),
    ],
    first: (view, v) => of(view, v)?.madeFor ?? NO_WORD,
  },
  saysYes("vented", "Its cap", "Vented", "Not vented, or nobody has looked", of, (v) => v.isVented === true),
  saysYes(
    "earthed",
    "Earthing",
    "Strapped to earth for good",
    "By a clip at each pour",
    of,
    (v) => v.isEarthed === true,
  ),
  saysYes("food", "Food", "Kept for food", "Never used for food again", of, (v) => v.isForFood === true),
];

const MAY_HOLD = ["madeFor", "vented", "earthed", "food"] as const;
function mayHoldOf(v: Values): Pick<Vessel, "madeFor" | "isVented" | "isEarthed" | "isForFood"> {
  const madeFor = v.text("madeFor");
  return {
    ...(madeFor !== "" && madeFor !== NO_WORD && { madeFor: madeFor as NonNullable<Vessel["madeFor"]> }),
    ...(v.text("vented") === YES && { isVented: true }),
    ...(v.text("earthed") === YES && { isEarthed: true }),
    ...(v.text("food") === YES && { isForFood: true }),
  };
}

const placeOf = (v: Values) =>
  v.text("place") !== "" && v.text("place") !== AT_HOME ? { place: asPlaceId(v.text("place")) } : {};

const rolesField = (first: (view: YardView, v: Values) => VesselRole | undefined): Field => ({
  kind: "choice",
  name: "role",
  label: "What for",
  options: () => VESSEL_ROLES.map((r) => ({ value: r, name: roleOf(r).name })),
  first,
});

/** A shape that ends by itself is usually filled to there. */
function rimOf({ shape, rimMm }: VesselForm): number {
  const most = maxHeightMm(shape);
  return Number.isFinite(most) ? most : rimMm;
}

const isByTape = (v: Values): boolean => v.text("size") === BY_TAPE;

/** How big it is: litres alone are enough to begin with; a tape is better, and what heights and dips rest on. */
const sizeFields = (base: FormOf): Field[] => [
  {
    kind: "litres",
    name: "holds",
    label: "Litres it holds, to the rim",
    asked: (_, v) => !isByTape(v),
    first: (view, v) => capacityLitres(base(view, v)),
  },
  ...measureFields((view, v) => base(view, v).shape).map(
    (f): Field => ({ ...f, asked: (view, v) => isByTape(v) && (f.asked?.(view, v) ?? true) }),
  ),
  {
    kind: "mm",
    name: "rimMm",
    label: "Height to the rim, inside",
    asked: (_, v) => isByTape(v),
    first: (view, v) => rimOf({ ...base(view, v), shape: shapeFrom(base(view, v).shape, v) }),
  },
];

const bySize: Field = {
  kind: "choice",
  name: "size",
  label: "How big",
  options: () => [
    { value: "litres", name: "By its litres", detail: "a guess at its shape" },
    { value: BY_TAPE, name: "With a tape", detail: "for dips and draw-off lines" },
  ],
  first: () => "litres",
};

/** Its inside as the form has it; what nobody touched stays to the last decimal. */
function formFrom(base: VesselForm, v: Values): VesselForm {
  if (!isByTape(v)) return v.changed("holds") ? scaledTo(base, v.number("holds")) : base;
  return {
    shape: shapeFrom(base.shape, v),
    rimMm: v.changed("rimMm") ? v.number("rimMm") : rimOf({ ...base, shape: shapeFrom(base.shape, v) }),
  };
}

/** Only what its shape would not say by itself. */
const lookOf = (form: VesselForm, look: VesselLook) => (usualLook(form) === look ? {} : { look });

export const addVessel: Verb = {
  key: "add-vessel",
  alsoCalled: ["drum", "pail", "tank", "tote", "jerrycan", "carton", "kettle", "vessel"],
  name: "Add a container",
  letter: "v",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "preset",
      label: "Kind",
      options: (view) => presetOptions(unitsOf(view.settings)),
      first: () => "drum",
    },
    {
      kind: "text",
      name: "name",
      label: "Its name",
      first: (view, v) => nextName(view, VESSEL_LOOKS[presetOf(v.text("preset")).look]),
    },
    rolesField((_, v) => presetOf(v.text("preset")).role),
    bySize,
    ...sizeFields((_, v) => presetOf(v.text("preset"))),
    ...whereKept(() => undefined),
    ...fittings(() => undefined),
  ],
  build(v, _, newId) {
    const preset = presetOf(v.text("preset"));
    const form = formFrom({ shape: preset.shape, rimMm: preset.rimMm }, v);
    return {
      kind: "vessel",
      data: {
        id: asVesselId(newId()),
        name: v.text("name"),
        role: v.text("role") as VesselRole,
        ...form,
        ...lookOf(form, preset.look),
        ...placeOf(v),
        ...fittingsOf(v),
        ...(v.text("apart") === "apart" && { apart: true }),
      },
    };
  },
  said: (v) => `${v.text("name")} stands in the yard.`,
};

const chosen: Of = (view, v) => vesselOf(view, v.text("vessel"))?.vessel;

/** The container as it is, or the one that it is said to be now. */
function baseOf(view: YardView, v: Values): VesselForm {
  const preset = v.text("preset");
  const known = chosen(view, v);
  if (preset !== "" && preset !== AS_IT_IS) return presetOf(preset);
  return known ?? presetOf("drum");
}

export const changeVessel: Verb = {
  key: "change-vessel",
  alsoCalled: ["rename", "measure", "vessel", "drum", "pail"],
  name: "Change a container",
  letter: "c",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "vessel",
      label: "Which",
      listed: true,
      adds: { verb: "add-vessel", name: "Add a container" },
      options: (view) => view.vessels.map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      first: (view) => view.vessels[0]?.vessel.id,
    },
    { kind: "text", name: "name", label: "Its name", first: (view, v) => chosen(view, v)?.name ?? "" },
    rolesField((view, v) => chosen(view, v)?.role),
    {
      kind: "choice",
      name: "preset",
      label: "Its shape",
      listed: true,
      options: (view) => [{ value: AS_IT_IS, name: "As it is" }, ...presetOptions(unitsOf(view.settings))],
      first: () => AS_IT_IS,
    },
    { ...bySize, first: () => BY_TAPE },
    ...sizeFields(baseOf),
    {
      kind: "kpa",
      name: "ratedKPa",
      label: "Made for a pressure of",
      optional: true,
      first: (view, v) => chosen(view, v)?.ratedKPa,
    },
    ...whereKept(chosen),
    ...fittings(chosen),
    ...mayHold(chosen),
  ],
  build: (v, view) => {
    const known = chosen(view, v);
    if (!known) throw new Error("no vessel chosen");
    return { kind: "vessel", data: changed(known, view, v) };
  },
  said: (v) => `${v.text("name")} is changed from now on.`,
};

/** The vessel with what was changed, and nothing else: a rename rounds no measure and drops no pipework. */
function changed(known: Vessel, view: YardView, v: Values): Vessel {
  const { place, apart, look, ratedKPa, material, isClosed, heaterKw, ...others } = known;
  const { madeFor, isVented, isEarthed, isForFood, ...bare } = others;
  const kept = MAY_HOLD.some((name) => v.changed(name)) ? { ...bare, ...mayHoldOf(v) } : others;
  const isFitted = ["material", "lid", "heaterKw"].some((name) => v.changed(name));
  const rated = v.changed("ratedKPa") ? v.maybe("ratedKPa") : ratedKPa;
  const isApart = v.changed("apart") ? v.text("apart") === "apart" : apart;
  const isOther = v.text("preset") !== AS_IT_IS;
  const base = baseOf(view, v);
  const form = formFrom({ shape: base.shape, rimMm: base.rimMm }, v);
  return {
    ...kept,
    ...(v.changed("name") && { name: v.text("name") }),
    ...(v.changed("role") && { role: v.text("role") as VesselRole }),
    shape: form.shape,
    rimMm: isOther || v.changed("rimMm") || v.changed("holds") || form.shape !== base.shape ? form.rimMm : known.rimMm,
    ...(isOther ? lookOf(form, presetOf(v.text("preset")).look) : look !== undefined && { look }),
    ...(rated !== undefined && { ratedKPa: rated }),
    ...(isFitted
      ? fittingsOf(v)
      : { ...(material && { material }), ...(isClosed && { isClosed }), ...(heaterKw && { heaterKw }) }),
    ...(v.changed("place") ? placeOf(v) : place !== undefined && { place }),
    ...(isApart !== undefined && isApart !== false && { apart: true }),
  };
}
