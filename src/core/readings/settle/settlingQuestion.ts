import type { MixPart } from "../../blending";
import type { DirtKind, FluidId, OwnFluids } from "../../fluids";
import {
  figuresOf,
  type HungByKind,
  isFiltered,
  type PartLitres,
  partsOf,
  type VesselId,
  type VesselState,
  type YardState,
} from "../../ledger";
import {
  type DipLines,
  type DirtClass,
  type DirtShare,
  drawOffLine,
  hoursUntilStill,
  type Layer,
  layersOf,
  muckTopMm,
  oilTopMm,
  type TemperaturePoint,
  waitedFor,
} from "../../settling";
import { MS_PER_HOUR } from "../../units";
import { heightAtLitres, holdsLitres, isBroken, litresAtHeight } from "../../vessels";
import { isPetrolBlend } from "../blend/gums";
import { slotOf } from "../slot";
import { dirtOf } from "../vessel/dirt";
import { mixOf, type Thickness, thicknessOf } from "../vessel/mixture";
import { courseSince } from "./course";
import { finingRestHours } from "./fined";
import { GrainBook, type Grains } from "./grains";

/** The layers as they are drawn: a ledger may hold a little more than the nominal rim, the drawing stops there. */
export function layersShown(state: VesselState, parts: readonly PartLitres[], believeDips: boolean): Layer[] {
  if (isBroken(state.vessel)) return [];
  const fits = Math.min(1, holdsLitres(state.vessel) / state.contents.total);
  const shown = parts.map((p) => ({ component: p.component, litres: p.litres * fits }));
  return layersOf(state.vessel, shown, believeDips ? linesRead(state) : null);
}

/** The last that was read of each line; a dip that cannot be is not drawn. */
function linesRead(state: VesselState): DipLines | null {
  const sound = state.dips.filter((d) => d.doubts.length === 0);
  if (sound.length === 0) return null;
  return {
    fatMm: sound.findLast((d) => d.fatMm !== undefined)?.fatMm,
    waterMm: sound.findLast((d) => d.waterMm !== undefined)?.waterMm,
    scumMm: sound.findLast((d) => d.scumMm !== undefined)?.scumMm,
  };
}

/** All that a vessel's settling is reckoned from. */
export interface Question {
  readonly classes: readonly DirtShare[];
  readonly grains: Grains;
  readonly thickness: Thickness;
  readonly dirt: DirtKind;
  readonly mix: readonly MixPart[];
  readonly temperatures: readonly TemperaturePoint[];
  readonly since: string;
  readonly hours: number;
  readonly surfaceMm: number;
  /** Where the oil stood when its clock started: higher where some was drawn off the top since. */
  readonly stoodMm: number;
  readonly muckTopMm: number;
  readonly drawOffMm: number;
  readonly drawableLitres: number;
  /** Of a lot that a heater warmed: until it is as cold as its shed, and stands still; null for any other. */
  readonly stillHours: number | null;
  /** What hung of each kind when that heater went off; null: all of it. */
  readonly hung: HungByKind | null;
  /** Of a fined lot that has stood since: how long its gelatine rests. */
  readonly restHours: number | null;
  /** Of a petrol blend: how long it stands until nine tenths of its gums are down. */
  readonly gumHours: number | null;
}

/** Null where nothing settles: only muck there, never stirred, or the line at the surface. */
export function questionOf(
  yard: YardState,
  state: VesselState,
  parts: readonly PartLitres[],
  layers: readonly Layer[],
  now: string,
  book: GrainBook,
): Question | null {
  const thickness = thicknessOf(yard, state, parts);
  const mix = mixOf(parts, thickness, yard.fluids);
  const { stirredAt } = state;
  if (mix.length === 0 || !stirredAt || isBroken(state.vessel)) return null;
  const surfaceMm = oilTopMm(layers);
  const top = muckTopMm(layers);
  const scum = scumLitresOf(state, layers);
  const line = drawOffLine(state.vessel, state.contents.total, surfaceMm, top, yard.settings.marginMm, scum);
  if (!line) return null;
  const dirt = dirtOf(yard, parts);
  return {
    classes: classesOf(state, waitedFor(dirt, yard.settings.readyFinesUm)),
    stoodMm: stoodMmOf(state, surfaceMm),
    stillHours: stillHoursOf(yard, state),
    hung: state.hung,
    grains: book.grainsOf(state),
    thickness,
    dirt,
    mix,
    temperatures: courseSince(yard, { ...state, since: stirredAt }, now),
    since: stirredAt,
    hours: Math.max(0, (Date.parse(now) - Date.parse(stirredAt)) / MS_PER_HOUR),
    surfaceMm,
    muckTopMm: top,
    drawOffMm: line.drawOffMm,
    drawableLitres: line.aboveLitres,
    restHours: finingRestHours(yard, state),
    gumHours: isPetrolBlend({ litres: state.contents.total, components: parts })
      ? yard.settings.petrolStandHours
      : null,
  };
}

/** Oil that has been through the bags brings only its water into a blend. */
const classesOf = ({ vessel, quality }: VesselState, all: readonly DirtShare[]): readonly DirtShare[] =>
  vessel.role === "blend" && isFiltered(quality) ? all.filter((c) => c.density.kind === "water") : all;

/** The surface lifted by what was drawn off the top since it was stirred. */
function stoodMmOf({ vessel, contents, drawnLitres }: VesselState, surfaceMm: number): number {
  if (drawnLitres <= 0) return surfaceMm;
  const capacity = holdsLitres(vessel);
  const heightOf = (litres: number): number => heightAtLitres(vessel, Math.min(capacity, litres));
  return surfaceMm + heightOf(contents.total + drawnLitres) - heightOf(contents.total);
}

const stillHoursOf = (yard: YardState, { warmCelsius }: VesselState): number | null =>
  warmCelsius === null ? null : hoursUntilStill(warmCelsius - yard.settings.shedCelsius, yard.settings.coolingHours);

function scumLitresOf({ vessel }: VesselState, layers: readonly Layer[]): number {
  const scum = layers.find((l) => l.kind === "scum");
  return scum ? litresAtHeight(vessel.shape, scum.toMm) - litresAtHeight(vessel.shape, scum.fromMm) : 0;
}

/** The same as plain data: the input of the calculation that says when it is ready, for whoever asks why. */
export interface SettlingQuestionData {
  readonly classes: { name: string; diameterUm: number; density: DirtClass["density"] }[];
  readonly parts: { fluid: FluidId; litres: number; usedFactor: number }[];
  readonly temperatures: [hour: number, celsius: number][];
  readonly surfaceMm: number;
  readonly stoodMm?: number;
  readonly drawOffMm: number;
  readonly hours: number;
  readonly sizeMultiplier: number;
  readonly sizeSpread: number | null;
  readonly own?: OwnFluids;
}

const A_DROP_LITRES = 1e-5;

/** What a vessel's forecast is reckoned from, at a moment; null where it has none. */
export function settlingQuestion(yard: YardState, vessel: VesselId, at: string): SettlingQuestionData | null {
  const now = slotOf(at);
  const state = yard.vessels.get(vessel);
  if (!state) return null;
  const parts = partsOf(state.contents, yard.parts);
  const q = questionOf(yard, state, parts, layersShown(state, parts, true), now, new GrainBook(yard, now));
  if (!q) return null;
  return {
    classes: q.classes.map(({ name, diameterUm, density }) => ({ name, diameterUm, density })),
    parts: q.mix
      .filter((p) => p.litres >= A_DROP_LITRES)
      .map(({ fluid, litres, usedFactor }) => ({ fluid: fluid.id, litres, usedFactor })),
    temperatures: q.temperatures.map(([hour, celsius]) => [hour, celsius]),
    surfaceMm: q.surfaceMm,
    ...(q.stoodMm > q.surfaceMm && { stoodMm: q.stoodMm }),
    drawOffMm: q.drawOffMm,
    hours: q.hours,
    sizeMultiplier: q.grains.size.value,
    sizeSpread: q.grains.size.spread,
    ...(yard.ownFluids.size > 0 && { own: figuresOf(yard.ownFluids.values()) }),
  };
}
