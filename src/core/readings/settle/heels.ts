import { type ComponentId, componentOf, isFat, isMuck, type LiesIn } from "../../fluids";
import type { Standing } from "../vessel/standing";

/** Where what is left of a heel belongs. */
export type HeelFate = "wait" | "kettle" | "disposal" | "keep";

export interface Heel {
  readonly oilLitres: number;
  readonly fatLitres: number;
  readonly waterLitres: number;
  readonly sludgeLitres: number;
  /** Fat in what is not water or sludge. */
  readonly fatShare: number;
  readonly fate: HeelFate;
}

/** Less than this above the line is not worth a hose and a week. */
const WORTH_LITRES = 2;
/** Cream: what sets is a third of it or more. */
const CREAMY_SHARE = 0.3;

/** More of it sets in the cold than is muck, and it is a third of its oil. */
export const isCream = (h: Pick<Heel, "fatShare" | "fatLitres" | "waterLitres" | "sludgeLitres">): boolean =>
  h.fatShare >= CREAMY_SHARE && h.fatLitres > h.waterLitres + h.sludgeLitres;

/** Mostly water and sludge. */
const SPENT_SHARE = 0.5;

const litresOf = (s: Standing, wanted: (c: ComponentId) => boolean): number =>
  s.components.reduce((sum, c) => (wanted(c.component) ? sum + c.litres : sum), 0);

/**
 * What a heel is made of and where it goes: oil that will clear above a line is waited for; cream is work for the
 * kettle where there is one, else for disposal; what is mostly water and sludge is disposed of by local rules; too little
 * of anything waits for more heels.
 */
export function heelOf(s: Standing, hasKettle: boolean): Heel {
  const muckIn = (layer: LiesIn): number => litresOf(s, (c) => isMuck(c) && componentOf(c).lies === layer);
  const fatLitres = litresOf(s, isFat);
  const waterLitres = muckIn("water");
  const sludgeLitres = muckIn("sludge");
  const oilLitres = litresOf(s, (c) => !isMuck(c) && !isFat(c));
  const fatShare = oilLitres + fatLitres > 0 ? fatLitres / (oilLitres + fatLitres) : 0;
  const drawable = s.settling?.drawableLitres ?? 0;
  const fate =
    drawable >= WORTH_LITRES
      ? "wait"
      : isCream({ fatShare, fatLitres, waterLitres, sludgeLitres })
        ? hasKettle
          ? "kettle"
          : "disposal"
        : waterLitres + sludgeLitres > SPENT_SHARE * s.litres
          ? "disposal"
          : "keep";
  return { oilLitres, fatLitres, waterLitres, sludgeLitres, fatShare, fate };
}
