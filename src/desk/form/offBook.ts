import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { stickErrorMm } from "@/core/readings/terms";
import { litresAtHeight, maxHeightMm } from "@/core/vessels";

/** A level that a stick read and the book does not have. */
export interface OffBook {
  /** As found, at the temperature it was found at. */
  readonly foundLitres: number;
  /** Found less what the book has; below nothing: some is missing. */
  readonly overLitres: number;
  readonly stockTake: Draft;
}

/** Null where the book and the stick agree, within what a stick can tell, or where neither knows what it is. */
export function offBook(v: VesselView, oilMm: number | undefined, celsius: number): OffBook | null {
  if (oilMm === undefined || v.broken || v.litres < 0.05) return null;
  if (Math.abs(oilMm - v.surfaceMm) <= stickErrorMm(v.vessel.rimMm) || oilMm > maxHeightMm(v.vessel.shape)) return null;
  const foundLitres = litresAtHeight(v.vessel.shape, oilMm);
  return {
    foundLitres,
    overLitres: foundLitres - v.litres,
    stockTake: { kind: "stock-take", data: { vessel: v.vessel.id, found: { litres: foundLitres, celsius } } },
  };
}
