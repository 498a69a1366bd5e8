import { BASE_DOSE_SCHOOLS, catalystGrams } from "./catalyst";
import type { Base } from "./masses";

/** A fixed-size kit: filled to marks, one measure of lye whatever the oil. */
export interface KitRecipe {
  readonly name: string;
  readonly oilLitres: number;
  readonly methanolLitres: number;
  readonly lyeG: number;
  readonly base: Base;
  /** One measure of sulfuric acid, where it has an acid stage, mL as poured. */
  readonly sulfuricMl?: number | undefined;
  /** Methanol that goes in with the acid, litres, by its own mark. */
  readonly acidMethanolLitres?: number | undefined;
  /** What oil its maker says it is for. */
  readonly oilKind?: string | undefined;
}

/** The most free acid, mol/L, that a kit's one measure of lye does for with a school's dose left for the oil; below nothing: none. */
export function kitTakesMolPerL(kit: KitRecipe, purity: number, baseGPerMol: number): number {
  const [leanest = 0] = BASE_DOSE_SCHOOLS[kit.base];
  return ((kit.lyeG * purity) / kit.oilLitres - leanest) / baseGPerMol;
}

/** What nobody titrated is reckoned as half of what the kit does for: what it really is, its maker cannot know either. */
export const kitGuessMolPerL = (kit: KitRecipe, purity: number, baseGPerMol: number): number =>
  Math.max(0, kitTakesMolPerL(kit, purity, baseGPerMol)) / 2;

/** Grams of lye by each school's dose for the oil, side by side. */
export const lyeBySchool = (
  base: Base,
  oilLitres: number,
  acidMolPerL: number,
  purity: number,
): readonly { readonly doseGPerL: number; readonly grams: number }[] =>
  BASE_DOSE_SCHOOLS[base].map((doseGPerL) => ({
    doseGPerL,
    grams: catalystGrams(oilLitres, acidMolPerL, base, doseGPerL, purity),
  }));

/** What foams over before one can reach the tap: the room that a reaction and a drying kettle want above. */
export const FOAM_ROOM_SHARE = 0.15;

export interface Fit {
  readonly litres: number;
  readonly holdsLitres: number;
  readonly foamRoomLitres: number;
  readonly fits: boolean;
  /** Of oil, with its methanol, that would just leave the room. */
  readonly mostOilLitres: number;
}

/** Whether oil and all that is poured to it fit a kettle with room for foam. Litres at 15 °C. */
export function fitsKettle(oilLitres: number, addedLitres: number, holdsLitres: number): Fit {
  const litres = oilLitres + addedLitres;
  const usable = holdsLitres * (1 - FOAM_ROOM_SHARE);
  return {
    litres,
    holdsLitres,
    foamRoomLitres: holdsLitres - litres,
    fits: litres <= usable,
    mostOilLitres: litres > 0 ? (usable * oilLitres) / litres : 0,
  };
}
