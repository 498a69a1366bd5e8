import { litresAtHeight, type VesselForm } from "../vessels";

export interface DrawOff {
  readonly drawOffMm: number;
  readonly aboveLitres: number;
  readonly heelLitres: number;
}

/**
 * Where to stop drawing: the top of what must stay plus a margin, since a suction closer drags the layer with it.
 * Null where the line lies at the surface or above it: there is nothing to draw.
 */
export function drawOffLine(
  form: VesselForm,
  litres: number,
  surfaceMm: number,
  layerTopMm: number,
  marginMm: number,
  scumLitres = 0,
): DrawOff | null {
  const drawOffMm = layerTopMm + marginMm;
  if (drawOffMm >= surfaceMm) return null;
  const below = litresAtHeight(form.shape, drawOffMm);
  return { drawOffMm, aboveLitres: litres - below - scumLitres, heelLitres: below + scumLitres };
}
