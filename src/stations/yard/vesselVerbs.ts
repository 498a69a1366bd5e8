import { roleOf, VESSEL_ROLES, type Vessel, type VesselRole } from "@/core/ledger";
import { asPlaceId, asVesselId } from "@/core/ledger/named";
import { maxHeightMm, type Shape } from "@/core/vessels";
import type { YardView } from "@/core/view";
import { type Field, type Values, type Verb, vesselOf } from "@/desk/form";
import { PRESETS, type VesselPreset } from "./presets";
import { measureFields, shapeFrom } from "./shapeFields";

const presetOf = (key: string): VesselPreset => {
  const found = PRESETS.find((p) => p.key === key) ?? PRESETS[0];
  if (!found) throw new Error("no presets");
  return found;
};

const AT_HOME = "home";
const ANY_OIL = "any";
type Of = (view: YardView, v: Values) => Vessel | undefined;

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
const rimOf = (shape: Shape, usual: number): number => {
  const most = maxHeightMm(shape);
  return Number.isFinite(most) ? most : usual;
};

const rimField = (first: (view: YardView, v: Values) => number | undefined): Field => ({
  kind: "mm",
  name: "rimMm",
  label: "Height to the rim, inside",
  first,
});

export const addVessel: Verb = {
  key: "add-vessel",
  alsoCalled: ["drum", "pail", "tank", "tote", "vessel"],
  name: "Add a container",
  letter: "v",
  group: "yard",
  fields: [
    { kind: "text", name: "name", label: "Its name" },
    {
      kind: "choice",
      name: "preset",
      label: "Kind",
      options: () => PRESETS.map((p) => ({ value: p.key, name: p.name })),
      first: () => "drum",
    },
    rolesField((_, v) => presetOf(v.text("preset")).role),
    ...measureFields((_, v) => presetOf(v.text("preset")).shape),
    rimField((_, v) => {
      const { shape, rimMm } = presetOf(v.text("preset"));
      return rimOf(shapeFrom(shape, v), rimMm);
    }),
    ...whereKept(() => undefined),
  ],
  build: (v, _, newId) => ({
    kind: "vessel",
    data: {
      id: asVesselId(newId()),
      name: v.text("name"),
      role: v.text("role") as VesselRole,
      shape: shapeFrom(presetOf(v.text("preset")).shape, v),
      rimMm: v.number("rimMm"),
      ...placeOf(v),
      ...(v.text("apart") === "apart" && { apart: true }),
    },
  }),
  said: (v) => `${v.text("name")} stands in the yard.`,
};

const chosen: Of = (view, v) => vesselOf(view, v.text("vessel"))?.vessel;

export const changeVessel: Verb = {
  key: "change-vessel",
  alsoCalled: ["rename", "measure", "vessel"],
  name: "Change a container",
  letter: "c",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "vessel",
      label: "Which",
      options: (view) => view.vessels.map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      first: (view) => view.vessels[0]?.vessel.id,
    },
    { kind: "text", name: "name", label: "Its name", first: (view, v) => chosen(view, v)?.name ?? "" },
    rolesField((view, v) => chosen(view, v)?.role),
    ...measureFields((view, v) => chosen(view, v)?.shape),
    rimField((view, v) => chosen(view, v)?.rimMm),
    ...whereKept(chosen),
  ],
  build: (v, view) => {
    const known = chosen(view, v);
    if (!known) throw new Error("no vessel chosen");
    return { kind: "vessel", data: changed(known, v) };
  },
  said: (v) => `${v.text("name")} is changed from now on.`,
};

/** The vessel with what was changed, and nothing else: a rename rounds no measure and drops no pipework. */
function changed(known: Vessel, v: Values): Vessel {
  const { place, apart, ...kept } = known;
  const isApart = v.changed("apart") ? v.text("apart") === "apart" : apart;
  return {
    ...kept,
    ...(v.changed("name") && { name: v.text("name") }),
    ...(v.changed("role") && { role: v.text("role") as VesselRole }),
    shape: shapeFrom(known.shape, v),
    ...(v.changed("rimMm") && { rimMm: v.number("rimMm") }),
    ...(v.changed("place") ? placeOf(v) : place !== undefined && { place }),
    ...(isApart !== undefined && isApart !== false && { apart: true }),
  };
}
