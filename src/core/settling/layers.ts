import { componentOf, isMuck, type LiesIn, LOOSE, type Part } from "../fluids";
import { heightAtLitres, type VesselForm } from "../vessels";

export type LayerKind = LiesIn | "scum";

export interface Layer {
  readonly kind: LayerKind;
  readonly fromMm: number;
  readonly toMm: number;
}

/** Heights a person read on the stick, in mm from the bottom. */
export interface DipLines {
  readonly fatMm?: number | undefined;
  readonly waterMm?: number | undefined;
  /** How thick what floats on top is, in mm. */
  readonly scumMm?: number | undefined;
}

/**
 * The layers of a standing vessel from the bottom up. A dip's lines are believed; without one the muck the ledger
 * knows of is drawn as it will lie, sludge and water lowest, then fat.
 */
export function layersOf(form: VesselForm, parts: readonly Part[], dip: DipLines | null): Layer[] {
  const total = parts.reduce((sum, p) => sum + p.litres, 0);
  if (total <= 0) return [];
  const litresOf = (kind: LiesIn): number =>
    parts.reduce((sum, p) => (componentOf(p.component).lies === kind ? sum + p.litres : sum), 0);
  const height = (litres: number): number => heightAtLitres(form, Math.min(litres, total));
  const surface = height(total);
  const sludge = parts.every((p) => isMuck(p.component)) ? litresOf("sludge") : litresOf("sludge") * LOOSE;
  const water = litresOf("water");
  const fat = litresOf("fat") * LOOSE;
  // A line that was read bounds what lies under it: the layers below share its height as the ledger has their litres.
  const fatTop = Math.min(surface, dip?.fatMm ?? Math.max(height(sludge + water + fat), dip?.waterMm ?? 0));
  const waterTop = Math.min(fatTop, dip?.waterMm ?? height(sludge + water));
  const sludgeTop = Math.min(height(sludge), sludge + water > 0 ? (waterTop * sludge) / (sludge + water) : 0);
  const scumBottom = Math.max(fatTop, surface - (dip?.scumMm ?? 0));
  const layers: Layer[] = [
    { kind: "sludge", fromMm: 0, toMm: sludgeTop },
    { kind: "water", fromMm: sludgeTop, toMm: waterTop },
    { kind: "fat", fromMm: waterTop, toMm: fatTop },
    { kind: "oil", fromMm: fatTop, toMm: scumBottom },
    { kind: "scum", fromMm: scumBottom, toMm: surface },
  ];
  return layers.filter((l) => l.toMm - l.fromMm > 0.05);
}

/** Height of the top of everything that must stay behind; what floats stays behind above. */
export const muckTopMm = (layers: readonly Layer[]): number =>
  layers.reduce((top, l) => (l.kind === "oil" || l.kind === "scum" ? top : Math.max(top, l.toMm)), 0);

/** Where the oil itself ends: below what floats on it. */
export const oilTopMm = (layers: readonly Layer[]): number =>
  layers.findLast((l) => l.kind === "oil")?.toMm ?? layers.at(-1)?.toMm ?? 0;
