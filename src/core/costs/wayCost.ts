import { Refused } from "../numerics";

/** What one batch or month of one way of making fuel took, in the owner's money, hours and litres. */
export interface Way {
  readonly oil: number;
  /** Thinner, or methanol, lye and acid. */
  readonly thinnerOrReagents: number;
  readonly energy: number;
  readonly bags: number;
  readonly disposal: number;
  readonly hours: number;
  readonly wagePerHour: number;
  readonly litresOut: number;
  readonly wasteLitres: number;
  readonly lhvMJPerL: number;
}

export interface WayCost {
  readonly perLitre: number;
  readonly perMJ: number;
  readonly hoursPerLitre: number;
  readonly wastePerLitre: number;
  /** Money saved on each litre against pump diesel of the same energy. */
  readonly savedPerLitre: number;
}

/**
 * Cost of a usable litre = (oil + thinner or reagents + energy + bags + disposal + hours·wage)/litres out, and per MJ
 * against pump diesel. Source: physics §7.
 */
export function wayCost(w: Way, dieselPricePerL: number, dieselMJPerL: number): WayCost {
  if (!(w.litresOut > 0)) throw new Refused("litresOut", "nothing came out: there is no cost a litre");
  const all = w.oil + w.thinnerOrReagents + w.energy + w.bags + w.disposal + w.hours * w.wagePerHour;
  const perLitre = all / w.litresOut;
  return {
    perLitre,
    perMJ: perLitre / w.lhvMJPerL,
    hoursPerLitre: w.hours / w.litresOut,
    wastePerLitre: w.wasteLitres / w.litresOut,
    savedPerLitre: (dieselPricePerL / dieselMJPerL) * w.lhvMJPerL - perLitre,
  };
}
