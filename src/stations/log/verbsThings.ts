import type { YardView } from "@/core/advice";
import type { PlaceId, Vessel } from "@/core/ledger";
import type { Shape } from "@/core/vessels";
import type { Option } from "@/ui";
import { acrossMm, PRESETS, type Preset, ROLE_NAMES, sized } from "./presets";
import { VESSEL_ROLES } from "./roles";
import type { Field, Values, Verb } from "./verb";
import { vesselOf } from "./vessels";

/** A stable id from a name: readable in an exported file, unique by the count of what is there. */
export const idFrom = (name: string, taken: number): string =>
  `${name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 40)}-${taken + 1}`;

const presetOf = (key: string): Preset => {
  const found = PRESETS.find((p) => p.key === key) ?? PRESETS[0];
  if (!found) throw new Error("no presets");
  return found;
};

/** The two measures a tape gives; they start as the thing stands or comes. */
const measures = (of: (view: YardView, v: Values) => { shape: Shape; rimMm: number } | undefined): Field[] => [
  {
    kind: "mm",
    name: "across",
    label: "Across, inside",
    first: (view, v) => {
      const form = of(view, v);
      return form && Math.round(acrossMm(form.shape));
    },
  },
  { kind: "mm", name: "rimMm", label: "Height to the rim, inside", first: (view, v) => of(view, v)?.rimMm },
];

const AT_HOME = "home";
const ANY_OIL = "any";

/** Where a container is kept, asked once there is more than home, and which oil a raw one is for. */
const whereKept = (of: (view: YardView, v: Values) => Vessel | undefined): Field[] => [
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

const keptAs = (v: Values) => ({
  ...(v.text("place") !== "" && v.text("place") !== AT_HOME && { place: v.text("place") as PlaceId }),
  ...(v.text("apart") === "apart" && { apart: true }),
});

const roles = (): Option[] => VESSEL_ROLES.map((r) => ({ value: r, name: ROLE_NAMES[r] }));

export const addVessel: Verb = {
  key: "add-vessel",
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
    {
      kind: "choice",
      name: "role",
      label: "What for",
      options: roles,
      first: (_, v) => presetOf(v.text("preset")).role,
    },
    ...measures((_, v) => presetOf(v.text("preset"))),
    ...whereKept(() => undefined),
  ],
  build: (v, view) => {
    const preset = presetOf(v.text("preset"));
    return {
      kind: "vessel",
      data: {
        id: idFrom(v.text("name"), view.vessels.length) as never,
        name: v.text("name"),
        role: v.text("role") as "raw",
        shape: sized(preset.shape, preset.rimMm, v.number("across"), v.number("rimMm")),
        rimMm: v.number("rimMm"),
        ...keptAs(v),
      },
    };
  },
  said: (v) => `${v.text("name")} stands in the yard.`,
};

export const changeVessel: Verb = {
  key: "change-vessel",
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
    {
      kind: "text",
      name: "name",
      label: "Its name",
      first: (view, v) => vesselOf(view, v.text("vessel"))?.vessel.name ?? "",
    },
    {
      kind: "choice",
      name: "role",
      label: "What for",
      options: roles,
      first: (view, v) => vesselOf(view, v.text("vessel"))?.vessel.role,
    },
    ...measures((view, v) => vesselOf(view, v.text("vessel"))?.vessel),
    ...whereKept((view, v) => vesselOf(view, v.text("vessel"))?.vessel),
  ],
  build: (v, view) => {
    const known = vesselOf(view, v.text("vessel"))?.vessel;
    if (!known) throw new Error("no vessel chosen");
    return {
      kind: "vessel",
      data: {
        id: known.id,
        name: v.text("name"),
        role: v.text("role") as "raw",
        shape: sized(known.shape, known.rimMm, v.number("across"), v.number("rimMm")),
        rimMm: v.number("rimMm"),
        ...keptAs(v),
      },
    };
  },
  said: (v) => `${v.text("name")} is changed from now on.`,
};

export const addBag: Verb = {
  key: "add-bag",
  name: "Add a bag",
  letter: "g",
  group: "yard",
  fields: [
    { kind: "number", name: "ratingUm", label: "Rating", suffix: "µm", first: () => 5, chips: () => [1, 5, 50, 200] },
    { kind: "number", name: "areaM2", label: "Area", suffix: "m²", first: () => 0.25 },
    { kind: "money", name: "price", label: "A new one costs", optional: true },
  ],
  build: (v, view) => ({
    kind: "bag",
    data: {
      id: idFrom(`bag-${v.number("ratingUm")}`, view.bags.length) as never,
      name: `${v.number("ratingUm")} µm`,
      ratingUm: v.number("ratingUm"),
      areaM2: v.number("areaM2"),
      ...(v.maybe("price") !== undefined && { price: v.number("price") }),
    },
  }),
  said: (v) => `A ${v.number("ratingUm")} µm bag is on the line.`,
};

export const addVehicle: Verb = {
  key: "add-vehicle",
  name: "Add a vehicle",
  letter: "e",
  group: "yard",
  fields: [
    { kind: "text", name: "name", label: "Its name" },
    {
      kind: "choice",
      name: "oilTank",
      label: "Oil tank (or the only tank)",
      options: (view) =>
        view.vessels.filter((x) => x.vessel.role === "tank").map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      first: (view) => view.vessels.find((x) => x.vessel.role === "tank")?.vessel.id,
    },
    {
      kind: "choice",
      name: "dieselTank",
      label: "Diesel tank",
      options: (view, v) => [
        { value: "none", name: "One tank only" },
        ...view.vessels
          .filter((x) => x.vessel.role === "tank" && x.vessel.id !== v.text("oilTank"))
          .map((x) => ({ value: x.vessel.id, name: x.vessel.name })),
      ],
      first: () => "none",
    },
    {
      kind: "choice",
      name: "returnTo",
      label: "Return on oil",
      options: () => [
        { value: "loop", name: "Loops" },
        { value: "oil-tank", name: "To the oil tank" },
      ],
      first: () => "loop",
    },
    { kind: "number", name: "burn", label: "Burns", suffix: "L/h", first: () => 7 },
    { kind: "number", name: "per100", label: "On 100 km", suffix: "L", optional: true },
    { kind: "number", name: "line", label: "In the line", suffix: "L", first: () => 0.2 },
    { kind: "number", name: "pump", label: "Pump", suffix: "L/min", first: () => 1.4 },
  ],
  build: (v, view) => {
    const engine = {
      id: idFrom(v.text("name"), view.vehicles.length) as never,
      name: v.text("name"),
      burnLitresPerHour: v.number("burn"),
      ...(v.maybe("per100") !== undefined && { litresPer100Km: v.number("per100") }),
    };
    if (v.text("dieselTank") === "none")
      return { kind: "vehicle", data: { ...engine, kind: "single", tank: v.text("oilTank") as never } };
    const returnTo = v.text("returnTo") as "loop" | "oil-tank";
    return {
      kind: "vehicle",
      data: {
        ...engine,
        kind: "dual",
        dieselTank: v.text("dieselTank") as never,
        oilTank: v.text("oilTank") as never,
        returnTo,
        lineLitres: v.number("line"),
        pumpLitresPerMinute: v.number("pump"),
        tanksInSeries: returnTo === "loop" ? 1 : 3,
      },
    };
  },
  said: (v) => `${v.text("name")} is in the yard.`,
};
