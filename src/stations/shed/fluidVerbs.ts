import {
  calibrateCup,
  cupViscosity,
  FLUID_IDS,
  type Fluid,
  type FluidId,
  fluidName,
  isFluidId,
  kinematicViscosityMm2PerS,
  likeOf,
  ownFluidId,
  type SomeFigures,
  type TableFluidId,
} from "@/core/fluids";
import type { OwnFluid } from "@/core/ledger";
import { asCupId } from "@/core/ledger/named";
import type { YardView } from "@/core/view";
import type { Field, Values, Verb } from "@/desk/form";

const NEW = "new";
const BY_FIGURES = "figures";
const BY_CUP = "cup";

const isNew = (v: Values): boolean => v.text("which") === NEW;
const isTimed = (v: Values): boolean => v.text("by") === BY_CUP;

/** The fluid that the form is about; null while a new one has no name. */
function idOf(v: Values): FluidId | null {
  const id = isNew(v) ? ownFluidId(v.text("like") as TableFluidId, v.text("name").trim()) : v.text("which");
  return isFluidId(id) ? id : null;
}

const ownOf = (view: YardView, v: Values): OwnFluid | undefined => view.ownFluids.find((f) => f.id === idOf(v));

type Figure = keyof OwnFluid["figures"];

/** One of a fluid's figures: empty where nobody has given it, and then it is the table's. */
const figure = (name: Figure, label: string, kind: "number" | "celsius", suffix?: string): Field => ({
  kind,
  name,
  label,
  optional: true,
  ...(suffix !== undefined && { suffix }),
  first: (view, v) => ownOf(view, v)?.figures[name],
});

const FIGURES: readonly Field[] = [
  figure("rho15KgPerL", "Density at 15 °C", "number", "kg/L"),
  { ...figure("nu40Mm2PerS", "Viscosity at 40 °C", "number", "mm²/s"), asked: (_, v) => !isTimed(v) },
  { ...figure("nu100Mm2PerS", "Viscosity at 100 °C", "number", "mm²/s"), asked: (_, v) => !isTimed(v) },
  figure("cloudCelsius", "Cloud point", "celsius"),
  figure("pourCelsius", "Pour point", "celsius"),
  figure("flashCelsius", "Flash point", "celsius"),
  figure("lhvMJPerKg", "Heating value", "number", "MJ/kg"),
  figure("cetane", "Cetane number", "number", ""),
];

const timedFields: readonly Field[] = [
  {
    kind: "choice",
    name: "by",
    label: "How thick it is",
    options: () => [
      { value: BY_FIGURES, name: "By its figures", detail: "from its paper" },
      { value: BY_CUP, name: "By my cup", detail: "timed, fresh" },
    ],
    first: () => BY_FIGURES,
    asked: (view) => view.cups.length > 0,
  },
  {
    kind: "choice",
    name: "cup",
    label: "Which cup",
    options: (view) => view.cups.map((c) => ({ value: c.id, name: c.name })),
    first: (view) => view.cups[0]?.id,
    asked: (_, v) => isTimed(v),
  },
  { kind: "number", name: "seconds", label: "It ran for", suffix: "s", asked: (_, v) => isTimed(v) },
  {
    kind: "celsius",
    name: "timedCelsius",
    label: "It was at",
    first: (view) => view.settings.shedCelsius,
    asked: (_, v) => isTimed(v),
  },
];

/** Both viscosities along the row that it is like, through the one point that was timed. */
function timedFigures(v: Values, view: YardView, row: Fluid): Partial<SomeFigures> {
  const cup = view.cups.find((c) => c.id === v.text("cup"));
  if (!cup) return {};
  const calibrated = calibrateCup(cup.readings.map((r) => [r.nuMm2PerS, r.seconds]));
  const nu = cupViscosity(calibrated, v.number("seconds")).value;
  const factor = nu / kinematicViscosityMm2PerS(row, v.number("timedCelsius"), 1);
  return { nu40Mm2PerS: row.nu40Mm2PerS * factor, nu100Mm2PerS: row.nu100Mm2PerS * factor };
}

function figuresFrom(v: Values, view: YardView, id: FluidId): OwnFluid["figures"] {
  const typed = FIGURES.flatMap(({ name }) => (v.maybe(name) === undefined ? [] : [[name, v.number(name)] as const]));
  return { ...Object.fromEntries(typed), ...(isTimed(v) && timedFigures(v, view, view.fluids[likeOf(id)])) };
}

/** A fluid of one's own, or one's own figures for one of the table. */
export const changeFluid: Verb = {
  key: "fluid",
  alsoCalled: ["diesel", "winter diesel", "olive", "petrol", "density", "cloud point", "figures", "own fluid"],
  name: "A fluid of your own",
  group: "yard",
  fields: [
    {
      kind: "choice",
      name: "which",
      label: "Which",
      listed: true,
      options: (view) => [
        { value: NEW, name: "A new one" },
        ...view.ownFluids.filter((f) => f.id !== likeOf(f.id)).map((f) => ({ value: f.id, name: fluidName(f.id) })),
        ...FLUID_IDS.map((id) => ({ value: id, name: `${fluidName(id)}, of the table` })),
      ],
      first: () => NEW,
    },
    {
      kind: "choice",
      name: "like",
      label: "Most like",
      listed: true,
      options: () => FLUID_IDS.map((id) => ({ value: id, name: fluidName(id) })),
      first: () => "diesel",
      asked: (_, v) => isNew(v),
    },
    {
      kind: "text",
      name: "name",
      label: "Its name",
      asked: (_, v) => isNew(v),
      wrong: (text) => (isFluidId(ownFluidId("diesel", text.trim())) ? undefined : "Forty letters at most."),
    },
    ...timedFields,
    ...FIGURES,
    {
      kind: "money",
      name: "pricePerLitre",
      label: "A litre costs",
      optional: true,
      first: (view, v) => ownOf(view, v)?.pricePerLitre,
    },
  ],
  caution:
    "What you leave empty is as the table has it for the one that it is most like, and the shed says so. How it burns is judged by that one: petrol of any make is petrol.",
  wrong: (v) =>
    isTimed(v) || FIGURES.some((f) => v.maybe(f.name) !== undefined) || v.maybe("pricePerLitre") !== undefined
      ? undefined
      : "Give one figure at least: without any it is as the table has it.",
  build: (v, view) => {
    const id = idOf(v);
    if (id === null) throw new Error("no fluid named");
    return {
      kind: "fluid",
      data: {
        id,
        figures: figuresFrom(v, view, id),
        ...(v.maybe("pricePerLitre") !== undefined && { pricePerLitre: v.number("pricePerLitre") }),
        ...(isTimed(v) && {
          timed: { cup: asCupId(v.text("cup")), seconds: v.number("seconds"), celsius: v.number("timedCelsius") },
        }),
      },
    };
  },
  said: (v) => {
    const id = idOf(v);
    return `${id === null ? "It" : fluidName(id)} is as you say from now on. Every forecast with it is worked out again.`;
  },
};
