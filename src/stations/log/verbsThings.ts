import type { YardView } from "@/core/advice";
import { FLUIDS } from "@/core/fluids";
import type { Shape } from "@/core/vessels";
import type { Option } from "@/ui";
import { acrossMm, PRESETS, type Preset, ROLE_NAMES, sized } from "./presets";
import { VESSEL_ROLES } from "./roles";
import type { Field, Values, Verb } from "./verb";
import { vesselOf } from "./vessels";

/** A stable id from a name: readable in an exported file, unique by the count of what is there. */
const idFrom = (name: string, taken: number): string =>
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
  ],
  build: (v, view) => {
    const known = vesselOf(view, v.text("vessel"))?.vessel;
    if (!known) throw new Error("no vessel chosen");
    return {
      kind: "vessel",
      data: {
        ...known,
        name: v.text("name"),
        role: v.text("role") as "raw",
        shape: sized(known.shape, known.rimMm, v.number("across"), v.number("rimMm")),
        rimMm: v.number("rimMm"),
      },
    };
  },
  said: (v) => `${v.text("name")} is changed from now on.`,
};

export const addSource: Verb = {
  key: "add-source",
  name: "Add a source",
  letter: "a",
  group: "yard",
  fields: [
    { kind: "text", name: "name", label: "Its name" },
    { kind: "text", name: "container", label: "What the oil comes in", first: () => "20 L jerrycan" },
    {
      kind: "choice",
      name: "fluid",
      label: "Oil",
      options: () =>
        (["canola", "soybean", "sunflower", "palm", "motor-oil"] as const).map((f) => ({
          value: f,
          name: FLUIDS[f].name,
        })),
      first: () => "canola",
    },
    {
      kind: "choice",
      name: "dirt",
      label: "From",
      options: () => [
        { value: "light-fryer", name: "Chips and vegetables" },
        { value: "meaty-fryer", name: "Meat and poultry" },
        { value: "engine-oil", name: "Engines" },
      ],
      first: () => "light-fryer",
    },
  ],
  build: (v, view) => ({
    kind: "source",
    data: {
      id: idFrom(v.text("name"), view.sources.length) as never,
      name: v.text("name"),
      container: v.text("container"),
      fluid: v.text("fluid") as "canola",
      dirt: v.text("dirt") as "light-fryer",
    },
  }),
  said: (v) => `${v.text("name")} is on the list.`,
};

export const addBag: Verb = {
  key: "add-bag",
  name: "Add a bag",
  letter: "g",
  group: "yard",
  fields: [
    { kind: "number", name: "ratingUm", label: "Rating", suffix: "µm", first: () => 5, chips: () => [1, 5, 50, 200] },
    { kind: "number", name: "areaM2", label: "Area", suffix: "m²", first: () => 0.25 },
  ],
  build: (v, view) => ({
    kind: "bag",
    data: {
      id: idFrom(`bag-${v.number("ratingUm")}`, view.bags.length) as never,
      name: `${v.number("ratingUm")} µm`,
      ratingUm: v.number("ratingUm"),
      areaM2: v.number("areaM2"),
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
    { kind: "number", name: "line", label: "In the line", suffix: "L", first: () => 0.2 },
    { kind: "number", name: "pump", label: "Pump", suffix: "L/min", first: () => 1.4 },
  ],
  build: (v, view) => {
    const engine = {
      id: idFrom(v.text("name"), view.vehicles.length) as never,
      name: v.text("name"),
      burnLitresPerHour: v.number("burn"),
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
