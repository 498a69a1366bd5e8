import { Refused, requireRange } from "../numerics";
import { type WaltherLine, waltherLine } from "./walther";

/**
 * Typical values, wrong for somebody: every forecast says that it rests on them, and `fluidTable` puts the owner's in
 * their place. Vegetable oils after Goering et al. 1982 and common handbooks; petroleum typical of EN 590 diesel,
 * EN 228 petrol and jet-type kerosene. Columns: ρ15, α, ν40, ν100, cloud, pour, flash, LHV, cetane, M.
 */
const ROWS = {
  canola: row("Canola", "vegetable", 0.92, 7.4e-4, 35.5, 8.05, -4, -21, 246, 37.4, 38, 882),
  soybean: row("Soybean", "vegetable", 0.923, 7.4e-4, 31.3, 7.6, -4, -12, 254, 37.3, 38, 873),
  sunflower: row("Sunflower", "vegetable", 0.923, 7.4e-4, 32.6, 7.7, 7, -15, 274, 37.3, 37, 877),
  cottonseed: row("Cottonseed", "vegetable", 0.92, 7.4e-4, 33.7, 8.0, 1.7, -15, 234, 37.2, 42, 860),
  palm: row("Palm", "fat", 0.918, 7.5e-4, 39.6, 8.5, 31, 23, 267, 36.9, 42, 848),
  "fryer-fat": row("Fryer fat", "fat", 0.915, 7.5e-4, 45.0, 9.0, 38, 32, 265, 36.9, 45, 858),
  "motor-oil": row("Motor oil", "engine", 0.885, 7.0e-4, 95.0, 12.5, -12, -24, 190, 42.0, 40, null),
  atf: row("Gearbox oil (ATF)", "engine", 0.865, 7.2e-4, 33.0, 7.1, -30, -45, 185, 42.5, 42, null),
  diesel: row("Diesel", "petroleum", 0.84, 8.3e-4, 2.7, 1.15, -5, -18, 62, 42.8, 51, null),
  kerosene: row("Kerosene", "petroleum", 0.8, 9.0e-4, 1.35, 0.68, -45, -50, 42, 43.2, 45, null),
  petrol: row("Petrol", "petroleum", 0.745, 1.1e-3, 0.55, 0.33, -70, -80, -40, 43.0, 15, null),
  biodiesel: row("Biodiesel", "ester", 0.883, 8.3e-4, 4.5, 1.75, -2, -8, 160, 37.3, 54, 296.5),
} as const;

/** A row of the table. */
export type TableFluidId = keyof typeof ROWS;
/**
 * A fluid of the owner's own: the row that it is most like, and its name. Whatever turns on what a fluid is, how it
 * burns or settles, follows from the row; its figures stand in the yard's own table.
 */
export type OwnFluidId = `${TableFluidId}~${string}`;
export type FluidId = TableFluidId | OwnFluidId;

export const FLUID_IDS = Object.keys(ROWS) as TableFluidId[];
const isRow = (id: string): id is TableFluidId => Object.hasOwn(ROWS, id);

const LIKE = "~";
const MOST_LETTERS = 40;
export const ownFluidId = (like: TableFluidId, name: string): OwnFluidId => `${like}${LIKE}${name}`;

/** A row, or a row and a name of one's own: neither empty nor with blanks about it. */
export function isFluidId(id: string): id is FluidId {
  const cut = id.indexOf(LIKE);
  if (cut < 0) return isRow(id);
  const name = id.slice(cut + 1);
  return isRow(id.slice(0, cut)) && name.length > 0 && name.length <= MOST_LETTERS && name.trim() === name;
}

/** The row that a fluid is like; of a row itself that row. */
export const likeOf = (id: FluidId): TableFluidId => {
  const cut = id.indexOf(LIKE);
  return (cut < 0 ? id : id.slice(0, cut)) as TableFluidId;
};

/** What a fluid is called. */
export const fluidName = (id: FluidId): string => (isRow(id) ? ROWS[id].name : id.slice(id.indexOf(LIKE) + 1));

export type FluidFamily = "vegetable" | "fat" | "engine" | "petroleum" | "ester";

/** The figures an owner may put in the place of the table's; viscosities in mm²/s, temperatures in °C. */
export interface FluidFigures {
  readonly rho15KgPerL: number;
  readonly alphaPerK: number;
  readonly nu40Mm2PerS: number;
  readonly nu100Mm2PerS: number;
  readonly cloudCelsius: number;
  readonly pourCelsius: number;
  readonly flashCelsius: number;
  readonly lhvMJPerKg: number;
  readonly cetane: number;
  /** Absent for mixtures without a meaningful molar mass. */
  readonly molarMassGPerMol: number | null;
}

interface Row extends FluidFigures {
  readonly name: string;
  readonly family: FluidFamily;
}

/** Some of a fluid's figures: as a form gives them, with the others left as the table has them. */
export type SomeFigures = { readonly [F in keyof FluidFigures]?: FluidFigures[F] | undefined };

/** A fluid as the models take it: complete, with its viscosity line worked out once. */
export interface Fluid extends Row {
  readonly id: FluidId;
  readonly line: WaltherLine;
}

export type FluidTable = Readonly<Record<TableFluidId, Fluid>> & {
  readonly [own: OwnFluidId]: Fluid | undefined;
};

/** A fluid of a table. Refuses one of the owner's own whose figures nobody gave: there is no default for it. */
export function fluidIn(table: FluidTable, id: FluidId): Fluid {
  const found = table[id];
  if (found) return found;
  throw new Refused(`own.${id}`, "is a fluid of your own: its figures are missing");
}
/** An owner's own figures, row by row; what is not named stays the table's. */
export type OwnFluids = { readonly [K in FluidId]?: SomeFigures };

/** No oil thins to less than a thirtieth between 40 and 100 °C, nor hardly at all. */
const STEEPEST = 30;
const FLATTEST = 0.95;

const fluidOf = (id: FluidId, figures: Row): Fluid => {
  const { nu40Mm2PerS: nu40 } = figures;
  requireRange(`own.${id}.nu100Mm2PerS`, figures.nu100Mm2PerS, Math.max(0.2, nu40 / STEEPEST), nu40 * FLATTEST);
  return { ...figures, id, line: waltherLine(figures.nu40Mm2PerS, figures.nu100Mm2PerS) };
};

export const FLUIDS: Readonly<Record<TableFluidId, Fluid>> = Object.fromEntries(
  FLUID_IDS.map((id) => [id, fluidOf(id, ROWS[id])]),
) as Readonly<Record<TableFluidId, Fluid>>;

/** The table with an owner's figures in it. Refuses a fluid that no liquid is like: one that hardly thins when it is warmed. */
export function fluidTable(own: OwnFluids): FluidTable {
  const mine = Object.entries(own) as [FluidId, OwnFluids[FluidId]][];
  if (mine.length === 0) return FLUIDS;
  const named = mine.map(([id, figures]) => {
    const given = Object.entries(figures ?? {}).filter(([, value]) => value !== undefined);
    return [id, fluidOf(id, { ...ROWS[likeOf(id)], name: fluidName(id), ...Object.fromEntries(given) })];
  });
  return { ...FLUIDS, ...Object.fromEntries(named) };
}

function row(
  name: string,
  family: FluidFamily,
  rho15KgPerL: number,
  alphaPerK: number,
  nu40Mm2PerS: number,
  nu100Mm2PerS: number,
  cloudCelsius: number,
  pourCelsius: number,
  flashCelsius: number,
  lhvMJPerKg: number,
  cetane: number,
  molarMassGPerMol: number | null,
): Row {
  return {
    name,
    family,
    rho15KgPerL,
    alphaPerK,
    nu40Mm2PerS,
    nu100Mm2PerS,
    cloudCelsius,
    pourCelsius,
    flashCelsius,
    lhvMJPerKg,
    cetane,
    molarMassGPerMol,
  };
}
